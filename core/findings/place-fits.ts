import type { PlacePointer } from '../catalogue/reading/reading'
import { type AreaId, areaOf, bodyArea, type Place, placeAt, placeWords, sideOf } from '../vocabulary/body-area'
import { listWords } from '../vocabulary/sentence'
import type { Side } from '../vocabulary/side'
import type { SourceReading } from './finding'

/** The places that lie on this side and in one of these areas. */
export function fitting(places: readonly Place[], side: Side, areas: readonly AreaId[]): readonly Place[] {
  return places.filter((place) => sideOf(place) === side && areas.includes(areaOf(place)))
}

/** Places in words: "right buttock and right calf", "low back on both sides"; "a place not recorded" when there are none. */
export function placesWords(places: readonly Place[]): string {
  if (places.length === 0) return 'a place not recorded'
  const isBoth = (place: Place) => places.includes(placeAt('left', areaOf(place))) && places.includes(placeAt('right', areaOf(place)))
  return listWords([...new Set(places.map((place) => (isBoth(place) ? `${bodyArea(areaOf(place)).name} on both sides` : placeWords(place))))])
}

/** What own pain at these places points to. */
export function pointersAt(places: readonly Place[], side: Side, pointers: readonly PlacePointer[]): readonly SourceReading[] {
  return pointers.flatMap((pointer) =>
    fitting(places, side, pointer.at).length > 0 ? [{ source: pointer.source, direction: 'for', strength: 'pointer', why: sentence(pointer.because) }] : [],
  )
}

/** A reason as a sentence: capital letter, full stop. */
export function sentence(text: string): string {
  const trimmed = text.trim()
  const first = trimmed.charAt(0).toUpperCase() + trimmed.slice(1)
  return /[.!?]$/.test(first) ? first : `${first}.`
}
