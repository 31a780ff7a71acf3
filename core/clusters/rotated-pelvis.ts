import { atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { positive } from './item'

/** Landmark levels that fit a rotation or an up-slip. A pattern without figures. */
export const rotatedPelvis = defineCluster({
  id: 'rotated-pelvis',
  name: 'Innominate rotation, pattern',
  source: 'sij-stiff',
  after: 'stiff-pelvis',
  basis: 'pattern',
  holds: atLeast(1, [positive('pelvic-landmarks')]),
  note: 'A pattern: it points, and never gives a percentage. Landmarks by touch are poorly reliable.',
})
