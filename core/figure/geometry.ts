import type { Degrees } from '../vocabulary/degrees'

/** A point of the picture in centimetres: x to the right, y up. */
export interface Point {
  readonly x: number
  readonly y: number
}

/** Go from a point in a direction. 0° is to the right, 90° up. */
export function go(from: Point, direction: Degrees, length: number): Point {
  const rad = (direction * Math.PI) / 180
  return { x: from.x + length * Math.cos(rad), y: from.y + length * Math.sin(rad) }
}

/** The point a share of the way from a to b. */
export function between(a: Point, b: Point, share: number): Point {
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share }
}

/** Mirror left and right about the vertical through x = 0. */
export function mirrored(p: Point): Point {
  return { x: -p.x, y: p.y }
}

/** Straight-line distance in centimetres. */
export function distance(a: Point, b: Point): number {
  return Math.hypot(b.x - a.x, b.y - a.y)
}
