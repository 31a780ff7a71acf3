import type { Exam } from './exam'
import type { ExamEvent } from './event'

/**
 * Names that old records use and the catalogue no longer does, with what carries their meaning now.
 *
 * Only where the meaning is the same: a test, a stage or a choice that is gone without a successor stands in the
 * catalogue's own list of what was retired, and is shown under its old name.
 */
export interface OldNames {
  /** Test by its old id. */
  readonly tests: Readonly<Record<string, string>>
  /** Variant by "test variant", test by its present id. */
  readonly variants: Readonly<Record<string, string>>
  /** Stage by "test stage". */
  readonly stages: Readonly<Record<string, string>>
  /** Choice of an observation by "test stage choice". */
  readonly choices: Readonly<Record<string, string>>
  /** Question of the safety screen, fact of the history, gate: by their old ids. */
  readonly items: Readonly<Record<string, string>>
  readonly facts: Readonly<Record<string, string>>
  readonly gates: Readonly<Record<string, string>>
}

/** What was renamed so far. */
export const OLD_NAMES: OldNames = { tests: {}, variants: {}, stages: {}, choices: {}, items: {}, facts: {}, gates: {} }

/** The event under the names of today; the same event when nothing in it was renamed. */
export function asCalledNow(event: ExamEvent, names: OldNames, exam: Pick<Exam, 'runs'>): ExamEvent {
  switch (event.type) {
    case 'test-started': {
      const test = names.tests[event.test] ?? event.test
      const variant = names.variants[`${test} ${event.variant}`] ?? event.variant
      return test === event.test && variant === event.variant ? event : { ...event, test, variant }
    }
    case 'test-skipped': {
      const test = names.tests[event.test]
      return test === undefined ? event : { ...event, test }
    }
    case 'stage-answered': {
      const test = exam.runs.find((run) => run.id === event.run)?.test ?? ''
      const stage = names.stages[`${test} ${event.stage}`] ?? event.stage
      const chosen = event.answer.said === 'observed' ? names.choices[`${test} ${stage} ${event.answer.choice}`] : undefined
      if (stage === event.stage && chosen === undefined) return event
      return { ...event, stage, answer: chosen === undefined ? event.answer : { said: 'observed', choice: chosen } }
    }
    case 'screen-answered': {
      const item = names.items[event.item]
      return item === undefined ? event : { ...event, item }
    }
    case 'screen-rest-no':
      return event.items.some((item) => names.items[item] !== undefined) ? { ...event, items: event.items.map((item) => names.items[item] ?? item) } : event
    case 'fact-told': {
      const fact = names.facts[event.fact]
      return fact === undefined ? event : { ...event, fact }
    }
    case 'gate-opened': {
      const gate = names.gates[event.gate]
      return gate === undefined ? event : { ...event, gate }
    }
    default:
      return event
  }
}
