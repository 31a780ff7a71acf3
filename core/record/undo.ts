import type { ExamEvent } from './event'

/** The events that still count: those nobody has taken back, without the takings-back themselves. */
export function notUndone(events: readonly ExamEvent[]): readonly ExamEvent[] {
  const gone = new Set(events.flatMap((event) => (event.type === 'undone' ? [event.target] : [])))
  return events.filter((event) => event.type !== 'undone' && !gone.has(event.id))
}

/** What pressing undo on the bench may take back. Opening, signing and addenda are for ever. */
const ON_THE_BENCH: ReadonlySet<ExamEvent['type']> = new Set([
  'test-started',
  'stage-answered',
  'test-stopped',
  'test-skipped',
  'gate-opened',
  'finding-overridden',
  'symptom-rated',
  'warning-seen',
  'route-ordered',
  'plan-chosen',
  'consent-renewed',
  'treatment-given',
  'treatment-answered',
  'sign-marked',
])

/**
 * The events one press of undo on the bench takes back, newest first.
 *
 * An answer that was the first of its test takes the start with it: otherwise the next press
 * would seem to do nothing.
 *
 * @returns ids to undo; none when there is nothing left to take back
 */
export function undoStep(events: readonly ExamEvent[]): readonly string[] {
  const left = notUndone(events)
  const last = left.findLast((event) => ON_THE_BENCH.has(event.type))
  if (!last) return []
  if (last.type !== 'stage-answered' && last.type !== 'test-stopped') return [last.id]
  const others = left.some((event) => (event.type === 'stage-answered' || event.type === 'test-stopped') && event.run === last.run && event !== last)
  const start = left.find((event) => event.type === 'test-started' && event.run === last.run)
  return others || !start ? [last.id] : [last.id, start.id]
}
