import { defineGate } from '../gate'

/** Signs of brain stem or circulation during a test stop everything at once. */
export const warningBrain = defineGate({
  id: 'warning-brain',
  strength: 'halt',
  urgency: 'emergency',
  person: 'Keep them seated, or lay them flat with the legs up. Do not leave them.',
  when: {
    warning: [
      'faint',
      'drop',
      'flicker',
      'dizzy-now',
      'double-vision-now',
      'speech-now',
      'swallowing-now',
      'nausea-now',
      'face-numb-now',
      'unsteady-now',
      'lid-now',
      'headache-now',
    ],
  },
  bars: { all: true },
  reason: 'Brain stem or circulatory sign during a test: possible cervical arterial dysfunction.',
  do: 'Stop here. Nothing more is done to the neck. Emergency.',
})
