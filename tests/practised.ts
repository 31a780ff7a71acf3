import { v7 } from 'uuid'
import { EDITION } from '../core/edition'
import type { ExamEvent } from '../core/record/event'
import { caseNamed } from '../core/trainer/case-name'
import { carefulSteps, examine, type Policy } from '../core/trainer/examinee'
import { numberedCase } from '../core/trainer/generate'
import { askedTruly } from '../core/trainer/perform'
import { parOf } from '../core/trainer/judge/economy'
import { judge } from '../core/trainer/judge/judge'
import type { Db } from '../db/open'
import { attemptOf, commitRun, keepJudgement, startRun, takeEvents, takeSteps, wholeRun } from '../db/queries/practice'

/** A case that somebody took and committed. */
export interface Practised {
  readonly by: string
  /** A numbered case, as "neck 3". */
  readonly case: string
  readonly class?: string
  readonly policy: Policy
  /** Every so many answers are read as their contrary; none where it is left out. */
  readonly misreads?: number
  readonly at: number
}

/** Let somebody take a case by a rule, and have it judged. @returns the number of the run */
export function practise(db: Db, { by, case: name, class: set, policy, misreads, at }: Practised): string {
  const named = caseNamed(name)
  if (named?.kind !== 'numbered') throw new Error(`${name} is no numbered case.`)
  const patient = numberedCase(named.region, named.number)
  const { record, commitment } = examine(patient, policy, EDITION)
  const run = v7()
  const [symptom] = patient.symptoms
  const later = at - (record.events.at(-1)?.at ?? at)
  let answers = 0
  const read = (event: ExamEvent): ExamEvent => {
    const own = { ...event, id: v7(), at: event.at + later, by }
    if (own.type !== 'stage-answered' || !symptom || misreads === undefined || !['nothing', 'stretch', 'familiar'].includes(own.answer.said)) return own
    if (++answers % misreads !== 0) return own
    return {
      ...own,
      answer: own.answer.said === 'familiar' ? { said: 'nothing' } : { said: 'familiar', symptom: symptom.id, places: symptom.places, intensity: null },
    }
  }
  const began = { id: run, by, at: at - 20 * 60_000, case: name, file: null, class: set ?? null }
  const opening = { type: 'exam-opened', id: run, at: began.at, by, examId: run, personId: run, ageYears: patient.ageYears, edition: EDITION } as const
  startRun(db, began, opening)
  // What a misread answer makes impossible afterwards is refused alone, as on the bench.
  takeEvents(db, run, record.events.slice(1).map(read))
  const { events } = wholeRun(db, run) ?? { events: [] }
  takeSteps(
    db,
    run,
    carefulSteps(patient, events).map((step) => ({ id: v7(), step })),
  )
  commitRun(db, run, commitment, at)
  const whole = wholeRun(db, run)
  const attempt = whole && attemptOf(whole)
  if (!attempt) throw new Error('The run was not committed.')
  const par = parOf(patient)
  keepJudgement(db, began, at, { judgement: judge(patient, attempt, par), par })
  return run
}

/** Begin a case in which everything was asked and written down, and testing was agreed to. @returns the number of the run */
export function beginPractice(db: Db, { by, case: name, at }: Pick<Practised, 'by' | 'case' | 'at'>): string {
  const named = caseNamed(name)
  if (named?.kind !== 'numbered') throw new Error(`${name} is no numbered case.`)
  const patient = numberedCase(named.region, named.number)
  const run = v7()
  const opening = { type: 'exam-opened', id: run, at, by, examId: run, personId: run, ageYears: patient.ageYears, edition: EDITION } as const
  startRun(db, { id: run, by, at, case: name, file: null, class: null }, opening)
  takeEvents(
    db,
    run,
    askedTruly(patient, EDITION)
      .events.slice(1)
      .map((event) => ({ ...event, id: v7(), at, by })),
  )
  return run
}
