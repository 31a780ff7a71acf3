import { defineGate } from '../gate'
import { familiar } from '../../catalogue/reading/table'
import { ARM } from '../../vocabulary/area-sets'

/** An arm symptom at any stage of pressing the neck closes every later and stronger one. */
export const compressionPositive = defineGate({
  id: 'compression-positive',
  strength: 'block',
  when: {
    seen: (['neck-compression', 'neck-closing-a', 'neck-closing-b', 'neck-flexed-compression'] as const).map((test) => ({
      test,
      when: familiar(ARM, { side: 'either' }),
    })),
  },
  bars: { named: true },
  carries: ['compression-positive'],
  reason: 'Cervical compression already reproduced the arm symptom.',
  do: 'Do not load the neck further: severe pain or a deficit could follow.',
})
