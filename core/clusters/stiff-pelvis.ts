import { all } from '../logic/rule'
import { defineCluster } from './cluster'
import { measured, positive } from './item'

/** Rear spine that does not drop, leg raise short at the top and hip turning in by half, all on one side. A pattern without figures. */
export const stiffPelvis = defineCluster({
  id: 'stiff-pelvis',
  name: 'SI hypomobility, pattern',
  source: 'sij-stiff',
  basis: 'pattern',
  holds: all([
    positive('standing-hip-flexion'),
    measured({
      id: 'leg-raise-short',
      words: 'Leg raise 10° or more short of the other side',
      test: 'leg-raise',
      field: 'shortfall',
      is: 'at-least',
      value: 10,
    }),
    positive('hip-internal-rotation'),
  ]),
  note: 'A pattern: it points, and never gives a percentage. Motion tests of the pelvis are poorly reliable.',
})
