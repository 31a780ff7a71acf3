import { defineTest } from '../exam-test'
import { ON_THE_BACK } from '../poses'
import { cells, line, otherwise, pointsTo, table } from '../reading/table'
import { column, grid } from '../stages'
import { on } from '../load'

/** Under the rib margin in thirds: a low-weight observation. */
export const diaphragmPalpation = defineTest({
  id: 'diaphragm-palpation',
  name: 'Costal margin and diaphragm palpation',
  short: 'diaphragm',
  alsoCalled: ['Rib margin palpation', 'Rib margin', 'Diaphragm palpation'],
  region: 'back',
  plannedFor: [],
  intimate: 'rib-margin',
  purpose: 'Feels under the costal margin in thirds; often goes with tension of the pelvic floor. Low weight.',
  plain: 'pressed under your ribs on the {side}',
  structures: ['diaphragm', 'abdominal wall'],
  posture: 'supine',
  phase: 'palpation',
  after: 'abdominal-tension',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 40,
  provocative: 1,
  loads: [on('abdomen', 'pressing', 'moderate')],
  variants: [{ id: 'thirds', name: 'Upper, middle and lower third' }],
  stages: [
    grid(
      'thirds',
      'Third by third',
      'Knees bent. Feel under the {side} costal margin as they breathe out.',
      { upper: 'upper third', middle: 'middle third', lower: 'lower third' },
      [column('felt', 'felt', { free: 'free', guarded: 'guarded', own: 'familiar pain' }, { usual: 'free' })],
      {
        ...ON_THE_BACK,
        near: { hip: 45, knee: 90, ankle: 0 },
        far: { hip: 45, knee: 90, ankle: 0 },
        contacts: [{ on: 'thorax', along: 0.95, off: 10, from: 50, push: 225 }],
      },
    ),
  ],
  doesNotCount: ['discomfort that is not the familiar pain'],
  notWith: [{ when: 'aneurysm' }],
  careWith: [{ when: 'blood-thinners', then: 'no forceful presses' }],
  faults: ['pressing in a breath in'],
  reading: table({
    source: 'abdominal-wall',
    lines: [line(cells('thirds', 'felt', ['own']), 'positive', 'familiar pain under the costal margin: low weight', pointsTo('abdominal-wall'))],
    otherwise: otherwise('negative', 'no familiar pain under the costal margin'),
  }),
  shares: [],
})
