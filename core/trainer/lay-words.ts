import { type AreaId, areaOf, type Place, sideOf } from '../vocabulary/body-area'
import type { Quality } from '../vocabulary/quality'
import { listWords } from '../vocabulary/sentence'

/** How people name a place when nobody taught them; `{side}` stands for left or right. */
const LAY: Readonly<Record<AreaId, string>> = {
  face: 'the {side} side of my face',
  throat: 'the front of my neck on the {side}',
  'shoulder-front': 'the front of my {side} shoulder',
  chest: 'my chest on the {side}',
  'upper-arm-front': 'the front of my {side} upper arm',
  'forearm-front': 'the inside of my {side} forearm',
  palm: 'my {side} palm',
  thumb: 'my {side} thumb and pointing finger',
  'middle-finger': 'the middle finger of my {side} hand',
  'little-finger': 'the last two fingers of my {side} hand',
  abdomen: 'my tummy on the {side}',
  groin: 'my {side} groin',
  pubic: 'the bone in front, low down, on the {side}',
  'thigh-front': 'the front of my {side} thigh',
  'thigh-inner': 'the inside of my {side} thigh',
  'thigh-outer': 'the outside of my {side} thigh',
  'knee-front': 'the front of my {side} knee',
  'shin-outer': 'the outside of my {side} shin',
  'shin-inner': 'the inside of my {side} shin',
  'foot-top': 'the top of my {side} foot',
  'big-toe': 'my {side} big toe',
  'outer-foot': 'the outer edge of my {side} foot',
  'back-of-head': 'the back of my head on the {side}',
  'neck-back': 'the back of my neck on the {side}',
  'shoulder-back': 'behind my {side} shoulder',
  'shoulder-blade': 'my {side} shoulder blade',
  'upper-arm-back': 'the back of my {side} upper arm',
  'forearm-back': 'the outside of my {side} forearm',
  'hand-back': 'the back of my {side} hand',
  'mid-back': 'the middle of my back on the {side}',
  'low-back': 'my low back on the {side}',
  sacroiliac: 'low down beside my tailbone on the {side}, by the dimple',
  buttock: 'my {side} buttock',
  saddle: 'where I sit, on the {side}',
  'outer-hip': 'the outside of my {side} hip',
  'thigh-back': 'the back of my {side} thigh',
  'knee-back': 'the back of my {side} knee',
  calf: 'my {side} calf',
  heel: 'my {side} heel and sole',
}

/** What a feeling is called by whoever has it: as a verb of the pain, "it ...". */
export const IT_DOES: Readonly<Partial<Record<Quality, readonly [string, ...string[]]>>> = {
  shooting: ['shoots', 'darts'],
  burning: ['burns', 'is hot'],
  tingling: ['tingles', 'is like pins and needles'],
  numb: ['goes dead', 'is numb'],
  dull: ['is dull', 'is a dull thing'],
  aching: ['aches', 'is an ache'],
  sharp: ['stabs', 'is sharp'],
  catching: ['catches', 'gets stuck'],
  headache: ['goes up into a headache', 'gives me a headache'],
  dizziness: ['makes me dizzy', 'makes my head swim'],
}

/** A place as the person says it: "my left calf". */
export function layPlace(place: Place): string {
  return LAY[areaOf(place)].replaceAll('{side}', sideOf(place))
}

/** Several places: "my left calf and the top of my left foot". */
export function layPlaces(places: readonly Place[]): string {
  return listWords(places.map(layPlace))
}

/** What the pain does, by its first qualities: "shoots and tingles". The choice is whoever's that asks. */
export function layQualities(qualities: readonly Quality[], pick: (words: readonly [string, ...string[]]) => string): string {
  return listWords(
    qualities.flatMap((quality) => IT_DOES[quality] ?? []).length === 0 ? ['hurts'] : qualities.flatMap((q) => (IT_DOES[q] ? [pick(IT_DOES[q])] : [])),
  )
}
