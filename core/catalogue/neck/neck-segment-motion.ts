import { defineTest } from '../exam-test'
import { closeToNeck, FACE_DOWN, ON_THE_BACK } from '../poses'
import { cells, line, otherwise, speaksAgainst, speaksFor, table } from '../reading/table'
import { column, grid, NECK_LEVELS } from '../stages'
import { on } from '../load'

/** Manual motion of the neck segments: stiff with the own pain is one item of the neck facet rule. */
export const neckSegmentMotion = defineTest({
  id: 'neck-segment-motion',
  name: 'Manual spinal examination, cervical (passive accessory)',
  short: 'MSE cervical',
  alsoCalled: ['Neck segment motion', 'Segment motion', 'Manual spinal examination', 'Passive accessory movement'],
  region: 'neck',
  plannedFor: ['neck', 'head'],
  purpose: 'Finds the level that is stiff and gives the patient’s familiar pain.',
  plain: 'moved the small joints of your neck on the {side}',
  structures: ['facet joints'],
  posture: 'prone',
  phase: 'palpation',
  after: 'neck-segment-palpation',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 60,
  provocative: 1,
  loads: [on('neck', 'pressing', 'moderate'), on('upper-neck', 'pressing', 'light')],
  variants: [
    { id: 'prone', name: 'Prone' },
    {
      id: 'supine',
      name: 'Supine',
      posture: 'supine',
      changes: {
        levels: {
          do: 'From below, lift each level on the {side} forward and feel its end; the head rests in your hands.',
          pose: {
            ...closeToNeck(ON_THE_BACK, 'head'),
            contacts: [
              { on: 'neck', along: 0.5, off: -5, from: 265, push: 85 },
              { on: 'head', along: 0.5, off: -8, from: 250 },
            ],
          },
        },
      },
    },
  ],
  stages: [
    grid(
      'levels',
      'Level by level',
      'Glide each level on the {side} forward and feel its end.',
      NECK_LEVELS,
      [column('moves', 'moves', { normal: 'normal', stiff: 'stiff', 'stiff-own': 'stiff, familiar pain' }, { usual: 'normal' })],
      {
        ...closeToNeck(FACE_DOWN, 'head'),
        contacts: [
          { on: 'neck', along: 0.5, off: 5, from: 70, push: 265 },
          { on: 'neck', along: 0.2, off: 5, from: 110, push: 275 },
        ],
      },
    ),
  ],
  doesNotCount: ['stiffness without the familiar pain', 'tenderness of the skin'],
  notWith: [{ when: 'fracture-neck' }, { when: 'upper-neck-laxity' }],
  careWith: [{ when: 'blood-thinners', then: 'no forceful presses' }],
  faults: ['pressing on the spinous process for a facet joint'],
  reading: table({
    source: 'facet-cervical',
    lines: [line(cells('levels', 'moves', ['stiff-own']), 'positive', 'stiff with the familiar pain', speaksFor('facet-cervical'))],
    otherwise: otherwise('negative', 'no level is stiff with the familiar pain', speaksAgainst('facet-cervical')),
  }),
  shares: ['facet-loading'],
})
