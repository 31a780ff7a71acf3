import type { Answer } from '../../../core/record/answer'
import type { DemoPerson } from '../person'

/** The steps of a slump before the knee moves, all quiet. */
const QUIET: readonly Answer[] = Array.from({ length: 4 }, () => ({ said: 'nothing' }))

/** Nerve root, left. Left in the middle of the ankle test: an unfinished examination. */
export const imreTalvane: DemoPerson = {
  name: 'Imre Talvane',
  born: '1983-04-11',
  work: 'bell-founder',
  daysAgo: 0,
  hour: 9,
  minute: 0,
  record: (opened) =>
    opened
      .symptom('S1', {
        words: 'it shoots down into my calf',
        places: ['left-calf', 'left-thigh-back'],
        qualities: ['shooting', 'tingling'],
        now: 3,
        bringsOn: 'bending over the mould, sitting in the boat',
        eases: 'walking, lying on my side',
        stirring: { stirredBy: 'some', settles: 'half-hour' },
      })
      .symptom('S2', {
        words: 'a dull band across the low back',
        places: ['left-low-back', 'right-low-back'],
        qualities: ['dull'],
        now: 4,
        bringsOn: 'standing at the bench',
        eases: 'lying down',
        stirring: { stirredBy: 'much', settles: 'minutes' },
      })
      .screened()
      .test('slump', 'right', [
        ...QUIET,
        { said: 'nothing', end: 12 },
        { said: 'stretch', places: ['right-thigh-back'] },
        { said: 'stretch', places: ['right-thigh-back'] },
      ])
      .test('slump', 'left', [
        ...QUIET,
        { said: 'familiar', symptom: 'S1', places: ['left-calf'], intensity: 6, onset: 38 },
        { said: 'eased' },
        { said: 'returned' },
      ])
      .test('seated-leg-raise', 'right', [
        { said: 'nothing', end: 86, lean: false },
        { said: 'nothing', lean: false },
        { said: 'nothing', lean: false },
      ])
      .test('seated-leg-raise', 'left', [{ said: 'familiar', symptom: 'S1', places: ['left-calf'], intensity: 5, onset: 55, lean: true }])
      .test('leg-raise', 'right', [{ said: 'stretch', places: ['right-thigh-back'], end: 84 }])
      .test('leg-raise', 'left', [{ said: 'familiar', symptom: 'S1', places: ['left-calf'], intensity: 5, onset: 48 }])
      .test('leg-raise-ankle', 'left', [{ said: 'eased' }]),
}
