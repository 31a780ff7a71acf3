import type { Hand } from '@/core/figure/figure'
import { go, type Point } from '@/core/figure/geometry'
import { contour } from './contour'
import { xy } from './path'

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

/** One of the examiner's hands with its forearm: pressing flat, or closed round what it holds. */
export function ExaminerHand({ hand }: { readonly hand: Hand }) {
  const holds = hand.push === null
  const fingers = holds ? grip(Math.max(5, Math.min(8.5, hand.over.half * 1.15))) : FLAT
  const parts = [PALM, ...fingers, holds ? THUMB_GRIP : THUMB_FLAT].map((c) => contour(c))
  const turn = -(hand.from + 180)
  return (
    <g>
      <g transform={`translate(${hand.at.x} ${-hand.at.y}) rotate(${turn}) scale(0.82)`}>
        <path d={contour(SLEEVE)} fill="var(--sleeve)" stroke="var(--ink)" strokeWidth="0.9" />
        <path d={contour(FOREARM)} fill="var(--hands)" stroke="var(--ink)" strokeWidth="1.1" />
        <path d="M-18.5 4.4q-1.4 -4.4 0 -8.8" fill="none" stroke="var(--ink)" strokeWidth="0.9" />
        <g fill="var(--hands)" stroke="var(--ink)" strokeWidth="2.1" strokeLinejoin="round">
          {parts.map((d, i) => (
            <path key={i} d={d} />
          ))}
        </g>
        <g fill="var(--hands)">
          {parts.map((d, i) => (
            <path key={i} d={d} />
          ))}
        </g>
        <path
          d="M1.2 -2.2q2 -0.3 3.6 -0.5M1.6 0.1h4M1.2 2.3q1.8 0.2 3 0.3M-4.4 3.6q1.6 0.9 2.4 2"
          stroke="var(--ink)"
          strokeWidth="0.55"
          fill="none"
          strokeLinecap="round"
        />
      </g>
      {hand.push !== null && <Push at={hand.at} push={hand.push} />}
    </g>
  )
}

/** Which way the hand pushes: an arrow in the picture, or a crossed ring when it goes straight in. */
function Push({ at, push }: { readonly at: Point; readonly push: number | 'in' }) {
  if (push === 'in') {
    return (
      <g transform={`translate(${at.x} ${-at.y})`} stroke="var(--lantern)" strokeWidth="1.5" fill="none">
        <circle r="8.4" strokeWidth="1.8" />
        <path d="M-8.4 0h-4M8.4 0h4M0 -8.4v-4M0 8.4v4" strokeLinecap="round" />
      </g>
    )
  }
  const from = go(at, push, 8)
  const tip = go(at, push, 23)
  const barb = (turn: number) => go(tip, push + turn, 5.5)
  return (
    <g stroke="var(--lantern)" strokeWidth="2.6" strokeLinecap="round" strokeLinejoin="round" fill="none">
      <path d={`M${xy(from)}L${xy(tip)}`} />
      <path d={`M${xy(barb(150))}L${xy(tip)}L${xy(barb(-150))}`} />
    </g>
  )
}
