import { LOW_BACK, SACROILIAC } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { FACE_DOWN } from '../poses'
import { allOf, line, otherwise, familiar, said, speaksAgainst, speaksFor, table } from '../reading/table'
import { load, release } from '../stages'
import { on } from '../load'

/** Passive lumbar extension: own pain or heaviness that goes when the legs are let down. */
export const passiveExtension = defineTest({
  id: 'passive-extension',
  name: 'Passive lumbar extension test',
  short: 'PLE',
  alsoCalled: ['Passive low-back extension', 'Passive extension'],
  region: 'back',
  plannedFor: [],
  purpose: 'Extends the low back by both legs; segmental instability gives pain or heaviness that goes on return.',
  plain: 'lifted both your legs while you lay face down',
  structures: ['lumbar segments'],
  posture: 'prone',
  phase: 'loading',
  after: 'heel-to-buttock',
  sides: 'none',
  plan: 'better-side-first',
  seconds: 20,
  provocative: 2,
  loads: [on('low-back', 'bending', 'strong'), on('leg', 'movement', 'light')],
  variants: [{ id: 'thirty-centimetres', name: 'Both legs lifted about 30 cm with a gentle pull' }],
  stages: [
    load('lift', 'Lift both legs', 'Lift both legs about 30 cm, knees straight, with a gentle pull.', {
      ...FACE_DOWN,
      lumbar: -8,
      near: { hip: -18, knee: 0, ankle: -62 },
      far: { hip: -18, knee: 0, ankle: -62 },
      contacts: [
        { on: 'near-shin', along: 0.95, off: -3, from: 330, push: 20 },
        { on: 'far-shin', along: 0.9, off: 4, from: 30 },
      ],
    }),
    release('down', 'Let the legs down', 'Let both legs down slowly.', { ...FACE_DOWN, contacts: [{ on: 'near-shin', along: 0.95, off: 3, from: 30 }] }),
  ],
  doesNotCount: ['pressure under the pelvis', 'a pull at the front of the thighs'],
  notWith: [{ when: 'fracture', of: 'the spine' }],
  careWith: [{ when: 'pregnancy' }],
  faults: ['knees bending', 'lifted in a jerk'],
  reading: table({
    source: 'instability-lumbar',
    counts: [...LOW_BACK, ...SACROILIAC],
    lines: [
      line(
        allOf(familiar([...LOW_BACK, ...SACROILIAC], { side: 'either' }), said(['eased'], 'down')),
        'positive',
        'own low-back pain or heaviness that goes on return',
        speaksFor('instability-lumbar'),
      ),
      line(familiar(undefined, { side: 'either' }), 'inconclusive', 'familiar pain that stayed when the legs were let down'),
    ],
    otherwise: otherwise('negative', 'no own low-back pain', speaksAgainst('instability-lumbar')),
  }),
  shares: ['segment-instability'],
})
