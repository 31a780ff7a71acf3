import { type Estimate, Z } from './estimate'
import { proportion } from './proportion'

/** How far two examiners agree on results that are named, beyond what chance would bring. */
export interface Agreement {
  readonly n: number
  readonly percent: Estimate
  /** Null where chance alone would bring full agreement, as when both said one thing throughout. */
  readonly kappa: Estimate | null
  /** Prevalence- and bias-adjusted kappa: (k x observed - 1) / (k - 1) for k named results. */
  readonly pabak: Estimate
}

/**
 * Cohen's kappa (1960) with the large-sample interval of Fleiss, Cohen and Everitt 1969; prevalence-adjusted kappa (Byrt, Bishop and Carlin
 * 1993) and percent agreement with Wilson's interval.
 *
 * @param pairs - what the first and the second examiner said of each person
 * @param names - the results there are; two for yes and no
 * @returns null where nobody was seen by both
 */
export function agreementOf<T extends string>(pairs: readonly (readonly [T, T])[], names: readonly T[]): Agreement | null {
  const n = pairs.length
  const same = pairs.filter(([a, b]) => a === b).length
  const percent = proportion(same, n)
  if (!percent) return null
  const k = names.length
  const adjusted = (p: number) => (k * p - 1) / (k - 1)
  const pabak = { value: adjusted(percent.value), low: adjusted(percent.low), high: adjusted(percent.high) }
  return { n, percent, kappa: kappaOf(pairs, names), pabak }
}

function kappaOf<T extends string>(pairs: readonly (readonly [T, T])[], names: readonly T[]): Estimate | null {
  const n = pairs.length
  const share = (of: (pair: readonly [T, T]) => boolean) => pairs.filter(of).length / n
  const first = names.map((name) => share(([a]) => a === name))
  const second = names.map((name) => share(([, b]) => b === name))
  const observed = share(([a, b]) => a === b)
  const chance = first.reduce((sum, p, i) => sum + p * (second[i] ?? 0), 0)
  if (chance === 1) return null
  const value = (observed - chance) / (1 - chance)
  // Fleiss, Cohen and Everitt 1969, eq. 13: the standard error for an interval, not for a test against zero.
  const at = (i: number, j: number) => share(([a, b]) => a === names[i] && b === names[j])
  let agreeing = 0
  let differing = 0
  for (let i = 0; i < names.length; i++) {
    const margin = (first[i] ?? 0) + (second[i] ?? 0)
    agreeing += at(i, i) * (1 - margin * (1 - value)) ** 2
    for (let j = 0; j < names.length; j++) if (i !== j) differing += at(i, j) * ((second[i] ?? 0) + (first[j] ?? 0)) ** 2
  }
  const left = (value - chance * (1 - value)) ** 2
  const error = Math.sqrt(Math.max(0, agreeing + (1 - value) ** 2 * differing - left)) / ((1 - chance) * Math.sqrt(n))
  return { value, low: Math.max(-1, value - Z * error), high: Math.min(1, value + Z * error) }
}
