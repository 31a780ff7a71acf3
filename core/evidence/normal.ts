import cdf from '@stdlib/stats-base-dists-normal-cdf'
import quantile from '@stdlib/stats-base-dists-normal-quantile'

/** Standard normal distribution function. Accurate to about 1e-15 near the middle. */
export function normalCdf(x: number): number {
  return cdf(x, 0, 1)
}

/** The x whose distribution function is p, 0 < p < 1. */
export function normalQuantile(p: number): number {
  return quantile(p, 0, 1)
}

/** Standard normal density. */
export function normalPdf(x: number): number {
  return Math.exp((-x * x) / 2) / Math.sqrt(2 * Math.PI)
}
