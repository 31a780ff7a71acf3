import { RHO_CENTRE } from './calibrate'
import { CALIBRATION } from './calibration'
import type { Rho } from './dependence'

/** Tests that load the same structure, and how strongly they hang together. */
export interface Group {
  readonly id: string
  readonly name: string
  readonly rho: Rho
  /** Where the correlation comes from. */
  readonly why: string
}

/** Used where nothing was published that a correlation could be fitted to: the centre of the calibration's penalty. */
const ASSUMED: Rho = { present: RHO_CENTRE, absent: RHO_CENTRE }

/** Groups of tests with a shared cause. A test names its groups in `shares`; the first one known here counts. */
export const GROUPS: readonly Group[] = [
  {
    id: 'pelvic-provocation',
    name: 'pelvic loading',
    rho: CALIBRATION.pelvicProvocation.rho,
    why: `fitted on ${CALIBRATION.date} to ${CALIBRATION.pelvicProvocation.inputs.join(', ')}`,
  },
  { id: 'foraminal-closing', name: 'closing the root openings', rho: ASSUMED, why: 'assumed 0.2: no joint counts are known' },
  { id: 'foraminal-opening', name: 'opening the root openings', rho: ASSUMED, why: 'assumed 0.2: no joint counts are known' },
  { id: 'brachial-tension', name: 'arm nerve tension', rho: ASSUMED, why: 'assumed 0.2: no joint counts are known' },
  { id: 'sciatic-tension', name: 'sciatic tension', rho: ASSUMED, why: 'assumed 0.2: no joint counts are known' },
]

/** The group a test belongs to; undefined when it shares its cause with no other. */
export function groupOf(shares: readonly string[]): Group | undefined {
  return GROUPS.find((group) => shares.includes(group.id))
}
