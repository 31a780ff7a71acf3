import type { Answer } from '../../../core/record/answer'
import type { DemoPerson } from '../person'

const own = (intensity: number): Answer => ({ said: 'familiar', symptom: 'S1', places: ['right-sacroiliac'], intensity })

const QUIET_SLUMP: readonly Answer[] = Array.from({ length: 7 }, () => ({ said: 'nothing' }))

/** Sacroiliac joint, right: the pelvic rule is met. */
export const odalysBrightmoor: DemoPerson = {
  name: 'Odalys Brightmoor',
  born: '1989-07-30',
  work: 'ferry purser',
  daysAgo: 0,
  hour: 10,
  minute: 0,
  record: (opened) =>
    opened
      .symptom('S1', {
        words: 'deep in the buttock since I fell on the car-deck stairs',
        places: ['right-sacroiliac', 'right-buttock'],
        qualities: ['aching', 'sharp'],
        now: 3,
        bringsOn: 'turning over in the bunk, stairs',
        eases: 'sitting on the left side',
        stirring: { stirredBy: 'some', settles: 'minutes' },
      })
      .screened()
      .test('slump', 'left', QUIET_SLUMP)
      .test('slump', 'right', QUIET_SLUMP)
      .test('leg-raise', 'left', [{ said: 'nothing', end: 82 }])
      .test('leg-raise', 'right', [{ said: 'stretch', places: ['right-thigh-back'], end: 78 }])
      .test('hip-internal-rotation', 'left', [{ said: 'nothing', end: 36 }])
      .test('hip-internal-rotation', 'right', [{ said: 'stretch', places: ['right-buttock'], end: 33 }])
      .test('sij-distraction', 'none', [own(4)])
      .test('faber', 'right', [own(6)])
      .test('thigh-thrust', 'right', [own(6)])
      .test('gaenslen', 'right', [{ said: 'stretch', places: ['right-thigh-front'] }])
      .test('sij-compression', 'right', [{ said: 'nothing' }]),
}
