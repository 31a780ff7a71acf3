import { defineTest } from '../exam-test'
import { close, SITTING } from '../poses'
import { chose, line, otherwise, pointsTo, table } from '../reading/table'
import { observe } from '../stages'
import { on } from '../load'

/** Neck flexion shock sign: an electric feeling belongs to the cord, never to a joint or a root. */
export const neckFlexionShock = defineTest({
  id: 'neck-flexion-shock',
  name: 'Lhermitte sign',
  short: 'Lhermitte',
  alsoCalled: ['Neck flexion shock sign', 'Flexion shock'],
  region: 'neck',
  plannedFor: [],
  purpose: 'Asks whether bending the neck sends an electric feeling down the spine or into limbs: a cord sign.',
  plain: 'asked you to bend your head down',
  structures: ['spinal cord'],
  posture: 'sitting',
  phase: 'movement',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 15,
  provocative: 1,
  loads: [on('neck', 'bending', 'light'), on('upper-neck', 'bending', 'light')],
  variants: [{ id: 'active', name: 'By the patient' }],
  stages: [
    observe(
      'bend',
      'Chin to chest',
      'Ask for the chin to the chest, slowly. Watch the face.',
      { nothing: 'Nothing', pull: 'A pull or neck pain', electric: 'An electric feeling down the spine or limbs' },
      { ...close(SITTING), neck: 44, contacts: [] },
      { handsOff: true },
    ),
  ],
  doesNotCount: ['a pull at the back of the neck'],
  notWith: [{ when: 'fracture-neck' }, { when: 'upper-neck-laxity' }],
  careWith: [],
  faults: ['repeated after an electric feeling'],
  reading: table({
    source: 'cord',
    lines: [line(chose('bend', 'electric'), 'positive', 'an electric feeling on bending the neck: a cord sign, and not specific', pointsTo('cord'))],
    otherwise: otherwise('negative', 'no electric feeling'),
  }),
  shares: ['cord-signs'],
})
