import { BELOW_KNEE, HAND } from '../vocabulary/area-sets'
import { type AreaId, areaOf, type Place, placeWords } from '../vocabulary/body-area'
import { listWords } from '../vocabulary/sentence'

/** Roots whose symptoms are usually felt in each area. They overlap: a pattern fits, it does not prove. */
export const ROOTS_AT: Partial<Record<AreaId, readonly string[]>> = {
  'back-of-head': ['C2', 'C3'],
  'neck-back': ['C3', 'C4'],
  'shoulder-front': ['C4', 'C5'],
  'shoulder-back': ['C4', 'C5'],
  'shoulder-blade': ['C5', 'C7'],
  'upper-arm-front': ['C5'],
  'upper-arm-back': ['C7', 'T1'],
  'forearm-front': ['C8', 'T1'],
  'forearm-back': ['C6', 'C7'],
  thumb: ['C6'],
  'middle-finger': ['C7'],
  'little-finger': ['C8'],
  palm: ['C6', 'C7', 'C8'],
  'hand-back': ['C6', 'C7', 'C8'],
  groin: ['L1', 'L2'],
  'thigh-front': ['L2', 'L3'],
  'thigh-inner': ['L3', 'L4'],
  'thigh-outer': ['L2', 'L3'],
  'knee-front': ['L3', 'L4'],
  'shin-inner': ['L4'],
  'shin-outer': ['L5'],
  'foot-top': ['L5'],
  'big-toe': ['L5'],
  'outer-foot': ['S1'],
  heel: ['S1'],
  calf: ['S1', 'S2'],
  'thigh-back': ['S1', 'S2'],
  'knee-back': ['S1', 'S2'],
  buttock: ['L5', 'S1'],
  'outer-hip': ['L5'],
  saddle: ['S3', 'S4', 'S5'],
}

/** Areas that say least about a root, since pain of other sources is felt there as well. */
const COMMON: readonly AreaId[] = ['neck-back', 'buttock', 'shoulder-blade', 'outer-hip', 'back-of-head']

/** The roots that fit most of what is painted, best first, with how many areas each fits. Areas of one side only. */
export function rootsFitting(places: readonly Place[]): readonly { readonly root: string; readonly areas: number }[] {
  const areas = [...new Set(places.map(areaOf))].filter((area) => !COMMON.includes(area))
  const counts = new Map<string, number>()
  for (const area of areas) for (const root of ROOTS_AT[area] ?? []) counts.set(root, (counts.get(root) ?? 0) + 1)
  return [...counts].map(([root, n]) => ({ root, areas: n })).toSorted((a, b) => b.areas - a.areas || a.root.localeCompare(b.root))
}

/** Lowest back areas that lie above L5, and those below it. */
const BELOW_L5: readonly AreaId[] = ['sacroiliac', 'buttock']

/**
 * What the painted places say by themselves: how far the symptom reaches, and which roots it fits.
 *
 * Hints for the hand that takes the story, never a result.
 */
export function distributionHints(places: readonly Place[]): readonly string[] {
  const areas = places.map(areaOf)
  const reach = (within: readonly AreaId[]) => places.find((place) => within.includes(areaOf(place)))
  const hints: string[] = []
  const hand = reach(HAND)
  if (hand) hints.push(`Reaches the hand (${placeWords(hand)}).`)
  const below = reach(BELOW_KNEE)
  if (below) hints.push(`Reaches below the knee (${placeWords(below)}).`)
  if (areas.some((a) => BELOW_L5.includes(a))) hints.push(areas.includes('low-back') ? 'Lies above and below L5.' : 'Lies below L5.')
  if (areas.includes('saddle')) hints.push('In the saddle: ask the saddle questions now.')
  const [first, ...rest] = rootsFitting(places)
  if (first && (hand ?? below ?? first.areas > 1)) {
    const best = [first, ...rest].filter((r) => r.areas === first.areas).map((r) => r.root)
    if (best.length <= 3) hints.push(`Fits nerve root${best.length > 1 ? 's' : ''} ${listWords(best)}${best.length > 1 ? ', which overlap' : ''}.`)
  }
  return hints
}
