import { testById } from '../catalogue'
import { testTitle } from '../catalogue/exam-test'
import { nameOfTest } from '../catalogue/retired'
import type { Exam, Run } from '../record/exam'
import { nextStage } from '../record/ladder'
import { unasked } from '../safety/safety'
import { counted } from '../vocabulary/sentence'

/** Performances that were begun and neither finished nor stopped. */
export function unfinished(exam: Exam): readonly Run[] {
  return exam.runs.filter((run) => {
    const test = testById(run.test)
    return run.stopped === null && test !== undefined && nextStage(run, test) !== null
  })
}

/** A performance that was begun: what it is, and where it stands. */
export function unfinishedWords(run: Run): string {
  const test = testById(run.test)
  const next = test && nextStage(run, test)
  const stage = test?.stages.find((s) => s.id === next?.id)
  const title = test ? testTitle(test, run.side) : nameOfTest(run.test)
  return `${title}: begun, ${counted(run.answers.length, 'stage')} answered${stage ? `, next would be “${stage.label}”` : ''}`
}

/**
 * What is still open in an examination that is about to be signed, one line each; empty where nothing is.
 *
 * None of it forbids signing: an examination can end early. It has to be seen.
 */
export function openPoints(exam: Exam): readonly string[] {
  const questions = unasked(exam)
  return [
    ...(exam.symptoms.length === 0 ? ['No symptom is described in the story.'] : []),
    ...(exam.symptoms.some((s) => s.places.length === 0)
      ? [
          `${exam.symptoms
            .filter((s) => s.places.length === 0)
            .map((s) => s.id)
            .join(', ')}: no place is marked.`,
        ]
      : []),
    ...(exam.consent === 'not-asked' && exam.runs.length > 0 ? ['Consent to testing is not recorded.'] : []),
    ...(questions > 0 ? [`${counted(questions, 'safety question')} not asked.`] : []),
    ...unfinished(exam).map((run) => `${unfinishedWords(run)}.`),
  ]
}
