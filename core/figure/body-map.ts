import { scaleLinear } from 'd3-scale'
import { type AreaId, BODY_AREAS, bodyArea, type Place, placeAt } from '../vocabulary/body-area'
import type { Side } from '../vocabulary/side'
import { between, type Point } from './geometry'

/** One area of the body chart as a closed outline; y grows downward, the crown is at 0, the midline at x = 0. */
export interface ChartShape {
  readonly place: Place
  readonly view: 'front' | 'back'
  readonly points: readonly Point[]
}

/** Width of the chart on each side of the midline, and its height. */
export const CHART = { half: 84, height: 416 } as const

/** A patch between two heights of a part, from its inner to its outer edge. */
interface Patch {
  readonly on: 'axis' | 'arm'
  /** Along the part: y for the axis (crown 0 to sole 410), share of the limb for the arm. */
  readonly from: number
  readonly to: number
  /** Across the part: 0 at the inner edge (the midline on the trunk), 1 at the outer. */
  readonly inner: number
  readonly outer: number
}

/** Outer and inner edge of head, trunk and leg by height. */
const OUTER_AT = scaleLinear(
  [0, 1, 4, 9, 16, 24, 34, 42, 48, 54, 60, 66, 71, 78, 90, 110, 132, 150, 172, 190, 206, 226, 262, 290, 304, 326, 352, 376, 386, 398, 410],
  [0, 7, 13, 17.5, 20, 20.5, 18, 14, 11, 10.5, 11.5, 17, 28, 33, 33, 31, 28.5, 27, 30, 34, 36, 35.5, 30, 25, 24, 25.5, 22, 16.5, 16, 20, 22],
).clamp(true)
const INNER_AT = scaleLinear([0, 214, 218, 250, 290, 304, 326, 352, 376, 398, 410], [0, 0, 1.5, 3.5, 7, 7.5, 6.5, 7, 8.5, 6, 5]).clamp(true)

/** Edges without corners: the mean over a few centimetres, except at the head, whose curve is drawn out. */
const OUTER = (y: number) => (y < 46 ? OUTER_AT(y) : smooth(OUTER_AT, y))
const INNER = (y: number) => smooth(INNER_AT, y)

function smooth(edge: (y: number) => number, y: number): number {
  const around = [-6, -4, -2, 0, 2, 4, 6]
  return around.reduce((sum, d) => sum + edge(y + d), 0) / around.length
}

/** The arm runs from the shoulder to the fingers; half-width by share of its length. */
const SHOULDER: Point = { x: 31.5, y: 73 }
const FINGERS: Point = { x: 68, y: 236 }
const ARM_HALF = scaleLinear(
  [0, 0.012, 0.035, 0.07, 0.12, 0.3, 0.44, 0.52, 0.6, 0.8, 0.86, 0.93, 0.97, 1],
  [0, 4, 7, 9, 9.8, 8.3, 6.8, 7, 6.8, 4.6, 5.6, 6, 4.5, 1.5],
).clamp(true)

const PATCHES: Record<AreaId, Patch> = {
  face: { on: 'axis', from: 0, to: 48, inner: 0, outer: 1 },
  throat: { on: 'axis', from: 48, to: 71, inner: 0, outer: 1 },
  'shoulder-front': { on: 'arm', from: 0, to: 0.2, inner: 0, outer: 1 },
  chest: { on: 'axis', from: 71, to: 132, inner: 0, outer: 1 },
  'upper-arm-front': { on: 'arm', from: 0.2, to: 0.5, inner: 0, outer: 1 },
  'forearm-front': { on: 'arm', from: 0.5, to: 0.81, inner: 0, outer: 1 },
  palm: { on: 'arm', from: 0.81, to: 0.9, inner: 0, outer: 1 },
  thumb: { on: 'arm', from: 0.9, to: 1, inner: 0.66, outer: 1 },
  'middle-finger': { on: 'arm', from: 0.9, to: 1, inner: 0.33, outer: 0.66 },
  'little-finger': { on: 'arm', from: 0.9, to: 1, inner: 0, outer: 0.33 },
  abdomen: { on: 'axis', from: 132, to: 190, inner: 0, outer: 1 },
  groin: { on: 'axis', from: 190, to: 222, inner: 0.28, outer: 0.62 },
  pubic: { on: 'axis', from: 204, to: 222, inner: 0, outer: 0.28 },
  'thigh-front': { on: 'axis', from: 222, to: 290, inner: 0.38, outer: 0.8 },
  'thigh-outer': { on: 'axis', from: 222, to: 290, inner: 0.8, outer: 1 },
  'thigh-inner': { on: 'axis', from: 222, to: 290, inner: 0, outer: 0.38 },
  'knee-front': { on: 'axis', from: 290, to: 314, inner: 0, outer: 1 },
  'shin-outer': { on: 'axis', from: 314, to: 386, inner: 0.5, outer: 1 },
  'shin-inner': { on: 'axis', from: 314, to: 386, inner: 0, outer: 0.5 },
  'foot-top': { on: 'axis', from: 386, to: 399, inner: 0, outer: 1 },
  'big-toe': { on: 'axis', from: 399, to: 410, inner: 0, outer: 0.5 },
  'outer-foot': { on: 'axis', from: 399, to: 410, inner: 0.5, outer: 1 },
  'back-of-head': { on: 'axis', from: 0, to: 48, inner: 0, outer: 1 },
  'neck-back': { on: 'axis', from: 48, to: 71, inner: 0, outer: 1 },
  'shoulder-back': { on: 'arm', from: 0, to: 0.2, inner: 0, outer: 1 },
  'shoulder-blade': { on: 'axis', from: 71, to: 116, inner: 0, outer: 1 },
  'upper-arm-back': { on: 'arm', from: 0.2, to: 0.5, inner: 0, outer: 1 },
  'forearm-back': { on: 'arm', from: 0.5, to: 0.81, inner: 0, outer: 1 },
  'hand-back': { on: 'arm', from: 0.81, to: 1, inner: 0, outer: 1 },
  'mid-back': { on: 'axis', from: 116, to: 150, inner: 0, outer: 1 },
  'low-back': { on: 'axis', from: 150, to: 178, inner: 0, outer: 1 },
  sacroiliac: { on: 'axis', from: 178, to: 198, inner: 0, outer: 0.55 },
  buttock: { on: 'axis', from: 198, to: 228, inner: 0.22, outer: 0.78 },
  saddle: { on: 'axis', from: 214, to: 228, inner: 0, outer: 0.22 },
  'outer-hip': { on: 'axis', from: 178, to: 228, inner: 0.78, outer: 1 },
  'thigh-back': { on: 'axis', from: 228, to: 290, inner: 0, outer: 1 },
  'knee-back': { on: 'axis', from: 290, to: 314, inner: 0, outer: 1 },
  calf: { on: 'axis', from: 314, to: 386, inner: 0, outer: 1 },
  heel: { on: 'axis', from: 386, to: 410, inner: 0, outer: 1 },
}

/** Extra patches that belong to an area but lie beside its main one. */
const EXTRA: Partial<Record<AreaId, readonly Patch[]>> = {
  'thigh-front': [{ on: 'axis', from: 190, to: 222, inner: 0.62, outer: 1 }],
  groin: [{ on: 'axis', from: 190, to: 204, inner: 0, outer: 0.28 }],
  buttock: [
    { on: 'axis', from: 178, to: 198, inner: 0.55, outer: 0.78 },
    { on: 'axis', from: 198, to: 214, inner: 0, outer: 0.22 },
  ],
}

const STEPS = 28

/**
 * The outlines of the areas of one view, both sides.
 *
 * The patient's right is at the left of the front view and at the right of the back view, as one sees a
 * person who stands before one, facing or turned away.
 */
export function chartShapes(view: 'front' | 'back'): readonly ChartShape[] {
  const areas = (Object.keys(BODY_AREAS) as AreaId[]).filter((area) => bodyArea(area).view === view)
  return (['right', 'left'] as const).flatMap((side) =>
    areas.flatMap((area) => {
      return [PATCHES[area], ...(EXTRA[area] ?? [])].map((patch) => ({
        place: placeAt(side, area),
        view,
        points: outline(patch).map((p) => ({ x: p.x * toward(side, view), y: p.y })),
      }))
    }),
  )
}

function toward(side: Side, view: 'front' | 'back'): 1 | -1 {
  return (side === 'right') === (view === 'front') ? -1 : 1
}

function outline(patch: Patch): readonly Point[] {
  const along = Array.from({ length: STEPS + 1 }, (_, i) => patch.from + ((patch.to - patch.from) * i) / STEPS)
  const edge = (across: number) => along.map((t) => (patch.on === 'axis' ? onAxis(t, across) : onArm(t, across)))
  return [...edge(patch.inner), ...edge(patch.outer).reverse()]
}

function onAxis(y: number, across: number): Point {
  return between({ x: INNER(y), y }, { x: OUTER(y), y }, across)
}

function onArm(t: number, across: number): Point {
  const centre = between(SHOULDER, FINGERS, t)
  const length = Math.hypot(FINGERS.x - SHOULDER.x, FINGERS.y - SHOULDER.y)
  const outward = { x: (FINGERS.y - SHOULDER.y) / length, y: -(FINGERS.x - SHOULDER.x) / length }
  const off = (across * 2 - 1) * ARM_HALF(t)
  return { x: centre.x + outward.x * off, y: centre.y + outward.y * off }
}
