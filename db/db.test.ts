import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { eq, sql } from 'drizzle-orm'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { BUTTOCK, opened, sorePelvis } from '../tests/people'
import { assess } from '../core/assess'
import { SHIPPED } from '../core/evidence/knowledge'
import { conclusionOf } from '../core/note/conclusion'
import { progressOf } from '../core/planner/progress'
import { composedId } from '../core/record/compose'
import type { ExamEvent } from '../core/record/event'
import { examFrom } from '../core/record/exam'
import { fillDemoClinic } from './demo/clinic'
import { type Db, openDb } from './open'
import { appendEvents, eventsOfExam } from './queries/exam-events'
import { bookExam, examHeads } from './queries/exams'
import { addPerson, personById } from './queries/people'
import { recordOf } from './queries/ledger'
import { openExam } from './queries/open-exam'
import { behind, catchUp, overviewsFound, overviewsOfDay, overviewsOfOtherDays } from './queries/overviews'
import { rebuildFindings } from './queries/rebuild-findings'
import { examEvents, findings } from './schema'
import { verifyOpen } from './verify'

let folder: string
let db: Db
const file = () => path.join(folder, 'clinic.sqlite')

beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-'))
  db = openDb(file())
})
afterEach(() => {
  db.$client.close()
  rmSync(folder, { recursive: true })
})

function booked() {
  const { exam } = opened()
  addPerson(db, { id: exam.personId, name: 'A person', born: null, work: '' }, 1)
  bookExam(db, { id: exam.id, personId: exam.personId, at: exam.openedAt })
  return exam.id
}

describe('the store', () => {
  it('is durable and keeps references: WAL, FULL, foreign keys', () => {
    expect(db.$client.pragma('journal_mode', { simple: true })).toBe('wal')
    expect(db.$client.pragma('synchronous', { simple: true })).toBe(2)
    expect(db.$client.pragma('foreign_keys', { simple: true })).toBe(1)
  })

  it('gives back what was appended, also to another connection, and takes the same events twice as once', () => {
    const examId = booked()
    const { events } = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK])
    expect(appendEvents(db, examId, events)).toEqual({ ok: true, length: events.length })
    expect(appendEvents(db, examId, events)).toEqual({ ok: true, length: events.length })
    const other = openDb(file())
    expect(eventsOfExam(other, examId)).toEqual(events)
    other.$client.close()
  })

  it('writes nothing of a batch when one event is refused', () => {
    const examId = booked()
    const { events } = sorePelvis()
    const bad = { ...events[1], id: composedId(5, 'x', 5), type: 'test-skipped', test: 'no-such', side: 'left', why: 'x' } as unknown as ExamEvent
    expect(appendEvents(db, examId, [...events, bad])).toMatchObject({ ok: false, reason: 'refused' })
    expect(eventsOfExam(db, examId)).toEqual([])
    expect(appendEvents(db, 'nobody', events)).toMatchObject({ ok: false, reason: 'no-exam' })
    expect(appendEvents(db, examId, [...events, bad])).toMatchObject({ id: bad.id })
  })

  it('refuses an id that already stands for something else', () => {
    const examId = booked()
    const { events } = sorePelvis()
    appendEvents(db, examId, events)
    const changed = { ...events[1], at: 5 } as never
    expect(appendEvents(db, examId, [changed])).toMatchObject({ ok: false, reason: 'refused' })
  })

  it('never changes or removes a stored event, and finds a row changed by other hands', () => {
    const examId = booked()
    appendEvents(db, examId, sorePelvis().events)
    expect(verifyOpen(db.$client, {}).breaks).toEqual([])
    const change = () => db.update(examEvents).set({ event: '{}' }).where(eq(examEvents.examId, examId)).run()
    expect(change).toThrow('never changed')
    expect(() => db.delete(examEvents).run()).toThrow('never removed')
    db.run(sql`DROP TRIGGER exam_events_never_change`)
    db.update(examEvents).set({ event: '{}' }).where(eq(examEvents.seq, 2)).run()
    expect(verifyOpen(db.$client, {}).breaks).toContainEqual({ where: `examination ${examId}, entry 2`, what: 'was changed' })
  })

  it('projects findings and overview behind every append, and rebuilds the same from the events alone', () => {
    const examId = booked()
    appendEvents(db, examId, sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).events)
    expect(behind(db, 10)).toEqual([examId])
    expect(catchUp(db, examId, SHIPPED)).toBe(true)
    expect(catchUp(db, examId, SHIPPED)).toBe(false)
    const before = db.select().from(findings).all()
    expect(before).toMatchObject([{ test: 'thigh-thrust', side: 'right', result: 'positive', symptom: 'S1' }])
    db.delete(findings).run()
    expect(rebuildFindings(db)).toBe(1)
    expect(db.select().from(findings).all()).toEqual(before)
  })

  it('numbers people upward, once each', () => {
    for (const n of [1, 2, 2]) addPerson(db, { id: composedId(n, 'p', n), name: `Person ${n}`, born: null, work: '' }, n)
    expect([1, 2].map((n) => personById(db, composedId(n, 'p', n))?.number)).toEqual([101, 102])
  })
})

describe('lists', () => {
  const DAY = 86_400_000
  const NOON = Date.UTC(2026, 5, 12, 12)
  /** People with an examination each, a day apart, the first one today. */
  function fill(n: number) {
    const { events } = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK])
    for (let i = 0; i < n; i++) {
      const at = NOON - i * DAY
      const [examId, personId] = [composedId(at, 'exam', i), composedId(at, 'person', i)]
      const own = events.map((e, k) => ({
        ...e,
        id: composedId(at, `event ${i}`, k),
        ...(e.type === 'exam-opened' && { examId, personId }),
        ...('run' in e && { run: composedId(at, 'run', i) }),
      }))
      const opened = openExam(db, {
        person: { id: personId, name: `Wenna Ård ${i}`, born: null, work: '' },
        exam: { id: examId, at },
        events: own,
        addedAt: at,
      })
      if (!opened.ok) throw new Error(opened.problem.what)
      catchUp(db, examId, SHIPPED)
    }
  }

  it('say what a full fold and a full reading say, at every length of a record', () => {
    const examId = booked()
    const { events } = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('faber', 'right', [BUTTOCK]).test('gaenslen', 'right', [BUTTOCK])
    events.forEach((event, i) => {
      appendEvents(db, examId, [event])
      catchUp(db, examId, SHIPPED)
      const exam = examFrom(events.slice(0, i + 1))
      if (!exam) throw new Error('The record opens with its opening.')
      expect(recordOf(db, examId).exam).toEqual(exam)
      const { words, goOn, at } = progressOf(assess(exam))
      expect(overviewsOfDay(db, exam.openedAt, exam.openedAt + 1)).toMatchObject([
        {
          examId,
          progress: words,
          goOn,
          state: at,
          complaint: exam.symptoms[0]?.words ?? '',
          conclusion: conclusionOf(assess(exam)),
          head: i + 1,
          covers: i + 1,
        },
      ])
    })
  })

  it('are a day and pages of the other days, each examination once', () => {
    fill(25)
    const day = { from: NOON - DAY / 2, to: NOON + DAY / 2 }
    expect(overviewsOfDay(db, day.from, day.to).map((r) => r.name)).toEqual(['Wenna Ård 0'])
    const seen: string[] = []
    let after: { at: number; examId: string } | undefined
    for (;;) {
      const page = overviewsOfOtherDays(db, day, 10, after)
      seen.push(...page.map((r) => r.name))
      after = page.at(-1)
      if (!after) break
    }
    expect(seen).toEqual(Array.from({ length: 24 }, (_, i) => `Wenna Ård ${i + 1}`))
  })

  it('are searched by the beginning of words, without accents, and never break on what is typed', () => {
    fill(3)
    expect(overviewsFound(db, 'wen ard', 10)).toHaveLength(3)
    expect(overviewsFound(db, '102', 10).map((r) => r.name)).toEqual(['Wenna Ård 1'])
    expect(overviewsFound(db, 'ache behind', 10)).toHaveLength(3)
    expect(overviewsFound(db, 'nobody', 10)).toEqual([])
    for (const odd of ['', '"', "' OR 1=1 --", '*', 'NEAR(', 'a AND', '(((', '\u0000']) expect(() => overviewsFound(db, odd, 10), odd).not.toThrow()
  })

  it('a row that cannot be read is one bad row: the others are shown, nothing is added behind it, and the list says so', () => {
    const examId = booked()
    const { events } = sorePelvis()
    appendEvents(db, examId, events)
    const bad = (seq: number, text: string) =>
      db.run(
        sql`INSERT INTO exam_events (exam_id, seq, id, event, previous_hash, hash) VALUES (${examId}, ${seq}, ${`bad ${seq}`}, ${text}, 'x', ${`y${seq}`})`,
      )
    const at = events.length
    bad(at + 1, 'not json')
    bad(at + 2, JSON.stringify({ ...events[1], id: composedId(5, 'far', 5), at: 8_640_000_000_000_001 }))
    bad(at + 3, JSON.stringify({ ...events[1], id: composedId(6, 'newer', 6), type: 'told-by-a-newer-program' }))
    expect(recordOf(db, examId).faults.map((f) => f.seq)).toEqual([at + 1, at + 2, at + 3])
    expect(eventsOfExam(db, examId)).toEqual(events)
    const refused = appendEvents(db, examId, [{ type: 'note-written', text: 'x', id: composedId(9, 'n', 9), at: 9, by: 'a' }])
    expect(refused).toMatchObject({ ok: false, problem: { what: expect.stringMatching(`Entry ${at + 1}`) as string } })
    db.run(sql`UPDATE overviews SET head = ${at + 3}`)
    catchUp(db, examId, SHIPPED)
    expect(overviewsOfDay(db, 0, 9e15)).toMatchObject([{ progress: '3 entries cannot be read', state: 'unreadable' }])
  })

  it('an opening under another address is refused, and touches neither examination', () => {
    const examId = booked()
    const { events } = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK])
    appendEvents(db, examId, events)
    catchUp(db, examId, SHIPPED)
    const before = db.select().from(findings).all()
    const other = openExam(db, {
      person: { id: composedId(5, 'p', 5), name: 'Other', born: null, work: '' },
      exam: { id: composedId(5, 'e', 5), at: 5 },
      events: events.map((e, i) => ({ ...e, id: composedId(5, 'x', i) })),
      addedAt: 5,
    })
    expect(other).toMatchObject({ ok: false })
    expect(personById(db, composedId(5, 'p', 5))).toBeUndefined()
    expect(examHeads(db)).toHaveLength(1)
    expect(db.select().from(findings).all()).toEqual(before)
  })
})

describe('the demo clinic', () => {
  it('fills, with six people at least and every record admitted', () => {
    fillDemoClinic(db, new Date(2026, 5, 12, 8))
    const heads = examHeads(db)
    expect(heads.length).toBeGreaterThanOrEqual(6)
    for (const head of heads) expect(eventsOfExam(db, head.id).length).toBeGreaterThan(0)
    expect(verifyOpen(db.$client, {}).breaks).toEqual([])
  })
})
