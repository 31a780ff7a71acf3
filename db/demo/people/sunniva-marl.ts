import type { DemoPerson } from '../person'

/** Hip, left: groin pain on FABER and on the thigh thrust, so the pelvic answers do not count. */
export const sunnivaMarl: DemoPerson = {
  name: 'Sunniva Marl',
  born: '1997-10-02',
  work: 'kite-line splicer',
  daysAgo: 2,
  hour: 11,
  minute: 15,
  record: (opened) =>
    opened
      .symptom('S1', {
        words: 'a pinch in the groin when I crouch on the pier',
        places: ['left-groin'],
        qualities: ['sharp', 'catching'],
        now: 1,
        bringsOn: 'crouching, getting into the boat',
        eases: 'standing',
        stirring: { stirredBy: 'some', settles: 'minutes' },
      })
      .screened()
      .test('leg-raise', 'right', [{ said: 'nothing', end: 88 }])
      .test('leg-raise', 'left', [{ said: 'nothing', end: 86 }])
      .test('sij-distraction', 'none', [{ said: 'nothing' }])
      .test('faber', 'left', [{ said: 'familiar', symptom: 'S1', places: ['left-groin'], intensity: 4 }])
      .test('thigh-thrust', 'left', [{ said: 'familiar', symptom: 'S1', places: ['left-groin'], intensity: 3 }])
      .then({ type: 'test-skipped', test: 'gaenslen', side: 'left', why: 'groin too sore to lower the leg' }),
}
