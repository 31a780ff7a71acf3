import { limited } from '../catalogue/reading/table'
import { all, atLeast, not } from '../logic/rule'
import { defineCluster } from './cluster'
import { aged, observed, positive, told } from './item'

const lying = told('lying-eases', 'Lying down eases it')

/** Five of seven, relief on lying among them (register row C04). Here NO pain on extension with rotation counts. */
export const backFacetOlder = defineCluster({
  id: 'back-facet-older',
  name: 'Lumbar facet joint, 5 of 7 (older rule)',
  source: 'facet-lumbar',
  holds: all([
    lying,
    atLeast(5, [
      lying,
      aged('at-least', 65),
      told('cough-worse', 'Coughing does not make it worse', 'no'),
      told('bending-worse', 'Bending forward does not make it worse', 'no'),
      told('rising-worse', 'Coming up from bending does not make it worse', 'no'),
      not(observed('extension-own-pain', 'Familiar pain on bending back', 'lumbar-range', limited('extension', 'own-pain'))),
      not(positive('lumbar-quadrant')),
    ]),
  ]),
  failingSaysNothing: true,
  beside: true,
  neverLeads: true,
  badge: 'Low confidence: not confirmed by later studies',
  note: 'Reads extension with rotation the opposite way round from the newer rule. Use either to rule out only.',
})
