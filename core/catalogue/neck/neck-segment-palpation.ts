import { defineTest } from '../exam-test'
import { closeToNeck, FACE_DOWN, ON_THE_BACK } from '../poses'
import { cells, line, otherwise, speaksAgainst, speaksFor, table } from '../reading/table'
import { column, grid, NECK_LEVELS } from '../stages'
import { on } from '../load'

/** Segmental tenderness of the neck: one item of the neck facet rule. */
export const neckSegmentPalpation = defineTest({
  id: 'neck-segment-palpation',
  name: 'Palpation for segmental tenderness, cervical',
  short: 'PST cervical',
  alsoCalled: ['Neck segment tenderness', 'Segment tender', 'Palpation for segmental tenderness'],
  region: 'neck',
  plannedFor: ['neck', 'head'],
  purpose: 'Finds the level whose facet joint is sore with the patient’s familiar pain.',
  plain: 'pressed on the small joints of your neck on the {side}',
  structures: ['facet joints', 'neck muscles'],
  posture: 'prone',
  phase: 'palpation',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 45,
  provocative: 1,
  loads: [on('neck', 'pressing', 'light'), on('upper-neck', 'pressing', 'light')],
  variants: [
    { id: 'prone', name: 'Prone' },
    {
      id: 'supine',
      name: 'Supine',
      posture: 'supine',
      changes: {
        levels: {
          do: 'From below, press each level on the {side}, over the facet joints, with equal pressure; the head rests in your hands.',
          pose: { ...closeToNeck(ON_THE_BACK, 'head'), contacts: [{ on: 'neck', along: 0.4, off: -5, from: 265, push: 85 }] },
        },
      },
    },
  ],
  stages: [
    grid(
      'levels',
      'Level by level',
      'Press each level on the {side}, over the facet joints, with equal pressure.',
      NECK_LEVELS,
      [column('felt', 'tender', { no: 'no', tender: 'tender', own: 'familiar pain' }, { usual: 'no' })],
      { ...closeToNeck(FACE_DOWN, 'head'), contacts: [{ on: 'neck', along: 0.4, off: 5, from: 80, push: 268 }] },
    ),
  ],
  doesNotCount: ['tenderness that is not the familiar pain', 'pressure that both sides feel alike'],
  notWith: [{ when: 'fracture-neck' }, { when: 'upper-neck-laxity' }],
  careWith: [{ when: 'blood-thinners', then: 'no forceful presses' }],
  faults: ['unequal pressure', 'asking “here?”'],
  reading: table({
    source: 'facet-cervical',
    lines: [line(cells('levels', 'felt', ['own']), 'positive', 'familiar pain under the finger', speaksFor('facet-cervical'))],
    otherwise: otherwise('negative', 'no level gives the familiar pain', speaksAgainst('facet-cervical')),
    pressing: true,
  }),
  shares: ['facet-loading'],
})
