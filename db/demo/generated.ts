import { randomLcg } from 'd3-random'
import { EDITION } from '../../core/edition'
import type { Answer } from '../../core/record/answer'
import { type Composed, compose, composedId } from '../../core/record/compose'
import { RULEBOOK } from '../../core/safety/rulebook'
import { ageOn } from '../../core/vocabulary/age'
import type { Place } from '../../core/vocabulary/body-area'
import type { Side } from '../../core/vocabulary/side'
import { dayOf } from '../day'
import type { Db } from '../open'
import { changeEpisode } from '../queries/episodes'
import { appendEvents } from '../queries/exam-events'
import { bookExam } from '../queries/exams'
import { addPerson } from '../queries/people'
import { signed } from './person'
import { DEMO_PRACTITIONER } from './practitioner'

/** How often each test of the pelvis answers with the own pain, with the joint as its source and without: made for show, and from no study. */
const PELVIC = [
  ['sij-distraction', 0.6, 0.2],
  ['thigh-thrust', 0.85, 0.3],
  ['faber', 0.7, 0.35],
  ['gaenslen', 0.5, 0.25],
  ['sij-compression', 0.65, 0.3],
] as const

/** The same for a raised leg, with a root as its source and without. */
const RAISE = [0.85, 0.3] as const

/** Everybody was seen within this many days. */
const DAYS = 350

/**
 * Closed examinations that chance made, so that an audit has something to add up. Each says of itself that it was generated.
 *
 * The same seed makes the same people.
 */
export function fillGenerated(db: Db, today: Date, count: number, seed = 0.31): void {
  const chance = randomLcg(seed)
  for (let i = 0; i < count; i++) {
    const at = new Date(today.getFullYear(), today.getMonth(), today.getDate() - 10 - Math.floor(chance() * DAYS), 8 + Math.floor(chance() * 9), 0).getTime()
    const side: Side = chance() < 0.5 ? 'left' : 'right'
    const truth = { joint: chance() < 0.45, root: chance() < 0.35 }
    const born = `${1945 + Math.floor(chance() * 55)}-0${1 + Math.floor(chance() * 9)}-15`
    const personId = composedId(at, 'generated person', i)
    const examId = composedId(at, 'generated exam', i)
    addPerson(db, { id: personId, name: `Generated ${i + 1}`, born, work: 'made by chance for the demo' }, at)
    bookExam(db, { id: examId, personId, at })
    const opened = compose({ examId, personId, ageYears: ageOn(born, dayOf(at)), at, by: DEMO_PRACTITIONER.id, edition: EDITION }, RULEBOOK)
    const record = signed(examined(opened, side, truth, chance))
    const stored = appendEvents(db, examId, record.events)
    if (!stored.ok) throw new Error(`A generated record was refused: ${stored.problem.what}`)
    const name = { episode: examId, person: personId }
    const later = at + 9 * 86_400_000
    const told = [
      { kind: 'confirmed', source: 'sij-pain', side, holds: truth.joint, how: 'block', on: dayOf(later), words: 'generated' },
      { kind: 'confirmed', source: 'root-lumbar-low', side, holds: truth.root, how: 'imaging', on: dayOf(later), words: 'generated' },
      { kind: 'discharged', summary: 'generated' },
    ] as const
    for (const [n, change] of told.entries()) {
      const problem = changeEpisode(db, { id: composedId(later, `generated said ${i}`, n), by: DEMO_PRACTITIONER.name, at: later + n }, name, change)
      if (problem) throw new Error(problem.what)
    }
  }
}

function examined(opened: Composed, side: Side, truth: { readonly joint: boolean; readonly root: boolean }, chance: () => number): Composed {
  const places: readonly Place[] = [`${side}-sacroiliac`, `${side}-buttock`, `${side}-calf`]
  const own = (place: Place, onset?: number): Answer => ({
    said: 'familiar',
    symptom: 'S1',
    places: [place],
    intensity: 4 + Math.floor(chance() * 4),
    ...(onset !== undefined && { onset }),
  })
  const told = opened.symptom('S1', { words: 'generated', places, qualities: ['shooting', 'aching'], now: 2 }).screened()
  const raised = chance() < RAISE[truth.root ? 0 : 1]
  const first = told.test('leg-raise', side, [
    raised ? own(`${side}-calf`, 30 + Math.floor(chance() * 28)) : { said: 'stretch', places: [], end: 70 + Math.floor(chance() * 20) },
  ])
  return PELVIC.reduce((record, [test, withIt, without]) => {
    const positive = chance() < (truth.joint ? withIt : without)
    const on = test === 'sij-distraction' ? 'none' : side
    return record.test(test, on, [positive ? own(`${side}-sacroiliac`) : { said: 'nothing' }])
  }, first)
}
