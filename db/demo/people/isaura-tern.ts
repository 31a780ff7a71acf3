import type { Answer } from '../../../core/record/answer'
import type { DemoPerson } from '../person'
import { screenedQuiet } from '../screened'

const buttock: Answer = { said: 'familiar', symptom: 'S1', places: ['right-buttock'], intensity: 5 }

/** Deep buttock muscle, right: quiet nerve tests, own pain on the resisted push and under the finger. */
export const isauraTern: DemoPerson = {
  name: 'Isaura Tern',
  born: '1990-06-17',
  work: 'night-ferry helmswoman',
  daysAgo: 15,
  hour: 15,
  minute: 30,
  record: (opened) =>
    screenedQuiet(
      opened
        .symptom('S1', {
          words: 'deep in the seat after the long watch',
          places: ['right-buttock'],
          qualities: ['dull', 'aching'],
          now: 3,
          bringsOn: 'sitting through the watch',
          eases: 'walking the deck',
          stirring: { stirredBy: 'much', settles: 'minutes' },
        })
        .screened(),
    )
      .test('leg-raise', 'left', [{ said: 'stretch', places: ['left-thigh-back'], end: 82 }])
      .test('leg-raise', 'right', [{ said: 'stretch', places: ['right-thigh-back'], end: 80 }])
      .test('piriformis', 'right', [{ said: 'stretch', places: ['right-buttock'] }, buttock])
      .test('muscle-palpation', 'none', [
        { said: 'grid', cells: { 'piriformis.right': 'own', 'piriformis.left': '1', 'gluteus-max.right': '2', 'gluteus-max.left': '1' } },
      ]),
}
