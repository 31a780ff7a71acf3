'use client'

import { cellValueWords, type Choice, type GridOutline } from '@/core/record/outline'
import type { Cell } from '@/core/bench/table'
import { Key } from '@/ui/key'
import { LandmarkFigure } from '@/ui/figure/landmark-figure'
import type { InHand } from '@/core/bench/in-hand'
import type { Bench } from './use-bench'
import { focusCard } from '@/ui/exam/give-focus'

interface Props {
  readonly bench: Bench
  readonly inHand: InHand
  readonly grid: GridOutline
}

/** A table filled in by arrows and digits, or by touch; what is left open was not examined. */
export function GridCard({ bench, inHand, grid }: Props) {
  const { table } = bench
  const here = table.all[table.at]
  return (
    <div className="flex min-h-0 flex-1 gap-5 overflow-y-auto pb-3">
      <table className="h-min border-separate border-spacing-x-2 border-spacing-y-1">
        <caption className="sr-only">{inHand.stage.label}. Arrows move, a digit gives the value, Space the usual one.</caption>
        <thead>
          <tr className="text-left text-[15px] text-ash">
            <td />
            {grid.columns.map((column) => (
              <th key={column.id} scope="col" className="px-1 font-normal">
                {column.words}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {grid.rows.map((row) => (
            <tr key={row.id}>
              <th scope="row" className="whitespace-nowrap pr-3 text-left font-normal">
                {row.words}
              </th>
              {grid.columns.map((column) => {
                const index = table.all.findIndex((c) => c.row === row && c.column === column)
                const cell = table.all[index]
                if (!cell) return <td key={column.id} />
                const value = table.cells[cell.id]
                const words = value === undefined ? undefined : cellValueWords(column, value)
                const now = index === table.at
                const odd = value !== undefined && column.usual !== undefined && value !== column.usual
                return (
                  <td key={column.id}>
                    <button
                      type="button"
                      aria-label={`${row.words}, ${column.words}: ${words ?? 'not examined'}`}
                      aria-current={now ? 'true' : undefined}
                      onClick={() => {
                        focusCard()
                        table.move(now ? 'turn' : { to: index })
                      }}
                      className={`min-h-11 min-w-24 rounded-lg border-2 px-2 ${now ? 'border-lantern' : 'border-edge'} ${odd ? 'bg-glow font-semibold' : value === undefined ? 'grain' : 'bg-sheet'}`}
                    >
                      {words ?? <span className="text-ash">–</span>}
                    </button>
                  </td>
                )
              })}
            </tr>
          ))}
        </tbody>
      </table>
      {here && (
        <div className="sticky top-0 h-min min-w-40">
          <h3 className="text-base text-ash">
            {here.row.words}
            {grid.columns.length > 1 && `, ${here.column.words}`}
          </h3>
          {here.column.number && (
            <p className="mt-1 max-w-44 text-base">
              Type the figure, {here.column.number.min} to {here.column.number.max} {here.column.number.unit}.
            </p>
          )}
          <ul className="mt-1 space-y-1">
            {valuesOf(here).map((value, i) => (
              <li key={value.id}>
                <button
                  type="button"
                  onClick={() => {
                    focusCard()
                    table.move({ set: value.id })
                  }}
                  className="flex min-h-11 w-full items-center justify-between gap-4 rounded-lg border border-edge bg-sheet px-3 text-left"
                >
                  {value.words}
                  {value.id === here.column.usual && <span className="text-sm text-ash">usual</span>}
                  {!here.column.number && <Key>{/^[0-9]$/.test(value.id) ? value.id : String(i + 1)}</Key>}
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
      {inHand.test.id === 'pelvic-landmarks' && <LandmarkFigure cells={table.cells} className="h-min w-52 shrink-0" />}
    </div>
  )
}

/** What can be touched for a cell: its values, or the figures near the target. */
function valuesOf({ row, column }: Cell): readonly Choice[] {
  const near = row.mmHg
  if (!column.number) return column.values
  return near === undefined ? [] : [-2, -1, 0, 1, 2].map((by) => ({ id: String(near + by), words: `${near + by}` }))
}
