import { cellsOf, type GridColumn, type GridLine, type GridOutline } from '../record/outline'
import { NO_TABLE, type TableState } from './state'

/** One cell of a table, at its place. */
export interface Cell {
  readonly id: string
  readonly row: GridLine
  readonly column: GridColumn
}

/** What can be done in a table: arrows move, a digit gives the value. */
export type TableMove =
  | { readonly to: number }
  | { readonly rows: number; readonly columns: number }
  /** Give a cell a value and go on to the next; the cell in hand when none is named. */
  | { readonly set: string; readonly at?: number }
  /** The usual value here, and on. */
  | 'usual'
  /** The next value of this cell, staying on it: for hands with few keys. */
  | 'turn'
  /** The value a digit stands for: the digit itself where it is one, else its place in the list. */
  | { readonly digit: string }
  | 'rest-usual'
  /** Go to the first cell that is still empty. */
  | 'first-empty'

const NO_GRID: GridOutline = { rows: [], columns: [] }

/** The cells of a grid, row by row; none without one. */
export function tableCells(grid: GridOutline | undefined): readonly Cell[] {
  return cellsOf(grid ?? NO_GRID)
}

/** The table with this key: what was filled in it, or an empty one. */
export function tableOf(state: TableState, key: string): TableState {
  return state.key === key ? state : { ...NO_TABLE, key }
}

/** Is every cell filled? A table without cells never is. */
export function isFull(table: TableState, grid: GridOutline | undefined): boolean {
  const cells = tableCells(grid)
  return cells.length > 0 && cells.every((cell) => table.cells[cell.id] !== undefined)
}

/** The table after one move. */
export function moveTable(table: TableState, grid: GridOutline | undefined, move: TableMove): TableState {
  const all = tableCells(grid)
  const here = all[table.at]
  const put = (cell: Cell | undefined, value: string | undefined, on: boolean): TableState => {
    if (!cell || value === undefined) return table
    return {
      ...table,
      cells: { ...table.cells, [cell.id]: value },
      at: on ? Math.min(all.length - 1, all.indexOf(cell) + 1) : all.indexOf(cell),
      filled: [...table.filled.filter((id) => id !== cell.id), cell.id],
    }
  }
  // A figure has no usual value: an open one is passed over.
  if (move === 'usual' && here?.column.number) return { ...table, at: Math.min(all.length - 1, table.at + 1) }
  if (move === 'usual') return put(here, here?.column.usual ?? here?.column.values[0]?.id, true)
  if (move === 'turn') {
    const values = here?.column.values ?? []
    const current = values.findIndex((v) => v.id === (here && table.cells[here.id]))
    return put(here, values[(current + 1) % values.length]?.id, false)
  }
  if (move === 'first-empty') {
    const at = all.findIndex((cell) => table.cells[cell.id] === undefined)
    return at === -1 ? table : { ...table, at }
  }
  if (move === 'rest-usual') {
    const rest = all.filter((cell) => table.cells[cell.id] === undefined)
    const usual = Object.fromEntries(rest.flatMap((cell) => (cell.column.usual === undefined ? [] : [[cell.id, cell.column.usual]])))
    return { ...table, cells: { ...table.cells, ...usual }, at: Math.max(0, all.length - 1), filled: [...table.filled, ...Object.keys(usual)] }
  }
  if ('to' in move) return move.to >= 0 && move.to < all.length ? { ...table, at: move.to } : table
  if ('set' in move) return put(all[move.at ?? table.at], move.set, true)
  if ('digit' in move && here?.column.number) {
    const so = table.cells[here.id] ?? ''
    const longest = String(here.column.number.max).length
    const typed = so.length >= longest ? move.digit : so + move.digit
    // A figure that is as long as it can be is whole: on to the next.
    return put(here, typed, typed.length >= longest)
  }
  if ('digit' in move) {
    const values = here?.column.values ?? []
    const itself = values.find((v) => v.id === move.digit)
    const byPlace = values.some((v) => /^[0-9]$/.test(v.id)) ? undefined : values[Number(move.digit) - 1]
    return put(here, (itself ?? byPlace)?.id, true)
  }
  if (!here || !grid) return table
  const row = grid.rows[grid.rows.indexOf(here.row) + move.rows]
  const column = grid.columns[grid.columns.indexOf(here.column) + move.columns]
  const at = all.findIndex((cell) => cell.row === row && cell.column === column)
  return at >= 0 ? { ...table, at } : table
}

/** The table without the cell that was filled last; null when none is. */
export function emptyLast(table: TableState, grid: GridOutline | undefined): TableState | null {
  const last = table.filled.at(-1)
  if (last === undefined) return null
  const at = tableCells(grid).findIndex((cell) => cell.id === last)
  return {
    ...table,
    cells: Object.fromEntries(Object.entries(table.cells).filter(([id]) => id !== last)),
    at: Math.max(0, at),
    filled: table.filled.slice(0, -1),
  }
}
