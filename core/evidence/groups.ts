import { RHO_CENTRE } from './calibrate'
import { CALIBRATION } from './calibration'

/** Tests that load the same structure, and how strongly they hang together. */
export interface Group {
  readonly id: string
  readonly name: string
  /** From 0 to 0.8, the same with and without the source. */
  readonly rho: number
  /** Where the correlation comes from. */
  readonly why: string
}

/** Used where nothing was published that a correlation could be fitted to: the centre of the calibration's penalty. */
const ASSUMED = RHO_CENTRE

const fitted = (id: string, name: string, fit: { readonly rho: number; readonly inputs: readonly string[] }): Group => ({
  id,
  name,
  rho: fit.rho,
  why: `fitted on ${CALIBRATION.date} to ${fit.inputs.join(', ')}`,
})
const assumed = (id: string, name: string): Group => ({ id, name, rho: ASSUMED, why: 'assumed 0.2: no joint counts are known' })

/** Groups of tests with a shared cause. A test names its groups in `shares`; the first one known here counts. */
export const GROUPS: readonly Group[] = [
  fitted('pelvic-provocation', 'pelvic loading', CALIBRATION.pelvicProvocation),
  fitted('sciatic-tension', 'sciatic tension', CALIBRATION.sciaticTension),
  assumed('femoral-tension', 'femoral tension'),
  fitted('brachial-tension', 'upper limb neurodynamic tests', CALIBRATION.brachialTension),
  assumed('foraminal-closing', 'closing the root openings'),
  assumed('foraminal-opening', 'opening the root openings'),
  assumed('facet-loading', 'loading the facets'),
  fitted('segment-instability', 'segmental instability', CALIBRATION.segmentInstability),
  assumed('upper-neck-ligament', 'the craniocervical ligaments'),
  assumed('deficit', 'loss of strength, reflex or feeling'),
  assumed('cord-signs', 'cord signs'),
  assumed('outlet', 'the thoracic outlet'),
  assumed('hip-rotation', 'turning the hip'),
]

/** The group a test belongs to; undefined when it shares its cause with no other. */
export function groupOf(shares: readonly string[]): Group | undefined {
  return GROUPS.find((group) => shares.includes(group.id))
}
