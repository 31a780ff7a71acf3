import { type AreaId, AREA_IDS, bodyArea, type Place, placeAt, placeWords } from '../vocabulary/body-area'
import { type Side, SIDES } from '../vocabulary/side'

/** Places that go together under one name. */
export interface Distribution {
  readonly name: string
  readonly areas: readonly AreaId[]
}

/**
 * Distributions that are told so often that they have a name of their own.
 *
 * A name for painting, never a reading: what a distribution fits is told by `distributionHints`.
 */
export const DISTRIBUTIONS: readonly Distribution[] = [
  { name: 'leg below the knee', areas: ['calf', 'shin-outer', 'shin-inner', 'foot-top', 'heel'] },
  { name: 'back of the leg to the heel', areas: ['buttock', 'thigh-back', 'knee-back', 'calf', 'heel'] },
  { name: 'outer leg to the big toe', areas: ['outer-hip', 'thigh-outer', 'shin-outer', 'foot-top', 'big-toe'] },
  { name: 'front of the thigh to the shin', areas: ['thigh-front', 'knee-front', 'shin-inner'] },
  { name: 'buttock and sacroiliac area', areas: ['buttock', 'sacroiliac'] },
  { name: 'low back', areas: ['low-back'] },
  { name: 'neck to shoulder blade', areas: ['neck-back', 'shoulder-back', 'shoulder-blade'] },
  { name: 'outer arm to thumb', areas: ['upper-arm-front', 'forearm-back', 'thumb'] },
  { name: 'back of the arm to middle finger', areas: ['upper-arm-back', 'forearm-back', 'middle-finger'] },
  { name: 'inner arm to little finger', areas: ['forearm-front', 'little-finger'] },
  { name: 'neck to back of the head', areas: ['neck-back', 'back-of-head'] },
]

/** Places that a name stands for. */
export interface NamedPlaces {
  readonly words: string
  readonly places: readonly Place[]
}

/** What else an area is called. */
const ALSO: Partial<Record<AreaId, string>> = {
  sacroiliac: 'sij si joint',
  'neck-back': 'nape cervical',
  'low-back': 'lumbar loin',
  'mid-back': 'thoracic',
  'back-of-head': 'occiput headache',
  abdomen: 'belly',
  pubic: 'symphysis',
  thumb: 'index',
  heel: 'sole',
  'outer-hip': 'trochanter',
  'shoulder-blade': 'scapula',
}

/**
 * Places by name, side and beginnings of words, best first: "l calf", "buttock right", "leg below knee l", "both low back".
 *
 * Without a side both are offered, the near one first. Nothing typed finds the named distributions.
 *
 * @param near - the side that comes first where none is typed
 * @example namePlaces('l calf', 'right')[0] // { words: 'left calf', places: ['left-calf'] }
 */
export function namePlaces(typed: string, near: Side): readonly NamedPlaces[] {
  const words = typed.trim().toLowerCase().split(/\s+/).filter(Boolean)
  const { sides, rest } = sidesIn(words, near)
  const areas = rest.length === 0 ? [] : AREA_IDS.flatMap((area) => ranked(`${bodyArea(area).name} ${ALSO[area] ?? ''}`, rest, [area]))
  const named = DISTRIBUTIONS.flatMap(({ name, areas: together }) => (together.length === 1 && rest.length > 0 ? [] : ranked(name, rest, together)))
  return [...areas, ...named]
    .toSorted((a, b) => a.rank - b.rank)
    .flatMap((found) =>
      sides.map((side) => ({
        words: side.map((s) => wordsOf(found, s)).join(' and '),
        places: side.flatMap((s) => found.areas.map((area) => placeAt(s, area))),
      })),
    )
}

interface Ranked {
  readonly areas: readonly AreaId[]
  readonly name: string
  readonly rank: number
}

/** Fits where every word begins one of the name's; better where it begins the name. */
function ranked(name: string, words: readonly string[], areas: readonly AreaId[]): readonly Ranked[] {
  const parts = name.split(/\s+/)
  if (!words.every((word) => parts.some((part) => part.startsWith(word)))) return []
  return [{ areas, name, rank: (name.startsWith(words[0] ?? '') ? 0 : 2) + (areas.length > 1 ? 1 : 0) }]
}

function wordsOf({ areas, name }: Ranked, side: Side): string {
  const [only] = areas
  return areas.length === 1 && only ? placeWords(placeAt(side, only)) : `${side}: ${name}`
}

/** The side among the words: whole anywhere, as in "back of the right thigh", or a letter at either end; each entry is what one line stands for. */
function sidesIn(words: readonly string[], near: Side): { readonly sides: readonly (readonly Side[])[]; readonly rest: readonly string[] } {
  const whole = words.findIndex((word) => SIDES.some((s) => s === word))
  for (const at of whole === -1 ? [0, words.length - 1] : [whole]) {
    const word = words[at]
    const rest = words.filter((_, i) => i !== at)
    if (word === 'both' || word === 'b') return { sides: [SIDES], rest }
    const side = SIDES.find((s) => s === word || (word?.length === 1 && s.startsWith(word)))
    if (side) return { sides: [[side]], rest }
  }
  return { sides: [[near], [near === 'left' ? 'right' : 'left']], rest: words }
}
