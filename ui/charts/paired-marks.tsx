import type { MeasureChange } from '@/core/change/measure-change'
import { pairedMarks } from './paired-marks-layout'

const WIDTH = 300
const HEIGHT = 46
const LINE = 20

/** Before and now on one line: an open ring, then a filled mark, over the band of measurement error. The sentence beside it says the same. */
export function PairedMarks({ measure }: { readonly measure: MeasureChange }) {
  const marks = pairedMarks(measure, WIDTH)
  if (!marks) return null
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} width={WIDTH} height={HEIGHT} role="img" aria-label={measure.words} className="max-w-full">
      {marks.band && <rect x={marks.band[0]} y={LINE - 9} width={marks.band[1] - marks.band[0]} height={18} rx="4" fill="url(#dust)" stroke="var(--hair)" />}
      <line x1="4" x2={WIDTH - 4} y1={LINE} y2={LINE} stroke="var(--hair)" />
      {marks.ticks.map(({ at, says }) => (
        <g key={says}>
          <line x1={at} x2={at} y1={LINE - 3} y2={LINE + 3} stroke="var(--ash)" />
          <text x={at} y={HEIGHT - 4} textAnchor={at < 16 ? 'start' : at > WIDTH - 16 ? 'end' : 'middle'} fontSize="11" fill="var(--ash)">
            {says}
          </text>
        </g>
      ))}
      <text x={marks.better === 'right' ? WIDTH - 2 : 2} y={8} textAnchor={marks.better === 'right' ? 'end' : 'start'} fontSize="10" fill="var(--ash)">
        {marks.better === 'right' ? 'better →' : '← better'}
      </text>
      <line x1={marks.before} x2={marks.after} y1={LINE} y2={LINE} stroke="var(--ink)" strokeWidth="2" />
      <circle cx={marks.before} cy={LINE} r="5.5" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />
      <VerdictMark verdict={measure.verdict} x={marks.after} y={LINE} />
    </svg>
  )
}

interface MarkProps {
  readonly verdict: MeasureChange['verdict'] | 'not-comparable'
  readonly x: number
  readonly y: number
  readonly size?: number
}

/** Better points up, worse points down, the same is a square, and what decides nothing is a ring: by shape, never by colour alone. */
export function VerdictMark({ verdict, x, y, size = 7 }: MarkProps) {
  const s = size
  switch (verdict) {
    case 'better':
      return <path d={`M${x} ${y - s}L${x + s} ${y + s * 0.75}H${x - s}Z`} fill="var(--ink)" />
    case 'worse':
      return <path d={`M${x} ${y + s}L${x + s} ${y - s * 0.75}H${x - s}Z`} fill="var(--halt)" />
    case 'same':
      return <rect x={x - s * 0.75} y={y - s * 0.75} width={s * 1.5} height={s * 1.5} fill="var(--ash)" />
    case 'not-comparable':
    case null:
      return <circle cx={x} cy={y} r={s * 0.75} fill="var(--sheet)" stroke="var(--ash)" strokeWidth="2" strokeDasharray="2 2" />
  }
}
