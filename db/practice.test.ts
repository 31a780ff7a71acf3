import { beforeEach, describe, expect, it } from 'vitest'
import { EDITION } from '../core/edition'
import { composedId } from '../core/record/compose'
import type { EventContent, ExamEvent } from '../core/record/event'
import type { PracticeStep } from '../core/trainer/attempt'
import { emptyCase } from '../core/trainer/case-file/file'
import { parOf } from '../core/trainer/judge/economy'
import { judge } from '../core/trainer/judge/judge'
import { fillDemoClinic } from './demo/clinic'
import { type Db, openDb } from './open'
import { drillAnswersOf, keepDrillAnswer } from './queries/drills'
import { attemptOf, commitRun, judgementKept, keepJudgement, runOf, runsOf, startRun, takeEvents, takeSteps, wholeRun } from './queries/practice'
import { keepCase, keepClass, practiceClassesOf, writtenCase, writtenCases } from './queries/practice-sets'
import { verifyOpen } from './verify'

const AT = Date.UTC(2026, 10, 27, 9)
const id = (n: number) => composedId(AT, 'practice', n)
const RUN = { id: id(1), by: 'wenna', at: AT, case: 'back 8', file: null, class: null }

let db: Db
let n = 100
const event = (content: EventContent): ExamEvent => ({ ...content, id: id(n++), at: AT + n, by: 'wenna' })
const opening = (run: { readonly id: string } = RUN): ExamEvent => ({
  type: 'exam-opened',
  id: run.id,
  at: AT,
  by: 'wenna',
  examId: run.id,
  personId: run.id,
  ageYears: 61,
  edition: EDITION,
})
const consent = () => event({ type: 'consent-given', form: 'verbal', explained: 'what it is like' })

beforeEach(() => {
  db = openDb(':memory:')
})

describe('a run of a case', () => {
  it('is begun once, keeps what follows, refuses alone what does not, and passes over what it has', () => {
    expect([startRun(db, RUN, opening()), startRun(db, RUN, opening())]).toEqual([null, null])
    expect(startRun(db, { ...RUN, case: 'back 9' }, opening())?.what).toContain('Another case')
    const good = consent()
    const early = event({ type: 'test-started', run: id(50), test: 'leg-raise', side: 'left', variant: 'neutral' })
    const taken = takeEvents(db, RUN.id, [early, good])
    expect(taken.refused.map((r) => r.id)).toEqual([early.id])
    expect(taken.events.map((e) => e.type)).toEqual(['exam-opened', 'consent-given'])
    expect(takeEvents(db, RUN.id, [good])).toEqual({ events: taken.events, refused: [] })
  })

  it('keeps what the hands did once, in order, and takes nothing once it is committed', () => {
    startRun(db, RUN, opening())
    const steps = [1, 2].map((i) => ({ id: `s${i}`, step: { kind: 'story', at: AT + i, question: i === 1 ? 'where' : 'quality' } satisfies PracticeStep }))
    expect([takeSteps(db, RUN.id, steps), takeSteps(db, RUN.id, steps)]).toEqual([null, null])
    expect(wholeRun(db, RUN.id)?.steps.map((s) => (s.kind === 'story' ? s.question : ''))).toEqual(['where', 'quality'])
    const said = { sources: [], certainty: 60, next: 'treat', urgency: null } as const
    commitRun(db, RUN.id, said, AT + 1000)
    commitRun(db, RUN.id, { ...said, certainty: 99 }, AT + 2000)
    expect(wholeRun(db, RUN.id)?.commitment).toEqual({ said, at: AT + 1000 })
    expect(takeEvents(db, RUN.id, [consent()]).refused[0]?.problem.what).toContain('committed')
    expect(takeSteps(db, RUN.id, steps)).toBeNull()
    expect(takeSteps(db, RUN.id, [{ id: 's9', step: { kind: 'story', at: AT, question: 'eases' } }])?.what).toContain('committed')
  })

  it('is judged once from what is stored, and listed with its scores', () => {
    startRun(db, RUN, opening())
    takeEvents(db, RUN.id, [consent()])
    commitRun(db, RUN.id, { sources: [], certainty: 60, next: 'treat', urgency: null }, AT + 1000)
    const whole = wholeRun(db, RUN.id)
    const attempt = whole && attemptOf(whole)
    if (!attempt) throw new Error('The run is not there.')
    const par = parOf(whole.patient)
    const said = { judgement: judge(whole.patient, attempt, par), par }
    keepJudgement(db, RUN, AT + 1000, said)
    // A later judge who thinks otherwise changes nothing.
    keepJudgement(db, RUN, AT + 2000, { ...said, judgement: { ...said.judgement, right: true, passed: false, truth: 'something else' } })
    expect(judgementKept(db, RUN.id)).toEqual(said)
    expect(runsOf(db, { by: 'wenna' }).map((r) => [r.case, r.judged?.right, r.judged?.passed])).toEqual([['back 8', false, true]])
    expect([runsOf(db, { by: 'otis' }), runsOf(db, { class: id(9) })]).toEqual([[], []])
  })

  it('is of the same person for ever, though a later program draws the number otherwise', () => {
    startRun(db, RUN, opening())
    const begun = wholeRun(db, RUN.id)?.patient
    // As a program would have stored it that drew this number otherwise.
    const other = { ...RUN, id: id(60) }
    startRun(db, other, opening(other))
    const drawn = JSON.stringify({ ...begun, ageYears: 99 })
    db.$client.exec('DROP TRIGGER practice_runs_never_change')
    db.$client.prepare('UPDATE practice_runs SET patient = ? WHERE id = ?').run(drawn, other.id)
    expect([begun?.ageYears, wholeRun(db, other.id)?.patient.ageYears]).toEqual([61, 99])
  })

  it('keeps the written case as it stood when it was begun', () => {
    const file = { ...emptyCase('back', 'x'), title: 'First' }
    const code = id(7)
    keepCase(db, { id: id(8), by: 'maren', at: AT }, code, file, false)
    const run = { ...RUN, id: id(9), case: `written ${code}`, file }
    expect(startRun(db, run, opening(run))).toBeNull()
    keepCase(db, { id: id(10), by: 'maren', at: AT + 5 }, code, { ...file, title: 'Second', irritability: 'high' }, false)
    expect(writtenCase(db, code)?.file.title).toBe('Second')
    expect(wholeRun(db, run.id)?.patient.irritability).toBe('low')
    expect(startRun(db, { ...run, id: id(11), file: null }, opening())?.what).toBe('There is no such case.')
    keepCase(db, { id: id(12), by: 'maren', at: AT + 9 }, code, file, true)
    expect(writtenCases(db)).toEqual([])
  })

  it('is never changed or removed by other hands', () => {
    startRun(db, RUN, opening())
    expect(() => db.$client.exec(`UPDATE practice_runs SET "case" = 'neck 1'`)).toThrow('never changed')
    expect(() => db.$client.exec('DELETE FROM practice_entries')).toThrow('never removed')
  })
})

describe('what is set and drilled', () => {
  it('keeps the latest version of a class, and those that are closed last', () => {
    const set = { id: id(20), title: 'Autumn', cases: ['neck 1'], closed: false }
    keepClass(db, { id: id(21), by: 'maren', at: AT }, set)
    keepClass(db, { id: id(21), by: 'maren', at: AT }, { ...set, title: 'again' })
    keepClass(db, { id: id(22), by: 'maren', at: AT + 1 }, { ...set, cases: ['neck 1', 'neck 2'] })
    keepClass(db, { id: id(24), by: 'maren', at: AT + 2 }, { ...set, id: id(23), title: 'Old', closed: true })
    expect(practiceClassesOf(db).map((c) => [c.title, c.cases.length, c.closed])).toEqual([
      ['Autumn', 2, false],
      ['Old', 1, true],
    ])
  })

  it('keeps an answer once, and those of one person apart from those of another', () => {
    const answer = { id: id(30), by: 'wenna', at: AT, drill: 'side-sense', topic: 'front', level: 1, seed: 's', right: true, share: 1, error: null } as const
    keepDrillAnswer(db, answer)
    keepDrillAnswer(db, { ...answer, right: false })
    keepDrillAnswer(db, { ...answer, id: id(31), by: 'otis' })
    expect(drillAnswersOf(db, 'wenna').map((a) => a.right)).toEqual([true])
  })
})

describe('practice beside a clinic', () => {
  it('touches no table that a person, an examination, the search, the audit or the chain is read from', () => {
    fillDemoClinic(db, new Date(AT))
    const OF_PRACTICE = /^(practice_|drill_|sqlite_)/
    const tables = db.$client.prepare(`SELECT name FROM sqlite_master WHERE type = 'table'`).pluck().all() as string[]
    const counts = () =>
      Object.fromEntries(tables.filter((t) => !OF_PRACTICE.test(t)).map((t) => [t, db.$client.prepare(`SELECT count(*) FROM "${t}"`).pluck().get()]))
    const before = counts()
    startRun(db, RUN, opening())
    takeEvents(db, RUN.id, [consent()])
    commitRun(db, RUN.id, { sources: [], certainty: 60, next: 'treat', urgency: null }, AT + 1000)
    keepDrillAnswer(db, { id: id(40), by: 'wenna', at: AT, drill: 'side-sense', topic: 'front', level: 1, seed: 's', right: true, share: 1, error: null })
    expect(counts()).toEqual(before)
    expect(runOf(db, RUN.id)?.case).toBe('back 8')
    expect(verifyOpen(db.$client, {}).breaks).toEqual([])
  })
})
