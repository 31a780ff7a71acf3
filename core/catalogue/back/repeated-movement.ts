import { defineTest } from '../exam-test'
import { FACE_DOWN, STANDING } from '../poses'
import { chose, line, otherwise, pointsTo, speaksAgainst, speaksFor, table } from '../reading/table'
import { observe } from '../stages'
import { on } from '../load'

const OUTCOME = {
  unchanged: 'Stays where it was',
  centralises: 'Draws back towards the spine',
  peripheralises: 'Spreads outwards',
  better: 'Less, same place',
  worse: 'More, same place',
}

/** Repeated movements: does the pain draw back towards the spine, or spread outwards? It changes how a pelvic cluster reads. */
export const repeatedMovement = defineTest({
  id: 'repeated-movement',
  name: 'Repeated movements (centralisation)',
  short: 'repeated',
  alsoCalled: ['Repeated movements', 'Repeated flexion and extension', 'Centralisation'],
  region: 'back',
  plannedFor: [],
  purpose: 'Ten bends forward and ten back: shows what happens to the place of the pain, and whether it stays.',
  plain: 'asked you to bend the same way many times',
  structures: ['lumbar discs'],
  posture: 'standing',
  phase: 'movement',
  after: 'lumbar-range',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 240,
  provocative: 2,
  loads: [on('low-back', 'bending', 'moderate')],
  variants: [
    { id: 'standing', name: 'Standing', stages: ['flexion', 'extension'] },
    { id: 'prone', name: 'Prone, pressing up', stages: ['press-up'], posture: 'prone' },
  ],
  stages: [
    observe(
      'flexion',
      'Ten bends forward',
      'Bend forward ten times, a little further each time. Where is the pain now?',
      OUTCOME,
      { ...STANDING, lumbar: 46, thorax: 34, neck: 14, contacts: [] },
      { handsOff: true, ask: 'Where do you feel it now? And before?' },
    ),
    observe(
      'extension',
      'Ten bends back',
      'Bend back ten times, a little further each time. Where is the pain now?',
      OUTCOME,
      { ...STANDING, lumbar: -20, thorax: -14, contacts: [] },
      { handsOff: true, ask: 'Where do you feel it now? And before?' },
    ),
    observe(
      'press-up',
      'Ten press-ups',
      'Press the chest up ten times, the pelvis staying down. Where is the pain now?',
      OUTCOME,
      { ...FACE_DOWN, lumbar: -22, thorax: -26, neck: -14, nearArm: { shoulder: 58, elbow: 16 }, farArm: { shoulder: 58, elbow: 16 }, contacts: [] },
      { handsOff: true, ask: 'Where do you feel it now? And before?' },
    ),
  ],
  doesNotCount: ['a stretch while moving', 'a change that is gone at once'],
  notWith: [{ when: 'fracture', of: 'the spine' }],
  careWith: [{ judged: 'symptoms that spread', then: 'stop that direction' }],
  faults: ['too few repetitions', 'asking only how strong it is, not where'],
  reading: table({
    source: 'disc-annulus',
    lines: [
      line(chose('flexion', 'centralises'), 'positive', 'the pain draws back towards the spine', speaksFor('disc-annulus')),
      line(chose('extension', 'centralises'), 'positive', 'the pain draws back towards the spine', speaksFor('disc-annulus')),
      line(chose('press-up', 'centralises'), 'positive', 'the pain draws back towards the spine', speaksFor('disc-annulus')),
      line(chose('flexion', 'peripheralises'), 'inconclusive', 'the pain spreads outwards', pointsTo('disc-annulus')),
      line(chose('extension', 'peripheralises'), 'inconclusive', 'the pain spreads outwards', pointsTo('disc-annulus')),
      line(chose('press-up', 'peripheralises'), 'inconclusive', 'the pain spreads outwards', pointsTo('disc-annulus')),
    ],
    otherwise: otherwise('negative', 'the place of the pain does not change', speaksAgainst('disc-annulus')),
  }),
  shares: [],
})
