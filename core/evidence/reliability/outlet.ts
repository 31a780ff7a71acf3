import type { Reliability } from './reliability'

/** How well tests of the thoracic outlet repeat, what is normal, and how results are defined. */
export const OUTLET: readonly Reliability[] = [
  {
    id: 'G20',
    of: [],
    subject: 'Cervical rotation–lateral flexion (first rib)',
    property: 'κ',
    cite: 'Lindgren 1992',
    people: '23',
    value: '1.00 vs radiograph',
    confidence: 'low',
    note: '',
  },
]
