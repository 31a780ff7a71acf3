import jstat from 'jstat'
import { twoWay } from './anova'
import type { Estimate } from './estimate'

/**
 * ICC(2,1): absolute agreement of single measurements, raters drawn from many (Shrout and Fleiss 1979, Psychol Bull 86:420). Its interval
 * is that of McGraw and Wong 1996 (Psychol Methods 1:30), with Satterthwaite's degrees of freedom.
 *
 * @param rows - a row a person, a column a rater or trial
 * @returns null for a table too small, with holes, or in which nobody differs from anybody
 */
export function icc21(rows: readonly (readonly number[])[]): Estimate | null {
  const table = twoWay(rows)
  if (!table) return null
  const { people: n, raters: k, between: msr, raterSquare: msc, error: mse } = table
  const denominator = msr + (k - 1) * mse + (k * (msc - mse)) / n
  if (denominator === 0) return null
  const value = (msr - mse) / denominator
  if (value >= 1) return { value: 1, low: 1, high: 1 }
  const a = (k * value) / (n * (1 - value))
  const b = 1 + (k * value * (n - 1)) / (n * (1 - value))
  const v = (a * msc + b * mse) ** 2 / ((a * msc) ** 2 / (k - 1) + (b * mse) ** 2 / ((n - 1) * (k - 1)))
  const spread = k * msc + (k * n - k - n) * mse
  const below = jstat.centralF.inv(0.975, n - 1, v)
  const above = jstat.centralF.inv(0.975, v, n - 1)
  const low = (n * (msr - below * mse)) / (below * spread + n * msr)
  const high = (n * (above * msr - mse)) / (spread + n * above * msr)
  // With next to no degrees of freedom left the quantile is beyond any number: the table says nothing of where it lies.
  const known = Number.isFinite(low) && Number.isFinite(high) && low <= value && value <= high
  return known ? { value, low, high } : { value, low: Math.min(value, -1 / (k - 1)), high: 1 }
}

/**
 * ICC(3,1): consistency of single measurements by just these raters (Shrout and Fleiss 1979), with its F interval.
 *
 * @returns null as for {@link icc21}
 */
export function icc31(rows: readonly (readonly number[])[]): Estimate | null {
  const table = twoWay(rows)
  if (!table) return null
  const { people: n, raters: k, between: msr, error: mse } = table
  if (msr + (k - 1) * mse === 0) return null
  const value = (msr - mse) / (msr + (k - 1) * mse)
  if (mse === 0) return { value: 1, low: 1, high: 1 }
  const f = msr / mse
  const [df1, df2] = [n - 1, (n - 1) * (k - 1)]
  const low = f / jstat.centralF.inv(0.975, df1, df2)
  const high = f * jstat.centralF.inv(0.975, df2, df1)
  return { value, low: (low - 1) / (low + k - 1), high: (high - 1) / (high + k - 1) }
}
