import { defineGate } from '../gate'

/** Chest pain during an examination belongs to an emergency service. */
export const warningChest = defineGate({
  id: 'warning-chest',
  strength: 'halt',
  urgency: 'emergency',
  person: 'Let them sit up, leaning back, and stay beside them.',
  when: { warning: ['chest-now'] },
  bars: { all: true },
  reason: 'Chest pain during the examination.',
  do: 'Stop here. Emergency.',
})
