import { contour } from './contour'
import type { Hand } from './figure'

const chain = (...stations: readonly (readonly [number, number, number])[]) => stations.map(([x, y, half]) => ({ at: { x, y }, half }))

/** Fingers by their joints, the hand reaching to the right: a flat hand that presses, and one that closes round what it holds. */
const FLAT = [
  chain([0.5, -3.1, 1.5], [4.5, -3.9, 1.35], [7.6, -4.5, 1.05]),
  chain([0.9, -1, 1.55], [5.4, -1.4, 1.4], [9.4, -1.7, 1.05]),
  chain([0.9, 1.2, 1.55], [5.2, 1.2, 1.4], [9, 1.3, 1.05]),
  chain([0.4, 3.2, 1.4], [4, 3.9, 1.25], [6.9, 4.3, 0.95]),
]
const THUMB_FLAT = chain([-4.2, 2.8, 2], [-1.4, 6, 1.6], [1.4, 8, 1.15])
/** The thumb lies on the near side; the fingers go over the limb and out of sight behind it. */
const grip = (reach: number) => [
  chain([0.4, -3.4, 1.55], [reach * 0.6, -4.3, 1.5], [reach, -4.2, 1.2]),
  chain([0.8, -1.2, 1.6], [reach * 0.7, -1.6, 1.55], [reach * 1.12, -1.5, 1.25]),
  chain([0.8, 1.1, 1.6], [reach * 0.7, 1.2, 1.55], [reach * 1.1, 1.3, 1.25]),
  chain([0.3, 3.2, 1.5], [reach * 0.55, 3.9, 1.4], [reach * 0.95, 3.9, 1.1]),
]
const THUMB_GRIP = chain([-4.6, 3, 2], [-3.4, 6.8, 1.7], [-1.2, 9.6, 1.25])

const PALM = chain([-9.5, 0, 2.9], [-6.5, 0, 3.5], [-2.5, 0, 4.6], [1, 0, 4.3])
const FOREARM = chain([-10, 0, 2.9], [-15, 0, 3.3], [-22, 0, 4])
const SLEEVE = chain([-17, 0, 4.2], [-26, 0, 4.9], [-38, 0, 5.4])

/** The outlines of one of the examiner's hands as it reaches to the right: pressing flat, or closed round what it holds. */
export function handShape({ push, over }: Pick<Hand, 'push' | 'over'>): {
  readonly parts: readonly string[]
  readonly forearm: string
  readonly sleeve: string
} {
  const holds = push === null
  const fingers = holds ? grip(Math.max(5, Math.min(8.5, over.half * 1.15))) : FLAT
  const parts = [PALM, ...fingers, holds ? THUMB_GRIP : THUMB_FLAT].map((c) => contour(c))
  return { parts, forearm: contour(FOREARM), sleeve: contour(SLEEVE) }
}
