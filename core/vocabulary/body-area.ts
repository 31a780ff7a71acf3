import { type Side, SIDES } from './side'

/** Where along the body an area lies. */
export const ZONES = ['head', 'neck', 'arm', 'trunk', 'low-back', 'pelvis', 'thigh', 'below-knee'] as const

/** One named area of the body chart; each exists on the left and on the right. */
export interface BodyArea {
  /** As said to a colleague: "back of the thigh". */
  readonly name: string
  /** Where it begins or ends, when the name alone leaves that open. */
  readonly detail?: string
  /** The view of the chart that shows it. */
  readonly view: 'front' | 'back'
  /** Where along the body it lies; what tests and starting odds ask of a place. */
  readonly zone: (typeof ZONES)[number]
}

/** Front areas first, head to foot, then the back. The order is the order of keyboard travel. */
export const BODY_AREAS = {
  face: { name: 'face', view: 'front', zone: 'head' },
  throat: { name: 'front of the neck', view: 'front', zone: 'neck' },
  'shoulder-front': { name: 'front of the shoulder', view: 'front', zone: 'arm' },
  chest: { name: 'chest', view: 'front', zone: 'trunk' },
  'upper-arm-front': { name: 'front of the upper arm', view: 'front', zone: 'arm' },
  'forearm-front': { name: 'inner forearm', view: 'front', zone: 'arm' },
  palm: { name: 'palm and fingers', view: 'front', zone: 'arm' },
  thumb: { name: 'thumb and first finger', view: 'front', zone: 'arm' },
  'middle-finger': { name: 'middle finger', view: 'front', zone: 'arm' },
  'little-finger': { name: 'little and ring finger', view: 'front', zone: 'arm' },
  abdomen: { name: 'abdomen', view: 'front', zone: 'trunk' },
  groin: { name: 'groin', view: 'front', zone: 'pelvis' },
  pubic: { name: 'pubic bone', view: 'front', zone: 'pelvis' },
  'thigh-front': { name: 'front of the thigh', view: 'front', zone: 'thigh' },
  'thigh-inner': { name: 'inner thigh', view: 'front', zone: 'thigh' },
  'thigh-outer': { name: 'outer thigh', view: 'front', zone: 'thigh' },
  'knee-front': { name: 'front of the knee', view: 'front', zone: 'thigh' },
  'shin-outer': { name: 'outer shin', view: 'front', zone: 'below-knee' },
  'shin-inner': { name: 'inner shin', view: 'front', zone: 'below-knee' },
  'foot-top': { name: 'top of the foot', view: 'front', zone: 'below-knee' },
  'big-toe': { name: 'big toe', view: 'front', zone: 'below-knee' },
  'outer-foot': { name: 'outer edge of the foot', view: 'front', zone: 'below-knee' },
  'back-of-head': { name: 'back of the head', view: 'back', zone: 'head' },
  'neck-back': { name: 'back of the neck', view: 'back', zone: 'neck' },
  'shoulder-back': { name: 'back of the shoulder', view: 'back', zone: 'arm' },
  'shoulder-blade': { name: 'shoulder blade', view: 'back', zone: 'trunk' },
  'upper-arm-back': { name: 'back of the upper arm', view: 'back', zone: 'arm' },
  'forearm-back': { name: 'outer forearm', view: 'back', zone: 'arm' },
  'hand-back': { name: 'back of the hand', view: 'back', zone: 'arm' },
  'mid-back': { name: 'mid back', view: 'back', zone: 'trunk' },
  'low-back': { name: 'low back', detail: 'L5 and above', view: 'back', zone: 'low-back' },
  sacroiliac: { name: 'sacroiliac area', detail: 'below L5', view: 'back', zone: 'pelvis' },
  buttock: { name: 'buttock', view: 'back', zone: 'pelvis' },
  saddle: { name: 'saddle area', detail: 'where one sits', view: 'back', zone: 'pelvis' },
  'outer-hip': { name: 'outer hip', view: 'back', zone: 'pelvis' },
  'thigh-back': { name: 'back of the thigh', view: 'back', zone: 'thigh' },
  'knee-back': { name: 'back of the knee', view: 'back', zone: 'thigh' },
  calf: { name: 'calf', view: 'back', zone: 'below-knee' },
  heel: { name: 'heel and sole', view: 'back', zone: 'below-knee' },
} as const satisfies Record<string, BodyArea>

export type AreaId = keyof typeof BODY_AREAS

/** An area on one side of the body: "right-buttock". */
export type Place = `${Side}-${AreaId}`

export const AREA_IDS = Object.keys(BODY_AREAS) as readonly AreaId[]

export const PLACES: readonly Place[] = SIDES.flatMap((side) => AREA_IDS.map((area) => placeAt(side, area)))

const KNOWN_PLACES: ReadonlySet<string> = new Set(PLACES)

/** The area with this id, with its shared type. */
export function bodyArea(id: AreaId): BodyArea {
  return BODY_AREAS[id]
}

/** Put an area on a side. */
export function placeAt(side: Side, area: AreaId): Place {
  return `${side}-${area}`
}

/** Is this text a place on the chart? */
export function isPlace(text: string): text is Place {
  return KNOWN_PLACES.has(text)
}

/** Is this text an area of the body chart? */
export function isArea(text: string): text is AreaId {
  return KNOWN_PLACES.has(`left-${text}`)
}

/** The side a place lies on. */
export function sideOf(place: Place): Side {
  return place.startsWith('left-') ? 'left' : 'right'
}

/** The area a place is on, whatever its side. */
export function areaOf(place: Place): AreaId {
  return place.slice(sideOf(place).length + 1) as AreaId
}

/**
 * A place in words.
 *
 * @example placeWords('right-buttock') // "right buttock"
 * @example placeWords('left-thigh-back') // "back of the left thigh"
 */
export function placeWords(place: Place): string {
  const side = sideOf(place)
  const name = bodyArea(areaOf(place)).name
  return name.includes(' of the ') ? name.replace(' of the ', ` of the ${side} `) : `${side} ${name}`
}
