import { defineTest } from '../exam-test'
import { ON_THE_BACK } from '../poses'
import { also, chose, line, otherwise, familiar, pointsTo, table } from '../reading/table'
import { load, observe } from '../stages'
import { on } from '../load'

const POSE = {
  ...ON_THE_BACK,
  near: { hip: 100, knee: 110, ankle: 0 },
  contacts: [
    { on: 'near-thigh', along: 0.98, off: 3, from: 40, push: 215 },
    { on: 'near-shin', along: 0.8, off: 3, from: 70 },
  ],
} as const

/** Hip quadrant sweep: the flexed hip is moved under load in an arc. */
export const hipScour = defineTest({
  id: 'hip-scour',
  name: 'Hip quadrant (scour)',
  short: 'scour',
  alsoCalled: ['Hip quadrant sweep', 'Hip sweep', 'Hip scour', 'Hip quadrant'],
  region: 'leg',
  plannedFor: [],
  purpose: 'Loads the hip joint through an arc, from outside to inside.',
  plain: 'moved your {side} hip in its socket',
  structures: ['hip joint', 'labrum'],
  posture: 'supine',
  phase: 'hip',
  after: 'piriformis',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 40,
  provocative: 2,
  loads: [on('hip', 'compression', 'strong'), on('leg', 'movement', 'light')],
  variants: [{ id: 'arc', name: 'From outside to inside, gentle load' }],
  stages: [
    load('sweep', 'Sweep under load', 'Bend the {side} hip, load along the thigh, and sweep slowly from outside to inside.', POSE),
    observe('felt', 'What the hand felt', 'On the way across the middle?', { smooth: 'Smooth', grinding: 'Grinding', catch: 'A catch or block' }, POSE),
  ],
  doesNotCount: ['a stretch in the buttock'],
  notWith: [{ when: 'hip-replacement' }],
  careWith: [{ judged: 'recent hip surgery' }, { when: 'irritable' }],
  faults: ['load in bursts', 'pelvis rolling'],
  reading: table({
    source: 'hip',
    counts: ['groin', 'thigh-front', 'outer-hip', 'buttock'],
    lines: [
      line(familiar(['groin', 'thigh-front', 'thigh-inner']), 'positive', 'familiar pain in the groin under load', pointsTo('hip')),
      line(chose('felt', 'grinding'), 'positive', 'grinding under load', pointsTo('hip')),
      line(chose('felt', 'catch'), 'inconclusive', 'a catch across the middle: functional impingement, seen with a rotated pelvis', pointsTo('sij-stiff')),
    ],
    otherwise: otherwise('negative', 'no familiar groin pain and no crepitus'),
    also: [also(familiar(['buttock', 'outer-hip']), 'familiar pain in the buttock rather than the groin', pointsTo('outer-hip'))],
  }),
  shares: ['hip-rotation'],
})
