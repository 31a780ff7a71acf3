import jstat from 'jstat'
import { withinPeople } from './anova'
import { type Estimate, Z } from './estimate'

/** Standard error of measurement and the smallest change that is more than error, in the unit of what was measured. */
export interface MeasurementError {
  readonly sem: Estimate
  /** Minimal detectable change at 95 %: 1.96 x sqrt(2) x SEM. */
  readonly mdc95: Estimate
  readonly people: number
  /** Degrees of freedom within people. */
  readonly df: number
}

/**
 * Measurement error from repeated measurements: SEM is the within-subject standard deviation (Bland and Altman 1996, BMJ 313:744), with a
 * chi-square interval.
 *
 * @param rows - the trials of each person
 * @returns null without anybody measured twice
 */
export function measurementError(rows: readonly (readonly number[])[]): MeasurementError | null {
  const within = withinPeople(rows)
  if (!within) return null
  const { square, df } = within
  const sd = Math.sqrt(square)
  const sem = { value: sd, low: sd * Math.sqrt(df / jstat.chisquare.inv(0.975, df)), high: sd * Math.sqrt(df / jstat.chisquare.inv(0.025, df)) }
  const times = Z * Math.SQRT2
  return { sem, mdc95: { value: sem.value * times, low: sem.low * times, high: sem.high * times }, people: rows.filter((r) => r.length > 1).length, df }
}
