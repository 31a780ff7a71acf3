import type { MeasureChange } from './measure-change'
import { beyond, signed } from './measure-change'
import type { SignRun } from './sign-run'

/** Share of the baseline that is more than error, while no own series tells it. */
const SHARE = 0.2

/**
 * Seconds a position or load was borne at the stage where the symptom began: longer is better, beyond 20 % of the baseline.
 *
 * @param own - two standard deviations of an own series, in seconds, where one was chosen
 */
export function secondsChange(before: SignRun, after: SignRun, own: number | null = null): MeasureChange | null {
  const stage = before.finding.onsetStage
  if (stage === null) return null
  const [was, is] = [heldAt(before, stage), heldAt(after, stage)]
  if (was === null || is === null || was === 0) return null
  const error = own ?? was * SHARE
  const words = own === null ? '20 % of the baseline, as no own series tells it' : 'two standard deviations of an own series'
  const verdict = beyond(is - was, error)
  return {
    measure: 'seconds',
    verdict,
    words: `borne ${was} s → ${is} s (${signed(is - was)} s, error ${Math.round(error * 10) / 10} s${verdict === 'same' ? ', within measurement error' : ''})`,
    error: { value: error, unit: ' s', from: own === null ? 'rule' : 'own', words },
    figures: { before: was, after: is, unit: ' s', freer: 'more' },
  }
}

function heldAt({ run }: SignRun, stage: string): number | null {
  const answer = run.answers.findLast((a) => a.stage === stage)?.answer
  return answer && 'held' in answer ? (answer.held ?? null) : null
}
