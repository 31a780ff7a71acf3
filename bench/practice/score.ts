import { mean, shuffler } from 'd3-array'
import { EDITION } from '../../core/edition'
import { seededRandom } from '../../core/evidence/rng'
import type { ExamEvent } from '../../core/record/event'
import { altogether } from '../../core/trainer/altogether'
import type { Attempt, Commitment } from '../../core/trainer/attempt'
import { chanceOf } from '../../core/trainer/chance'
import { type Judged, keptOf } from '../../core/trainer/curves'
import { carefulSteps, examine, type Policy } from '../../core/trainer/examinee'
import { numberedCase } from '../../core/trainer/generate'
import { type Par, parOf } from '../../core/trainer/judge/economy'
import { calibrationScore, judge } from '../../core/trainer/judge/judge'
import { SKILLS } from '../../core/trainer/judge/moment'
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
  readonly judged: readonly Judged[]
  /** The figure over all of them, 0 to 100. */
  readonly all: number
  /** Its standard error, by leaving out each tenth of the cases in turn. */
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
  const judged = cases.map(({ patient, par }) => {
    const attempt = taker.take(patient)
    return keptOf(judge(patient, attempt, par), patient.case, attempt.committedAt)
  })
  const briers = judged.map((j) => j.brier)
  const of = (skill: 'reading' | 'economy') => mean(judged.flatMap((j) => j.scores[skill] ?? [])) ?? 0
  return {
    name: taker.name,
    judged,
    all: altogether(judged) ?? 0,
    error: jackknife(judged),
    certainty: calibrationScore(briers),
    brier: mean(briers) ?? 0,
    reading: of('reading'),
    economy: of('economy'),
    right: mean(judged.map((j) => (j.right ? 100 : 0))) ?? 0,
  }
}

const PARTS = 10

/** Standard error of the figure over all cases, by leaving out each tenth in turn (Quenouille and Tukey's jackknife). */
function jackknife(judged: readonly Judged[]): number {
  const without = Array.from({ length: PARTS }, (_, part) => altogether(judged.filter((_, i) => i % PARTS !== part)) ?? 0)
  const middle = mean(without) ?? 0
  return Math.sqrt(((PARTS - 1) / PARTS) * without.reduce((sum, x) => sum + (x - middle) ** 2, 0))
}

/** Draws of two halves that a reliability is the mean of. */
const DRAWS = 100

/** What of several attempts is held against the same of others. */
export type Measure = (attempts: readonly Judged[]) => number

/** The figure that no skill makes up for. */
export const ALL_IN_ALL: Measure = (attempts) => altogether(attempts) ?? 0

/** The mean of the attempts, each the mean of its skills but certainty, and 0 where it was unsafe. */
export const MEAN_ATTEMPT: Measure = (attempts) =>
  mean(attempts.map(({ passed, scores }) => (passed ? (mean(SKILLS.flatMap((s) => (s === 'calibration' ? [] : (scores[s] ?? [])))) ?? 0) : 0))) ?? 0

/**
 * Reliability of a measure over `length` cases: how it correlates, over people of different skill, with the same of the same people over as
 * many other cases. Mean of a hundred draws of two sets without a case in common; null where there are not twice as many cases.
 */
export function reliabilityOf(people: readonly Marks[], length: number, measure: Measure): number | null {
  const count = people[0]?.judged.length ?? 0
  if (count < 2 * length) return null
  const shuffle = shuffler(seededRandom(`reliability ${length}`))
  const draws = Array.from({ length: DRAWS }, () => {
    const order = shuffle(Array.from({ length: count }, (_, i) => i))
    const over = (cases: readonly number[]) => people.map(({ judged }) => measure(cases.flatMap((i) => judged[i] ?? [])))
    return correlation(over(order.slice(0, length)), over(order.slice(length, 2 * length)))
  })
  return mean(draws) ?? null
}

function correlation(xs: readonly number[], ys: readonly number[]): number {
  const [mx, my] = [mean(xs) ?? 0, mean(ys) ?? 0]
  const products = (a: readonly number[], ma: number, b: readonly number[], mb: number) => a.reduce((sum, x, i) => sum + (x - ma) * ((b[i] ?? mb) - mb), 0)
  const spread = Math.sqrt(products(xs, mx, xs, mx) * products(ys, my, ys, my))
  return spread === 0 ? 0 : products(xs, mx, ys, my) / spread
}
