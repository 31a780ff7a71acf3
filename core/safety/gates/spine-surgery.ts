import { defineGate } from '../gate'

/** A fusion or a recent disc operation blocks thrusts and strong levers into the spine, the neck among it. */
export const spineSurgery = defineGate({
  id: 'spine-surgery',
  strength: 'block',
  when: { atLeast: 1, of: ['fusion'] },
  bars: {
    loading: {
      parts: ['low-back', 'pelvis', 'neck', 'upper-neck'],
      ways: ['thrust', 'compression', 'shear', 'rotation', 'pressing', 'traction'],
      from: 'moderate',
    },
  },
  carries: ['spine-surgery'],
  reason: 'Spinal fusion or recent disc surgery.',
  do: 'No thrust and no strong load into this region.',
})
