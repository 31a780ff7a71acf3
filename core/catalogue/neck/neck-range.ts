import { defineTest } from '../exam-test'
import { close, SITTING, SITTING_FRONT } from '../poses'
import { otherwise, table } from '../reading/table'
import { measure } from '../stages'
import { on } from '../load'

const side = { joint: 'neck side-flexion', min: 0, max: 70, usual: [10, 60] } as const

/** Neck range in the other directions: a baseline, which names no source by itself. */
export const neckRange = defineTest({
  id: 'neck-range',
  name: 'Cervical active range of motion',
  short: 'C-ROM',
  alsoCalled: ['Neck range'],
  region: 'neck',
  plannedFor: [],
  purpose: 'A baseline of bending forward, back and to each side.',
  plain: 'asked you to move your head each way',
  structures: ['neck joints', 'neck muscles'],
  posture: 'sitting',
  phase: 'movement',
  after: 'neck-flexion-shock',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 60,
  provocative: 1,
  loads: [on('neck', 'movement', 'light'), on('upper-neck', 'movement', 'light')],
  variants: [{ id: 'active', name: 'By the patient' }],
  stages: [
    measure(
      'forward',
      'Bend forward',
      'Bring the chin slowly towards the chest.',
      { joint: 'neck flexion', min: 0, max: 100, usual: [15, 80] },
      { ...close(SITTING), neck: 42, measured: 'neck', contacts: [] },
      { handsOff: true },
    ),
    measure(
      'back',
      'Bend back',
      'Look up slowly, as far as it goes.',
      { joint: 'neck extension', min: 0, max: 110, usual: [15, 90] },
      { ...close(SITTING), neck: -40, contacts: [] },
      { handsOff: true },
    ),
    measure(
      'left',
      'Bend left',
      'Bend the head towards the left shoulder.',
      side,
      { ...close(SITTING_FRONT), neckBend: -34, contacts: [] },
      { handsOff: true },
    ),
    measure(
      'right',
      'Bend right',
      'Bend the head towards the right shoulder.',
      side,
      { ...close(SITTING_FRONT), neckBend: 34, contacts: [] },
      { handsOff: true },
    ),
  ],
  doesNotCount: ['a pull at the end of range'],
  notWith: [{ when: 'neck-trauma' }],
  careWith: [{ when: 'dizziness-known' }],
  faults: ['trunk moving along', 'measured once only'],
  reading: table({ source: 'facet-cervical', lines: [], otherwise: otherwise('not-applicable', 'range measured as a baseline') }),
  shares: [],
})
