import { CATALOGUE } from '../core/catalogue'
import { sidesOf } from '../core/record/outline'
import { performed } from '../tests/people'
import { RULEBOOK } from '../core/safety/rulebook'
import type { Answer } from '../core/record/answer'
import { type Composed, compose, composedId } from '../core/record/compose'

const AT = Date.UTC(2026, 0, 5, 9)
const NOTHING: Answer = { said: 'nothing' }
const at = (end: number): Answer => ({ said: 'nothing', end })
const own = (place: 'left-calf' | 'left-buttock', onset?: number): Answer => ({
  said: 'familiar',
  symptom: 'S1',
  places: [place],
  intensity: 6,
  ...(onset !== undefined && { onset }),
})

/** An examination in which every test of the catalogue was done on every side it has. */
export function fullExam(): Composed {
  const ids = { examId: composedId(AT, 'bench', 1), personId: composedId(AT, 'bench', 2) }
  const quietSlump = Array.from({ length: 7 }, () => NOTHING)
  let record = compose({ ...ids, ageYears: 43, at: AT, by: 'bench' }, RULEBOOK)
    .symptom('S1', { words: 'shoots', places: ['left-calf', 'left-buttock'], qualities: ['shooting'], now: 3 })
    .screened()
    .test('slump', 'right', quietSlump)
    .test('slump', 'left', [NOTHING, NOTHING, NOTHING, NOTHING, own('left-calf', 35), { said: 'eased' }, { said: 'returned' }])
    .test('leg-raise', 'right', [at(84)])
    .test('leg-raise', 'left', [own('left-calf', 48)])
    .test('leg-raise-ankle', 'left', [{ said: 'eased' }, { said: 'returned' }])
    .test('crossed-leg-raise', 'right', [at(84)])
    .test('sij-distraction', 'none', [NOTHING])
    .test('sacral-thrust', 'none', [own('left-buttock')])
  for (const side of ['left', 'right'] as const) {
    record = record.test('seated-leg-raise', side, [at(88), NOTHING, NOTHING]).test('hip-internal-rotation', side, [at(38)])
    for (const test of ['faber', 'thigh-thrust', 'gaenslen', 'sij-compression'])
      record = record.test(test, side, [side === 'left' ? own('left-buttock') : NOTHING])
  }
  // Everything else, quiet; what only follows a reproduced symptom was done above.
  for (const test of CATALOGUE) {
    for (const side of sidesOf(test)) {
      const done = record.exam.runs.some((run) => run.test === test.id && run.side === side)
      if (!done && !test.follows) record = performed(record, test.id, side)
    }
  }
  return record
}
