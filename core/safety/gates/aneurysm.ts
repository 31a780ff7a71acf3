import { defineGate } from '../gate'

/** A possible aneurysm: nothing presses the belly and nothing raises the pressure. */
export const aneurysm = defineGate({
  id: 'aneurysm',
  strength: 'block',
  when: { atLeast: 1, of: ['pulsing'] },
  bars: { named: true },
  carries: ['aneurysm'],
  reason: 'Possible abdominal aortic aneurysm.',
  do: 'No pressure on the belly and no straining. Emergency if the pain is new and not mechanical.',
})
