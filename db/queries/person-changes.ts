import { eq } from 'drizzle-orm'
import { v7 } from 'uuid'
import type { ExamEvent } from '../../core/record/event'
import { ageOn } from '../../core/vocabulary/age'
import type { Problem } from '../../core/vocabulary/problem'
import { dayOf } from '../day'
import type { Db, Reads, Writes } from '../open'
import { exams, people, personChanges } from '../schema'
import { newSalt } from '../sealing'
import type { Written } from './clinic'
import { projectEpisodesOf } from './episodes'
import { appendWithin } from './exam-events'
import { recordOf, remember, type StoredRecord } from './ledger'
import { namesAnew } from './overviews'
import { addPersonWithin, type Person, personById } from './people'

/** What is written of a person. */
export type PersonDetails = Pick<Person, 'name' | 'born' | 'work'>

/** An act that puts something right: who does it and when, why, and the short name of the practitioner, which stands in events. */
export interface Correction extends Written {
  readonly why: string
  readonly practitioner: string
}

/** What came of putting something right: the records that grew by it, or why it was left as it was. */
export type PutRight =
  | { readonly ok: true; readonly grown: readonly { readonly examId: string; readonly length: number }[] }
  | { readonly ok: false; readonly problem: Problem }

/** Gives a transaction up without being an error. */
class GivenUp extends Error {
  constructor(readonly problem: Problem) {
    super(problem.what)
  }
}

/** What one correction does inside its transaction. */
interface Work {
  readonly db: Db
  readonly tx: Reads & Writes
  readonly act: Correction
  readonly kind: Kind
  /** What is to be as it is asked for. */
  readonly asked: Readonly<Record<string, unknown>>
  /** Records it has added to; kept once it is on disk. */
  readonly records: Map<string, StoredRecord>
}

/** Write what is known of a person anew. Ages in their examinations follow the date of birth. */
export function correctPerson(db: Db, act: Correction, personId: string, now: PersonDetails): PutRight {
  const { name, born, work: load } = now
  return correction(db, act, 'corrected', { person: personId, now: { name, born, work: load } }, (work) => {
    const before = known(work, personId)
    keep(work, { before: { name: before.name, born: before.born, work: before.work } })
    describe(work, personId, now)
    follow(work, examsOf(work, personId), personId, before.born)
  })
}

/**
 * File one examination under another person, who may be new. Its own record says so, and keeps whom it was opened for.
 *
 * @param to - the person, with details when they are not here yet
 */
export function moveExam(db: Db, act: Correction, examId: string, to: { readonly id: string; readonly details?: PersonDetails }): PutRight {
  return correction(db, act, 'moved', { exam: examId, to: to.id }, (work) => {
    const exam = work.tx.select().from(exams).where(eq(exams.id, examId)).get()
    if (!exam) throw new GivenUp(nobody('There is no examination with this number here.'))
    if (to.details && !personById(work.tx, to.id)) addPersonWithin(work.tx, { id: to.id, ...to.details }, act.at)
    move(work, exam, to.id)
    keep(work, { from: exam.personId })
  })
}

/** File everything of one person under another, because both are the same. What only one of the two entries knows is kept. */
export function mergePeople(db: Db, act: Correction, from: string, into: string): PutRight {
  return correction(db, act, 'merged', { from, into }, (work) => {
    const [one, other] = [known(work, from), known(work, into)]
    if (from === into) throw new GivenUp(nobody('These are one entry already.'))
    const moved = examsOf(work, from)
    keep(work, { exams: moved.map((exam) => exam.id), before: { born: other.born, work: other.work } })
    const own = examsOf(work, into)
    describe(work, into, { name: other.name, born: other.born ?? one.born, work: other.work || one.work })
    for (const exam of moved) {
      work.tx.update(exams).set({ personId: into }).where(eq(exams.id, exam.id)).run()
    }
    follow(work, own, into, other.born)
    follow(work, moved, into, one.born)
  })
}

type Kind = (typeof personChanges.$inferSelect)['kind']

/** All of it or nothing; once for each id. The same id with something else in it is refused: it would be taken for done, and is not. */
function correction(db: Db, act: Correction, kind: Kind, asked: Readonly<Record<string, unknown>>, run: (work: Work) => void): PutRight {
  const records = new Map<string, StoredRecord>()
  try {
    db.transaction(
      (tx) => {
        const done = tx.select().from(personChanges).where(eq(personChanges.id, act.id)).get()
        if (!done) run({ db, tx, act, kind, asked, records })
        else if (!isSame(done, kind, asked)) throw new GivenUp(nobody('Something else was put right under this number already.'))
        if (!done) projectEpisodesOf(tx, [...filed(tx, asked)])
      },
      { behavior: 'immediate' },
    )
  } catch (error) {
    if (error instanceof GivenUp) return { ok: false, problem: error.problem }
    throw error
  }
  for (const [examId, record] of records) remember(db, examId, record)
  return { ok: true, grown: [...records].map(([examId, record]) => ({ examId, length: record.seq })) }
}

/** Examinations that an act may have filed under another person. */
function filed(tx: Reads, asked: Readonly<Record<string, unknown>>): readonly string[] {
  const { exam, into } = asked
  if (typeof exam === 'string') return [exam]
  return typeof into === 'string'
    ? tx
        .select({ id: exams.id })
        .from(exams)
        .where(eq(exams.personId, into))
        .all()
        .map((row) => row.id)
    : []
}

function isSame(done: typeof personChanges.$inferSelect, kind: Kind, asked: Readonly<Record<string, unknown>>): boolean {
  const content = JSON.parse(done.content) as Readonly<Record<string, unknown>>
  return done.kind === kind && Object.entries(asked).every(([key, value]) => JSON.stringify(content[key]) === JSON.stringify(value))
}

/** What was asked for, and what was there before. */
function keep({ tx, act, kind, asked }: Work, before: Readonly<Record<string, unknown>>): void {
  tx.insert(personChanges)
    .values({ id: act.id, by: act.by, at: act.at, kind, why: act.why, content: JSON.stringify({ ...asked, ...before }), salt: newSalt() })
    .run()
}

function known({ tx }: Work, personId: string): Person {
  const person = personById(tx, personId)
  if (!person) throw new GivenUp(nobody('There is nobody with this number here.'))
  return person
}

function describe({ tx }: Work, personId: string, { name, born, work }: PersonDetails): void {
  tx.update(people).set({ name, born, work }).where(eq(people.id, personId)).run()
}

type Booked = typeof exams.$inferSelect

function examsOf({ tx }: Work, personId: string): readonly Booked[] {
  return tx.select().from(exams).where(eq(exams.personId, personId)).all()
}

function move(work: Work, exam: Booked, to: string): void {
  const [from, into] = [known(work, exam.personId), known(work, to)]
  if (from.id === into.id) throw new GivenUp(nobody('The examination is filed under this person already.'))
  work.tx.update(exams).set({ personId: to }).where(eq(exams.id, exam.id)).run()
  // Names live outside the record; numbers may stand in it.
  settle(work, exam, to, `opened under number ${from.number}, filed under number ${into.number} since: ${work.act.why}`)
}

/** Examinations whose person is described anew. Ages follow only where the date of birth is another than before: a new name corrects no age. */
function follow(work: Work, theirs: readonly Booked[], personId: string, bornBefore: string | null): void {
  const { born } = known(work, personId)
  for (const exam of theirs) {
    if (born === bornBefore) namesAnew(work.tx, exam.id)
    else settle(work, exam, personId, null)
  }
}

/** Bring an examination into line with whom it is filed under: its age, the words it is found by, and why. What was signed gets an addendum and nothing else. */
function settle(work: Work, exam: Booked, personId: string, moved: string | null): void {
  const { db, tx, act, records } = work
  const held = records.get(exam.id) ?? recordOf(db, exam.id, tx)
  const { born } = known(work, personId)
  if (held.exam) {
    const { ageYears, signed } = held.exam
    const years = born === null ? ageYears : ageOn(born, dayOf(exam.at))
    const events = signed ? addendum(act, moved, ageYears, years) : corrections(act, moved, ageYears, years)
    if (events.length > 0) {
      const added = appendWithin(db, tx, exam.id, events, { known: held })
      if (!added.ok) throw new GivenUp(added.problem)
      records.set(exam.id, added.record)
    }
  }
  namesAnew(tx, exam.id)
}

function corrections(act: Correction, moved: string | null, was: number | null, is: number | null): readonly ExamEvent[] {
  const stamp = () => ({ id: v7(), at: act.at, by: act.practitioner })
  return [
    ...(moved === null ? [] : [{ ...stamp(), type: 'wrong-person' as const, why: cut(moved) }]),
    ...(was === is ? [] : [{ ...stamp(), type: 'age-corrected' as const, ageYears: is, why: cut(act.why) }]),
  ]
}

function addendum(act: Correction, moved: string | null, was: number | null, is: number | null): readonly ExamEvent[] {
  const years = (n: number | null) => (n === null ? 'not known' : `${n}`)
  const said = [
    ...(moved === null ? [] : [`This examination was ${moved}.`]),
    ...(was === is ? [] : [`It was read with the age ${years(was)}; by the date of birth on file it is ${years(is)}: ${act.why}.`]),
  ]
  return said.length === 0 ? [] : [{ id: v7(), at: act.at, by: act.practitioner, type: 'addendum-written', text: said.join(' ') }]
}

/** As long as a reason in the record may be. */
const LONGEST = 300

function cut(text: string): string {
  return text.length <= LONGEST ? text : `${text.slice(0, LONGEST - 1)}…`
}

function nobody(what: string): Problem {
  return { what, kept: 'Nothing was changed; what you typed is still here.', do: 'Choose somebody else, or reload the page.' }
}
