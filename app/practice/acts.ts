import 'server-only'
import * as yup from 'yup'
import { EDITION } from '@/core/edition'
import { UUID } from '@/core/record/shapes'
import { readCaseFile } from '@/core/trainer/case-file/from'
import { caseNamed, patientNamed } from '@/core/trainer/case-name'
import { itemOf } from '@/core/trainer/drills/items'
import { isDrill, type DrillScore } from '@/core/trainer/drills/drill'
import { scoreDrill } from '@/core/trainer/drills/score'
import { readCommitment, readDrillAnswer } from '@/core/trainer/shapes'
import type { Problem } from '@/core/vocabulary/problem'
import { db } from '@/db'
import { keepDrillAnswer } from '@/db/queries/drills'
import { commitRun, runOf, startRun, wholeRun } from '@/db/queries/practice'
import { keepCase, keepClass, practiceClassesOf, writtenCase } from '@/db/queries/practice-sets'
import { action } from '@/server/action'
import { judged } from '@/server/practice/judging'
import type { Who } from '@/server/who'

const ID = yup.string().strict().required().matches(UUID, 'This names nothing here.')
const NO_RUN: Problem = { what: 'There is no such run of yours.', kept: 'Nothing was changed.', do: 'Begin a case from Practice.' }

/** Begin a case: its record is opened for nobody, since the person is made up. Doing it again with the same number changes nothing. */
export const startPractice = action((who: Who, run: unknown, name: unknown, klass: unknown): Problem | null => {
  const id = ID.validateSync(run)
  const at = Date.now()
  const called = yup.string().strict().required().max(60).validateSync(name)
  const named = caseNamed(called)
  const file = named?.kind === 'written' ? (writtenCase(db(), named.code)?.file ?? null) : null
  const patient = named && patientNamed(called, file)
  if (!patient)
    return { what: 'There is no such case.', kept: 'Nothing was begun.', do: 'Choose a region and a number from 1 to 99999, or a case that was written here.' }
  const set = klass === null ? null : ID.validateSync(klass)
  if (set !== null && !practiceClassesOf(db()).some((c) => c.id === set && !c.closed && c.cases.includes(patient.case))) {
    return {
      what: 'This case is not, or no longer, set for that class.',
      kept: 'Nothing was begun.',
      do: 'Take it for yourself, or ask whoever set the class.',
    }
  }
  const opening = { type: 'exam-opened' as const, id, at, by: who.id, examId: id, personId: id, ageYears: patient.ageYears, edition: EDITION }
  return startRun(db(), { id, by: who.id, at, case: patient.case, file, class: set }, opening)
})

/** Commit to a conclusion, and have it judged. The first commitment stands. */
export const commitPractice = action(async (who: Who, run: unknown, said: unknown): Promise<Problem | null> => {
  const id = ID.validateSync(run)
  if (runOf(db(), id)?.by !== who.id) return NO_RUN
  commitRun(db(), id, readCommitment(said), Date.now())
  const whole = wholeRun(db(), id)
  if (whole) await judged(whole)
  return null
})

/** Answer a question of a drill: it is judged here, from the same seed, and kept. */
export const answerDrill = action((who: Who, number: unknown, given: unknown): DrillScore | Problem => {
  const id = ID.validateSync(number)
  const { drill, topic, seed, level, answer } = readDrillAnswer(given)
  if (!isDrill(drill)) return { what: 'There is no such drill.', kept: 'Nothing was kept.', do: 'Choose one from Practice.' }
  const score = scoreDrill(itemOf(drill, topic, level, seed), answer)
  const { right, share, error } = score
  keepDrillAnswer(db(), { id, by: who.id, at: Date.now(), drill, topic, level, seed, right, share, error })
  return score
})

/** Keep a case that a teacher wrote, or withdraw it. */
export const saveCase = action((who: Who, id: unknown, code: unknown, given: unknown, withdrawn: unknown): Problem | null => {
  const read = readCaseFile(given)
  if (!read.ok) {
    const [first] = read.issues
    return {
      what: `This case cannot be kept: ${first?.pointer.slice(1).replaceAll('/', ', ') ?? ''} ${first?.what ?? ''}.`,
      kept: 'What you wrote is still here.',
      do: 'Correct it and keep it again.',
    }
  }
  keepCase(
    db(),
    { id: ID.validateSync(id), by: who.id, at: Date.now() },
    ID.validateSync(code),
    read.file,
    yup.boolean().strict().required().validateSync(withdrawn),
  )
  return null
})

const CLASS = yup
  .object({
    id: yup.string().strict().required().matches(UUID),
    title: yup.string().strict().trim().required('Give the class a title.').max(80),
    cases: yup.array().strict().min(1, 'Set at least one case.').max(40).of(yup.string().strict().required().max(60)).required(),
    closed: yup.boolean().strict().required(),
  })
  .noUnknown()
  .required()

/** Set a class: the cases that several people take. */
export const saveClass = action((who: Who, id: unknown, given: unknown): Problem | null => {
  const set = CLASS.validateSync(given, { strict: true })
  const strange = set.cases.find((name) => {
    const named = caseNamed(name)
    return !named || (named.kind === 'written' && !writtenCase(db(), named.code))
  })
  if (strange !== undefined)
    return { what: `“${strange}” names no case.`, kept: 'What you typed is still here.', do: 'Write a region and a number, as neck 14.' }
  keepClass(db(), { id: ID.validateSync(id), by: who.id, at: Date.now() }, set)
  return null
})
