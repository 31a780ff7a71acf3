import type { Body } from '@/core/figure/figure'
import { headShape, turnOf } from '@/core/figure/head-shape'
import { closedPath, xy } from '@/core/figure/path'

/** A head as it is turned: one outline, ears, hair, and a face that says where it looks. */
export function Head({ head, clip }: { readonly head: Body['head']; readonly clip: string }) {
  const shape = headShape(turnOf(head))
  const r = head.half
  const scaled = (p: { x: number; y: number }) => ({ x: p.x * r, y: p.y * r })
  const outline = closedPath(shape.outline.map(scaled))
  const hair = closedPath([
    ...shape.hair.map(scaled),
    { x: r * 1.5, y: r * 0.6 },
    { x: r * 1.3, y: r * 1.6 },
    { x: -r * 1.3, y: r * 1.6 },
    { x: -r * 1.5, y: r * 0.6 },
  ])
  return (
    <g transform={`translate(${head.at.x} ${-head.at.y}) rotate(${90 - head.crown})`}>
      <clipPath id={`${clip}-head`}>
        <path d={outline} />
      </clipPath>
      {shape.ears.map((ear) => (
        <ellipse
          key={ear.at.x}
          cx={ear.at.x * r}
          cy={-ear.at.y * r}
          rx={1.9 * ear.wide + 0.3}
          ry="2.7"
          fill="var(--body)"
          stroke="var(--body-line)"
          strokeWidth="1"
        />
      ))}
      <path d={outline} fill="var(--body)" stroke="var(--body-line)" strokeWidth="1.1" />
      <g clipPath={`url(#${clip}-head)`}>
        <path d={outline} fill="var(--body-shade)" />
        <path d={outline} fill="var(--body)" transform="translate(-1 -1.4)" />
        <path d={hair} fill="var(--hair-dark)" />
      </g>
      {/* An ear that is turned to the viewer lies on the head, not behind it. */}
      {shape.ears
        .filter((ear) => ear.wide > 0.6)
        .map((ear) => (
          <path
            key={ear.at.x}
            d={`M${ear.at.x * r + 1.1} ${-ear.at.y * r - 2.2}q-3 -0.8 -2.9 2q0.2 2.8 2.6 2.6`}
            fill="var(--body)"
            stroke="var(--body-line)"
            strokeWidth="0.9"
            strokeLinecap="round"
          />
        ))}
      <g fill="none" stroke="var(--body-line)" strokeWidth="0.95" strokeLinecap="round" strokeLinejoin="round">
        {shape.eyes.map((eye) => (
          <g key={eye.at.x}>
            <path d={`M${eye.at.x * r - 1.3 * eye.wide} ${-eye.at.y * r}q${1.3 * eye.wide} -1.3 ${2.6 * eye.wide} 0`} />
            <circle cx={eye.at.x * r} cy={-eye.at.y * r - 0.1} r={0.75} fill="var(--body-line)" stroke="none" />
            <path d={`M${eye.at.x * r - 1.7 * eye.wide} ${-eye.at.y * r - 2.4}q${1.7 * eye.wide} -0.8 ${3.4 * eye.wide} 0`} />
          </g>
        ))}
        {shape.nose && shape.eyes.length > 1 && (
          <path d={`M${xy(scaled(shape.nose.bridge))}L${xy(scaled(shape.nose.tip))}l${shape.nose.tip.x > 0 ? -1.1 : 1.1} 0.5`} />
        )}
        {shape.mouth && (
          <path d={`M${shape.mouth.at.x * r - 2 * shape.mouth.wide} ${-shape.mouth.at.y * r}q${2 * shape.mouth.wide} 0.9 ${4 * shape.mouth.wide} 0`} />
        )}
      </g>
    </g>
  )
}
