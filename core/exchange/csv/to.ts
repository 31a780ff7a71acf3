import { stringify } from 'csv-stringify/sync'
import { safeCell } from './cell'
import { type Cell, TABLES, type Table, type TableSource } from './tables'

/** Begins a file that a spreadsheet is to take for UTF-8. */
export const BYTE_ORDER_MARK = '\ufeff'

/** The line of column names of a table (RFC 4180, lines end with CR LF). */
export function csvHeader({ columns }: Pick<Table, 'columns'>): string {
  return line([columns.map((c) => c.name)])
}

/** The rows of one examination in a table; empty where it has none. Every text is quoted and stays a text. */
export function csvRows(table: Table, source: TableSource): string {
  const rows = table.rowsOf(source)
  return rows.length === 0 ? '' : line(rows)
}

/** A whole table of one or more examinations. */
export function toCsv(table: Table, sources: readonly TableSource[]): string {
  return csvHeader(table) + sources.map((source) => csvRows(table, source)).join('')
}

/** What every column of every table says: the data dictionary, itself a table. */
export function csvDictionary(): string {
  const rows = TABLES.flatMap((table) => table.columns.map((c) => [table.name, table.row, c.name, c.kind, c.says]))
  const note = [
    '(all)',
    'Every table.',
    '(text)',
    'text',
    'A text that begins with = + - @ or a tab is led by an apostrophe, so that no spreadsheet computes it; take it away to read the text.',
  ]
  return line([['table', 'row', 'column', 'kind', 'says'], ...rows, note])
}

function line(rows: readonly (readonly Cell[])[]): string {
  return stringify(
    rows.map((row) => row.map((cell) => (typeof cell === 'string' ? safeCell(cell) : typeof cell === 'boolean' ? (cell ? 'yes' : 'no') : cell))),
    { quoted_string: true, record_delimiter: 'windows' },
  )
}
