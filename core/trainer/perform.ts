import type { ExamTest, Stage } from '../catalogue/exam-test'
import { agreedTo, type Composed, compose, composedId } from '../record/compose'
import { nextStage, type OnLadder } from '../record/ladder'
import { RULEBOOK } from '../safety/rulebook'
import type { Edition } from '../vocabulary/edition'
import type { TestSide } from '../vocabulary/side'
import type { Reach, Step } from './mechanics/strain'
import { type Response, respond } from './respond'
import { type SimulatedPatient, trueStory } from './simulated-patient'

/** One step of a test with what it gave. */
export interface PerformedStep extends Step {
  readonly response: Response
}

/**
 * Perform a test on a simulated person from its first stage to its end, each answer recorded as it truly was.
 *
 * @param reachOf - how far each stage is taken; to its first symptom or its end where it says nothing
 */
export function performTruly(
  patient: SimulatedPatient,
  test: ExamTest,
  side: TestSide,
  variant: string,
  reachOf: (stage: Stage) => Reach = () => ({}),
): readonly PerformedStep[] {
  const done: PerformedStep[] = []
  for (;;) {
    const run: OnLadder = { variant, stopped: null, answers: done.map((d, i) => ({ event: `${i}`, stage: d.stage.id, answer: d.response.answer, at: 0 })) }
    const next = nextStage(run, test)
    const stage = next && test.stages.find((s) => s.id === next.id)
    if (!stage) return done
    const reach = reachOf(stage)
    const response = respond(patient, { test, side, variant, before: done, step: { stage, reach } })
    done.push({ stage, reach: taken(stage, reach, response), response })
  }
}

/** How far a stage was really taken: to its first symptom, where the hands were told nothing else. */
function taken(stage: Stage, reach: Reach, { answer }: Response): Reach {
  if (!stage.angle || reach.degrees !== undefined) return reach
  const degrees = answer.said === 'familiar' ? answer.onset : 'end' in answer ? answer.end : undefined
  return degrees === undefined ? reach : { ...reach, degrees }
}

/** When practice begins on the clock of composed records; what a machine's own clock says has no part in a case. */
const AT = Date.UTC(2026, 0, 5, 9, 0)

/** A record of this person in which everything that good practice asks was asked, and answered truly. */
export function askedTruly(patient: SimulatedPatient, edition: Edition): Composed {
  const opened = compose(
    {
      examId: composedId(AT, `exam ${patient.case}`, 1),
      personId: composedId(AT, `person ${patient.case}`, 2),
      ageYears: patient.ageYears,
      at: AT,
      by: 'practice',
      edition,
    },
    RULEBOOK,
  )
  return trueStory(patient)
    .reduce((record, content) => record.then(content), opened)
    .consent()
}

/** Put a performance on a record; nothing where a gate closes it half-way: what was recorded until then stays. */
export function recorded(before: Composed, patient: SimulatedPatient, test: ExamTest, side: TestSide, variant: string): Composed {
  const run = composedId(AT, `${patient.case} ${test.id} ${side} ${variant}`, before.events.length)
  let record = agreedTo(before, test.intimate).then({ type: 'test-started', run, test: test.id, side, variant })
  for (const { stage, response } of performTruly(patient, test, side, variant)) {
    const open = record.exam.runs.find((r) => r.id === run)
    if (!open || open.stopped || nextStage(open, test)?.id !== stage.id) break
    try {
      record = record.then({ type: 'stage-answered', run, stage: stage.id, answer: response.answer })
    } catch {
      break
    }
  }
  return record
}
