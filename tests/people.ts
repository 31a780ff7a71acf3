import { RULEBOOK } from '../core/safety/rulebook'
import type { Answer } from '../core/record/answer'
import { type Composed, compose, composedId } from '../core/record/compose'
import type { Place } from '../core/vocabulary/body-area'

const AT = Date.UTC(2026, 2, 3, 9, 0)

/** A new examination with one complaint in the right buttock, 3 of 10 at rest, shooting or not. */
export function sorePelvis(): Composed {
  return opened()
    .symptom('S1', { words: 'an ache behind on the right', places: ['right-buttock'], qualities: ['aching'], now: 3 })
    .consent()
}

/** A new examination with shooting pain in the left calf. */
export function soreLeg(): Composed {
  return opened()
    .symptom('S1', { words: 'shoots into the calf', places: ['left-calf'], qualities: ['shooting'], now: 3 })
    .consent()
}

/** An examination without a story. */
export function opened(): Composed {
  return compose({ examId: composedId(AT, 'exam', 1), personId: composedId(AT, 'person', 2), ageYears: 43, at: AT, by: 'test-author' }, RULEBOOK)
}

export const NOTHING: Answer = { said: 'nothing' }
export const STRETCH: Answer = { said: 'stretch', places: [] }

/** S1 came on, at these places and this strong. */
export function own(places: readonly Place[], intensity = 5, onset?: number): Answer {
  return { said: 'familiar', symptom: 'S1', places, intensity, ...(onset !== undefined && { onset }) }
}

/** S1 in the right buttock: counts for the right sacroiliac joint. */
export const BUTTOCK: Answer = own(['right-buttock'])
