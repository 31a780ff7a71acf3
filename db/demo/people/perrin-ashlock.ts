import { type DemoPerson, signed } from '../person'

/** Low back: everything pelvic and neural is quiet, FABER brings on the back pain. Signed. */
export const perrinAshlock: DemoPerson = {
  name: 'Perrin Ashlock',
  born: '1974-01-19',
  work: 'salt raker',
  daysAgo: 6,
  hour: 14,
  minute: 30,
  record: (opened) =>
    signed(
      opened
        .symptom('S1', {
          words: 'a knot low down when I straighten up',
          places: ['left-low-back'],
          qualities: ['aching', 'catching'],
          now: 2,
          bringsOn: 'raking, bending back',
          eases: 'leaning on the rake',
          stirring: { stirredBy: 'much', settles: 'minutes' },
        })
        .consent('written')
        .screened()
        .test('leg-raise', 'right', [{ said: 'stretch', places: ['right-thigh-back'], end: 80 }])
        .test('leg-raise', 'left', [{ said: 'stretch', places: ['left-thigh-back'], end: 79 }])
        .test('sij-distraction', 'none', [{ said: 'nothing' }])
        .test('faber', 'left', [{ said: 'familiar', symptom: 'S1', places: ['left-low-back'], intensity: 4 }])
        .test('thigh-thrust', 'left', [{ said: 'nothing' }])
        .then({ type: 'note-written', text: 'Advised to vary the raking side. Look at extension next time.' }),
    ),
}
