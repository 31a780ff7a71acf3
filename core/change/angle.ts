import { meanOf } from '../findings/measures'
import { angleOf } from '../record/answer'
import type { Run } from '../record/exam'
import type { StageOutline } from '../record/outline'
import type { ErrorOf } from './errors'
import { beyond, type MeasureChange, signed } from './measure-change'
import type { SignRun } from './sign-run'

/** An angle or range of one stage, and whether the symptom began there. */
interface Reached {
  readonly stage: string
  readonly value: number
  readonly at: 'onset' | 'end' | 'range'
  readonly simulated: boolean
}

/**
 * Angle at onset or end of range, stage by stage: a change beyond the MDC95 of that test, else within measurement error.
 *
 * Where no error is known, the difference is told and decides nothing. A figure from a simulated device is compared with its like alone.
 */
export function angleChanges(before: SignRun, after: SignRun, errorOf: ErrorOf): readonly MeasureChange[] {
  return before.test.stages.flatMap((stage): readonly MeasureChange[] => {
    const [was, is] = [reachedAt(before.run, stage), reachedAt(after.run, stage)]
    if (!was || !is || !stage.angle) return []
    const unit = stage.angle.unit ?? '°'
    const freer = stage.angle.freer ?? 'more'
    const gain = (is.value - was.value) * (freer === 'less' ? -1 : 1)
    const figures: MeasureChange['figures'] = { before: was.value, after: is.value, unit, freer }
    const told = toldWords(was, is, unit)
    const difference = `${signed(is.value - was.value)}${unit}`
    if (was.simulated !== is.simulated) {
      return [{ measure: 'angle', verdict: null, words: `${told} (${difference}, one of them from a simulated device: not compared)`, error: null, figures }]
    }
    const error = errorOf(before.test.id, before.run.side, stage.id)
    if (!error) return [{ measure: 'angle', verdict: null, words: `${told} (${difference}, error not known: decides nothing)`, error: null, figures }]
    const verdict = beyond(gain, error.value)
    const within = verdict === 'same' ? ', within measurement error' : ''
    return [{ measure: 'angle', verdict, words: `${told} (${difference}, error ${error.value}${unit}${within})`, error, figures }]
  })
}

/**
 * Why a test that brought nothing on cannot be compared with one that did: it was taken less far than where the symptom began, by more than
 * error. Calling that better would be hope.
 *
 * @returns null where it was taken far enough, or where that is not known
 */
export function notAsFar(before: SignRun, after: SignRun, errorOf: ErrorOf): string | null {
  const stage = before.test.stages.find((s) => s.id === before.finding.onsetStage)
  if (!stage?.angle || after.finding.symptom !== null) return null
  const [was, is] = [reachedAt(before.run, stage), reachedAt(after.run, stage)]
  if (was?.at !== 'onset' || is?.at !== 'end' || was.simulated !== is.simulated) return null
  const further = (is.value - was.value) * (stage.angle.freer === 'less' ? -1 : 1)
  const error = errorOf(before.test.id, before.run.side, stage.id)?.value ?? 0
  const unit = stage.angle.unit ?? '°'
  return further < -error ? `it came on at ${was.value}${unit}, and this time it was taken only to ${is.value}${unit}` : null
}

/** The two figures in words; where the symptom came on only once, that is told. */
function toldWords(was: Reached, is: Reached, unit: string): string {
  if (was.at === is.at) return `${was.at} ${was.value}${unit} → ${is.value}${unit}`
  return was.at === 'onset'
    ? `onset ${was.value}${unit}, now to ${is.value}${unit} without it`
    : `to ${was.value}${unit} without it, now onset ${is.value}${unit}`
}

function reachedAt(run: Run, stage: Pick<StageOutline, 'id'>): Reached | null {
  const answer = run.answers.findLast((a) => a.stage === stage.id)?.answer
  if (!answer) return null
  const simulated = 'simulated' in answer && answer.simulated
  const range = meanOf(run, stage.id)
  if (range !== undefined) return { stage: stage.id, value: range, at: 'range', simulated }
  const value = angleOf(answer)
  return value === undefined ? null : { stage: stage.id, value, at: answer.said === 'familiar' ? 'onset' : 'end', simulated }
}
