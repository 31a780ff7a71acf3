import { defineTest } from '../exam-test'
import { closeToNeck, ON_THE_BACK } from '../poses'
import { chose, line, otherwise, pointsTo, speaksFor, table } from '../reading/table'
import { observe } from '../stages'
import { on } from '../load'

/** Transverse ligament: head and C1 are lifted straight forward and held, because guarding can mask slack. */
export const transverseLigament = defineTest({
  id: 'transverse-ligament',
  name: 'Transverse ligament test (anterior shear of the atlas)',
  short: 'transverse',
  alsoCalled: ['Transverse ligament, forward shift', 'Anterior shear of the atlas', 'Transverse ligament stress'],
  region: 'neck',
  plannedFor: [],
  purpose: 'Lifts head and C1 forward together and holds, feeling for slack at the end.',
  plain: 'lifted your head a little while you lay down',
  structures: ['transverse ligament of C1'],
  posture: 'supine',
  phase: 'ligament',
  after: 'alar-ligament',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 45,
  provocative: 1,
  loads: [on('upper-neck', 'shear', 'light')],
  variants: [{ id: 'held', name: 'Held 15 to 20 seconds' }],
  stages: [
    observe(
      'lift',
      'Lift forward and hold',
      'Cradle the head, fingertips on the back of C1. Lift both straight forward and hold 15 to 20 s.',
      { firm: 'Firm end, nothing felt', soft: 'Soft end or movement', warning: 'A warning sign: stop', pain: 'Pain only' },
      { ...closeToNeck(ON_THE_BACK, 'head'), neck: 10, contacts: [{ on: 'head', along: 0.2, off: -8, from: 255, push: 90 }] },
      { holdSeconds: 20, ask: 'What do you feel? Where?' },
    ),
  ],
  doesNotCount: ['pressure of the fingers', 'pain without movement'],
  notWith: [{ when: 'cord-signs' }, { when: 'neck-artery' }, { when: 'head-unsupported' }, { when: 'fracture-neck' }],
  careWith: [{ judged: 'everyone', then: 'the lightest touch' }],
  faults: ['let down before 15 s', 'bending the head instead of lifting it straight'],
  reading: table({
    source: 'laxity-upper-neck',
    lines: [
      line(chose('lift', 'soft'), 'positive', 'a soft end or movement: lax', speaksFor('laxity-upper-neck')),
      line(chose('lift', 'warning'), 'positive', 'a warning sign came on while it was held', speaksFor('laxity-upper-neck')),
      line(chose('lift', 'pain'), 'negative', 'pain without slack: no high-velocity neck technique', pointsTo('joint-upper-neck')),
    ],
    otherwise: otherwise('negative', 'a firm end, which never clears a neck'),
  }),
  shares: ['upper-neck-ligament'],
})
