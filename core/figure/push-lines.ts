import { go, type Point } from './geometry'
import { xy } from './path'

/** Which way a hand pushes: an arrow in the picture, or a crossed ring when it goes straight in. */
export interface PushLines {
  readonly path: string
  readonly wide: number
  readonly ring: { readonly x: number; readonly y: number; readonly r: number; readonly wide: number } | null
}

/** The lines of a push, as SVG paths. */
export function pushLines(at: Point, push: number | 'in'): PushLines {
  if (push === 'in') {
    const [x, y, r] = [at.x, -at.y, 8.4]
    return { path: `M${x - r} ${y}h-4M${x + r} ${y}h4M${x} ${y - r}v-4M${x} ${y + r}v4`, wide: 1.5, ring: { x, y, r, wide: 1.8 } }
  }
  const [from, tip] = [go(at, push, 8), go(at, push, 23)]
  const barb = (turn: number) => go(tip, push + turn, 5.5)
  return { path: `M${xy(from)}L${xy(tip)}M${xy(barb(150))}L${xy(tip)}L${xy(barb(-150))}`, wide: 2.6, ring: null }
}
