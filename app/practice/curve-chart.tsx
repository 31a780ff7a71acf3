import { scaleLinear } from 'd3-scale'
import { area, line } from 'd3-shape'
import type { CurvePoint } from '@/core/trainer/curves'

const WIDTH = 260
const HEIGHT = 110
const LEFT = 28
const BOTTOM = 16

/** One skill over the attempts: the running mean with its interval. The table below says the same. */
export function CurveChart({ title, points }: { readonly title: string; readonly points: readonly CurvePoint[] }) {
  const x = scaleLinear([0, Math.max(1, points.length - 1)], [LEFT + 4, WIDTH - 8])
  const y = scaleLinear([0, 100], [HEIGHT - BOTTOM, 6])
  const last = points.at(-1)
  const path = line<CurvePoint>()
    .x((_, i) => x(i))
    .y((p) => y(p.mean))([...points])
  const band = area<CurvePoint>()
    .x((_, i) => x(i))
    .y0((p) => y(Math.max(0, p.mean - (p.half ?? 0))))
    .y1((p) => y(Math.min(100, p.mean + (p.half ?? 0))))([...points])
  return (
    <figure className="rounded-card border border-hair bg-sheet p-3">
      <figcaption>
        <strong>{title}</strong>
        <span className="block text-ash">{last ? `${last.mean}${last.half === null ? '' : ` ± ${last.half}`}, from ${last.of}` : 'not judged yet'}</span>
      </figcaption>
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={`${title}: ${last ? `${last.mean} of 100 over the last ${last.of} attempts` : 'not judged yet'}.`}
        className="mt-1 w-full"
      >
        {[0, 50, 100].map((tick) => (
          <g key={tick} fontSize="10" fill="var(--ash)">
            <line x1={LEFT} x2={WIDTH - 6} y1={y(tick)} y2={y(tick)} stroke="var(--hair)" />
            <text x={LEFT - 4} y={y(tick) + 3} textAnchor="end">
              {tick}
            </text>
          </g>
        ))}
        {points.length > 1 && band && <path d={band} fill="var(--glow)" stroke="none" />}
        {path && <path d={path} fill="none" stroke="var(--ink)" strokeWidth="1.8" />}
        {points.map((p, i) => (
          <circle key={p.at} cx={x(i)} cy={y(p.mean)} r="2.6" fill="var(--ink)" />
        ))}
        <text x={WIDTH - 8} y={HEIGHT - 3} textAnchor="end" fontSize="10" fill="var(--ash)">
          attempts
        </text>
      </svg>
    </figure>
  )
}
