import type { Answer } from '../../../core/record/answer'
import type { DemoPerson } from '../person'
import { screenedQuiet } from '../screened'

const seen = (choice: string): Answer => ({ said: 'observed', choice })
const low: Answer = { said: 'familiar', symptom: 'S1', places: ['left-low-back', 'right-low-back'], intensity: 5 }

/** Loose segment and disc: bends far, catches, better with the muscles on; repeated bending back draws it in. */
export const joryCobblewick: DemoPerson = {
  name: 'Jory Cobblewick',
  born: '1994-12-05',
  work: 'sail loader',
  daysAgo: 12,
  hour: 10,
  minute: 45,
  record: (opened) =>
    screenedQuiet(
      opened
        .symptom('S1', {
          words: 'it slips and catches when I come up from the hold',
          places: ['left-low-back', 'right-low-back'],
          qualities: ['catching', 'aching'],
          now: 2,
          bringsOn: 'coming up from bending, long sitting',
          eases: 'a belt',
          stirring: { stirredBy: 'some', settles: 'minutes' },
        })
        .screened(),
    )
      .test('prone-instability', 'none', [seen('l4'), low, { said: 'eased' }, { said: 'returned' }])
      .test('passive-extension', 'none', [low, { said: 'eased' }])
      .test('lumbar-range', 'none', [{ said: 'measured', trials: [61] }, seen('catch'), { said: 'measured', trials: [24] }, seen('equal')])
      .test('repeated-movement', 'none', [seen('worse'), seen('centralises')]),
}
