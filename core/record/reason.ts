import type { ExamEvent } from './event'

/** What a sentence can rest on. */
export const REASON_KINDS = [
  /** A performance of a test, by its number. */
  'run',
  /** A test on a side that was left out or kept back: "slump left". */
  'step',
  /** A question of the safety screen, or a whole group of them. */
  'question',
  'group',
  /** A gate that closed or was opened. */
  'gate',
  /** A warning sign that showed itself. */
  'warning',
  'symptom',
  'fact',
  'consent',
  /** A source on a side: "sij-pain right". */
  'source',
  /** A rule on a side: "pelvic-five right". */
  'rule',
  /** A chosen school, setting or plan. */
  'choice',
  'correction',
  'treatment',
  /** One entry, by its number. */
  'entry',
] as const
export type ReasonKind = (typeof REASON_KINDS)[number]

/** Reasons that a signature keeps of one sentence; one about everything rests on more, and the first tell enough. */
export const MOST_REASONS = 200

/** One thing a sentence rests on. */
export interface Reason {
  readonly kind: ReasonKind
  readonly id: string
}

/** Are these the same reason? */
export function isSameReason(a: Reason, b: Reason): boolean {
  return a.kind === b.kind && a.id === b.id
}

/**
 * The entries of the record behind a reason, in their order, those taken back left out.
 *
 * A source or a rule has no entry of its own: its sentence names the performances it was read from as reasons beside it.
 */
export function entriesBehind(reason: Reason, events: readonly ExamEvent[]): readonly ExamEvent[] {
  const gone = new Set(events.flatMap((e) => (e.type === 'undone' ? [e.target] : [])))
  return events.filter((event) => !gone.has(event.id) && isBehind(reason, event))
}

function isBehind({ kind, id }: Reason, event: ExamEvent): boolean {
  switch (kind) {
    case 'run':
      return 'run' in event && event.run === id
    case 'step':
      return event.type === 'test-skipped' && `${event.test} ${event.side}` === id
    case 'question':
      return (event.type === 'screen-answered' && event.item === id) || (event.type === 'screen-rest-no' && event.items.includes(id))
    case 'group':
      return (event.type === 'screen-elsewhere' || event.type === 'screen-rest-no') && event.group === id
    case 'gate':
      return event.type === 'gate-opened' && event.gate === id
    case 'warning':
      return event.type === 'warning-seen' && event.sign === id
    case 'symptom':
      return (event.type === 'symptom-described' || event.type === 'symptom-rated' || event.type === 'symptom-removed') && event.symptom === id
    case 'fact':
      return event.type === 'fact-told' && event.fact === id
    case 'consent':
      return event.type === 'consent-given' || event.type === 'consent-withdrawn' || event.type === 'consent-renewed'
    case 'choice':
      return event.type === 'schools-chosen' || event.type === 'plan-chosen' || event.type === 'route-ordered'
    case 'correction':
      return event.type === 'age-corrected' || event.type === 'wrong-person'
    case 'treatment':
      return event.type === 'treatment-given' || event.type === 'treatment-answered'
    case 'entry':
      return event.id === id
    case 'source':
    case 'rule':
      return false
  }
}
