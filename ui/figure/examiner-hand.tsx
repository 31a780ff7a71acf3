import type { Hand } from '@/core/figure/figure'
import type { Point } from '@/core/figure/geometry'
import { handShape } from '@/core/figure/hand-shape'
import { pushLines } from '@/core/figure/push-lines'

/** One of the examiner's hands with its forearm: pressing flat, or closed round what it holds. */
export function ExaminerHand({ hand }: { readonly hand: Hand }) {
  const { parts, forearm, sleeve } = handShape(hand)
  const turn = -(hand.from + 180)
  return (
    <g>
      <g transform={`translate(${hand.at.x} ${-hand.at.y}) rotate(${turn}) scale(0.82)`}>
        <path d={sleeve} fill="var(--sleeve)" stroke="var(--ink)" strokeWidth="0.9" />
        <path d={forearm} fill="var(--hands)" stroke="var(--ink)" strokeWidth="1.1" />
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

/** An arrow, or a crossed ring. */
function Push({ at, push }: { readonly at: Point; readonly push: number | 'in' }) {
  const { path, wide, ring } = pushLines(at, push)
  return (
    <g stroke="var(--lantern)" strokeLinecap="round" strokeLinejoin="round" fill="none">
      {ring && <circle cx={ring.x} cy={ring.y} r={ring.r} strokeWidth={ring.wide} />}
      <path d={path} strokeWidth={wide} />
    </g>
  )
}
