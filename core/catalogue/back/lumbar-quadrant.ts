import { ABOVE_KNEE, BELOW_KNEE, LOW_BACK, SACROILIAC } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { SITTING, STANDING } from '../poses'
import { line, otherwise, familiar, pointsTo, speaksAgainst, speaksFor, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

const LEG = [...BELOW_KNEE, ...ABOVE_KNEE.filter((a) => a !== 'buttock' && a !== 'outer-hip')]

/** Standing extension and turn: sensitive for facet pain and hardly specific, so a negative says more than a positive. */
export const lumbarQuadrant = defineTest({
  id: 'lumbar-quadrant',
  name: 'Lumbar extension-rotation (quadrant, Kemp)',
  short: 'quadrant',
  alsoCalled: ['Extension and turn, standing', 'Kemp', 'Lumbar quadrant', 'Extension-rotation test'],
  region: 'back',
  plannedFor: ['low-back'],
  purpose: 'Closes the joints and openings of one side of the low back.',
  plain: 'leaned you back and to the {side}',
  structures: ['facet joints', 'root openings'],
  posture: 'standing',
  phase: 'loading',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 30,
  provocative: 2,
  loads: [on('low-back', 'rotation', 'strong')],
  variants: [
    { id: 'active-reach', name: 'Reaching down the back of the leg', stages: ['reach'] },
    { id: 'overpressure', grade: 'full', name: 'Arms crossed, guided, with overpressure', stages: ['guided'] },
    { id: 'seated', name: 'Seated, guided', stages: ['seated'], posture: 'sitting' },
  ],
  stages: [
    load(
      'reach',
      'Reach down the leg',
      'Ask them to slide the {side} hand down the back of the {side} thigh, bending back and turning.',
      { ...STANDING, lumbar: -18, thorax: -16, neck: -8, nearArm: { shoulder: -26, elbow: 6 }, contacts: [] },
      { handsOff: true },
    ),
    load('guided', 'Guide back and turn, press', 'Arms crossed. Guide back and towards the {side}, then press down slowly.', {
      ...STANDING,
      lumbar: -18,
      thorax: -16,
      neck: -6,
      nearArm: { shoulder: 62, elbow: 92 },
      farArm: { shoulder: 62, elbow: 92 },
      contacts: [
        { on: 'thorax', along: 0.05, off: 8, from: 70, push: 262 },
        { on: 'pelvis', along: 0.4, off: 0, aside: -10, from: 185 },
      ],
    }),
    load('seated', 'Guide back and turn, seated', 'Arms crossed, seated. Guide back and towards the {side}, then press down slowly.', {
      ...SITTING,
      lumbar: -14,
      thorax: -14,
      nearArm: { shoulder: 62, elbow: 92 },
      farArm: { shoulder: 62, elbow: 92 },
      contacts: [{ on: 'thorax', along: 0.05, off: 8, from: 70, push: 262 }],
    }),
  ],
  doesNotCount: ['a pull at the front', 'pain on the other side'],
  notWith: [{ when: 'fracture', of: 'the spine' }],
  careWith: [{ judged: 'unsteady people', then: 'have something to hold' }],
  faults: ['knees bending', 'side-flexion instead of turning'],
  reading: table({
    source: 'facet-lumbar',
    counts: [...LOW_BACK, ...SACROILIAC, ...LEG],
    lines: [
      line(familiar(LEG), 'negative', 'familiar leg symptom: the opening is narrow, or a root', pointsTo('root-lumbar-low')),
      line(
        familiar([...LOW_BACK, ...SACROILIAC]),
        'positive',
        'familiar back pain on the side turned to, which says little by itself',
        speaksFor('facet-lumbar'),
      ),
      line(familiar([...LOW_BACK, ...SACROILIAC], { side: 'other' }), 'negative', 'familiar back pain on the other side', pointsTo('muscle-back')),
    ],
    otherwise: otherwise('negative', 'no familiar back pain: makes facet pain less likely', speaksAgainst('facet-lumbar')),
  }),
  shares: ['facet-loading'],
})
