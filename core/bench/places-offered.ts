import type { ExamTest } from '../catalogue/exam-test'
import type { Exam, Symptom } from '../record/exam'
import { soreSides } from '../story/sore-sides'
import { ARM, SACROILIAC } from '../vocabulary/area-sets'
import { type AreaId, areaOf, type Place, placeAt, placeWords, sideOf } from '../vocabulary/body-area'
import { otherSide, type Side, type TestSide } from '../vocabulary/side'
import { PLACE_KEYS } from './place-keys'

/** A place that is offered, and its key; none where another place of this list has it already. */
export interface OfferedPlace {
  readonly place: Place
  readonly key: string | null
  /** With Shift: it lies on the other side. */
  readonly shifted: boolean
}

/** Places that decide beside those a reading counts, by the region of the test. */
const BESIDE: Readonly<Record<ExamTest['region'], readonly AreaId[]>> = {
  neck: ['neck-back', 'shoulder-back', 'shoulder-blade', ...ARM],
  arm: [...ARM, 'neck-back', 'shoulder-back', 'shoulder-blade'],
  back: ['low-back', ...SACROILIAC, 'groin', 'thigh-back', 'calf'],
  leg: ['low-back', 'buttock', 'groin', 'thigh-front'],
  pelvis: [...SACROILIAC, 'low-back', 'groin', 'outer-hip', 'thigh-front', 'thigh-back', 'calf'],
}

/** The side a key without Shift stands for: the tested one; where the test has none, the sore one. */
export function nearSide(side: TestSide, exam: Pick<Exam, 'symptoms'>): Side {
  return side === 'none' ? (soreSides(exam)[0] ?? 'left') : side
}

/**
 * Every place the test can speak about, on the tested side first; then what is painted elsewhere.
 *
 * The same order and the same keys whatever the symptom.
 */
export function placesOffered(test: ExamTest, side: TestSide, symptom: Symptom | undefined, exam: Pick<Exam, 'symptoms'>): readonly OfferedPlace[] {
  const near = nearSide(side, exam)
  const areas = [...new Set([...areasOf(test), ...BESIDE[test.region]])]
  const painted = symptom?.places ?? []
  const here = areas.map((area) => placeAt(near, area))
  const across = painted.filter((place) => !here.includes(place))
  const taken = new Set<string>()
  return [...here, ...across].map((place) => {
    const shifted = sideOf(place) !== near
    const key = PLACE_KEYS[areaOf(place)]
    const name = `${shifted} ${key}`
    const free = !taken.has(name)
    taken.add(name)
    return { place, key: free ? key : null, shifted }
  })
}

/** The place a key stands for beside this test, or on the other side with Shift; undefined where it stands for none. */
export function placeOfKey(offered: readonly OfferedPlace[], key: string, shifted: boolean): Place | undefined {
  const exact = offered.find((o) => o.key === key && o.shifted === shifted)
  if (exact || !shifted) return exact?.place
  // Any place of the list can be named on the other side as well.
  const near = offered.find((o) => o.key === key && !o.shifted)?.place
  return near && placeAt(otherSide(sideOf(near)), areaOf(near))
}

/** A place as short as it can be said beside this test: without the side when it is the tested one. */
export function offeredWords(place: Place, side: TestSide): string {
  const words = placeWords(place)
  return sideOf(place) === side ? words.replace(` ${side}`, '').replace(`${side} `, '') : words
}

function areasOf({ reading }: ExamTest): readonly AreaId[] {
  const further = 'pointers' in reading ? reading.pointers.flatMap((p) => p.at) : []
  const counts = 'counts' in reading ? reading.counts : []
  const shooting = 'countsWhenShooting' in reading ? reading.countsWhenShooting : []
  const back = 'back' in reading ? reading.back : []
  return [...counts, ...shooting, ...back, ...further]
}
