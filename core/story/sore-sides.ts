import type { Exam } from '../record/exam'
import { areaOf, bodyArea, sideOf } from '../vocabulary/body-area'
import { SIDES, type Side } from '../vocabulary/side'

/** Zones whose side says which side is sore; a low back often aches across the middle. */
const ONE_SIDED = new Set(['arm', 'pelvis', 'thigh', 'below-knee'])

/**
 * The sides the complaint is on, left before right.
 *
 * Pain in a limb, the buttock or the groin decides; without any, everything painted does. When nothing is
 * painted, both sides are in question.
 */
export function soreSides(exam: Pick<Exam, 'symptoms'>): readonly Side[] {
  const places = exam.symptoms.flatMap((s) => s.places)
  const limbs = places.filter((place) => ONE_SIDED.has(bodyArea(areaOf(place)).zone))
  const sides = new Set((limbs.length > 0 ? limbs : places).map(sideOf))
  return sides.size === 0 ? SIDES : SIDES.filter((side) => sides.has(side))
}
