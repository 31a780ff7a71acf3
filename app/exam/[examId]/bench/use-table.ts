'use client'

import { useState } from 'react'
import { cellsOf, type GridColumn, type GridLine, type GridOutline } from '@/core/record/outline'

/** One cell of a table, at its place. */
export interface Cell {
  readonly id: string
  readonly row: GridLine
  readonly column: GridColumn
}

/** A table that is being filled in by keyboard: arrows move, a digit gives the value. */
export interface Table {
  readonly cells: Readonly<Record<string, string>>
  readonly at: number
  readonly all: readonly Cell[]
  readonly moveTo: (index: number) => void
  readonly moveBy: (rows: number, columns: number) => void
  /** Give the cell a value and go on to the next. */
  readonly set: (value: string, index?: number) => void
  /** The usual value here, and on. True when that was the last cell. */
  readonly usual: () => boolean
  /** The next value of this cell, staying on it: for hands with few keys. */
  readonly turn: () => void
  /** The value a digit stands for here: the digit itself where it is one, else its place in the list. */
  readonly byDigit: (digit: string) => void
  readonly restUsual: () => void
  /** Empty the cell filled last; false when none is. */
  readonly undo: () => boolean
}

const NONE: GridOutline = { rows: [], columns: [] }

/**
 * The state of the table in hand.
 *
 * @param key - another key is another table, which begins empty
 */
export function useTable(grid: GridOutline | undefined, key: string): Table {
  const [state, setState] = useState<{ key: string; cells: Readonly<Record<string, string>>; at: number; filled: readonly string[] }>({
    key,
    cells: {},
    at: 0,
    filled: [],
  })
  const now = state.key === key ? state : { key, cells: {}, at: 0, filled: [] }
  const all = cellsOf(grid ?? NONE)
  const here = all[now.at]
  // From the latest state, not this drawing's: a device may fill a cell long after it was started.
  const put = (cell: Cell | undefined, value: string | undefined, on: boolean) => {
    if (!cell || value === undefined) return
    const at = on ? Math.min(all.length - 1, all.indexOf(cell) + 1) : all.indexOf(cell)
    setState((latest) => {
      const base = latest.key === key ? latest : { cells: {}, filled: [] }
      return { key, cells: { ...base.cells, [cell.id]: value }, at, filled: [...base.filled.filter((id) => id !== cell.id), cell.id] }
    })
  }
  return {
    cells: now.cells,
    at: now.at,
    all,
    moveTo: (index) => setState({ ...now, at: index }),
    moveBy: (rows, columns) => {
      if (!here || !grid) return
      const row = grid.rows.indexOf(here.row) + rows
      const column = grid.columns.indexOf(here.column) + columns
      const to = all.findIndex((c) => c.row === grid.rows[row] && c.column === grid.columns[column])
      if (to >= 0) setState({ ...now, at: to })
    },
    set: (value, index) => put(all[index ?? now.at], value, true),
    usual: () => {
      put(here, here?.column.usual ?? here?.column.values[0]?.id, true)
      return now.at >= all.length - 1
    },
    turn: () => {
      const values = here?.column.values ?? []
      const current = values.findIndex((v) => v.id === (here && now.cells[here.id]))
      put(here, values[(current + 1) % values.length]?.id, false)
    },
    byDigit: (digit) => {
      const values = here?.column.values ?? []
      const itself = values.find((v) => v.id === digit)
      const byPlace = values.some((v) => /^[0-9]$/.test(v.id)) ? undefined : values[Number(digit) - 1]
      put(here, (itself ?? byPlace)?.id, true)
    },
    restUsual: () => {
      const rest = all.filter((c) => now.cells[c.id] === undefined)
      const usual = Object.fromEntries(rest.flatMap((c) => (c.column.usual === undefined ? [] : [[c.id, c.column.usual]])))
      setState({ ...now, cells: { ...now.cells, ...usual }, at: all.length - 1, filled: [...now.filled, ...Object.keys(usual)] })
    },
    undo: () => {
      const last = now.filled.at(-1)
      if (last === undefined) return false
      const cells = Object.fromEntries(Object.entries(now.cells).filter(([id]) => id !== last))
      setState({
        ...now,
        cells,
        at: Math.max(
          0,
          all.findIndex((c) => c.id === last),
        ),
        filled: now.filled.slice(0, -1),
      })
      return true
    },
  }
}
