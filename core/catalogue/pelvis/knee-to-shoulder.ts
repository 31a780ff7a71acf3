import { SACROILIAC } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { ON_THE_BACK } from '../poses'
import { also, line, otherwise, familiar, pointsTo, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

/** Knee to the opposite shoulder, pressed slowly. Both sides sore: ask about inflammatory disease. */
export const kneeToShoulder = defineTest({
  id: 'knee-to-shoulder',
  name: 'Knee to opposite shoulder',
  short: 'knee-shoulder',
  alsoCalled: ['Knee to shoulder', 'Pump handle', 'Sacrotuberous stress'],
  region: 'pelvis',
  plannedFor: [],
  purpose: 'Stresses the sacroiliac joint and the ligaments behind it with a bent leg.',
  plain: 'brought your {side} knee to the other shoulder',
  structures: ['sacroiliac joint', 'sacrotuberous ligament', 'hip joint'],
  posture: 'supine',
  phase: 'loading',
  after: 'gaenslen',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 30,
  provocative: 2,
  loads: [on('pelvis', 'shear', 'strong'), on('hip', 'compression', 'strong'), on('leg', 'movement', 'light')],
  variants: [{ id: 'slow', name: 'Slow press, opposite shoulder held' }],
  stages: [
    load(
      'press',
      'Press the knee across',
      '{side} knee fully bent, {other} shoulder steadied. Press the knee slowly towards it.',
      {
        ...ON_THE_BACK,
        near: { hip: 118, knee: 135, ankle: 0 },
        contacts: [
          { on: 'near-shin', along: 0.05, off: 5, from: 40, push: 160 },
          { on: 'thorax', along: 0.05, off: 11, from: 100 },
        ],
      },
      { holdSeconds: 5 },
    ),
  ],
  doesNotCount: ['groin pressure', 'a stretch in the buttock'],
  notWith: [{ when: 'fracture', of: 'the pelvis or sacrum' }, { when: 'hip-replacement' }],
  careWith: [{ judged: 'knee pathology' }],
  faults: ['a jerk', 'the trunk rolling'],
  reading: table({
    source: 'sij-pain',
    counts: [...SACROILIAC, 'groin'],
    lines: [line(familiar(SACROILIAC), 'positive', 'familiar pain below L5', pointsTo('sij-pain'), pointsTo('sij-ligament'))],
    otherwise: otherwise('negative', 'no familiar pain below L5'),
    also: [
      also(familiar(SACROILIAC, { side: 'other' }), 'familiar pain on the other side as well: ask about inflammatory disease', pointsTo('inflammatory')),
      also(familiar(['groin']), 'familiar pain in the groin belongs to the hip', pointsTo('hip')),
    ],
  }),
  shares: ['pelvic-provocation'],
})
