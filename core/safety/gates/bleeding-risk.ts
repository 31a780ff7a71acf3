import { defineGate } from '../gate'

/** Blood thinners with sudden severe spinal pain: bleeding in the canal is possible. */
export const bleedingRisk = defineGate({
  id: 'bleeding-risk',
  strength: 'halt',
  urgency: 'emergency',
  person: 'Keep them seated, or lay them flat with the legs up. Do not leave them.',
  when: { atLeast: 1, of: ['sudden-severe'], and: ['thinners'] },
  bars: { all: true },
  reason: 'Anticoagulated, with sudden severe pain: possible spinal epidural haematoma.',
  do: 'Stop here. Emergency.',
})
