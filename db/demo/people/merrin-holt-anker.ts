import type { Answer } from '../../../core/record/answer'
import type { DemoPerson } from '../person'
import { screenedQuiet } from '../screened'

const neck: Answer = { said: 'familiar', symptom: 'S1', places: ['left-neck-back'], intensity: 5 }
const levels = (own: string): Answer => ({
  said: 'grid',
  cells: { 'c2-3.felt': 'no', 'c3-4.felt': 'no', 'c4-5.felt': 'tender', [`${own}.felt`]: 'own', 'c6-7.felt': 'no' },
})

/** Neck facet, left: all three of the neck facet tests bring it on. */
export const merrinHoltAnker: DemoPerson = {
  name: 'Merrin Holt-Anker',
  born: '1983-03-12',
  work: 'bell-rope maker',
  daysAgo: 3,
  hour: 9,
  minute: 30,
  record: (opened) =>
    screenedQuiet(
      opened
        .symptom('S1', {
          words: 'a hot point beside the neck when I look over that shoulder',
          places: ['left-neck-back', 'left-shoulder-blade'],
          qualities: ['sharp', 'aching'],
          now: 2,
          bringsOn: 'looking over the left shoulder',
          eases: 'warmth',
          stirring: { stirredBy: 'some', settles: 'minutes' },
        })
        .screened(),
    )
      .test('neck-rotation', 'right', [{ said: 'measured', trials: [74, 76] }])
      .test('neck-rotation', 'left', [{ said: 'measured', trials: [61, 63], limitedBy: 'own-pain' }])
      .test('neck-extension-rotation', 'right', [{ said: 'nothing' }])
      .test('neck-extension-rotation', 'left', [neck])
      .test('neck-segment-palpation', 'left', [levels('c5-6')])
      .test('neck-segment-motion', 'left', [{ said: 'grid', cells: { 'c4-5.moves': 'normal', 'c5-6.moves': 'stiff-own' } }]),
}
