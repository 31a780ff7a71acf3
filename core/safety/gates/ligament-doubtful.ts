import { NECK } from '../contraindicated'
import { anyOf, cells, chose } from '../../catalogue/reading/table'
import { defineGate } from '../gate'

const LAX = ['late', 'absent']

/** Slack in one position only is no result to go on with: nothing more is done to that neck until somebody has looked at it. */
export const ligamentDoubtful = defineGate({
  id: 'ligament-doubtful',
  strength: 'halt',
  urgency: 'urgent',
  person: 'Support the head with both hands, bring it to the middle, let them lie or sit back against something.',
  when: {
    seen: [
      {
        test: 'alar-ligament',
        when: anyOf(cells('three', 'tilt', LAX), cells('three', 'turn', LAX), cells('nodded', 'tilt', LAX), cells('nodded', 'turn', LAX)),
      },
      { test: 'upper-neck-shear', when: chose('glide', 'slide', 'warning') },
      { test: 'transverse-ligament', when: chose('lift', 'soft', 'warning') },
    ],
  },
  bars: { loading: NECK },
  carries: ['upper-neck-laxity'],
  reason: 'Craniocervical ligament test: slack, or a warning sign.',
  do: 'Stop here for this neck. Support the head and refer for an opinion.',
})
