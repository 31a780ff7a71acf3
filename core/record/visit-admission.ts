import type { Problem } from '../vocabulary/problem'
import type { ExamEvent } from './event'
import type { Exam } from './exam'
import { no, overridable, performable, saysNothing } from './refusals'
import type { Rulebook } from './rulebook'
import { MOST_TREATMENTS } from './visit-schema'
import type { VisitEvent } from './visit-events'

/** What stands against an event of the episode; null when it may join. */
export function visitObjection(exam: Exam, events: readonly ExamEvent[], event: VisitEvent, book: Rulebook): Problem | null {
  switch (event.type) {
    case 'episode-continued':
      if (events.length > 1) return no('An episode is gone on with when a visit is opened, and not later.', 'Open a new visit from the page of the person.')
      return event.episode === exam.id ? no('An examination is no later visit of itself.', 'Open a new visit from the page of the person.') : null
    case 'treatment-given':
      if (exam.treatments.length >= MOST_TREATMENTS)
        return no(`A visit holds ${MOST_TREATMENTS} treatments.`, 'Put what was done into one of them, or open another visit.')
      return saysNothing(event.words, 'A treatment')
    case 'treatment-answered':
      return exam.treatments[event.treatment - 1] ? null : no(`There is no treatment ${event.treatment} here.`, 'Note the treatment first.')
    case 'sign-marked':
      return performable(event.test, event.side, book)
    case 'baseline-pinned':
      return (
        saysNothing(event.why, 'Another baseline') ?? (exam.episode?.earlier.some((run) => run.id === event.run) ? null : overridable(exam, event.run, book))
      )
  }
}
