import type { Exam } from '../record/exam'
import { areaOf, bodyArea } from '../vocabulary/body-area'
import { SCREEN, type ScreenGroup } from './screen'

/** Groups that belong to a complaint of the neck, head or arm; and of the low back, pelvis or leg. The others are asked of everybody. */
const UPPER: readonly string[] = ['artery', 'cord', 'neck-trauma', 'upper-neck']
const LOWER: readonly string[] = ['saddle', 'clot']

/** A half of the body that a complaint lies in. */
const UPPER_ZONES: readonly string[] = ['head', 'neck', 'arm']

/**
 * The groups in the order in which they are asked of this person: those of the region that is painted first, then those of everybody, then
 * those of the other region. Nothing is left out: what was not asked clears nothing.
 */
export function screenOrder(exam: Pick<Exam, 'symptoms'>): readonly ScreenGroup[] {
  const zones = exam.symptoms.flatMap((s) => s.places).map((place) => bodyArea(areaOf(place)).zone)
  if (zones.length === 0) return SCREEN
  const upper = zones.some((zone) => UPPER_ZONES.includes(zone))
  const lower = zones.some((zone) => !UPPER_ZONES.includes(zone))
  const rank = ({ id }: ScreenGroup) => {
    if ((upper && UPPER.includes(id)) || (lower && LOWER.includes(id))) return 0
    return UPPER.includes(id) || LOWER.includes(id) ? 2 : 1
  }
  return SCREEN.toSorted((a, b) => rank(a) - rank(b))
}
