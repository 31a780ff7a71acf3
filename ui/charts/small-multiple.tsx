import { format } from 'date-fns'
import type { SignSeries, SymptomSeries } from '@/core/change/series'
import { VerdictMark } from './paired-marks'
import { SIZE, smallMultiple, strengthPath, strengthScale, timeScale } from './small-multiple-layout'

interface SignProps {
  readonly series: SignSeries
  readonly span: readonly [number, number]
  readonly treated: readonly number[]
}

/** One sign over the visits. The table under the charts says the same. */
export function SignChart({ series, span, treated }: SignProps) {
  const chart = smallMultiple(series, span, treated)
  const alerts = series.points.filter((p) => p.alert).length
  return (
    <figure className="rounded-card border border-hair bg-sheet p-3 print:break-inside-avoid">
      <figcaption className="leading-tight">
        <strong>{series.title}</strong>
        {series.joint !== '' && (
          <span className="block text-sm text-ash">
            {series.joint}
            {series.unit === '°' ? '' : `, ${series.unit.trim()}`}
            {series.freer === 'less' ? ' (less is freer, and stands higher)' : ''}
          </span>
        )}
      </figcaption>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        role="img"
        aria-label={`${series.title} over ${series.points.length} measurements${alerts > 0 ? `, ${alerts} with an alert` : ''}; the table below lists them.`}
        className="mt-1 w-full"
      >
        {chart.band && (
          <>
            <rect
              x={SIZE.left}
              y={chart.band.y}
              width={SIZE.width - SIZE.left - SIZE.right}
              height={chart.band.height}
              fill="url(#dust)"
              stroke="var(--hair)"
            />
            <line x1={SIZE.left} x2={SIZE.width - SIZE.right} y1={chart.band.middle} y2={chart.band.middle} stroke="var(--ash)" strokeDasharray="2 3" />
          </>
        )}
        {chart.ticks.map(({ y, says }) => (
          <text key={says} x={SIZE.left - 6} y={y + 4} textAnchor="end" fontSize="11" fill="var(--ash)">
            {says}
          </text>
        ))}
        {chart.ticks.length === 0 &&
          (['negative', 'positive'] as const).map((says) => (
            <text key={says} x={2} y={says === 'negative' ? SIZE.top + 18 : SIZE.height - SIZE.bottom - 10} fontSize="11" fill="var(--ash)">
              {says.slice(0, 3)}.
            </text>
          ))}
        <Ticks at={chart.treatments} />
        <path d={chart.path} fill="none" stroke="var(--ink)" strokeWidth="1.6" />
        {series.points.map((point, i) => {
          const at = chart.points[i]
          if (!at) return null
          return (
            <g key={`${point.examId} ${point.moment} ${point.at}`}>
              <title>{`Visit ${point.visit}: ${point.words}`}</title>
              {point.verdict === null ? (
                <circle cx={at.x} cy={at.y} r="5" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="2" />
              ) : (
                <VerdictMark
                  verdict={point.verdict === 'better' || point.verdict === 'worse' || point.verdict === 'same' ? point.verdict : null}
                  x={at.x}
                  y={at.y}
                  size={6}
                />
              )}
              {point.alert && (
                <text x={at.x + 8} y={at.y - 6} fontSize="15" fontWeight="700" fill="var(--halt)">
                  !
                </text>
              )}
            </g>
          )
        })}
        <Days days={chart.days} />
      </svg>
    </figure>
  )
}

const LINES = [
  ['now', 'now', undefined],
  ['worst', 'worst', '5 3'],
  ['usual', 'usual', '1.5 3'],
] as const

/** How strong one symptom was over the visits: now, at its worst, and as it usually is. */
export function SymptomChart({ series, span, treated }: { readonly series: SymptomSeries } & Omit<SignProps, 'series'>) {
  const x = timeScale(span)
  const y = strengthScale()
  return (
    <figure className="rounded-card border border-hair bg-sheet p-3 print:break-inside-avoid">
      <figcaption className="leading-tight">
        <strong>{series.id}</strong> {series.words}
        <span className="block text-sm text-ash">how strong, 0 to 10: line now, dashes worst, dots usual</span>
      </figcaption>
      <svg
        viewBox={`0 0 ${SIZE.width} ${SIZE.height}`}
        role="img"
        aria-label={`${series.id} over ${series.points.length} visits; the table below lists it.`}
        className="mt-1 w-full"
      >
        {[0, 5, 10].map((tick) => (
          <g key={tick}>
            <line x1={SIZE.left} x2={SIZE.width - SIZE.right} y1={y(tick)} y2={y(tick)} stroke="var(--hair)" />
            <text x={SIZE.left - 6} y={y(tick) + 4} textAnchor="end" fontSize="11" fill="var(--ash)">
              {tick}
            </text>
          </g>
        ))}
        <Ticks at={treated.map((at) => x(at))} />
        {LINES.map(([key, , dash]) => (
          <path
            key={key}
            d={strengthPath(
              series.points.map((p) => ({ at: p.at, value: p[key] })),
              span,
            )}
            fill="none"
            stroke={key === 'now' ? 'var(--ink)' : 'var(--ash)'}
            strokeWidth={key === 'now' ? 2 : 1.6}
            strokeDasharray={dash}
          />
        ))}
        {series.points.map((p) => p.now !== null && <circle key={p.at} cx={x(p.at)} cy={y(p.now)} r="3.5" fill="var(--ink)" />)}
        <Days days={[...new Set(span)].map((at) => ({ at, x: x(at) }))} />
      </svg>
    </figure>
  )
}

/** When something was treated: ticks from the foot of the chart. */
function Ticks({ at }: { readonly at: readonly number[] }) {
  return at.map((x) => <path key={x} d={`M${x} ${SIZE.height - SIZE.bottom}v-9`} stroke="var(--ash)" strokeWidth="3" />)
}

function Days({ days }: { readonly days: readonly { readonly x: number; readonly at: number }[] }) {
  return days.map(({ x, at }, i) => (
    <text key={at} x={x} y={SIZE.height - 8} textAnchor={days.length === 1 ? 'middle' : i === 0 ? 'start' : 'end'} fontSize="11" fill="var(--ash)">
      {format(at, 'd MMM yyyy')}
    </text>
  ))
}
