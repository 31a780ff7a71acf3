import { assess } from '../core/assess'
import { auditFacts } from '../core/audit/facts'
import { changesOf } from '../core/change/changes'
import { composedId } from '../core/record/compose'
import type { Db } from '../db/open'
import { BUTTOCK, NOTHING, sorePelvis } from '../tests/people'

const DAY = 86_400_000
/** Examinations a day, as a busy clinic has them: about 11,000 a year. */
const A_DAY = 30
/** Visits of one person. */
const VISITS = 5

/**
 * Fill a database with what pages over several visits and audits read: people with five visits each, their performances, changes and what
 * each adds to an audit, as projections hold them. The events behind them are left out: neither page reads one.
 *
 * @returns the person seen last
 */
export function fillKeptClinic(db: Db, exams: number, now: number): string {
  const raw = db.$client
  const record = (['thigh-thrust', 'faber', 'gaenslen', 'sij-compression'] as const).reduce(
    (so, test) => so.test(test, 'right', [BUTTOCK]).test(test, 'left', [NOTHING]),
    sorePelvis().test('sij-distraction', 'none', [BUTTOCK]),
  )
  const assessment = assess(record.exam)
  const facts = JSON.stringify(auditFacts(assessment, changesOf(assessment)))
  const symptoms = JSON.stringify([{ id: 'S1', words: 'an ache', place: 'right-buttock', now: 3, worst: 6, usual: 3 }])
  const person = raw.prepare(`INSERT INTO people (id, number, name, born, work, added_at, salt) VALUES (?, ?, ?, NULL, 'bell-founder', ?, 'x')`)
  const exam = raw.prepare('INSERT INTO exams (id, person_id, at) VALUES (?, ?, ?)')
  const overview = raw.prepare(
    `INSERT INTO overviews (exam_id, head, covers, age, complaint, symptoms, state, progress, go_on, conclusion, episode, visit, changed, treatments)
     VALUES (?, 50, 50, 43, 'an ache', ?, 'signed', 'signed', 'note', 'Sacroiliac joint, right: about 65 %', ?, ?, 'since last visit: 1 better, 1 same, 0 worse', '[]')`,
  )
  const episode = raw.prepare('INSERT INTO episodes (episode, person, visits, first_at, last_at, last_exam, open, due) VALUES (?, ?, ?, ?, ?, ?, 1, NULL)')
  const performance = raw.prepare(
    `INSERT INTO performances (exam_id, run, n, test, side, variant, moment, at, complete, result, why, measures, symptom, intensity)
     VALUES (?, ?, ?, ?, 'right', 'neutral', 0, ?, 1, 'positive', 'S1 in the right buttock.', ?, 'S1', 5)`,
  )
  const change = raw.prepare(
    `INSERT INTO sign_changes (exam_id, test, side, span, verdict, sentence, alert, before, after) VALUES (?, ?, 'right', ?, 'same', 'The same.', NULL, ?, ?)`,
  )
  const audit = raw.prepare(`INSERT INTO audit_facts (exam_id, at, by, region, episode, facts) VALUES (?, ?, 'maren-oake', 'pelvis', ?, ?)`)
  const TESTS = ['leg-raise', 'slump', 'thigh-thrust', 'faber', 'gaenslen', 'sij-compression']
  const fill = raw.transaction((from: number, to: number) => {
    for (let p = from; p < to; p++) {
      const personId = composedId(now, 'kept person', p)
      const at = (visit: number) => now - Math.floor((p * VISITS) / A_DAY) * DAY - (VISITS - 1 - visit) * 7 * DAY
      person.run(personId, 10_000 + p, `Person ${p}`, at(0))
      const ids = Array.from({ length: VISITS }, (_, visit) => composedId(at(visit), 'kept exam', p * VISITS + visit))
      const first = ids[0] ?? ''
      for (const [visit, id] of ids.entries()) {
        exam.run(id, personId, at(visit))
        overview.run(id, symptoms, first, visit + 1)
        audit.run(id, at(visit), first, facts)
        for (const [n, test] of TESTS.entries()) {
          const measures = JSON.stringify([
            { stage: 'raise', joint: 'hip', kind: 'onset', value: 40 + visit * 5, unit: '°', freer: 'more', error: 10, simulated: false },
          ])
          performance.run(id, `${id} ${n}`, n, test, at(visit) + n, n < 2 ? measures : '[]')
          if (visit > 0) for (const span of ['baseline', 'lastVisit']) change.run(id, test, span, `${first} ${n}`, `${id} ${n}`)
        }
      }
      episode.run(first, personId, VISITS, at(0), at(VISITS - 1), ids.at(-1) ?? '')
    }
  })
  const people = Math.ceil(exams / VISITS)
  for (let from = 0; from < people; from += 1000) fill(from, Math.min(people, from + 1000))
  return composedId(now, 'kept person', 0)
}
