import type { Body } from '@/core/figure/figure'
import { headLines } from '@/core/figure/head-lines'

/** A head as it is turned: one outline, ears, hair, and a face that says where it looks. */
export function Head({ head, clip }: { readonly head: Body['head']; readonly clip: string }) {
  const { at, turn, outline, hair, ears, lobes, pupils, features } = headLines(head)
  return (
    <g transform={`translate(${at.x} ${at.y}) rotate(${turn})`}>
      <clipPath id={`${clip}-head`}>
        <path d={outline} />
      </clipPath>
      {ears.map((ear) => (
        <ellipse key={ear.x} cx={ear.x} cy={ear.y} rx={ear.wide} ry={ear.high} fill="var(--body)" stroke="var(--body-line)" strokeWidth="1" />
      ))}
      <path d={outline} fill="var(--body)" stroke="var(--body-line)" strokeWidth="1.1" />
      <g clipPath={`url(#${clip}-head)`}>
        <path d={outline} fill="var(--body-shade)" />
        <path d={outline} fill="var(--body)" transform="translate(-1 -1.4)" />
        <path d={hair} fill="var(--hair-dark)" />
      </g>
      {lobes.map((d) => (
        <path key={d} d={d} fill="var(--body)" stroke="var(--body-line)" strokeWidth="0.9" strokeLinecap="round" />
      ))}
      <g fill="none" stroke="var(--body-line)" strokeWidth="0.95" strokeLinecap="round" strokeLinejoin="round">
        {features.map((d) => (
          <path key={d} d={d} />
        ))}
        {pupils.map((eye) => (
          <circle key={eye.x} cx={eye.x} cy={eye.y} r={eye.r} fill="var(--body-line)" stroke="none" />
        ))}
      </g>
    </g>
  )
}
