import { NECK } from '../barred'
import { cells, chose } from '../../catalogue/reading/table'
import { defineGate } from '../gate'

/** A cord sign found by a test stops everything that loads the neck. */
export const cordFound = defineGate({
  id: 'cord-found',
  strength: 'halt',
  when: {
    seen: [
      { test: 'neck-flexion-shock', when: chose('bend', 'electric') },
      { test: 'neuro-upper', when: cells('cord', 'sign', ['yes']) },
      { test: 'neuro-lower', when: cells('cord', 'sign', ['yes']) },
    ],
  },
  bars: { loading: NECK },
  carries: ['cord-signs'],
  reason: 'A cord sign was found.',
  do: 'Ask the cord and saddle questions. Do not load the neck. Urgent referral.',
})
