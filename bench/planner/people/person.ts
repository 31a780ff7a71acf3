import type { WeighedSource } from '../../../core/evidence/prior'
import { compose, composedId } from '../../../core/record/compose'
import type { Exam } from '../../../core/record/exam'
import { RULEBOOK } from '../../../core/safety/rulebook'
import type { Place } from '../../../core/vocabulary/body-area'

/** What is true of a person, source by source. */
export type Truth = Readonly<Record<WeighedSource, boolean>>

/** One generated person: the complaint, what is true, and what every test and sign would show. */
export interface Person {
  readonly exam: Exam
  readonly truth: Truth
  readonly shows: Readonly<Record<string, boolean>>
  /** What becomes of a test that has nothing to bring on where the pain is: quiet whatever is true, or not done. */
  readonly outOfPlace: 'quiet' | 'left-out'
  readonly known?: Known
}

/** What the generator knew of a person: how likely each source was, and how often each test would be positive with it and without it. */
export interface Known {
  readonly prevalence: Readonly<Partial<Record<WeighedSource, number>>>
  readonly rates: Readonly<Record<string, { readonly there: number; readonly without: number }>>
}

/** A kind of generated people. */
export interface World {
  readonly name: string
  /** @param random - uniform in 0 to 1; the same numbers make the same person */
  make(random: () => number): Person
}

/** Places of pain, by the complaint. */
export const STORIES: readonly (readonly Place[])[] = [
  ['right-buttock', 'right-calf'],
  ['right-buttock', 'right-low-back'],
  ['right-low-back', 'right-groin'],
  ['right-neck-back', 'right-forearm-back', 'right-middle-finger'],
  ['right-neck-back', 'right-back-of-head'],
]

/** A story is the same for everybody who tells it. */
const TOLD = new Map<string, Exam>()

/**
 * The screened examination of a complaint on the right, before any test.
 *
 * @param irritable - stirred up by little, and slow to settle
 */
export function storyOf(places: readonly Place[], irritable = false): Exam {
  const key = `${places.join()} ${String(irritable)}`
  const known = TOLD.get(key)
  if (known) return known
  const at = Date.UTC(2026, 0, 5, 9)
  const { exam } = compose({ examId: composedId(at, 'bench', 1), personId: composedId(at, 'bench', 2), ageYears: 43, at, by: 'bench' }, RULEBOOK)
    .symptom('S1', {
      words: 'generated',
      places,
      qualities: ['aching'],
      now: 3,
      ...(irritable && { stirring: { stirredBy: 'little', settles: 'longer' } }),
    })
    .screened()
  TOLD.set(key, exam)
  return exam
}
