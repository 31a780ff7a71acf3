import { allOf, cells, chose, unless } from '../../catalogue/reading/table'
import { defineGate } from '../gate'

/** Pain without slack in a ligament test: no fast technique. */
export const ligamentPain = defineGate({
  id: 'ligament-pain',
  strength: 'caution',
  when: {
    seen: [
      { test: 'upper-neck-shear', when: allOf(chose('nod', 'symptoms'), unless(chose('glide', 'slide', 'warning')), unless(chose('after', 'eased'))) },
      { test: 'alar-ligament', when: cells('three', 'pain', ['yes']) },
      { test: 'alar-ligament', when: cells('nodded', 'pain', ['yes']) },
      { test: 'transverse-ligament', when: chose('lift', 'pain') },
    ],
  },
  bars: { neckLoad: true },
  reason: 'A ligament test of the upper neck gave pain without slack.',
  do: 'No high-velocity neck technique; prefer gentle mobilisation.',
})
