import { all } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** Both outlet tests with the own symptom. One alone is common in healthy people (register rows G05 to G07). */
export const outlet = defineCluster({
  id: 'outlet',
  name: 'Thoracic outlet, 2 of 2',
  source: 'outlet',
  basis: 'model',
  holds: all([positive('arm-pulse-inspiration'), positive('elevated-arm-stress')]),
  note: 'Two of two raises it; one alone is weak, as many healthy people have one. The pair has no printed figure; the model gives one.',
})
