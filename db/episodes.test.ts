import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { gunzipSync } from 'node:zlib'
import { describe, expect, it } from 'vitest'
import { clinicToSpoil, NOW, TODAY } from '../tests/clinic-to-spoil'
import { own } from '../tests/people'
import { assess } from '../core/assess'
import { changesOf } from '../core/change/changes'
import { evaluationOf } from '../core/exchange/evaluation'
import { noteOf } from '../core/note/note'
import { composedId } from '../core/record/compose'
import type { EventContent, ExamEvent } from '../core/record/event'
import { RULEBOOK } from '../core/safety/rulebook'
import { openDb } from './open'
import { changeEpisode, dueBy, episodeEntries, episodeOfExam, episodesOfPerson, visitsOf } from './queries/episodes'
import { erasePerson } from './queries/erase'
import { appendEvents } from './queries/exam-events'
import { examHeads, type ExamHead } from './queries/exams'
import { clinicKnowledge } from './queries/clinic'
import { recordOf } from './queries/ledger'
import { openVisit } from './queries/open-visit'
import { mergePeople, moveExam } from './queries/person-changes'
import { catchUpAll } from './queries/rebuild-findings'
import { changesOfPerson, performancesOfPerson, visitsOfPerson } from './queries/signs'
import { restore } from './restore'
import { people } from './schema'
import { verifyFile } from './verify'

const clinic = clinicToSpoil()
const id = (n: number) => composedId(NOW, 'episode', n)
const written = (n: number) => ({ id: id(n), by: 'Maren Oake', at: NOW + n })
/** A no to every question of the screen. */
const SCREENED = RULEBOOK.screen.flatMap((group): readonly EventContent[] => {
  const items = group.items.filter((i) => i.onlyIf === undefined).map((i) => i.id)
  return group.singly ? items.map((item) => ({ type: 'screen-answered', item, answer: 'no' })) : [{ type: 'screen-rest-no', group: group.id, items }]
})
const WEEK = 7 * 86_400_000

const head = (name: string): ExamHead => {
  const found = examHeads(clinic.db).find((one) => one.person.name === name)
  if (!found) throw new Error(`${name} is not in the demo clinic.`)
  return found
}
const imre = () => {
  const exam = head('Imre Talvane')
  return { exam, name: { episode: exam.id, person: exam.person.id } }
}
/** Record something in a visit. */
function record(examId: string, ...contents: readonly EventContent[]): void {
  const from = recordOf(clinic.db, examId).seq
  const events = contents.map((content, i): ExamEvent => ({ ...content, id: composedId(NOW, examId, from + i), at: NOW + from + i, by: 'maren-oake' }))
  const came = appendEvents(clinic.db, examId, events)
  if (!came.ok) throw new Error(came.problem.what)
}

/** A note as the fixture holds it: headings and lines. */
const kept = (note: ReturnType<typeof noteOf>) => note.map(({ heading, statements }) => ({ heading, lines: statements.map((s) => s.text) }))

describe('a database that the version before episodes made', () => {
  const fixture = (name: string) => gunzipSync(readFileSync(`tests/fixtures/clinic-before-episodes.${name}.gz`))
  const told = JSON.parse(fixture('json').toString()) as readonly { name: string; events: number; evaluation: object; note: object }[]

  it('keeps every record with its meaning: findings, rules, estimates and levels, and a signed note word for word', () => {
    const file = path.join(clinic.folder, 'before', 'clinic.sqlite')
    mkdirSync(path.dirname(file))
    writeFileSync(file, fixture('sqlite'))
    const before = verifyFile(file)
    expect(before).toMatchObject({ ok: true, breaks: [] })
    const db = openDb(file)
    catchUpAll(db)
    const knows = clinicKnowledge(db)
    const now = examHeads(db)
      .toSorted((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1))
      .map((one) => {
        const { exam, events } = recordOf(db, one.id)
        const assessment = exam && assess(exam, { clinic: knows })
        // Nobody treated anybody: nothing changed, and nothing is said to have.
        if (assessment) expect(changesOf(assessment).tallies).toEqual({})
        const evaluation = assessment && { ...evaluationOf(assessment, { intervals: false }), changes: undefined }
        return {
          name: one.person.name,
          events: events.length,
          evaluation: JSON.parse(JSON.stringify(evaluation)) as object,
          // A note that is not signed is written anew, in the words of today.
          note: assessment?.exam.signed ? kept(noteOf(assessment, one.person.name)) : null,
        }
      })
    expect(now).toEqual(told.map((one) => ({ ...one, note: now.find((n) => n.name === one.name)?.note === null ? null : one.note })))
    expect(now.filter((n) => n.note !== null).length).toBe(2)
    for (const one of examHeads(db)) {
      expect(episodesOfPerson(db, one.person.id)).toMatchObject([{ episode: one.id, visits: 1, open: true, due: null }])
    }
    db.$client.close()
    expect(verifyFile(file)).toMatchObject({ ok: true, entries: before.entries })
  })

  it('can be restored, and is brought up to date when it is opened', async () => {
    const from = path.join(clinic.folder, 'backup.sqlite')
    writeFileSync(from, fixture('sqlite'))
    const folder = path.join(clinic.folder, 'restored')
    expect(await restore({ from, folder, now: NOW, ...clinic.places() })).toMatchObject({ ok: true })
    const db = openDb(path.join(folder, 'clinic.sqlite'))
    expect(examHeads(db)).toHaveLength(told.length)
    db.$client.close()
  })

  it('is not taken for one when its tables were removed by hand', () => {
    changeEpisode(clinic.db, written(1), imre().name, { kind: 'due', on: '2026-12-01' })
    clinic.db.$client.close()
    clinic.byHand((client) => {
      const { entries } = JSON.parse(readFileSync('db/migrations/meta/_journal.json', 'utf8')) as { entries: { tag: string; when: number }[] }
      const level = entries.find(({ tag }) => tag === '0007_episodes')?.when ?? 0
      client.exec(`DROP TABLE episode_changes; DELETE FROM __drizzle_migrations WHERE created_at >= ${level}`)
    })
    expect(verifyFile(clinic.file()).breaks.map((b) => `${b.where} ${b.what}`)).toContain('table episode_changes is gone, and the chain has rows of it')
  })
})

describe('a visit', () => {
  it('goes on with the episode of an examination that knew of none, and compares with it', () => {
    const { exam, name } = imre()
    const next = id(100)
    expect(openVisit(clinic.db, name, { examId: next, by: 'maren-oake', at: TODAY.getTime() + WEEK })).toBeNull()
    // The answer was lost, and it is asked for again.
    expect(openVisit(clinic.db, name, { examId: next, by: 'maren-oake', at: TODAY.getTime() + WEEK })).toBeNull()
    expect(visitsOf(clinic.db, name).map((v) => v.examId)).toEqual([exam.id, next])
    const { exam: second } = recordOf(clinic.db, next)
    const { exam: first } = recordOf(clinic.db, exam.id)
    expect(second?.episode).toMatchObject({ episode: exam.id, visit: 2 })
    expect(second?.symptoms.map((s) => [s.id, s.words, s.now])).toEqual(first?.symptoms.map((s) => [s.id, s.words, null]))
    expect(episodeOfExam(clinic.db, next)).toEqual(name)
    // Nothing was done in it yet: it is gone on with, and no third one opened.
    expect(openVisit(clinic.db, name, { examId: id(101), by: 'maren-oake', at: NOW + 2 * WEEK })?.what).toContain('nothing was done in it yet')
  })

  it('tells lists and pages what changed', () => {
    const { exam, name } = imre()
    const next = id(100)
    openVisit(clinic.db, name, { examId: next, by: 'maren-oake', at: NOW + WEEK })
    const before = recordOf(clinic.db, exam.id).exam?.runs.find((run) => run.test === 'leg-raise' && run.answers.some((a) => a.answer.said === 'familiar'))
    if (!before || before.side === 'none') throw new Error('The demo has a positive raise.')
    const { side, variant } = before
    const run = id(200)
    record(
      next,
      { type: 'consent-given', form: 'verbal', explained: 'what we do and that a word stops it' },
      ...SCREENED,
      { type: 'test-started', run, test: 'leg-raise', side, variant },
      { type: 'stage-answered', run, stage: 'raise', answer: own([`${side}-calf`], 3, 90) },
    )
    catchUpAll(clinic.db)
    const visits = visitsOfPerson(clinic.db, name.person)
    expect(visits.map((v) => v.visit)).toEqual([1, 2])
    expect(visits.at(-1)?.changed).toContain('since last visit: 1 better')
    expect(
      performancesOfPerson(clinic.db, name.person)
        .filter((p) => p.test === 'leg-raise' && p.side === side)
        .map((p) => p.examId),
    ).toEqual([exam.id, next])
    expect(changesOfPerson(clinic.db, name.person).map((c) => [c.span, c.verdict])).toEqual(expect.arrayContaining([['baseline', 'better']]))
    const all = () => [performancesOfPerson(clinic.db, name.person), changesOfPerson(clinic.db, name.person), episodesOfPerson(clinic.db, name.person)]
    const told = all()
    clinic.db.$client.exec('DELETE FROM performances; DELETE FROM sign_changes; DELETE FROM episodes; UPDATE overviews SET covers = -1')
    catchUpAll(clinic.db)
    expect(all()).toEqual(told)
  })
})

describe('what is said of an episode', () => {
  const confirmed = { kind: 'confirmed', source: 'root-lumbar-low', side: 'right', holds: true, how: 'imaging', on: '2026-10-01', words: 'L5/S1' } as const

  it('is kept once, in its order, and is never changed', () => {
    const { name } = imre()
    expect(changeEpisode(clinic.db, written(1), name, confirmed)).toBeNull()
    expect(changeEpisode(clinic.db, written(1), name, confirmed)).toBeNull()
    expect(changeEpisode(clinic.db, written(1), name, { ...confirmed, holds: false })?.what).toContain('Something else')
    expect(changeEpisode(clinic.db, written(2), name, { kind: 'discharged', summary: 'no pain any more' })).toBeNull()
    expect(changeEpisode(clinic.db, written(3), name, { kind: 'discharged', summary: 'again' })?.what).toContain('closed already')
    expect(episodeEntries(clinic.db, name).map((e) => e.change.kind)).toEqual(['confirmed', 'discharged'])
    expect(() => clinic.db.$client.exec(`UPDATE episode_changes SET content = '{}'`)).toThrow('never changed')
    expect(() => clinic.db.$client.exec('DELETE FROM episode_changes')).toThrow('never removed')
    expect(changeEpisode(clinic.db, written(4), { ...name, episode: id(9) }, confirmed)?.what).toContain('no such episode')
    clinic.db.$client.close()
    expect(verifyFile(clinic.file())).toMatchObject({ ok: true })
    clinic.byHand(
      (client) => client.exec(`DROP TRIGGER episode_changes_never_change; UPDATE episode_changes SET content = '{}' WHERE kind = 'confirmed'`),
      true,
    )
    expect(verifyFile(clinic.file()).breaks.map((b) => b.what)).toContain('is not what it was when it was written')
  })

  it('asks for whoever is due until they come, or are discharged', () => {
    const { name } = imre()
    changeEpisode(clinic.db, written(1), name, { kind: 'due', on: '2026-12-01' })
    const due = (day: string) => dueBy(clinic.db, day, 10).flatMap((d) => (d.person === name.person ? [d.name] : []))
    expect(due('2026-11-30')).toEqual([])
    expect(due('2026-12-01')).toEqual(['Imre Talvane'])
    openVisit(clinic.db, name, { examId: id(100), by: 'maren-oake', at: Date.UTC(2026, 11, 2, 9) })
    catchUpAll(clinic.db)
    expect(due('2026-12-24')).toEqual([])
    changeEpisode(clinic.db, written(2), name, { kind: 'due', on: '2026-12-20' })
    expect(due('2026-12-24')).toHaveLength(1)
    changeEpisode(clinic.db, written(3), name, { kind: 'discharged', summary: 'well' })
    expect(due('2026-12-24')).toEqual([])
  })

  it('goes with the person when two numbers are joined, stays when one examination is moved, and goes when they are erased', () => {
    const { exam, name } = imre()
    changeEpisode(clinic.db, written(1), name, confirmed)
    const other = head('Odalys Brightmoor').person.id
    const act = (n: number) => ({ ...written(n), practitioner: 'maren-oake', why: 'one and the same' })
    expect(mergePeople(clinic.db, act(20), name.person, other).ok).toBe(true)
    expect(episodeEntries(clinic.db, { episode: exam.id, person: other })).toHaveLength(1)
    expect(episodesOfPerson(clinic.db, other).map((e) => e.episode)).toContain(exam.id)
    expect(episodesOfPerson(clinic.db, name.person)).toEqual([])
    const third = head('Teodor Quill').person.id
    expect(moveExam(clinic.db, act(21), exam.id, { id: third }).ok).toBe(true)
    expect(episodesOfPerson(clinic.db, third).map((e) => e.episode)).toContain(exam.id)
    expect(erasePerson(clinic.db, written(22), third, 'asked for in writing')).toMatchObject({ ok: true })
    expect(clinic.db.$client.prepare('SELECT count(*) FROM episode_changes WHERE episode = ?').pluck().get(exam.id)).toBe(0)
    for (const table of ['performances', 'sign_changes', 'episodes']) {
      expect(
        clinic.db.$client
          .prepare(`SELECT count(*) FROM ${table} WHERE ${table === 'episodes' ? 'episode' : 'exam_id'} = ?`)
          .pluck()
          .get(exam.id),
      ).toBe(0)
    }
    clinic.db.$client.close()
    expect(verifyFile(clinic.file())).toMatchObject({ ok: true })
  })

  it('no two rows with words of a person have the same salt, so a hash in the chain tells nobody what was erased', () => {
    changeEpisode(clinic.db, written(1), imre().name, confirmed)
    const salts = clinic.db
      .select({ salt: people.salt })
      .from(people)
      .all()
      .map((row) => row.salt)
    expect(new Set(salts).size).toBe(salts.length)
    expect(salts.every((salt) => /^[0-9a-f]{32}$/.test(salt))).toBe(true)
    const said = clinic.db.$client.prepare('SELECT salt FROM episode_changes').pluck().all() as string[]
    expect(said.every((salt) => /^[0-9a-f]{32}$/.test(salt))).toBe(true)
  })
})
