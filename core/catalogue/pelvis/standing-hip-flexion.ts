import { defineTest } from '../exam-test'
import { STANDING_BEHIND } from '../poses'
import { chose, line, otherwise, pointsAway, pointsTo, table } from '../reading/table'
import { observe } from '../stages'
import { on } from '../load'

/** Standing knee lift with the thumbs on the posterior superior iliac spine and S2. Reliability is poor: a pointer only. */
export const standingHipFlexion = defineTest({
  id: 'standing-hip-flexion',
  name: 'Standing hip flexion test (Gillet)',
  short: 'Gillet',
  alsoCalled: ['Standing knee lift', 'Knee lift', 'Stork', 'Pelvic motion palpation'],
  region: 'pelvis',
  plannedFor: [],
  intimate: 'sacral',
  purpose: 'Feels whether the PSIS drops as the knee is lifted. Low reliability: a pointer only.',
  plain: 'felt your hips while you stood on one leg',
  structures: ['sacroiliac joint'],
  posture: 'standing',
  phase: 'movement',
  after: 'repeated-movement',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 40,
  provocative: 1,
  loads: [on('leg', 'movement', 'light'), on('pelvis', 'movement', 'light')],
  variants: [
    { id: 'always', name: 'For everyone' },
    { id: 'after-painful-lift', name: 'Only after a painful sacral lift' },
  ],
  stages: [
    observe(
      'thumb',
      'Lift the knee',
      'Thumbs under the {side} posterior superior iliac spine and on S2. Ask for the {side} knee to lift; trust touch over sight.',
      { drops: 'Thumb drops', still: 'Moves with S2', rises: 'Rises' },
      {
        ...STANDING_BEHIND,
        near: { out: 12, bend: 4, thighSeen: 0.35, shinSeen: 0.9 },
        contacts: [
          { on: 'pelvis', along: 0.5, off: 2, aside: 9, from: 330 },
          { on: 'pelvis', along: 0.7, off: 0, aside: 0, from: 230 },
        ],
      },
    ),
  ],
  anchors: ['the thumb drops'],
  doesNotCount: ['what is seen and not felt'],
  notWith: [],
  careWith: [{ judged: 'unsteady people', then: 'something to hold' }],
  faults: ['thumbs sliding on the skin', 'knee lifted less than 90°'],
  reading: table({
    source: 'sij-stiff',
    lines: [
      line(chose('thumb', 'still', 'rises'), 'positive', 'the posterior superior iliac spine does not drop: fixed, low reliability', pointsTo('sij-stiff')),
    ],
    otherwise: otherwise('negative', 'the posterior superior iliac spine drops', pointsAway('sij-stiff')),
  }),
  shares: [],
})
