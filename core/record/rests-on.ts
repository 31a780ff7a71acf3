import type { ExamEvent } from './event'
import type { Rulebook } from './rulebook'
import { notUndone } from './undo'

/**
 * Is there a later entry that would lose its ground if this one were taken back?
 *
 * Looks only at how entries refer to each other. History is never judged again by today's gates and ladders: a rule added
 * since would otherwise make an unrelated taking-back impossible.
 *
 * @param book - only to learn which test follows which
 */
export function somethingRestsOn(target: ExamEvent, events: readonly ExamEvent[], book: Pick<Rulebook, 'test'>): boolean {
  const counting = notUndone(events)
  const later = counting.slice(counting.indexOf(target) + 1)
  switch (target.type) {
    case 'test-started':
      return later.some((e) => 'run' in e && e.run === target.run)
    case 'stage-answered':
      return later.some((e) => 'run' in e && e.run === target.run) || followerRestsOn(target, counting, later, book)
    case 'test-stopped':
      return later.some((e) => e.type === 'finding-overridden' && e.run === target.run)
    case 'symptom-described': {
      const described = counting.some((e) => e !== target && e.type === 'symptom-described' && e.symptom === target.symptom)
      return (
        !described && later.some((e) => refersTo(e, target.symptom) || (e.type === 'symptom-described' && e.symptom !== target.symptom && isFirst(e, counting)))
      )
    }
    case 'consent-given':
      return later.some((e) => e.type === 'test-started' || e.type === 'consent-withdrawn')
    case 'consent-withdrawn':
      return later.some((e) => e.type === 'consent-given')
    case 'gate-opened':
      return later.some((e) => e.type === 'test-started' || e.type === 'stage-answered')
    case 'screen-elsewhere':
    case 'run-chosen':
    case 'age-corrected':
    case 'wrong-person':
    case 'screen-rest-no':
    case 'screen-answered':
    case 'symptom-removed':
    case 'test-skipped':
    case 'finding-overridden':
    case 'symptom-rated':
    case 'warning-seen':
    case 'route-ordered':
    case 'schools-chosen':
    case 'plan-chosen':
    case 'consent-renewed':
    case 'fact-told':
    case 'undone':
    case 'note-written':
      return false
    case 'treatment-given': {
      // Its place in the order is its number, and moments are counted by it.
      const n = counting.filter((e) => e.type === 'treatment-given').indexOf(target) + 1
      const speaksOf = (e: ExamEvent) => (e.type === 'test-started' ? (e.moment ?? 0) : e.type === 'treatment-answered' ? e.treatment : 0)
      return later.some((e) => e.type === 'treatment-given' || speaksOf(e) >= n)
    }
    case 'treatment-answered':
    case 'sign-marked':
    case 'baseline-pinned':
      return false
    case 'exam-opened':
    case 'episode-continued':
    case 'exam-signed':
    case 'addendum-written':
    case 'letter-written':
    case 'summary-given':
      return true
  }
}

function refersTo(event: ExamEvent, symptom: string): boolean {
  if (event.type === 'stage-answered') return 'symptom' in event.answer && event.answer.symptom === symptom
  return (event.type === 'symptom-rated' || event.type === 'symptom-removed') && event.symptom === symptom
}

/** The first description of a symptom gives it its number, which counts on from those before it. */
function isFirst(event: Extract<ExamEvent, { type: 'symptom-described' }>, counting: readonly ExamEvent[]): boolean {
  return counting.find((e) => e.type === 'symptom-described' && e.symptom === event.symptom) === event
}

/** A test that follows another was only begun because that one brought the symptom on. */
function followerRestsOn(
  target: Extract<ExamEvent, { type: 'stage-answered' }>,
  counting: readonly ExamEvent[],
  later: readonly ExamEvent[],
  book: Pick<Rulebook, 'test'>,
): boolean {
  if (target.answer.said !== 'familiar') return false
  const parent = counting.find((e) => e.type === 'test-started' && e.run === target.run)
  return parent?.type === 'test-started' && later.some((e) => e.type === 'test-started' && e.side === parent.side && book.test(e.test)?.follows === parent.test)
}
