interface Props {
  /** How many stood in each state, in the order they are drawn. */
  readonly met: number
  readonly not: number
  readonly open: number
}

const WIDTH = 110

/** Where a rule stood, as one bar: met is full, out of reach is an outline, open is grain. The figures beside it say the same. */
export function States({ met, not, open }: Props) {
  const all = met + not + open
  const wide = (n: number) => (all === 0 ? 0 : (WIDTH * n) / all)
  return (
    <svg viewBox={`0 0 ${WIDTH} 12`} width={WIDTH} height={12} aria-hidden="true" className="mt-1">
      <rect x="0" y="1" width={wide(met)} height="10" fill="var(--ink)" />
      <rect x={wide(met)} y="1" width={wide(not)} height="10" fill="none" stroke="var(--ash)" />
      <rect x={wide(met) + wide(not)} y="1" width={wide(open)} height="10" fill="url(#dust)" stroke="var(--hair)" />
    </svg>
  )
}
