import { testById } from '../catalogue'
import type { Exam } from '../record/exam'
import { type BenchState, EMPTY_BENCH } from './state'
import { TRIALS } from './measured'

/** What is kept of a bench on its device; a clock and a device do not outlive the page. */
export interface BenchDraft extends Pick<BenchState, 'chosen' | 'typed' | 'trials' | 'table'> {
  /** Results on the record when it was kept. */
  readonly over: number
}

/** The part of a bench that is kept on its device, with the record it lay over. */
export function draftOf({ chosen, typed, trials, table }: BenchState, exam: Exam): BenchDraft {
  return { chosen, typed, trials, table, over: results(exam) }
}

/**
 * The bench as it was left on this device, as far as its parts still make sense; an empty one otherwise. A page can close between
 * a result and its draft, and another window can answer: a test in hand and its numbers are put away once results came after them.
 * A table names the stage that it fills in, so it outlives that.
 */
export function benchFromDraft(draft: unknown, exam: Exam): BenchState {
  if (typeof draft !== 'object' || draft === null) return EMPTY_BENCH
  const kept = draft as Partial<BenchDraft>
  const table = kept.table && typeof kept.table.key === 'string' && typeof kept.table.cells === 'object' ? kept.table : EMPTY_BENCH.table
  if (kept.over !== results(exam)) return { ...EMPTY_BENCH, table }
  return {
    ...EMPTY_BENCH,
    chosen: kept.chosen && testById(kept.chosen.test) ? kept.chosen : null,
    typed: typeof kept.typed === 'string' && /^\d{0,3}$/.test(kept.typed) ? kept.typed : '',
    trials: Array.isArray(kept.trials) ? kept.trials.filter((v): v is number => typeof v === 'number').slice(0, TRIALS) : [],
    table,
  }
}

/** Results on a record: answers, stops and tests left out. Whatever is told between tests moves nothing in hand. */
function results(exam: Exam): number {
  return exam.runs.reduce((n, run) => n + run.answers.length + (run.stopped === null ? 0 : 1), exam.skips.length)
}
