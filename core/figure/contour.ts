import { curveCatmullRomClosed, line } from 'd3-shape'
import type { Point } from './geometry'

interface Station {
  readonly at: Point
  readonly half: number
}

const smooth = line<Point>()
  .x((p) => Math.round(p.x * 100) / 100)
  .y((p) => Math.round(-p.y * 100) / 100)
  .curve(curveCatmullRomClosed.alpha(0.6))

/**
 * A soft outline round a chain of stations: so much flesh on either side of the middle line, rounded at both ends.
 *
 * @param chain - two stations or more, in centimetres, y up
 * @param round - how far an end reaches beyond its last station, as a share of its half-thickness
 * @returns path data in the picture's own units, y down; empty for fewer than two stations
 */
export function contour(chain: readonly Station[], round = 0.85): string {
  const [first] = chain
  const last = chain.at(-1)
  if (!first || !last || chain.length < 2) return ''
  const along = chain.map((_, i) => direction(chain, i))
  const side = (sign: 1 | -1) =>
    chain.map(({ at, half }, i) => {
      const d = along[i] ?? { x: 1, y: 0 }
      return { x: at.x - sign * d.y * half, y: at.y + sign * d.x * half }
    })
  const cap = ({ at, half }: Station, d: Point, sign: 1 | -1): Point => ({ x: at.x + sign * d.x * half * round, y: at.y + sign * d.y * half * round })
  const head = cap(first, along[0] ?? { x: 1, y: 0 }, -1)
  const tail = cap(last, along.at(-1) ?? { x: 1, y: 0 }, 1)
  return smooth([head, ...side(1), tail, ...side(-1).toReversed()]) ?? ''
}

/** The direction of the middle line at a station: between the piece before it and the piece behind. */
function direction(chain: readonly Station[], i: number): Point {
  const unit = (a: Station | undefined, b: Station | undefined): Point => {
    if (!a || !b) return { x: 0, y: 0 }
    const [x, y] = [b.at.x - a.at.x, b.at.y - a.at.y]
    const d = Math.hypot(x, y) || 1
    return { x: x / d, y: y / d }
  }
  const before = unit(chain[i - 1], chain[i])
  const behind = unit(chain[i], chain[i + 1])
  const sum = { x: before.x + behind.x, y: before.y + behind.y }
  const d = Math.hypot(sum.x, sum.y)
  return d < 0.05 ? behind : { x: sum.x / d, y: sum.y / d }
}
