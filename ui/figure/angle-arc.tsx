import { arc } from 'd3-shape'
import type { Body } from '@/core/figure/figure'
import { onArc } from '@/core/figure/figure'
import { xy } from '@/core/figure/path'

/** An angle marked on the arc: the onset, the end, the other side's end, or where it was at the baseline. */
export interface AngleMark {
  readonly angle: number
  readonly says: string
  readonly kind: 'onset' | 'end' | 'other-side' | 'baseline'
}

interface Props {
  readonly joint: NonNullable<Body['joint']>
  readonly angle: number | null
  readonly marks: readonly AngleMark[]
}

/** Marks closer than this many degrees would lie on each other: each further one stands a line further out. */
const CLOSE = 9
const LINE = 7

/** The measured joint: a rail from zero, the part swept so far, and the marks on it. */
export function AngleArc({ joint, angle, marks }: Props) {
  const radius = joint.reach * 0.62
  const centred = { ...joint, at: { x: 0, y: 0 } }
  const sweep = (to: number) =>
    arc<null>()
      .innerRadius(radius - 0.8)
      .outerRadius(radius + 0.8)
      .startAngle(clock(joint.zero))
      .endAngle(clock(joint.zero + joint.sign * to))(null) ?? ''
  const sorted = marks.toSorted((a, b) => a.angle - b.angle)
  const out = (i: number) => {
    let lines = 0
    for (let k = i; k > 0 && (sorted[k]?.angle ?? 0) - (sorted[k - 1]?.angle ?? 0) < CLOSE; k--) lines++
    return lines * LINE
  }
  const at = angle === null ? null : onArc(centred, angle, radius)
  return (
    <g transform={`translate(${joint.at.x} ${-joint.at.y})`}>
      <path d={sweep(120)} fill="var(--hair)" />
      {angle !== null && <path d={sweep(angle)} fill="var(--lantern)" />}
      {sorted.map((mark, i) => {
        const text = onArc(centred, mark.angle, radius + 9 + out(i))
        return (
          <g key={`${mark.kind} ${mark.angle}`}>
            {mark.kind === 'baseline' && (
              // The limb as it lay then: a ghost from the joint outwards.
              <path d={`M0 0L${xy(onArc(centred, mark.angle, joint.reach))}`} stroke="var(--ash)" strokeWidth="9" strokeLinecap="round" opacity="0.28" />
            )}
            <path
              d={`M${xy(onArc(centred, mark.angle, radius - 5))}L${xy(onArc(centred, mark.angle, radius + 5 + out(i)))}`}
              stroke={mark.kind === 'onset' ? 'var(--lantern)' : 'var(--ash)'}
              strokeWidth="1.6"
              strokeDasharray={mark.kind === 'other-side' ? '2 1.4' : mark.kind === 'baseline' ? '3.5 1.6' : undefined}
            />
            <text x={text.x} y={-text.y} fontSize="5" fill="var(--ash)" textAnchor={text.x < 0 ? 'end' : 'start'}>
              {mark.says}
            </text>
          </g>
        )
      })}
      {at && <circle cx={at.x} cy={-at.y} r="2.6" fill="var(--lantern)" stroke="var(--dust)" strokeWidth="0.8" />}
    </g>
  )
}

/** Degrees counted from the right, turning left, as radians counted from the top, turning right. */
function clock(degrees: number): number {
  return ((90 - degrees) * Math.PI) / 180
}
