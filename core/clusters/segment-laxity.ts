import { cells, mean } from '../catalogue/reading/table'
import { any, atLeast } from '../logic/rule'
import { defineCluster } from './cluster'
import { observed, positive } from './item'

const items = [
  positive('passive-extension'),
  any([
    observed('level-hyper', 'A level moves too much, prone', 'lumbar-spring', cells('levels', 'moves', ['hyper'])),
    observed('level-hyper-side', 'A level moves too much, side-lying', 'lumbar-spring', cells('levels-side', 'moves', ['hyper'])),
  ]),
  observed('flexion-53', 'Bends forward more than 53°', 'lumbar-range', mean('flexion', 53.1, 120)),
  positive('heel-to-buttock'),
  positive('side-lying-shear'),
]

/** Signs of a loose low-back segment, graded by how many there are; the model combines those that have figures. */
export const segmentLaxity = defineCluster({
  id: 'segment-laxity',
  name: 'Lumbar segmental instability, graded',
  source: 'instability-lumbar',
  basis: 'model',
  holds: atLeast(1, items),
  grades: [
    { name: 'one sign', holds: atLeast(1, items) },
    { name: 'two signs', holds: atLeast(2, items) },
    { name: 'three or more signs', holds: atLeast(3, items) },
  ],
  note: 'A graded list, not a published rule: the estimate beside it is the model’s, from the single tests.',
})
