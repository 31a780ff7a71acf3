import { mean, sum } from 'd3-array'

/** Sums of a table of people by raters (or trials): every row a person, every column a rater. */
export interface TwoWay {
  readonly people: number
  readonly raters: number
  /** Mean squares: between people, between raters, and what is left. */
  readonly between: number
  readonly raterSquare: number
  readonly error: number
}

/**
 * Two-way analysis of variance, one value in each cell.
 *
 * @param rows - a row a person, all of one length; at least 2 by 2
 * @returns null for a table that is too small or has holes
 */
export function twoWay(rows: readonly (readonly number[])[]): TwoWay | null {
  const n = rows.length
  const k = rows[0]?.length ?? 0
  if (n < 2 || k < 2 || rows.some((row) => row.length !== k || row.some((v) => !Number.isFinite(v)))) return null
  const grand = mean(rows.flat()) ?? 0
  const rowMeans = rows.map((row) => mean(row) ?? 0)
  const columnMeans = Array.from({ length: k }, (_, j) => mean(rows, (row) => row[j]) ?? 0)
  const between = (k * sum(rowMeans, (m) => (m - grand) ** 2)) / (n - 1)
  const raterSquare = (n * sum(columnMeans, (m) => (m - grand) ** 2)) / (k - 1)
  const left = rows.flatMap((row, i) => row.map((v, j) => v - (rowMeans[i] ?? 0) - (columnMeans[j] ?? 0) + grand))
  return { people: n, raters: k, between, raterSquare, error: sum(left, (v) => v * v) / ((n - 1) * (k - 1)) }
}

/**
 * Variance within people, from a one-way analysis: how far repeated measurements of one person scatter.
 *
 * People may have different numbers of trials; those with one alone tell nothing and are left out.
 *
 * @returns null without anybody measured twice
 */
export function withinPeople(rows: readonly (readonly number[])[]): { readonly square: number; readonly df: number } | null {
  const repeated = rows.filter((row) => row.length > 1)
  const df = sum(repeated, (row) => row.length - 1)
  if (df === 0) return null
  const squares = sum(repeated, (row) => sum(row, (v) => (v - (mean(row) ?? 0)) ** 2))
  return { square: squares / df, df }
}
