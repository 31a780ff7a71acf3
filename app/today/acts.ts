import 'server-only'
import { v7 } from 'uuid'
import * as yup from 'yup'
import { EDITION } from '@/core/edition'
import { UUID } from '@/core/record/shapes'
import type { ExamEvent } from '@/core/record/event'
import { ageOn } from '@/core/vocabulary/age'
import { newPersonShape } from '@/core/vocabulary/new-person'
import type { Problem } from '@/core/vocabulary/problem'
import { db } from '@/db'
import { dayOf } from '@/db/day'
import { houseEvents } from '@/server/house-events'
import { examHead } from '@/db/queries/exams'
import { recordOf } from '@/db/queries/ledger'
import { openExam } from '@/db/queries/open-exam'
import { action } from '@/server/action'
import { projectSoon } from '@/server/projector'
import type { Who } from '@/server/who'

const IDS = yup
  .object({ personId: yup.string().matches(UUID).required(), examId: yup.string().matches(UUID).required() })
  .noUnknown()
  .required()

/**
 * Add a person and open their examination.
 *
 * Doing it again with the same ids changes nothing, so a lost answer can be asked for again.
 *
 * @returns what is wrong, or null when both are on disk
 */
export const startPerson = action((by: Who, ids: unknown, fields: unknown): Problem | null => {
  const at = Date.now()
  const { personId, examId } = IDS.validateSync(ids, { strict: true })
  const { name, born, work } = newPersonShape(at).required().validateSync(fields)
  // A lost answer is asked for again: the opening that was stored then stands.
  if (recordOf(db(), examId).seq > 0) {
    const there = examHead(db(), examId)?.person
    const isAsTyped = there?.name === name && there.born === (born || null) && there.work === work
    return isAsTyped ? null : enteredOtherwise(there?.name ?? '')
  }
  const ageYears = born ? ageOn(born, dayOf(at)) : null
  const opening = { type: 'exam-opened' as const, id: examId, at, by: by.id, examId, personId, ageYears, edition: EDITION }
  const opened = openExam(db(), {
    person: { id: personId, name, born: born || null, work },
    exam: { id: examId, at },
    events: [opening, ...houseEvents().map((content): ExamEvent => ({ ...content, id: v7(), at, by: by.id }))],
    addedAt: at,
  })
  if (opened.ok) projectSoon(examId)
  return opened.ok ? null : opened.problem
})

/** The answer was lost, and something else was typed since: it would be taken for what is stored. */
function enteredOtherwise(name: string): Problem {
  return {
    what: `The first press arrived after all: ${name} is entered, with what stood here then.`,
    kept: 'What you typed since is still here.',
    do: 'Open the examination from Today, and press the name in it to correct it.',
  }
}
