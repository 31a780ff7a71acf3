import { episodeOf } from '../../core/record/episode-of'
import { and, asc, desc, eq, gte, inArray, lt, or, sql } from 'drizzle-orm'
import { assess, type Assessment } from '../../core/assess'
import type { Clinic } from '../../core/evidence/knowledge'
import { conclusionOf } from '../../core/note/conclusion'
import { progressOf } from '../../core/planner/progress'
import type { Exam } from '../../core/record/exam'
import type { Db, Reads, Writes } from '../open'
import { preparedOnce } from '../prepared'
import { exams, overviews, people } from '../schema'
import { type Changes, changesOf } from '../../core/change/changes'
import { changedWords } from '../../core/change/told'
import { projectAudit } from './audit'
import { projectEpisodesOf } from './episodes'
import { projectFindings } from './findings'
import { projectSigns } from './signs'
import { recordOf } from './ledger'

/** One examination as lists show it. */
export interface Overview {
  readonly examId: string
  readonly at: number
  readonly personId: string
  readonly number: number
  readonly name: string
  readonly work: string
  readonly age: number | null
  readonly complaint: string
  readonly state: string
  readonly progress: string
  readonly goOn: string
  readonly conclusion: string
  readonly visit: number
  readonly changed: string
  /** Events stored, and events that progress and conclusion were read from. */
  readonly head: number
  readonly covers: number
}

const COLUMNS = {
  examId: exams.id,
  at: exams.at,
  personId: people.id,
  number: people.number,
  name: people.name,
  work: people.work,
  age: overviews.age,
  complaint: overviews.complaint,
  state: overviews.state,
  progress: overviews.progress,
  goOn: overviews.goOn,
  conclusion: overviews.conclusion,
  visit: overviews.visit,
  changed: overviews.changed,
  head: overviews.head,
  covers: overviews.covers,
}

/** What an append changes at once: how much is stored, the complaint, the symptoms. Part of the append's own transaction. */
export function noteHead(db: Db, examId: string, exam: Exam, head: number): void {
  heads(db).run({
    examId,
    head,
    age: exam.ageYears,
    complaint: exam.symptoms[0]?.words ?? '',
    symptoms: symptomsAsText(exam),
    episode: episodeOf(exam),
    visit: exam.episode?.visit ?? 1,
  })
}

const heads = preparedOnce((db) => {
  const { placeholder } = sql
  const told = {
    head: placeholder('head'),
    age: placeholder('age'),
    complaint: placeholder('complaint'),
    symptoms: placeholder('symptoms'),
    episode: placeholder('episode'),
    visit: placeholder('visit'),
  }
  return db
    .insert(overviews)
    .values({ examId: placeholder('examId'), covers: 0, state: 'not-begun', progress: 'not begun', goOn: 'story', conclusion: '', ...told })
    .onConflictDoUpdate({
      target: overviews.examId,
      set: {
        head: sql`excluded.head`,
        age: sql`excluded.age`,
        complaint: sql`excluded.complaint`,
        symptoms: sql`excluded.symptoms`,
        episode: sql`excluded.episode`,
        visit: sql`excluded.visit`,
      },
    })
    .prepare()
})

/** Told anew only when a symptom was: most events tell nothing of them. */
const TEXTS = new WeakMap<Exam['symptoms'], string>()

function symptomsAsText({ symptoms }: Pick<Exam, 'symptoms'>): string {
  const known = TEXTS.get(symptoms)
  if (known !== undefined) return known
  const text = JSON.stringify(symptoms.map(({ id, words, places, now, worst, usual }) => ({ id, words, place: places[0] ?? null, now, worst, usual })))
  TEXTS.set(symptoms, text)
  return text
}

/**
 * Read an examination anew for the lists: progress, conclusion, findings, and the words it is found by.
 *
 * Done after an append, when nobody waits for it, and before a list is shown that it stands in.
 *
 * @returns false when it was not behind
 */
export function catchUp(db: Db, examId: string, clinic: Clinic): boolean {
  return db.transaction(
    (tx) => {
      const row = tx.select({ n: overviews.n, covers: overviews.covers, head: overviews.head }).from(overviews).where(eq(overviews.examId, examId)).get()
      if (!row || row.covers >= row.head) return false
      const { exam, faults } = recordOf(db, examId, tx)
      const assessment = exam && assess(exam, { clinic })
      const changes = assessment && changesOf(assessment)
      const read = assessment && changes ? readingOf(assessment, changes) : UNREADABLE
      const progress = faults.length > 0 ? `${faults.length === 1 ? '1 entry' : `${faults.length} entries`} cannot be read` : read.progress
      tx.update(overviews)
        .set({ ...read, progress, covers: row.head, ...(faults.length > 0 && { state: 'unreadable' }) })
        .where(eq(overviews.n, row.n))
        .run()
      if (exam) projectFindings(tx, examId, exam)
      if (assessment && changes) {
        projectSigns(tx, examId, assessment, changes)
        projectAudit(tx, examId, assessment, changes)
      }
      projectEpisodesOf(tx, [examId])
      indexWords(tx, row.n)
      return true
    },
    { behavior: 'immediate' },
  )
}

const UNREADABLE = { state: 'unreadable', progress: 'cannot be read', goOn: 'story', conclusion: '', changed: '' }

function readingOf(assessment: Assessment, changes: Changes) {
  const { at, words, goOn } = progressOf(assessment)
  const treatments = JSON.stringify(
    assessment.exam.treatments.map(({ at: when, kind, region, side, response }) => ({ at: when, kind, region, side, response })),
  )
  return { state: at, progress: words, goOn, conclusion: conclusionOf(assessment), changed: changedWords(changes), treatments }
}

/** Put the words by which an examination is found into the index. */
function indexWords(tx: Writes, n: number): void {
  tx.run(sql`INSERT OR REPLACE INTO search (rowid, words)
    SELECT o.n, p.name || ' ' || p.number || ' ' || o.complaint || ' ' || o.conclusion
    FROM overviews o JOIN exams e ON e.id = o.exam_id JOIN people p ON p.id = e.person_id WHERE o.n = ${n}`)
}

/** An examination is found by the name and number it is filed under now. */
export function namesAnew(db: Reads & Writes, examId: string): void {
  const row = db.select({ n: overviews.n }).from(overviews).where(eq(overviews.examId, examId)).get()
  if (row) indexWords(db, row.n)
}

/** Examinations whose lists are behind their record, oldest first. */
export function behind(db: Reads, limit: number): readonly string[] {
  return db
    .select({ examId: overviews.examId })
    .from(overviews)
    .where(sql`covers < head`)
    .orderBy(asc(overviews.n))
    .limit(limit)
    .all()
    .map((row) => row.examId)
}

function rows(db: Reads) {
  return db.select(COLUMNS).from(exams).innerJoin(people, eq(people.id, exams.personId)).innerJoin(overviews, eq(overviews.examId, exams.id))
}

/** The queries of the lists. */
function prepare(db: Db) {
  const { placeholder } = sql
  const from = placeholder('from')
  const to = placeholder('to')
  const limit = placeholder('limit')
  const otherDays = or(lt(exams.at, from), gte(exams.at, to))
  const older = or(lt(exams.at, placeholder('at')), and(eq(exams.at, placeholder('at')), lt(exams.id, placeholder('examId'))))
  const newestFirst = [desc(exams.at), desc(exams.id)]
  return {
    day: rows(db)
      .where(and(gte(exams.at, from), lt(exams.at, to)))
      .orderBy(asc(exams.at), asc(exams.id))
      .prepare(),
    others: rows(db)
      .where(otherDays)
      .orderBy(...newestFirst)
      .limit(limit)
      .prepare(),
    older: rows(db)
      .where(and(otherDays, older))
      .orderBy(...newestFirst)
      .limit(limit)
      .prepare(),
    found: rows(db)
      .where(sql`${overviews.n} IN (SELECT rowid FROM search WHERE search MATCH ${placeholder('words')} ORDER BY rowid DESC LIMIT ${limit})`)
      .orderBy(...newestFirst)
      .prepare(),
  }
}

const queries = preparedOnce(prepare)

/** The examinations of one day, by the clock. */
export function overviewsOfDay(db: Db, from: number, to: number): readonly Overview[] {
  return queries(db).day.all({ from, to })
}

/** Where a page of a list ended. */
export interface After {
  readonly at: number
  readonly examId: string
}

/**
 * A page of the examinations of other days, latest first.
 *
 * @param day - the day that is left out, from and to in milliseconds since 1970
 * @param after - the last row of the page before
 */
export function overviewsOfOtherDays(db: Db, day: { readonly from: number; readonly to: number }, limit: number, after?: After): readonly Overview[] {
  const { from, to } = day
  return after ? queries(db).older.all({ from, to, limit, at: after.at, examId: after.examId }) : queries(db).others.all({ from, to, limit })
}

/** These examinations, latest first. */
export function overviewsOf(db: Reads, examIds: readonly string[]): readonly Overview[] {
  return rows(db)
    .where(inArray(exams.id, [...examIds]))
    .orderBy(desc(exams.at), desc(exams.id))
    .all()
}

/** The newest examinations in which every word begins one of name, number, complaint or conclusion; none for a text without a word. */
export function overviewsFound(db: Db, text: string, limit: number): readonly Overview[] {
  const words = text.normalize('NFKC').match(/[\p{L}\p{N}]+/gu) ?? []
  if (words.length === 0) return []
  return queries(db).found.all({ words: words.map((word) => `"${word}"*`).join(' '), limit })
}
