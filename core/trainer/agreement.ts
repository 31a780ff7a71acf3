import { type Agreement, agreementOf } from '../metrology/reliability/agreement'
import { findingsOf } from '../findings/findings'
import { CATALOGUE, testById } from '../catalogue'
import type { ExamEvent } from '../record/event'
import { examFrom } from '../record/exam'
import { beforeTreatment } from '../record/visit'

/** One examiner's record of one case. */
export interface Examined {
  readonly case: string
  readonly events: readonly ExamEvent[]
}

const RESULTS = ['positive', 'negative', 'inconclusive'] as const
type Result = (typeof RESULTS)[number]

/** How far two examiners agree on the same simulated people: on every test both did, and on what they read as positive. */
export interface TwoExaminers {
  readonly cases: number
  readonly tests: number
  readonly results: Agreement | null
  /** Tests on which they differ most often, the worst first. */
  readonly differ: readonly { readonly test: string; readonly of: number; readonly differ: number }[]
}

/**
 * Compare two examiners over the cases both took: Cohen's kappa of the results of every test both did on the same side.
 *
 * The person is the same for both, so that what differs is the examiner.
 */
export function twoExaminers(first: readonly Examined[], second: readonly Examined[]): TwoExaminers {
  const both = first.flatMap((a) =>
    second
      .filter((b) => b.case === a.case)
      .slice(0, 1)
      .map((b) => ({ a, b })),
  )
  const pairs = both.flatMap(({ a, b }) => {
    const theirs = resultsOf(b.events)
    return [...resultsOf(a.events)].flatMap(([key, result]) => {
      const other = theirs.get(key)
      return other === undefined ? [] : [{ test: key.split(' ')[0] ?? '', pair: [result, other] as const }]
    })
  })
  const tests = [...new Set(pairs.map((p) => p.test))].map((test) => {
    const mine = pairs.filter((p) => p.test === test)
    return { test, of: mine.length, differ: mine.filter(({ pair: [x, y] }) => x !== y).length }
  })
  return {
    cases: both.length,
    tests: pairs.length,
    results: agreementOf(
      pairs.map((p) => p.pair),
      RESULTS,
    ),
    differ: tests.filter((t) => t.differ > 0).toSorted((x, y) => y.differ / y.of - x.differ / x.of || y.of - x.of),
  }
}

function resultsOf(events: readonly ExamEvent[]): ReadonlyMap<string, Result> {
  const exam = examFrom(events)
  if (!exam) return new Map()
  const findings = findingsOf(beforeTreatment(exam), { testById, all: CATALOGUE })
  return new Map(
    findings.flatMap(({ test, about, result }) => {
      const known = RESULTS.find((r) => r === result)
      return known ? [[`${test} ${about}`, known] as const] : []
    }),
  )
}
