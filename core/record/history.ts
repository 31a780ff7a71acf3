import { isLateSafety } from './late-safety'
import { PAPERS } from './paper-events'
import type { ExamEvent } from './event'

/** What is wrong with a log as a log, and at which place in it. */
export interface HistoryIssue {
  /** From 0. */
  readonly at: number
  readonly what: string
}

/** A log with more faults than this is none. */
const MOST_ISSUES = 100

/**
 * Can these events have happened in this order, whatever rules stood then?
 *
 * For logs that were recorded with another edition: they were admitted by the rules of their time, so today's gates, ladders and
 * questions have no say. Only what no edition ever allowed is refused.
 *
 * @returns the faults, up to a hundred; none when the log holds together
 */
export function historyIssues(events: readonly ExamEvent[]): readonly HistoryIssue[] {
  const issues: HistoryIssue[] = []
  const seen = new Map<string, ExamEvent>()
  const undone = new Set<string>()
  const runs = new Map<string, 'running' | 'stopped'>()
  const symptoms = new Set<string>()
  let signed = false
  for (const [at, event] of events.entries()) {
    if (issues.length >= MOST_ISSUES) break
    const refuse = (what: string) => issues.push({ at, what })
    if ((at === 0) !== (event.type === 'exam-opened')) refuse(at === 0 ? 'is not the opening of an examination' : 'opens the examination again')
    if (seen.has(event.id)) refuse('has the id of an earlier event')
    if (signed && event.type !== 'addendum-written' && !PAPERS.has(event.type) && !isLateSafety(event)) refuse('comes after the signature')
    switch (event.type) {
      case 'undone':
        if (!seen.has(event.target)) refuse('takes back something that is not there')
        else if (undone.has(event.target)) refuse('takes back what was taken back already')
        undone.add(event.target)
        // A start that was taken back may be recorded again under its own number.
        {
          const before = seen.get(event.target)
          if (before?.type === 'test-started') runs.delete(before.run)
        }
        break
      case 'test-started':
        if (runs.has(event.run)) refuse('starts a performance that was started before')
        runs.set(event.run, 'running')
        break
      case 'stage-answered':
        if (!runs.has(event.run)) refuse('answers a test that was not started')
        if (event.answer.said === 'familiar' && !symptoms.has(event.answer.symptom)) refuse(`names ${event.answer.symptom}, which was not described`)
        break
      case 'test-stopped':
      case 'finding-overridden':
        if (!runs.has(event.run)) refuse('speaks of a test that was not started')
        break
      case 'symptom-described':
        symptoms.add(event.symptom)
        break
      case 'symptom-rated':
      case 'symptom-removed':
        if (!symptoms.has(event.symptom)) refuse(`names ${event.symptom}, which was not described`)
        break
      case 'episode-continued':
        if (at !== 1) refuse('goes on with an episode later than at the opening')
        break
      case 'exam-signed':
        signed = true
        break
      case 'addendum-written':
        if (!signed) refuse('adds to an examination that is not signed')
        break
      default:
        break
    }
    seen.set(event.id, event)
  }
  return issues
}
