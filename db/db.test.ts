import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { eq, sql } from 'drizzle-orm'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { BUTTOCK, opened, sorePelvis } from '../tests/people'
import { composedId } from '../core/record/compose'
import { fillDemoClinic } from './demo/clinic'
import { type Db, openDb } from './open'
import { appendEvents, eventsOfExam, verifyChains } from './queries/exam-events'
import { bookExam, examHeads } from './queries/exams'
import { addPerson, personById } from './queries/people'
import { rebuildFindings } from './queries/rebuild-findings'
import { examEvents, findings } from './schema'

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
    const bad = { ...events[1], id: composedId(5, 'x', 5), type: 'test-skipped', test: 'no-such', side: 'left', why: 'x' } as never
    expect(appendEvents(db, examId, [...events, bad])).toMatchObject({ ok: false, reason: 'refused' })
    expect(eventsOfExam(db, examId)).toEqual([])
    expect(appendEvents(db, 'nobody', events)).toMatchObject({ ok: false, reason: 'no-exam' })
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
    expect(verifyChains(db)).toMatchObject({ breaks: [] })
    const change = () => db.update(examEvents).set({ event: '{}' }).where(eq(examEvents.examId, examId)).run()
    expect(change).toThrow('never changed')
    expect(() => db.delete(examEvents).run()).toThrow('never removed')
    db.run(sql`DROP TRIGGER exam_events_never_change`)
    db.update(examEvents).set({ event: '{}' }).where(eq(examEvents.seq, 2)).run()
    expect(verifyChains(db).breaks).toMatchObject([{ examId, seq: 2, what: 'was changed' }])
  })

  it('projects findings with every append, and rebuilds the same from the events alone', () => {
    const examId = booked()
    appendEvents(db, examId, sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).events)
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

describe('the demo clinic', () => {
  it('fills, with six people at least and every record admitted', () => {
    fillDemoClinic(db, new Date(2026, 5, 12, 8))
    const heads = examHeads(db)
    expect(heads.length).toBeGreaterThanOrEqual(6)
    for (const head of heads) expect(eventsOfExam(db, head.id).length).toBeGreaterThan(0)
    expect(verifyChains(db).breaks).toEqual([])
  })
})
