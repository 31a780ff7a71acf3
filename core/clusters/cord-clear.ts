import { all, not } from '../logic/rule'
import { defineCluster } from './cluster'
import { CORD_FIVE } from './cord-signs'

/** None of the five, all of them looked at: less likely (register row E11). One positive never reassures. */
export const cordClear = defineCluster({
  id: 'cord-clear',
  name: 'Myelopathy, 0 of 5 signs',
  source: 'cord',
  after: 'cord-five',
  holds: all(CORD_FIVE.map((item) => not(item))),
  rulesOut: true,
  beside: true,
  note: 'None of five. Less likely, never excluded: symptoms still refer. The often quoted “one or none” does not fit the study’s own arithmetic.',
})
