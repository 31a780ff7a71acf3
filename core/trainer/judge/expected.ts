import { testById } from '../../catalogue'
import type { TestId } from '../../catalogue/exam-test'
import { EDITION } from '../../edition'
import { sidesOf } from '../../record/outline'
import type { Urgency } from '../../safety/gate'
import { RULEBOOK } from '../../safety/rulebook'
import { haltsOf } from '../../safety/safety'
import { askedTruly, recorded } from '../perform'
import type { PlayedSource } from '../picture'
import type { SimulatedPatient } from '../simulated-patient'

/** Sources that are referred though no gate halts for them. */
const BY_SOURCE: Readonly<Partial<Record<PlayedSource, Urgency>>> = { cord: 'urgent', 'laxity-upper-neck': 'urgent', inflammatory: 'medical-review' }

/** Tests whose result may ask for somebody else, whatever hurts. */
const TELLING: readonly TestId[] = ['neuro-upper', 'neuro-lower', 'upper-neck-shear']

const SOONEST: readonly Urgency[] = ['emergency', 'same-day', 'urgent', 'medical-review']

/** How soon this person has to be seen by somebody else; null where they may be treated. */
export function urgencyOf(patient: SimulatedPatient): Urgency | null {
  const looked = TELLING.flatMap((id) => testById(id) ?? []).reduce(
    (record, test) =>
      sidesOf(test).reduce((r, side) => (RULEBOOK.bars(r.exam, test.id, '') ? r : recorded(r, patient, test, side, test.variants[0]?.id ?? '')), record),
    askedTruly(patient, EDITION),
  )
  const byGates = haltsOf(looked.exam).flatMap(({ gate }) => ('urgency' in gate ? gate.urgency : []))
  const bySource = patient.sources.flatMap(({ source }) => BY_SOURCE[source] ?? [])
  // A fracture blocks and does not halt, and still has to be looked at.
  const bySerious = patient.serious === null ? [] : patient.serious === 'fracture' ? (['same-day'] as const) : (['medical-review'] as const)
  return SOONEST.find((urgency) => [...byGates, ...bySource, ...bySerious].includes(urgency)) ?? null
}

/** How much later than it should be is this? 0 where it is as soon or sooner. */
export function stepsLate(said: Urgency | null, wanted: Urgency): number {
  const rank = (urgency: Urgency | null) => (urgency === null ? SOONEST.length : SOONEST.indexOf(urgency))
  return Math.max(0, rank(said) - rank(wanted))
}
