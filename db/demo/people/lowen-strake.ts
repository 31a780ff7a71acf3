import type { Answer } from '../../../core/record/answer'
import type { Composed } from '../../../core/record/compose'
import { type DemoPerson, signed } from '../person'

const own = (intensity: number): Answer => ({ said: 'familiar', symptom: 'S1', places: ['right-sacroiliac'], intensity })

function visit(record: Composed, now: number, thrust: number, spread: number, faber: number): Composed {
  return record
    .symptom('S1', {
      words: 'a deep ache at the dimple, worse on the rake',
      places: ['right-sacroiliac', 'right-buttock'],
      qualities: ['aching'],
      now,
      worst: 7,
      usual: 4,
      bringsOn: 'raking across the body',
      eases: 'lying on the left side',
      stirring: { stirredBy: 'some', settles: 'minutes' },
    })
    .screened()
    .test('sij-distraction', 'none', [own(spread)])
    .test('thigh-thrust', 'right', [own(thrust)])
    .test('faber', 'right', [{ ...own(faber), onset: 18 } as Answer])
}

/** Sacroiliac joint, right: three visits, no change beyond measurement error, and due again. */
export const lowenStrake: DemoPerson = {
  name: 'Lowen Strake',
  born: '1979-09-05',
  work: 'salt raker',
  daysAgo: 36,
  hour: 14,
  minute: 0,
  record: (opened) =>
    signed(
      visit(opened, 4, 6, 5, 6).then({
        type: 'treatment-given',
        kind: 'exercise',
        region: 'pelvis',
        side: 'right',
        words: 'holding the pelvis while the leg lifts',
        response: 'same',
      }),
    ),
  later: [
    { daysAgo: 22, record: (record) => signed(visit(record, 4, 5, 5, 6)) },
    { daysAgo: 15, record: (record) => visit(record, 4, 5, 4, 5) },
  ],
  said: [{ daysAgo: 15, change: (day) => ({ kind: 'due', on: day(1) }) }],
}
