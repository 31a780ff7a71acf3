import 'server-only'
import * as yup from 'yup'
import { UUID } from '@/core/record/shapes'
import { newPersonShape } from '@/core/vocabulary/new-person'
import type { Problem } from '@/core/vocabulary/problem'
import { db } from '@/db'
import { type Correction, correctPerson, mergePeople, moveExam, type PersonDetails, type PutRight } from '@/db/queries/person-changes'
import { action } from '@/server/action'
import { announce } from '@/server/live'
import { projectSoon } from '@/server/projector'
import type { Who } from '@/server/who'

const ID = yup.string().strict().required().matches(UUID, 'This names nobody and nothing here.')
const WHY = yup
  .string()
  .strict()
  .trim()
  .required('Write why; it stays on the record.')
  .max(300, 'Up to 300 letters.')
  .matches(/\p{L}{2}/u, 'Write why in words; it stays on the record.')

function correction(who: Who, id: unknown, why: unknown): Correction {
  return { id: ID.validateSync(id), why: WHY.validateSync(why).trim(), by: who.name, practitioner: who.id, at: Date.now() }
}

function details(fields: unknown): PersonDetails {
  const { name, born, work } = newPersonShape(Date.now()).validateSync(fields)
  return { name, born: born || null, work }
}

/** Other windows and the lists are told of what the records gained. */
function told(came: PutRight): Problem | null {
  if (!came.ok) return came.problem
  for (const { examId, length } of came.grown) {
    announce(examId, length)
    projectSoon(examId)
  }
  return null
}

/** Correct what is known of a person. */
export const correct = action((who: Who, id: unknown, personId: unknown, fields: unknown, why: unknown): Problem | null =>
  told(correctPerson(db(), correction(who, id, why), ID.validateSync(personId), details(fields))),
)

/** File an examination under another person; with fields, under somebody who is not here yet. */
export const move = action((who: Who, id: unknown, examId: unknown, to: unknown, fields: unknown, why: unknown): Problem | null =>
  told(moveExam(db(), correction(who, id, why), ID.validateSync(examId), { id: ID.validateSync(to), ...(fields !== null && { details: details(fields) }) })),
)

/** File everything of one person under another. */
export const merge = action((who: Who, id: unknown, from: unknown, into: unknown, why: unknown): Problem | null =>
  told(mergePeople(db(), correction(who, id, why), ID.validateSync(from), ID.validateSync(into))),
)
