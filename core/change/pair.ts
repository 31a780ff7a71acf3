import { testTitle } from '../catalogue/exam-test'
import { angleChanges, notAsFar } from './angle'
import type { ErrorOf } from './errors'
import { intensityChange } from './intensity'
import type { MeasureChange, Verdict } from './measure-change'
import { nervesChange } from './nerves'
import { placeChange } from './place'
import { resultChange } from './result'
import { secondsChange } from './seconds'
import type { SignRun } from './sign-run'
import { stageChange } from './stage'

/** What became of a sign between two performances. */
export interface SignChange {
  readonly before: SignRun
  readonly after: SignRun
  readonly verdict: Verdict | 'not-comparable'
  /** Why two performances cannot be compared; empty where they can. */
  readonly why: string
  readonly measures: readonly MeasureChange[]
  /** "Straight leg raise, right: onset 42° → 61° (+19°, error 10°); S1 6 → 3 of 10: better." */
  readonly sentence: string
  /** A negative that became positive after hands-on treatment, or a loss that stops the examination. */
  readonly alert: 'became-positive' | 'lost' | null
}

/** What a pair is read with. */
export interface PairWith {
  readonly errorOf: ErrorOf
  /** Somebody laid hands on between the two. */
  readonly handsOn: boolean
}

/**
 * Compare two performances of one test on one side.
 *
 * A loss of strength, reflex or feeling decides, then a result that flipped; otherwise the measures do, and where they say the contrary of
 * each other the sign is called the same, with both told. The verdict of a sign never averages measures.
 */
export function compare(before: SignRun, after: SignRun, { errorOf, handsOn }: PairWith): SignChange {
  const title = testTitle(before.test, before.run.side)
  const otherwise = whyNot(before, after) ?? notAsFar(before, after, errorOf)
  const nerves = nervesChange(before, after)
  if (otherwise !== null && !nerves?.halts) return notComparable(before, after, otherwise, title)
  const result = resultChange(before, after)
  const rest = [
    ...angleChanges(before, after, errorOf),
    ...[
      intensityChange(before, after),
      stageChange(before, after),
      secondsChange(before, after, ownSeconds(before, errorOf)),
      placeChange(before, after),
    ].flatMap((m) => m ?? []),
  ]
  const measures = [...(nerves ? [nerves] : []), ...rest, ...(result ? [result] : [])]
  const { verdict, remark } = verdictOf(nerves, result, rest)
  if (verdict === null) return notComparable(before, after, 'nothing that decides was measured both times', title, measures)
  const alert = nerves?.halts ? 'lost' : handsOn && result?.verdict === 'worse' && after.finding.result === 'positive' ? 'became-positive' : null
  const told = [...measures.map((m) => m.words), ...(remark ? [remark] : [])].join('; ')
  return { before, after, verdict, why: '', measures, sentence: `${title}: ${told}: ${verdict}.`, alert }
}

/** Two standard deviations of an own series, from its MDC95 of 1.96 x sqrt(2) of them; null where none was chosen. */
function ownSeconds({ test, run, finding }: SignRun, errorOf: ErrorOf): number | null {
  const own = finding.onsetStage === null ? null : errorOf(test.id, run.side, finding.onsetStage)
  return own?.from === 'own' && own.unit === ' s' ? (own.value / (1.96 * Math.SQRT2)) * 2 : null
}

function notComparable(before: SignRun, after: SignRun, why: string, title: string, measures: readonly MeasureChange[] = []): SignChange {
  const told = measures.map((m) => m.words).join('; ')
  return {
    before,
    after,
    verdict: 'not-comparable',
    why,
    measures,
    sentence: `${title}: not comparable, ${why}${told === '' ? '' : ` (${told})`}.`,
    alert: null,
  }
}

/** Why the second is no repetition of the first; null where it is one. */
function whyNot(before: SignRun, after: SignRun): string | null {
  const wayOf = ({ test, run }: SignRun) => test.variants.find((v) => v.id === run.variant)?.name ?? run.variant
  if (before.run.variant !== after.run.variant) return `another technique: “${wayOf(before)}”, then “${wayOf(after)}”`
  // A positive stands however early the test was left; what was not reached says nothing.
  const cutShort = [before, after].find((one) => !one.complete && one.finding.result !== 'positive')
  if (cutShort) return `${cutShort === before ? 'the baseline' : 'this time'} it was stopped before it was complete`
  return null
}

function verdictOf(
  nerves: MeasureChange | null,
  result: MeasureChange | null,
  rest: readonly MeasureChange[],
): { readonly verdict: Verdict | null; readonly remark: string } {
  if (nerves?.halts) return { verdict: 'worse', remark: '' }
  if (result && result.verdict !== 'same') return { verdict: result.verdict, remark: '' }
  const said = new Set([...(nerves ? [nerves] : []), ...rest].flatMap((m) => m.verdict ?? []))
  if (said.has('better') && said.has('worse')) return { verdict: 'same', remark: 'the measures say the contrary of each other' }
  if (said.has('better')) return { verdict: 'better', remark: '' }
  if (said.has('worse')) return { verdict: 'worse', remark: '' }
  return { verdict: said.has('same') || result ? 'same' : null, remark: '' }
}
