import { v7 } from 'uuid'
import { assess } from '../../core/assess'
import { nextVisit } from '../../core/change/next-visit'
import { EDITION } from '../../core/edition'
import type { EventContent, ExamEvent } from '../../core/record/event'
import { ageOn } from '../../core/vocabulary/age'
import type { Problem } from '../../core/vocabulary/problem'
import { dayOf } from '../day'
import type { Db } from '../open'
import { clinicKnowledge } from './clinic'
import { type EpisodeName, visitsOf } from './episodes'
import { examHead } from './exams'
import { recordOf } from './ledger'
import { openExam } from './open-exam'

/** A visit to be opened: its number, by whom and when, and what the clinic writes into every examination. */
export interface NewVisit {
  readonly examId: string
  readonly by: string
  /** Milliseconds since 1970. */
  readonly at: number
  readonly house?: readonly EventContent[]
}

/**
 * Open the next visit of an episode, with its symptoms and what it is compared with.
 *
 * Doing it again with the same number changes nothing, so a lost answer can be asked for again.
 *
 * @returns what stands against it, or null once it is on disk
 */
export function openVisit(db: Db, name: EpisodeName, { examId, by, at, house = [] }: NewVisit): Problem | null {
  if (recordOf(db, examId).seq > 0) return null
  const last = visitsOf(db, name).at(-1)
  const head = last && examHead(db, last.examId)
  if (!last || !head) return no('There is no such episode of this person.', 'Reload the page.')
  const { exam, faults } = recordOf(db, last.examId)
  if (!exam || faults.length > 0) return no('The last visit cannot be read, so nothing can be compared with it.', 'Run npm run verify, or begin a new episode.')
  if (exam.runs.length === 0 && !exam.signed) return no('The last visit is open, and nothing was done in it yet.', 'Go on with that one.')
  const { id: personId, name: called, born, work } = head.person
  const opening: EventContent = { type: 'exam-opened', examId, personId, ageYears: born ? ageOn(born, dayOf(at)) : exam.ageYears, edition: EDITION }
  const contents = [opening, ...nextVisit(assess(exam, { clinic: clinicKnowledge(db) })), ...house]
  const events = contents.map((content): ExamEvent => ({ ...content, id: v7(), at, by }))
  const opened = openExam(db, { person: { id: personId, name: called, born, work }, exam: { id: examId, at }, events, addedAt: at })
  return opened.ok ? null : opened.problem
}

function no(what: string, todo: string): Problem {
  return { what, kept: 'Nothing was opened.', do: todo }
}
