import { scaleLinear } from 'd3-scale'
import type { CalibrationBin } from '@/core/audit/pool'

const SIZE = 280
const EDGE = 34

/** What was said against what held, with the line on which both are the same. The table beside it says the same. */
export function Calibration({ bins }: { readonly bins: readonly CalibrationBin[] }) {
  const x = scaleLinear([0, 1], [EDGE, SIZE - 8])
  const y = scaleLinear([0, 1], [SIZE - EDGE, 8])
  return (
    <svg
      viewBox={`0 0 ${SIZE} ${SIZE}`}
      role="img"
      aria-label="What was said against what held; the table beside it lists the figures."
      className="w-full max-w-72"
    >
      <rect x={EDGE} y={8} width={SIZE - EDGE - 8} height={SIZE - EDGE - 8} fill="none" stroke="var(--hair)" />
      <line x1={x(0)} y1={y(0)} x2={x(1)} y2={y(1)} stroke="var(--ash)" strokeDasharray="3 3" />
      {[0, 0.5, 1].map((tick) => (
        <g key={tick} fontSize="11" fill="var(--ash)">
          <text x={x(tick)} y={SIZE - EDGE + 15} textAnchor={tick === 1 ? 'end' : 'middle'}>
            {tick * 100} %
          </text>
          <text x={EDGE - 5} y={y(tick) + 4} textAnchor="end">
            {tick * 100}
          </text>
        </g>
      ))}
      <text x={(SIZE + EDGE) / 2} y={SIZE - 4} textAnchor="middle" fontSize="11" fill="var(--ash)">
        said
      </text>
      <text x={10} y={20} fontSize="11" fill="var(--ash)">
        held
      </text>
      {bins.map(
        ({ said, held, from }) =>
          said !== null &&
          held && (
            <g key={from}>
              <line x1={x(said)} x2={x(said)} y1={y(held.low)} y2={y(held.high)} stroke="var(--ink)" />
              <circle cx={x(said)} cy={y(held.value)} r="5" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />
            </g>
          ),
      )}
    </svg>
  )
}
