'use server'

import { v7 } from 'uuid'
import * as yup from 'yup'
import { EDITION } from '@/core/edition'
import type { ExamEvent } from '@/core/record/event'
import { ageOn } from '@/core/vocabulary/age'
import { NEW_PERSON } from '@/core/vocabulary/new-person'
import type { Problem } from '@/core/vocabulary/problem'
import { db } from '@/db'
import { dayOf } from '@/db/day'
import { DEFAULT_HOUSE, houseOf } from '@/db/queries/clinic'
import { appendEvents, eventsOfExam } from '@/db/queries/exam-events'
import { bookExam } from '@/db/queries/exams'
import { addPerson } from '@/db/queries/people'
import { who } from '@/server/who'

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/
const IDS = yup.object({ personId: yup.string().matches(UUID).required(), examId: yup.string().matches(UUID).required() }).noUnknown()

/** The clinic's schools, setting and plan are written into the examination, so that changing them later changes no earlier one. */
function houseEvents(at: number, by: string): readonly ExamEvent[] {
  const { schools, setting, mode } = houseOf(db())
  const follows = Object.keys(schools).length > 0 || setting !== DEFAULT_HOUSE.setting
  return [
    ...(follows ? [{ type: 'schools-chosen' as const, id: v7(), at, by, schools, setting }] : []),
    ...(mode === DEFAULT_HOUSE.mode ? [] : [{ type: 'plan-chosen' as const, id: v7(), at, by, mode }]),
  ]
}

/**
 * Add a person and open their examination.
 *
 * Doing it again with the same ids changes nothing, so a lost answer can be asked for again.
 *
 * @returns what is wrong, or null when both are on disk
 */
export async function startPerson(ids: unknown, fields: unknown): Promise<Problem | null> {
  try {
    const { personId, examId } = await IDS.validate(ids, { strict: true })
    const { name, born, work } = await NEW_PERSON.validate(fields)
    const at = Date.now()
    addPerson(db(), { id: personId, name, born: born || null, work }, at)
    bookExam(db(), { id: examId, personId, at })
    if (eventsOfExam(db(), examId).length > 0) return null
    const ageYears = born ? ageOn(born, dayOf(at)) : null
    const opening = { type: 'exam-opened' as const, id: examId, at, by: who().id, examId, personId, ageYears, edition: EDITION }
    const opened = appendEvents(db(), examId, [opening, ...houseEvents(at, who().id)])
    return opened.ok ? null : opened.problem
  } catch (error) {
    if (!yup.ValidationError.isError(error)) throw error
    return { what: error.errors[0] ?? 'Something is missing.', kept: 'What you typed is still here.', do: 'Correct it and press Start again.' }
  }
}
