import { type AreaId, areaOf, type Place, placeWords } from '../vocabulary/body-area'
import type { MeasureChange } from './measure-change'
import type { SignRun } from './sign-run'

/** Areas from the spine outwards, limb by limb: each step is farther out. Areas that lie on no such line are not compared. */
const OUTWARDS: Readonly<Record<'leg' | 'arm', readonly (readonly AreaId[])[]>> = {
  leg: [
    ['mid-back', 'low-back'],
    ['sacroiliac', 'buttock', 'outer-hip', 'groin'],
    ['thigh-back', 'thigh-front', 'thigh-inner', 'thigh-outer'],
    ['knee-back', 'knee-front'],
    ['calf', 'shin-outer', 'shin-inner'],
    ['heel', 'foot-top', 'big-toe', 'outer-foot'],
  ],
  arm: [
    ['neck-back'],
    ['shoulder-blade', 'shoulder-back', 'shoulder-front'],
    ['upper-arm-front', 'upper-arm-back'],
    ['forearm-front', 'forearm-back'],
    ['palm', 'thumb', 'middle-finger', 'little-finger', 'hand-back'],
  ],
}

/** How far out a symptom was felt: moved towards the spine is better, further out worse. Only where it came on both times, on one limb. */
export function placeChange(before: SignRun, after: SignRun): MeasureChange | null {
  const { symptom } = before.finding
  if (symptom === null || after.finding.symptom !== symptom) return null
  const [was, is] = [farthest(before.finding.places), farthest(after.finding.places)]
  if (!was || was.limb !== is?.limb) return null
  const verdict = is.out < was.out ? 'better' : is.out > was.out ? 'worse' : 'same'
  const [from, to] = [placeWords(was.place), placeWords(is.place)]
  const words = { better: `moved towards the spine, ${from} → ${to}`, worse: `moved further out, ${from} → ${to}`, same: `as far out as before (${to})` }
  return { measure: 'place', verdict, words: words[verdict], error: null }
}

interface Reach {
  readonly limb: 'leg' | 'arm'
  readonly out: number
  readonly place: Place
}

function farthest(places: readonly Place[]): Reach | null {
  const reaches = places.flatMap((place) =>
    (['leg', 'arm'] as const).flatMap((limb): readonly Reach[] => {
      const out = OUTWARDS[limb].findIndex((areas) => areas.includes(areaOf(place)))
      return out < 0 ? [] : [{ limb, out, place }]
    }),
  )
  return reaches.toSorted((a, b) => b.out - a.out)[0] ?? null
}
