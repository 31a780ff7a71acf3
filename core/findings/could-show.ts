import type { Reading } from '../catalogue/reading/reading'
import type { Exam } from '../record/exam'
import type { AreaId } from '../vocabulary/body-area'
import type { Side } from '../vocabulary/side'
import { fitting } from './place-fits'

/**
 * Is there anything, where the complaint lies, that this test could bring on?
 *
 * A raised leg can bring on no symptom of the leg in somebody whose leg does not hurt, so that it stays quiet says nothing of a root. With
 * nothing painted every test may, and so may tests that are no matter of places.
 */
export function couldShow(reading: Reading, about: Side, { symptoms }: Pick<Exam, 'symptoms'>): boolean {
  const places = symptoms.flatMap((s) => s.places)
  const areas = areasOf(reading)
  return places.length === 0 || areas === null || fitting(places, about, areas).length > 0
}

function areasOf(reading: Reading): readonly AreaId[] | null {
  switch (reading.kind) {
    case 'provocation':
    case 'staged-tension':
    case 'crossed':
      return reading.counts
    case 'tension':
      return [...reading.counts, ...reading.countsWhenShooting]
    case 'nerves':
    case 'differentiation':
    case 'range':
    case 'table':
      return null
  }
}
