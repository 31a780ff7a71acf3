import { deviation, mean } from 'd3-array'
import { EDITION } from '../../core/edition'
import type { ExamEvent } from '../../core/record/event'
import type { Attempt, Commitment } from '../../core/trainer/attempt'
import { chanceOf } from '../../core/trainer/chance'
import { carefulSteps, examine, type Policy } from '../../core/trainer/examinee'
import { numberedCase } from '../../core/trainer/generate'
import { brierOf } from '../../core/trainer/judge/conclusion'
import { type Par, parOf } from '../../core/trainer/judge/economy'
import { calibrationScore, judge, type Judgement, overall } from '../../core/trainer/judge/judge'
import { CASE_REGIONS, PICTURES } from '../../core/trainer/picture'
import type { SimulatedPatient } from '../../core/trainer/simulated-patient'

/** A case with what it costs at par: the same for everybody who takes it. */
export interface Case {
  readonly patient: SimulatedPatient
  readonly par: Par
}

/** The first cases of each region, in turn. */
export function casesFrom(count: number): readonly Case[] {
  return Array.from({ length: count }, (_, i) => {
    const region = CASE_REGIONS[i % CASE_REGIONS.length] ?? 'neck'
    const patient = numberedCase(region, 1 + Math.floor(i / CASE_REGIONS.length))
    return { patient, par: parOf(patient) }
  })
}

/** Somebody who takes cases by a rule. */
export interface Taker {
  readonly name: string
  readonly take: (patient: SimulatedPatient) => Attempt
}

/** Takes tests by a policy and reads every answer truly. */
export function byPolicy(policy: Policy): Taker {
  return {
    name: policy,
    take: (patient) =>
      attemptOf(
        patient,
        policy,
        (events) => events,
        (c) => c,
      ),
  }
}

/** Calls every load positive, and is sure of it. */
export const ALWAYS_POSITIVE: Taker = {
  name: 'always positive',
  take: (patient) =>
    attemptOf(
      patient,
      'plan',
      misreading(patient, () => true),
      () => {
        const [source] = Object.entries(PICTURES).filter(([, p]) => p.region === patient.region)
        return {
          sources: [{ source: source?.[0] as Commitment['sources'][number]['source'], side: 'right', level: null }],
          certainty: 95,
          next: 'treat',
          urgency: null,
        }
      },
    ),
}

/** Examines by the plan, and says an even chance whatever was found. */
export const ALWAYS_EVEN: Taker = {
  name: 'always 50 %',
  take: (patient) =>
    attemptOf(
      patient,
      'plan',
      (events) => events,
      (c) => ({ ...c, certainty: 50 }),
    ),
}

/** Somebody who misreads a share of the answers and is as sure as anybody: a student on the way. */
export function learner(share: number): Taker {
  return {
    name: `misreads ${Math.round(share * 100)} %`,
    take: (patient) => {
      const chance = chanceOf(`learner ${share} ${patient.case}`)
      return attemptOf(
        patient,
        'plan',
        misreading(patient, () => chance.happens(share)),
        (c) => (chance.happens(share) ? { ...c, sources: [] } : c),
      )
    },
  }
}

function attemptOf(
  patient: SimulatedPatient,
  policy: Policy,
  read: (events: readonly ExamEvent[]) => readonly ExamEvent[],
  decide: (c: Commitment) => Commitment,
): Attempt {
  const { record, commitment } = examine(patient, policy, EDITION)
  const { events } = record
  return { events: read(events), steps: carefulSteps(patient, events), commitment: decide(commitment), committedAt: events.at(-1)?.at ?? 0 }
}

/** Some answers of a record turned into their contrary. */
function misreading(patient: SimulatedPatient, wrong: (event: ExamEvent) => boolean) {
  const [symptom] = patient.symptoms
  return (events: readonly ExamEvent[]): readonly ExamEvent[] =>
    events.map((event) => {
      if (event.type !== 'stage-answered' || !symptom) return event
      const { said } = event.answer
      if (!['nothing', 'stretch', 'other', 'familiar'].includes(said) || !wrong(event)) return event
      return {
        ...event,
        answer: said === 'familiar' ? { said: 'nothing' } : { said: 'familiar', symptom: symptom.id, places: symptom.places, intensity: null },
      }
    })
}

/** What a taker came to over many cases. */
export interface Marks {
  readonly name: string
  readonly judged: readonly Judgement[]
  readonly overall: readonly number[]
  readonly mean: number
  /** Standard error of the mean. */
  readonly error: number
  /** From the mean Brier score of the stated certainties. */
  readonly certainty: number
  readonly brier: number
  readonly reading: number
  readonly economy: number
  readonly right: number
}

/** Let somebody take these cases. */
export function marksOf(taker: Taker, cases: readonly Case[]): Marks {
  const taken = cases.map(({ patient, par }) => {
    const attempt = taker.take(patient)
    return { judgement: judge(patient, attempt, par), brier: brierOf(patient, attempt.commitment) }
  })
  const judged = taken.map((t) => t.judgement)
  const scores = judged.map(overall)
  const briers = taken.map((t) => t.brier)
  const of = (skill: 'reading' | 'economy') => mean(judged.flatMap((j) => j.scores[skill].score ?? [])) ?? 0
  return {
    name: taker.name,
    judged,
    overall: scores,
    mean: mean(scores) ?? 0,
    error: (deviation(scores) ?? 0) / Math.sqrt(scores.length),
    certainty: calibrationScore(briers),
    brier: mean(briers) ?? 0,
    reading: of('reading'),
    economy: of('economy'),
    right: mean(judged.map((j) => (j.right ? 100 : 0))) ?? 0,
  }
}

/**
 * Reliability of a mean score over `length` cases: the halves of the cases correlated over people of different skill, stepped up by the
 * formula of Spearman and Brown (1910).
 */
export function reliabilityOf(people: readonly Marks[], length: number): number {
  const halves = people.map(
    ({ overall: scores }) => [0, 1].map((half) => mean(scores.slice(0, length).filter((_, i) => i % 2 === half)) ?? 0) as [number, number],
  )
  const xs = halves.map(([a]) => a)
  const ys = halves.map(([, b]) => b)
  const mx = mean(xs) ?? 0
  const my = mean(ys) ?? 0
  const cov = mean(halves.map(([a, b]) => (a - mx) * (b - my))) ?? 0
  const spread = Math.sqrt((mean(xs.map((x) => (x - mx) ** 2)) ?? 0) * (mean(ys.map((y) => (y - my) ** 2)) ?? 0))
  const r = spread === 0 ? 0 : cov / spread
  return (2 * r) / (1 + r)
}
