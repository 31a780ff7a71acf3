import { defineGate } from '../gate'

/** The gentlest load comes first: plain compression, all its stages quiet, before the stronger ones. */
export const compressionFirst = defineGate({
  id: 'compression-first',
  strength: 'before',
  when: { state: 'anyone' },
  until: ['neck-compression'],
  bars: { named: true },
  carries: ['compression-first'],
  reason: 'Graded cervical compression comes first, and negative to its end.',
  do: 'Press the neck plainly first, stage by stage.',
})
