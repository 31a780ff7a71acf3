import type { Differentiation } from '../catalogue/reading/reading'
import type { Answer } from '../record/answer'
import type { Read } from './finding'
import { sentence } from './place-fits'

/**
 * Read what changing one distant part did.
 *
 * Eased or returned: neural; both: strongly so. Neither: not shown to be neural. No published figure
 * fits a differentiation done after a positive raise, so it points and never moves a number.
 */
export function readDifferentiation(reading: Differentiation, answers: readonly Answer[], complete: boolean): Read {
  const released = answers.find((a) => a.said === 'eased' || a.said === 'unchanged')
  const reloaded = answers.find((a) => a.said === 'returned' || a.said === 'stayed-away')
  const eased = released?.said === 'eased'
  const returned = reloaded?.said === 'returned'
  if (eased || returned) {
    const why = sentence(`The symptom ${changeWords(eased, returned, reloaded !== undefined)}`)
    return { result: 'positive', why, readings: [{ source: reading.source, direction: 'for', strength: 'pointer', why }] }
  }
  if (!complete) return { result: 'inconclusive', why: 'Stopped before both movements were answered.', readings: [] }
  const why = 'Neither letting the ankle go nor bending it up changed the symptom: not shown to be neural.'
  return {
    result: 'negative',
    why,
    readings: [
      { source: reading.source, direction: 'against', strength: 'pointer', why },
      { source: reading.otherwise.source, direction: 'for', strength: 'pointer', why: sentence(reading.otherwise.because) },
    ],
  }
}

function changeWords(eased: boolean, returned: boolean, reloaded: boolean): string {
  if (eased && returned) return 'eased when the ankle was let go and returned when it was bent up'
  if (eased) return `eased when the ankle was let go${reloaded ? ', and stayed away when it was bent up' : ''}`
  return 'did not ease when the ankle was let go, but returned when it was bent up after lowering'
}
