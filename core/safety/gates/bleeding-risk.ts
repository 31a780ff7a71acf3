import { defineGate } from '../gate'

/** Blood thinners with sudden severe spinal pain: bleeding in the canal is possible. */
export const bleedingRisk = defineGate({
  id: 'bleeding-risk',
  strength: 'halt',
  urgency: 'emergency',
  person: 'Keep them seated, or lay them flat with the legs up. Do not leave them.',
  when: { atLeast: 1, of: ['sudden-severe'], and: ['thinners'] },
  bars: { all: true },
  reason: 'Blood thinners and a sudden severe pain: a bleed in the spinal canal is possible.',
  do: 'Stop here. Emergency.',
})
