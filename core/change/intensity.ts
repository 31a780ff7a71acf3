import { areaOf, bodyArea } from '../vocabulary/body-area'
import type { MeasureChange } from './measure-change'
import { signed } from './measure-change'
import type { SignRun } from './sign-run'

/** Points of a 0 to 10 scale that are more than chance: J01 of the register (Childs 2005; Farrar 2001; Ostelo 2008). */
const POINTS = 2
/** From so strong a baseline on, a share of it. */
const STRONG = 5
const SHARE = 0.3
/** Radicular pain of the arm varies by so much within a day: J03 (Young 2010). */
const ARM_POINTS = 4
const DAY_MS = 86_400_000

/**
 * How strong the same symptom was at the same stage: 2 points, or 30 % of the baseline where that was 5 or more; 4 points for radicular
 * pain of the arm within one day.
 *
 * Nothing felt at that stage counts as 0; a stage that was not reached, or a strength that was not asked, is not compared.
 */
export function intensityChange(before: SignRun, after: SignRun): MeasureChange | null {
  const { symptom, onsetStage: stage } = before.finding
  if (symptom === null || stage === null) return null
  const was = strengthAt(before, stage, symptom)
  const is = strengthAt(after, stage, symptom)
  if (was === null || is === null) return null
  const points = needed(before, after, was)
  const change = is - was
  const verdict = Math.abs(change) < points.value ? 'same' : change < 0 ? 'better' : 'worse'
  return {
    measure: 'intensity',
    verdict,
    words: `${symptom} ${was} → ${is} of 10 (${signed(change)}, ${verdict === 'same' ? 'less than' : 'at least'} ${points.words})`,
    error: { value: points.value, unit: ' points', from: 'rule', words: points.words },
    figures: { before: was, after: is, unit: ' of 10', freer: 'less' },
  }
}

function needed(before: SignRun, after: SignRun, was: number): { readonly value: number; readonly words: string } {
  const withinDay = Math.abs(after.when.at - before.when.at) < DAY_MS
  if (isArmRoot(before) && withinDay) return { value: ARM_POINTS, words: `${ARM_POINTS} points, as radicular arm pain varies within a day` }
  return was >= STRONG ? { value: was * SHARE, words: '30 % of the baseline' } : { value: POINTS, words: `${POINTS} points` }
}

/** A sign of a cervical root that was felt in the arm. */
function isArmRoot({ test, finding }: SignRun): boolean {
  const { reading } = test
  return 'source' in reading && reading.source === 'root-cervical' && finding.places.some((place) => bodyArea(areaOf(place)).zone === 'arm')
}

/** Strength of a symptom at a stage; null where it is not known. */
function strengthAt({ run }: SignRun, stage: string, symptom: string): number | null {
  const answer = run.answers.findLast((a) => a.stage === stage)?.answer
  switch (answer?.said) {
    case 'familiar':
      return answer.symptom === symptom ? answer.intensity : null
    case 'nothing':
    case 'stretch':
    case 'other':
      return 0
    default:
      return null
  }
}
