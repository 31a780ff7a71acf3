import { defineGate } from '../gate'

/** A new or worse deficit, within the visit or since an earlier one, stops everything but the recheck it asks for. */
export const deficitGrew = defineGate({
  id: 'deficit-grew',
  strength: 'halt',
  urgency: 'same-day',
  person: 'Let go slowly, back to the position that eases it, and stay beside them.',
  when: { state: 'deficit-grew' },
  bars: { all: true, but: 'deficit' },
  reason: 'Progressive neurological deficit within this visit.',
  do: 'Stop here. Check it again, and refer.',
})
