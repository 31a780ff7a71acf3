import { defineGate } from '../gate'

/** Raised pressure is dangerous: no bearing down. */
export const pressure = defineGate({
  id: 'pressure',
  strength: 'block',
  when: { atLeast: 1, of: ['high-pressure'] },
  bars: { named: true },
  carries: ['raised-pressure'],
  reason: 'Uncontrolled blood pressure, or recent eye or heart surgery.',
  do: 'No Valsalva.',
})
