import { assess, type Assessment } from '../core/assess'
import { EDITION } from '../core/edition'
import { nextVisit } from '../core/change/next-visit'
import { type Composed, compose, composedId } from '../core/record/compose'
import type { EventContent } from '../core/record/event'
import { RULEBOOK } from '../core/safety/rulebook'

const DAY_MS = 86_400_000

/** The next visit of the episode, so many days later: opened with what the last one brings, and screened. */
export function visitAfter(last: Composed, days = 7): Composed {
  const { exam } = last
  const at = exam.openedAt + days * DAY_MS
  const opening = { examId: composedId(at, exam.id, 1), personId: exam.personId, ageYears: exam.ageYears, at, by: 'test-author', edition: EDITION }
  return nextVisit(assess(exam))
    .reduce((record, content) => record.then(content), compose(opening, RULEBOOK))
    .screened()
}

/** A treatment by hand at the low back. */
export function treated(record: Composed, more: Partial<Extract<EventContent, { type: 'treatment-given' }>> = {}): Composed {
  return record.then({ type: 'treatment-given', kind: 'manual', region: 'low-back', side: 'right', words: 'L5 glide, two minutes', response: null, ...more })
}

/** What a record is read as. */
export const read = (record: Composed): Assessment => assess(record.exam)
