import { expit } from './people/draws'
import type { Forecast } from './forecast'

/** Weights of a fitted count: what a source starts with, and what each positive and each negative answer adds. */
type Weights = readonly [start: number, positive: number, negative: number]

/** Pull towards nothing, so that a source seen seldom stays near its start. */
const RIDGE = 0.5
const ROUNDS = 25

/** Only how many answers spoke for and against, each source with weights of its own, fitted to people whose truth is known. */
export type Count = (forecast: Pick<Forecast, 'source' | 'positives' | 'negatives'>) => number

/**
 * Fit a count to people whose truth is known (logistic regression by Newton's steps).
 *
 * It knows how often each source is true in such people, which nothing else here does: a demanding yardstick.
 */
export function fitCount(known: readonly Forecast[]): Count {
  const weights = new Map<string, Weights>()
  for (const source of new Set(known.map((f) => f.source))) weights.set(source, fit(known.filter((f) => f.source === source)))
  return ({ source, positives, negatives }) => {
    const [start, positive, negative] = weights.get(source) ?? [0, 0, 0]
    return expit(start + positive * positives + negative * negatives)
  }
}

function fit(known: readonly Forecast[]): Weights {
  let w: Weights = [0, 0, 0]
  for (let round = 0; round < ROUNDS; round++) {
    const slope = [0, 0, 0]
    const bend = [
      [1e-6, 0, 0],
      [0, RIDGE, 0],
      [0, 0, RIDGE],
    ]
    for (const { positives, negatives, truth } of known) {
      const x = [1, positives, negatives]
      const p = expit(x.reduce((sum, v, i) => sum + v * (w[i] ?? 0), 0))
      x.forEach((v, i) => {
        slope[i] = (slope[i] ?? 0) + v * (Number(truth) - p)
        x.forEach((u, j) => {
          const row = bend[i]
          if (row) row[j] = (row[j] ?? 0) + v * u * p * (1 - p)
        })
      })
    }
    const step = solved(
      bend,
      slope.map((s, i) => s - (i === 0 ? 0 : RIDGE * (w[i] ?? 0))),
    )
    w = [w[0] + (step[0] ?? 0), w[1] + (step[1] ?? 0), w[2] + (step[2] ?? 0)]
  }
  return w
}

/** Solve three equations by elimination. */
function solved(matrix: readonly (readonly number[])[], right: readonly number[]): readonly number[] {
  const rows = matrix.map((row, i) => [...row, right[i] ?? 0])
  for (const [i, pivot] of rows.entries()) {
    for (const row of rows.slice(i + 1)) {
      const times = (row[i] ?? 0) / (pivot[i] ?? 1)
      pivot.forEach((v, j) => (row[j] = (row[j] ?? 0) - times * v))
    }
  }
  const x = [0, 0, 0]
  for (let i = 2; i >= 0; i--) {
    const row = rows[i] ?? []
    const rest = x.reduce((sum, v, j) => (j > i ? sum + v * (row[j] ?? 0) : sum), 0)
    x[i] = ((row[3] ?? 0) - rest) / (row[i] ?? 1)
  }
  return x
}
