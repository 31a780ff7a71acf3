import { defineGate } from '../gate'

/** A faint, a drop or flickering eyes stop everything at once. */
export const warningBrain = defineGate({
  id: 'warning-brain',
  strength: 'halt',
  when: { warning: ['faint', 'drop', 'flicker'] },
  bars: { all: true },
  reason: 'A faint, a drop attack or flickering eyes during a test.',
  do: 'Keep them seated or lay them flat. Emergency.',
})
