import type { Point } from '@/core/figure/geometry'

interface Circle {
  readonly at: Point
  readonly half: number
}

/**
 * The outline of a limb: each pair of neighbouring circles joined by their outer tangents.
 *
 * @param chain - circles in centimetres, y up
 * @returns path data in the picture's own units, y down
 */
export function taperedPath(chain: readonly Circle[]): string {
  const circles = chain.map((c) => circlePath(c))
  const hulls = chain.slice(1).map((b, i) => {
    const a = chain[i]
    return a ? tangentHull(a, b) : ''
  })
  return [...circles, ...hulls].join('')
}

function circlePath({ at, half }: Circle): string {
  const left = `${round(at.x - half)} ${round(-at.y)}`
  const arc = `a${round(half)} ${round(half)} 0 1 0`
  return `M${left}${arc} ${round(half * 2)} 0${arc} ${round(-half * 2)} 0Z`
}

function tangentHull(a: Circle, b: Circle): string {
  const dx = b.at.x - a.at.x
  const dy = b.at.y - a.at.y
  const d = Math.hypot(dx, dy)
  // One circle inside the other needs no hull.
  if (d <= Math.abs(a.half - b.half)) return ''
  const along = Math.atan2(dy, dx)
  const lean = Math.acos((a.half - b.half) / d)
  const at = (c: Circle, angle: number) => `${round(c.at.x + c.half * Math.cos(angle))} ${round(-(c.at.y + c.half * Math.sin(angle)))}`
  // Same turning direction as the circles, so that overlapping parts add up under the nonzero fill rule.
  return `M${at(a, along + lean)}L${at(a, along - lean)}L${at(b, along - lean)}L${at(b, along + lean)}Z`
}

function round(n: number): number {
  return Math.round(n * 100) / 100
}
