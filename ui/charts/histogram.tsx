import { scaleLinear } from 'd3-scale'

interface Props {
  /** How often each whole number came up. */
  readonly counts: Readonly<Record<string, number>>
  /** Numbers that make one bar. */
  readonly step: number
  readonly says: string
}

const WIDTH = 320
const HEIGHT = 90
const FOOT = 16

/** How often what came up, in bars of equal steps; the longest tenth is one bar. */
export function Histogram({ counts, step, says }: Props) {
  const entries = Object.entries(counts).map(([key, n]) => [Number(key), n] as const)
  const last = Math.max(step, ...entries.map(([value]) => value))
  const bars = Array.from({ length: Math.min(24, Math.floor(last / step) + 1) }, () => 0)
  for (const [value, n] of entries) {
    const at = Math.min(bars.length - 1, Math.floor(value / step))
    bars[at] = (bars[at] ?? 0) + n
  }
  const y = scaleLinear([0, Math.max(1, ...bars)], [HEIGHT - FOOT, 4])
  const wide = WIDTH / bars.length
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={says} className="w-full max-w-80">
      {bars.map((n, i) => (
        <rect key={i} x={i * wide + 1} y={y(n)} width={Math.max(1, wide - 2)} height={HEIGHT - FOOT - y(n)} fill="var(--ash)" />
      ))}
      <text x="0" y={HEIGHT - 3} fontSize="11" fill="var(--ash)">
        0
      </text>
      <text x={WIDTH} y={HEIGHT - 3} textAnchor="end" fontSize="11" fill="var(--ash)">
        {last}
      </text>
    </svg>
  )
}
