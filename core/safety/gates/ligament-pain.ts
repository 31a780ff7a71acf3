import { LIGAMENT, NECK } from '../contraindicated'
import { allOf, cells, chose, unless } from '../../catalogue/reading/table'
import { defineGate } from '../gate'

/** Pain without slack, in any of the three ligament tests. */
export const PAIN_WITHOUT_SLACK = [
  { test: 'upper-neck-shear', when: allOf(chose('nod', 'symptoms'), unless(chose('glide', 'slide', 'warning')), unless(chose('after', 'eased'))) },
  { test: 'alar-ligament', when: cells('three', 'pain', ['yes']) },
  { test: 'alar-ligament', when: cells('nodded', 'pain', ['yes']) },
  { test: 'transverse-ligament', when: chose('lift', 'pain') },
] as const

/** Pain without slack in a ligament test: no fast technique. */
export const ligamentPain = defineGate({
  id: 'ligament-pain',
  strength: 'caution',
  when: { seen: PAIN_WITHOUT_SLACK, school: { question: 'neck-thrust', school: 'gentler' } },
  bars: { loading: NECK, but: LIGAMENT },
  reason: 'Craniocervical ligament test: pain without slack.',
  do: 'No high-velocity cervical technique; prefer gentle mobilisation.',
})
