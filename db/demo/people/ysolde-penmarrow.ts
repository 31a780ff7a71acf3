import type { Answer } from '../../../core/record/answer'
import type { Composed } from '../../../core/record/compose'
import { type DemoPerson, signed } from '../person'

const QUIET: readonly Answer[] = Array.from({ length: 6 }, () => ({ said: 'nothing' }))
const NECK: Answer = { said: 'familiar', symptom: 'S1', places: ['right-neck-back'], intensity: 5 }

function told(record: Composed, now: number, worst: number): Composed {
  return record
    .symptom('S1', {
      words: 'a knife from the neck into the upper arm',
      places: ['right-neck-back', 'right-upper-arm-back'],
      qualities: ['sharp', 'shooting'],
      now,
      worst,
      usual: now,
      bringsOn: 'looking up into the pipes',
      eases: 'a hand under the chin',
      stirring: { stirredBy: 'some', settles: 'minutes' },
    })
    .screened()
}

const turned = (record: Composed, left: number, right: number): Composed =>
  record
    .test('neck-rotation', 'left', [{ said: 'measured', trials: [left, left + 2] }])
    .test('neck-rotation', 'right', [{ said: 'measured', trials: [right, right + 2], limitedBy: 'own-pain' }])

const quietArm = (record: Composed): Composed => record.test('ulnt-1', 'right', QUIET)

/** Neck, right: four visits, worse from one to the next, and an arm test that became positive after a manual technique. */
export const ysoldePenmarrow: DemoPerson = {
  name: 'Ysolde Penmarrow',
  born: '1968-06-21',
  work: 'organ-pipe maker',
  daysAgo: 27,
  hour: 16,
  minute: 0,
  record: (opened) =>
    signed(
      quietArm(turned(told(opened, 4, 6), 72, 58))
        .test('neck-compression', 'none', [NECK, { said: 'nothing' }, { said: 'nothing' }, { said: 'nothing' }])
        .then({ type: 'sign-marked', test: 'ulnt-1', side: 'right', as: 'pinned' }),
    ),
  later: [
    { daysAgo: 20, record: (record) => signed(quietArm(turned(told(record, 5, 7), 70, 50))) },
    { daysAgo: 12, record: (record) => signed(quietArm(turned(told(record, 5, 7), 70, 44))) },
    {
      daysAgo: 3,
      record: (record) =>
        quietArm(turned(told(record, 5, 8), 68, 42))
          .then({ type: 'treatment-given', kind: 'manual', region: 'neck', side: 'right', words: 'sustained glide at C5/6 to the right', response: 'worse' })
          .test('neck-rotation', 'right', [{ said: 'measured', trials: [40, 42], limitedBy: 'own-pain' }])
          .test('ulnt-1', 'right', [
            ...QUIET.slice(0, 3),
            { said: 'familiar', symptom: 'S1', places: ['right-upper-arm-back'], intensity: 7 },
            { said: 'eased' },
            { said: 'returned' },
          ]),
    },
  ],
}
