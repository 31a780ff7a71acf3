import type { Doing } from '../mechanics/strain'
import type { Response } from '../respond'
import type { SimulatedPatient } from '../simulated-patient'
import { back } from './back'
import { lookOf, type Observer, type Seen, usual } from './look'
import { nerves } from './nerves'
import { outlet } from './outlet'
import { palpation } from './palpation'
import { pelvis } from './pelvis'
import { ranges } from './ranges'
import { upperNeck } from './upper-neck'

const OBSERVERS: readonly Observer[] = [upperNeck, ranges, outlet, back, pelvis, palpation]
const NEUROLOGICAL: readonly string[] = ['neuro-upper', 'neuro-lower']

/** What there is at a stage that is not a load; null where nobody here knows the test. */
export function seenAt(patient: SimulatedPatient, doing: Doing): Seen | null {
  const look = lookOf(patient, doing)
  if (NEUROLOGICAL.includes(doing.test.id)) return nerves(look)
  for (const observer of OBSERVERS) {
    const seen = observer(look)
    if (seen) return seen
  }
  return null
}

/** The same as a response. A test that nobody here knows is answered as a healthy person would. */
export function observedAt(patient: SimulatedPatient, doing: Doing): Response {
  const { answer, words = '', hands = '', why } = seenAt(patient, doing) ?? usual(doing.step.stage)
  return { answer, words, led: words, stop: false, slips: '', strength: '', wince: null, hands, why }
}
