import type { Threshold } from './calibrate'
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

const SIX = ['A01', 'A05', 'A02', 'A03', 'A04', 'A06']

/**
 * All known thresholds of the pelvic group but those recalled with low confidence (A10, A11).
 *
 * A08 and A13 belong to rules that are not in use, so they stand here alone. A07's sensitivity of 1.00 takes the 0.5
 * correction on its counts (16 and 0). The Gaenslen of A13 was one result; the right-sided figure stands for it.
 */
const PELVIC: readonly Published[] = [
  { row: 'A07', k: 1, tests: SIX, sens: 16.5 / 17, spec: 0.44, n: 48 },
  { row: 'A08', k: 2, tests: SIX, sens: 0.93, spec: 0.66, n: 48 },
  { row: 'A09', k: 3, tests: SIX, sens: 0.94, spec: 0.78, n: 48 },
  { row: 'A12', k: 2, tests: ['A01', 'A02', 'A05', 'A06'], sens: 0.88, spec: 0.78, n: 48 },
  { row: 'A13', k: 3, tests: ['A01', 'A02', 'A03', 'A05', 'A06'], sens: 0.91, spec: 0.78, n: 43 },
]

/** The pelvic thresholds for people with and without the source, ready for `fitRho`. */
export function pelvicThresholds(): { readonly present: readonly Threshold[]; readonly absent: readonly Threshold[]; readonly names: readonly string[] } {
  const of = (t: Published) => t.tests.flatMap((id) => REGISTER.find((row) => row.id === id) ?? [])
  return {
    present: PELVIC.map((t) => ({ row: t.row, k: t.k, n: t.n, ps: of(t).map((row) => row.sens?.value ?? 0.5), published: t.sens })),
    absent: PELVIC.map((t) => ({ row: t.row, k: t.k, n: t.n, ps: of(t).map((row) => 1 - (row.spec?.value ?? 0.5)), published: 1 - t.spec })),
    names: PELVIC.map((t) => `${t.row} (${t.k} or more of ${t.tests.length})`),
  }
}
