import { testById } from '../catalogue'
import type { ExamTest } from '../catalogue/exam-test'
import type { RuleVerdict } from '../clusters/verdict'
import type { Exam } from '../record/exam'
import { contraindicationOf } from '../safety/safety'
import { counted, inSentence, listWords } from '../vocabulary/sentence'
import { inUsualOrder, secondsOf, turnsOf } from './price'
import { lyingNow, postureOf, variantFor } from './route'

/** Of so many tests every choice is priced. */
const LOOKED_AT = 10

/** The fewest tests that could settle an open rule, and what they cost. */
export interface Settling {
  readonly tests: readonly ExamTest[]
  readonly turns: number
  readonly seconds: number
  /** "needs 1 more of 2; cheapest: thigh thrust, no position change" */
  readonly words: string
}

/**
 * The cheapest way to settle an open rule: fewest tests, then fewest turns, then least time.
 *
 * A rule of n open tests that needs k more can be met by k of them, so every choice of k is priced; rules here have at most six.
 *
 * @returns null when it is decided, or no test that is allowed could settle it
 */
export function cheapestSettling(rule: RuleVerdict, exam: Exam): Settling | null {
  if (rule.state !== 'open') return null
  const allowed = rule.open.flatMap((id) => {
    const test = testById(id)
    return test && !contraindicationOf(exam, id, variantFor(exam, test)) ? [test] : []
  })
  const least = Math.max(1, Math.min(rule.needs, rule.breaks))
  if (allowed.length < least) return null
  // A rule of the clinic's own may name many; the quickest are enough to find the cheapest few.
  const few = allowed.toSorted((a, b) => a.seconds - b.seconds).slice(0, Math.max(LOOKED_AT, least))
  const from = lyingNow(exam)
  const priced = choices(few, least).map((tests) => ({
    tests,
    turns: turnsOf(from, inUsualOrder(tests.map((t) => postureOf(t, exam)))),
    seconds: tests.reduce((sum, t) => sum + secondsOf(t, variantFor(exam, t)), 0),
  }))
  const best = priced.reduce((a, b) => (b.turns < a.turns || (b.turns === a.turns && b.seconds < a.seconds) ? b : a))
  const turning = best.turns === 0 ? 'no position change' : counted(best.turns, 'position change')
  return { ...best, words: `cheapest: ${listWords(best.tests.map((t) => inSentence(t.name)))}, ${turning}` }
}

function choices<T>(from: readonly T[], k: number): readonly (readonly T[])[] {
  if (k === 0) return [[]]
  return from.flatMap((first, i) => choices(from.slice(i + 1), k - 1).map((rest) => [first, ...rest]))
}
