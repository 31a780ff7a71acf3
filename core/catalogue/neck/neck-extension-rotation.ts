import { ARM, NECK } from '../../vocabulary/area-sets'
import { defineTest } from '../exam-test'
import { close, SITTING_FRONT } from '../poses'
import { line, otherwise, familiar, pointsTo, speaksAgainst, speaksFor, table } from '../reading/table'
import { load } from '../stages'
import { on } from '../load'

/** Extension and turn: own neck pain on the side turned to belongs to a facet joint. */
export const neckExtensionRotation = defineTest({
  id: 'neck-extension-rotation',
  name: 'Cervical extension-rotation test',
  short: 'ext-rotation',
  alsoCalled: ['Neck extension and turn', 'Extension turn', 'Extension-rotation test'],
  region: 'neck',
  plannedFor: ['neck', 'head'],
  purpose: 'Loads the facet joints of one side of the neck.',
  plain: 'tipped your head back and turned it to the {side}',
  structures: ['facet joints', 'root openings'],
  posture: 'sitting',
  phase: 'loading',
  sides: 'each',
  plan: 'better-side-first',
  seconds: 30,
  provocative: 2,
  loads: [on('neck', 'rotation', 'strong'), on('upper-neck', 'rotation', 'moderate')],
  variants: [{ id: 'active', name: 'By the patient, guided' }],
  stages: [
    load('turn', 'Extend and turn', 'Guide the head back, then turn it to the {side}. No overpressure.', {
      ...close(SITTING_FRONT),
      neckBend: 10,
      headTurn: 46,
      contacts: [{ on: 'head', along: 0, off: 15, from: 75 }],
    }),
  ],
  doesNotCount: ['pain on the other side', 'a stretch at the front of the neck'],
  notWith: [{ when: 'upper-neck-laxity' }, { when: 'neck-artery' }],
  careWith: [{ when: 'dizziness-known', then: 'stop at the first sign' }],
  faults: ['overpressure', 'held longer than it takes to ask'],
  reading: table({
    source: 'facet-cervical',
    counts: [...NECK, ...ARM],
    lines: [
      line(familiar(ARM), 'negative', 'familiar arm symptom, which is not the facet’s place', pointsTo('root-cervical'), speaksAgainst('facet-cervical')),
      line(familiar(NECK), 'positive', 'familiar neck pain on the side turned to', speaksFor('facet-cervical')),
      line(
        familiar(NECK, { side: 'other' }),
        'negative',
        'familiar neck pain on the other side only',
        pointsTo('muscle-neck'),
        speaksAgainst('facet-cervical'),
      ),
    ],
    otherwise: otherwise('negative', 'no familiar pain on this side', speaksAgainst('facet-cervical')),
  }),
  shares: ['facet-loading'],
})
