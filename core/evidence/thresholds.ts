import type { Agreement, Threshold } from './calibrate'
import { ratesOf } from './likelihood-ratio'
import { REGISTER } from './register'

/** A threshold with the rows of the tests it counts, and its published operating point. */
interface Published {
  readonly row: string
  readonly k: number
  readonly tests: readonly string[]
  readonly sens: number
  readonly spec: number
  readonly n: number
}

/** A group whose correlation can be fitted, by the name it has in the committed table. */
export type FittedGroup = 'pelvicProvocation' | 'sciaticTension' | 'brachialTension' | 'segmentInstability'

const SIX = ['A01', 'A05', 'A02', 'A03', 'A04', 'A06']

/**
 * All known thresholds, by group.
 *
 * Pelvis: all but those of low confidence (A10, A11). A07's sensitivity of 1.00 takes the 0.5 correction on its counts
 * (16 and 0). The Gaenslen of A13 was one result; the right-sided figure stands for it. Arm: one of four or more; two of its four single
 * rows (D25) are of low confidence. Segment: both of two; its specificity is printed 0.5-corrected.
 */
const PUBLISHED: Readonly<Record<FittedGroup, readonly Published[]>> = {
  pelvicProvocation: [
    { row: 'A07', k: 1, tests: SIX, sens: 16.5 / 17, spec: 0.44, n: 48 },
    { row: 'A08', k: 2, tests: SIX, sens: 0.93, spec: 0.66, n: 48 },
    { row: 'A09', k: 3, tests: SIX, sens: 0.94, spec: 0.78, n: 48 },
    { row: 'A12', k: 2, tests: ['A01', 'A02', 'A05', 'A06'], sens: 0.88, spec: 0.78, n: 48 },
    { row: 'A13', k: 3, tests: ['A01', 'A02', 'A03', 'A05', 'A06'], sens: 0.91, spec: 0.78, n: 43 },
  ],
  sciaticTension: [],
  brachialTension: [{ row: 'D22', k: 1, tests: ['D23', 'D24', 'D25a', 'D25b'], sens: 0.97, spec: 0.69, n: 51 }],
  segmentInstability: [{ row: 'C17', k: 2, tests: ['C15', 'C16'], sens: 0.29, spec: 0.98, n: 49 }],
}

/**
 * Published agreements of two tests of a group.
 *
 * Leg raise and slump (B60) were judged alike in one room, so both take the rates of the slump, whose criterion that was (B07).
 */
const AGREEMENTS: Readonly<
  Partial<Record<FittedGroup, readonly { readonly row: string; readonly rates: string; readonly kappa: number; readonly n: number }[]>>
> = {
  sciaticTension: [{ row: 'B60', rates: 'B07', kappa: 0.69, n: 45 }],
}

/** What a group's correlation is fitted to: every threshold twice, for people with the source and for people without it. */
export interface GroupThresholds {
  readonly thresholds: readonly Threshold[]
  readonly agreements: readonly Agreement[]
  readonly names: readonly string[]
}

/** The thresholds of one group, ready for `fitRho`. */
export function thresholdsOf(group: FittedGroup): GroupThresholds {
  const published = PUBLISHED[group]
  const ratesIn = (id: string) => REGISTER.filter((row) => row.id === id).flatMap((row) => ratesOf(row) ?? [])
  const rates = (t: Published) => t.tests.flatMap(ratesIn)
  const agreed = AGREEMENTS[group] ?? []
  return {
    thresholds: published.flatMap((t) => [
      { row: t.row, k: t.k, n: t.n, ps: rates(t).map((r) => r.sens), published: t.sens },
      { row: t.row, k: t.k, n: t.n, ps: rates(t).map((r) => 1 - r.spec), published: 1 - t.spec },
    ]),
    agreements: agreed.flatMap(({ row, rates: from, kappa, n }) =>
      ratesIn(from)
        .slice(0, 1)
        .map((r) => ({ row, kappa, n, ...r })),
    ),
    names: [...published.map((t) => `${t.row} (${t.k} or more of ${t.tests.length})`), ...agreed.map((a) => `${a.row} (κ ${a.kappa})`)],
  }
}

/** The groups that can be fitted. */
export const FITTED_GROUPS = Object.keys(PUBLISHED) as readonly FittedGroup[]
