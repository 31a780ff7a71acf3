import type { Body } from './figure'
import type { Degrees } from '../vocabulary/degrees'
import { headShape, turnOf } from './head-shape'
import type { Point } from './geometry'
import { closedPath, xy } from './path'

/** Lines of a head that is seen, as SVG paths about its middle, the crown up; screen and paper draw the same. */
export interface HeadLines {
  readonly at: Point
  /** How far the whole is turned in the picture. */
  readonly turn: Degrees
  readonly outline: string
  /** Wider than the head: it is cut to the outline. */
  readonly hair: string
  readonly ears: readonly { readonly x: number; readonly y: number; readonly wide: number; readonly high: number }[]
  /** An ear that is turned to the viewer lies on the head, not behind it. */
  readonly lobes: readonly string[]
  readonly pupils: readonly { readonly x: number; readonly y: number; readonly r: number }[]
  /** Lids, brows, nose and mouth. */
  readonly features: readonly string[]
}

/** The lines of a head, centimetres with y to the foot of the picture. */
export function headLines(head: Body['head']): HeadLines {
  const { outline, hair, ears, eyes, nose, mouth } = headShape(turnOf(head))
  const r = head.half
  const scaled = (p: Point): Point => ({ x: p.x * r, y: p.y * r })
  const drawn = (p: Point): Point => ({ x: p.x * r, y: -p.y * r })
  const over: readonly Point[] = [
    { x: r * 1.5, y: r * 0.6 },
    { x: r * 1.3, y: r * 1.6 },
    { x: -r * 1.3, y: r * 1.6 },
    { x: -r * 1.5, y: r * 0.6 },
  ]
  const bow = ({ x, y }: Point, half: number, up: number) => `M${x - half} ${y}q${half} ${up} ${2 * half} 0`
  return {
    at: drawn({ x: head.at.x / r, y: head.at.y / r }),
    turn: 90 - head.crown,
    outline: closedPath(outline.map(scaled)),
    hair: closedPath([...hair.map(scaled), ...over]),
    ears: ears.map((ear) => ({ ...drawn(ear.at), wide: 1.9 * ear.wide + 0.3, high: 2.7 })),
    lobes: ears.filter((ear) => ear.wide > 0.6).map((ear) => `M${ear.at.x * r + 1.1} ${-ear.at.y * r - 2.2}q-3 -0.8 -2.9 2q0.2 2.8 2.6 2.6`),
    pupils: eyes.map((eye) => ({ x: eye.at.x * r, y: -eye.at.y * r - 0.1, r: 0.75 })),
    features: [
      ...eyes.flatMap((eye) => {
        const at = drawn(eye.at)
        return [bow(at, 1.3 * eye.wide, -1.3), bow({ x: at.x, y: at.y - 2.4 }, 1.7 * eye.wide, -0.8)]
      }),
      ...(nose && eyes.length > 1 ? [`M${xy(scaled(nose.bridge))}L${xy(scaled(nose.tip))}l${nose.tip.x > 0 ? -1.1 : 1.1} 0.5`] : []),
      ...(mouth ? [bow(drawn(mouth.at), 2 * mouth.wide, 0.9)] : []),
    ],
  }
}
