import type { Answer } from '../../../core/record/answer'
import type { Composed } from '../../../core/record/compose'
import { type DemoPerson, signed } from '../person'

const CALF = ['left-calf'] as const
const raise = (onset: number, intensity: number): Answer => ({ said: 'familiar', symptom: 'S1', places: CALF, intensity, onset })
const slump = (onset: number, intensity: number): readonly Answer[] => [
  ...Array.from({ length: 4 }, (): Answer => ({ said: 'nothing' })),
  { said: 'familiar', symptom: 'S1', places: CALF, intensity, onset },
  { said: 'eased' },
  { said: 'returned' },
]

/** One visit: how strong it is, and what slump and raise show. */
function visit(record: Composed, now: number, worst: number, slumped: readonly Answer[], raised: Answer): Composed {
  return record
    .symptom('S1', {
      words: 'a wire down the back of my leg',
      places: ['left-calf', 'left-thigh-back'],
      qualities: ['shooting', 'tingling'],
      now,
      worst,
      usual: Math.max(0, now - 1),
      bringsOn: 'bending over the splicing bench',
      eases: 'walking the quay',
      stirring: { stirredBy: 'some', settles: 'half-hour' },
    })
    .screened()
    .test('slump', 'left', slumped)
    .test('leg-raise', 'left', [raised])
}

const treat = (record: Composed, words: string, response: 'better' | 'same'): Composed =>
  record.then({ type: 'treatment-given', kind: 'manual', region: 'low-back', side: 'left', words, response })

/** Nerve root, left: five visits, better from one to the next, discharged, and confirmed by imaging. */
export const hesperDray: DemoPerson = {
  name: 'Hesper Dray',
  born: '1992-02-17',
  work: 'kite-line splicer',
  daysAgo: 48,
  hour: 8,
  minute: 30,
  record: (opened) =>
    signed(
      treat(
        visit(opened, 4, 8, slump(42, 7), raise(38, 7))
          .test('leg-raise-ankle', 'left', [{ said: 'eased' }, { said: 'returned' }])
          .test('leg-raise', 'right', [{ said: 'stretch', places: ['right-thigh-back'], end: 84 }]),
        'side-lying opening of L5/S1, three minutes',
        'better',
      ).test('leg-raise', 'left', [raise(50, 5)]),
    ),
  later: [
    { daysAgo: 41, record: (record) => signed(treat(visit(record, 4, 7, slump(38, 6), raise(46, 6)), 'opening again, and a nerve slider at home', 'same')) },
    { daysAgo: 33, record: (record) => signed(visit(record, 3, 6, slump(29, 5), raise(57, 5))) },
    { daysAgo: 22, record: (record) => signed(visit(record, 2, 4, slump(18, 3), raise(66, 3))) },
    {
      daysAgo: 8,
      record: (record) =>
        signed(
          visit(
            record,
            0,
            2,
            Array.from({ length: 7 }, (): Answer => ({ said: 'nothing', end: 6 })).map((a, i) => (i === 4 ? a : { said: 'nothing' })),
            { said: 'stretch', places: ['left-thigh-back'], end: 82 },
          ),
        ),
    },
  ],
  said: [
    {
      daysAgo: 30,
      change: (day) => ({
        kind: 'confirmed',
        source: 'root-lumbar-low',
        side: 'left',
        holds: true,
        how: 'imaging',
        on: day(31),
        words: 'disc at L5/S1 touching the S1 root on the left',
      }),
    },
    {
      daysAgo: 8,
      change: () => ({ kind: 'discharged', summary: 'Back at the bench for full days; raise and slump as on the other side. Comes again if it returns.' }),
    },
  ],
}
