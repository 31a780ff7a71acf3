import type { ExamTest } from '../catalogue/exam-test'
import type { Symptom } from '../record/exam'
import { type AreaId, areaOf, type Place, placeAt, placeWords, sideOf } from '../vocabulary/body-area'
import { SIDES, type TestSide } from '../vocabulary/side'

/** At most this many places are offered by a key each; the others are on the chart of the story. */
const MOST = 7

/** The places to offer when something comes on: where the symptom is painted, then where this test's places lie. */
export function placesOffered(test: ExamTest, side: TestSide, symptom: Symptom | undefined): readonly Place[] {
  const sides = side === 'none' ? SIDES : [side]
  const areas = areasOf(test)
  const painted = symptom?.places ?? []
  const here = painted.filter((place) => areas.includes(areaOf(place)))
  const tested = sides.flatMap((s) => areas.map((area) => placeAt(s, area)))
  return [...new Set([...here, ...painted, ...tested])].slice(0, MOST)
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
  return [...new Set([...counts, ...back, ...further, ...shooting])]
}
