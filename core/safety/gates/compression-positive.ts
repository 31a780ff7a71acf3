import { familiar } from '../../catalogue/reading/table'
import { ARM } from '../../vocabulary/area-sets'
import { defineGate } from '../gate'

/** An arm symptom on plain compression blocks everything that closes the neck further. */
export const compressionPositive = defineGate({
  id: 'compression-positive',
  strength: 'block',
  when: { seen: [{ test: 'neck-compression', when: familiar(ARM, { side: 'either', stages: ['neutral'] }) }] },
  bars: { named: true },
  carries: ['compression-positive'],
  reason: 'Plain compression already brought the arm symptom on.',
  do: 'Do not load the neck bent: severe pain or a deficit could follow.',
})
