import type { NewPersonFields } from '@/core/vocabulary/new-person'
import type { Problem } from '@/core/vocabulary/problem'
import { act } from '../act'

/** Correct what is known of a person; null when it is on disk. */
export function correctPerson(id: string, personId: string, fields: NewPersonFields, why: string): Promise<Problem | null> {
  return act('correct-person', id, personId, fields, why)
}

/** File an examination under another person; with fields, under somebody who is not here yet. */
export function moveExam(id: string, examId: string, to: string, fields: NewPersonFields | null, why: string): Promise<Problem | null> {
  return act('move-exam', id, examId, to, fields, why)
}

/** File everything of one person under another. */
export function mergePeople(id: string, from: string, into: string, why: string): Promise<Problem | null> {
  return act('merge-people', id, from, into, why)
}
