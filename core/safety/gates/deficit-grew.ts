import { defineGate } from '../gate'

/** A new or worse deficit within the visit stops everything. */
export const deficitGrew = defineGate({
  id: 'deficit-grew',
  strength: 'halt',
  when: { state: 'deficit-grew' },
  bars: { all: true },
  reason: 'Strength, reflex or feeling is worse than earlier in this visit.',
  do: 'Stop here. Check it again, and refer.',
})
