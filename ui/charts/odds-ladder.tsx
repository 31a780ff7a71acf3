import type { Weighed } from '@/core/evidence/weigh'
import type { Family } from '@/core/vocabulary/source'
import { FAMILY_COLOUR } from '../board/strip'
import { oddsScale, rungsOf, TICKS } from './odds-ladder-layout'

const WIDTH = 430
const ROW = 44
const TOP = 26

/** From the starting odds to now, a rung a finding; the table beside it says the same in words. */
export function OddsLadder({ weighed, family }: { readonly weighed: Weighed; readonly family: Family }) {
  const rungs = rungsOf(weighed)
  const x = oddsScale(WIDTH)
  const height = TOP + rungs.length * ROW
  const colour = FAMILY_COLOUR[family]
  return (
    <div className="flex gap-4 print:break-inside-avoid">
      <table className="w-full self-start print:text-[11px]" style={{ marginTop: TOP }}>
        <caption className="sr-only">Each finding and what it does to the odds</caption>
        <tbody>
          {rungs.map((rung, i) => (
            <tr key={i} style={{ height: ROW }} className={rung.kind === 'alone' ? 'text-ash' : rung.kind === 'together' ? 'font-semibold' : ''}>
              <th
                scope="row"
                className={`p-0 text-left leading-tight ${rung.kind === 'together' ? 'font-semibold' : 'font-normal'} ${rung.kind === 'alone' ? 'pl-4' : ''}`}
              >
                {rung.label}
              </th>
              <td className={`whitespace-nowrap p-0 pl-3 text-right ${rung.kind === 'start' ? 'text-sm text-ash' : 'figures'}`}>{rung.says}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <svg viewBox={`-14 0 ${WIDTH + 28} ${height}`} width={WIDTH + 28} height={height} className="shrink-0" aria-hidden="true">
        {TICKS.map((p) => (
          <g key={p}>
            <path d={`M${x(p)} ${TOP - 8}V${height}`} stroke="var(--hair)" strokeDasharray={p === 0.5 ? undefined : '2 4'} />
            <text x={x(p)} y="13" textAnchor="middle" fontSize="11.5" fill="var(--ash)">
              {Math.round(p * 100)}
            </text>
          </g>
        ))}
        {rungs.map((rung, i) => {
          const y = TOP + i * ROW + ROW / 2
          const faint = rung.kind === 'alone'
          const next = rungs[i + 1]
          return (
            <g key={i} stroke={colour} fill={colour}>
              {next && !faint && (
                <path
                  d={`M${x(rung.to)} ${y}V${y + ROW * (rungs.slice(i + 1).findIndex((r) => r.kind !== 'alone') + 1)}`}
                  strokeWidth="1"
                  strokeDasharray="1 3"
                />
              )}
              <path
                d={`M${x(rung.from)} ${y}H${x(rung.to)}`}
                strokeWidth={faint ? 2 : 5}
                strokeOpacity={faint ? 0.45 : 1}
                strokeDasharray={faint ? '4 3' : undefined}
              />
              <circle cx={x(rung.to)} cy={y} r={faint ? 3.5 : 6.5} fillOpacity={faint ? 0.4 : 1} stroke="none" />
            </g>
          )
        })}
        {brackets(rungs, ROW, TOP)}
      </svg>
    </div>
  )
}

/** Joins the rungs of findings that share a cause, a bracket for each cause. */
function brackets(rungs: ReturnType<typeof rungsOf>, row: number, top: number) {
  const ends = rungs.flatMap((rung, i) => (rung.kind === 'together' ? [i] : []))
  return ends.map((end) => {
    const before = rungs.slice(0, end).findLastIndex((rung) => rung.kind !== 'alone')
    return <path key={end} d={`M-4 ${top + (before + 1) * row + 8}H-10V${top + end * row + row / 2}H-4`} fill="none" stroke="var(--ash)" strokeWidth="1.4" />
  })
}
