import { EDITION } from '../../edition'
import { type Composed, compose, composedId } from '../../record/compose'
import { RULEBOOK } from '../../safety/rulebook'

const AT = Date.UTC(2026, 2, 3, 9, 0)
const opened = () =>
  compose(
    { examId: composedId(AT, 'golden exam', 1), personId: composedId(AT, 'golden person', 2), ageYears: 43, at: AT, by: 'maren-oake', edition: EDITION },
    RULEBOOK,
  )

/** Examinations that every release signs once and keeps: what was signed is never read otherwise. */
export const CASES: Readonly<Record<string, () => Composed>> = {
  pelvis: () =>
    opened()
      .symptom('S1', { words: 'an ache behind on the right', places: ['right-buttock'], qualities: ['aching'], now: 3 })
      .screened()
      .test('sij-distraction', 'none', [{ said: 'familiar', symptom: 'S1', places: ['right-buttock'], intensity: 5 }])
      .test('thigh-thrust', 'right', [{ said: 'familiar', symptom: 'S1', places: ['right-buttock'], intensity: 6 }])
      .test('faber', 'right', [{ said: 'nothing' }])
      .then({ type: 'test-skipped', test: 'gaenslen', side: 'right', why: 'hip too sore' })
      .then({ type: 'note-written', text: 'Belt tried, eased a little.' }),
  leg: () =>
    opened()
      .symptom('S1', { words: 'shoots into the calf', places: ['left-calf'], qualities: ['shooting'], now: 3 })
      .consent('written')
      .screened()
      .then({ type: 'screen-answered', item: 'cancer', answer: 'yes' })
      .test('leg-raise', 'right', [{ said: 'nothing', end: 84 }])
      .test('leg-raise', 'left', [{ said: 'familiar', symptom: 'S1', places: ['left-calf'], intensity: 6, onset: 48 }])
      .test('leg-raise-ankle', 'left', [{ said: 'eased' }, { said: 'returned', lowered: 5 }]),
}
