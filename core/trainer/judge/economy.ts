import { assess } from '../../assess'
import { testById } from '../../catalogue'
import { postureIn } from '../../catalogue/exam-test'
import { EDITION } from '../../edition'
import type { Composed } from '../../record/compose'
import type { TestStarted } from '../../record/event'
import { RULEBOOK } from '../../safety/rulebook'
import { sourceKey } from '../../standing'
import { POSTURES } from '../../vocabulary/posture'
import type { Attempt } from '../attempt'
import { type Cost, costOf } from '../cost'
import { commitmentFrom, planInSteps, toEnd } from '../examinee'
import { askedTruly, recorded } from '../perform'
import type { SimulatedPatient } from '../simulated-patient'
import { standing } from './followed'
import type { Moment } from './moment'

/** What the same person costs by the plan, and at best: knowing every answer beforehand. */
export interface Par {
  readonly plan: Cost
  readonly best: Cost
  /** The tests of the best order, as "test side". */
  readonly bestOrder: readonly string[]
}

/** How much of the plan's certainty the best order keeps. */
const KEPT = 0.95

/**
 * The cost by the plan, and of the fewest of its tests that still lead to the same conclusion nearly as surely, posture by posture.
 *
 * Found by leaving out one test after another, the dearest first, wherever the conclusion and nearly all of its
 * certainty stay: an order with hindsight, which nobody can know beforehand.
 */
export function parOf(patient: SimulatedPatient): Par {
  return toEnd(parInSteps(patient))
}

/** The same in steps, each some hundredths of a second. */
export function* parInSteps(patient: SimulatedPatient): Generator<undefined, Par> {
  const { record, assessment } = yield* planInSteps(patient, EDITION)
  const plan = costOf(record.events)
  const wanted = leadOf(assessment)
  let kept: readonly TestStarted[] = record.events.filter((e): e is TestStarted => e.type === 'test-started')
  const byPrice = kept.toSorted((a, b) => (testById(b.test)?.seconds ?? 0) - (testById(a.test)?.seconds ?? 0))
  for (const test of byPrice) {
    const without = kept.filter((t) => t !== test)
    // Nobody knows an answer without having asked for one.
    if (without.length === 0) continue
    const tried = redone(patient, without)
    yield undefined
    if (!tried) continue
    const lead = leadOf(assess(tried.exam))
    if (lead.key === wanted.key && lead.certainty >= KEPT * wanted.certainty) kept = without
  }
  const ordered = kept.toSorted((a, b) => POSTURES.indexOf(postureOf(a)) - POSTURES.indexOf(postureOf(b)))
  const best = redone(patient, ordered) ?? redone(patient, kept)
  return { plan, best: best ? costOf(best.events) : plan, bestOrder: ordered.map((t) => `${t.test} ${t.side}`) }
}

function postureOf({ test, variant }: TestStarted) {
  const known = testById(test)
  return known ? postureIn(known, variant) : 'sitting'
}

/** What would be held for true, with how surely, and what would be done. */
function leadOf(assessment: ReturnType<typeof assess>): { readonly key: string; readonly certainty: number } {
  const { sources, certainty, urgency } = commitmentFrom(assessment)
  const [first] = sources
  return { key: `${first ? sourceKey(first) : 'none'} ${urgency ?? ''}`, certainty }
}

/** The record with these tests alone; null where one of them could not be done. */
function redone(patient: SimulatedPatient, tests: readonly TestStarted[]): Composed | null {
  let record = askedTruly(patient, EDITION)
  for (const { test: id, side, variant } of tests) {
    const test = testById(id)
    if (!test || RULEBOOK.bars(record.exam, id, variant)) return null
    try {
      record = recorded(record, patient, test, side, variant)
    } catch {
      return null
    }
  }
  return record
}

/** Tests and turns, beside the plan's and the best. */
export function economyMoments({ events, committedAt }: Pick<Attempt, 'events' | 'committedAt'>, { plan, best }: Par): readonly Moment[] {
  const own = costOf(standing(events))
  const right = own.tests === 0 ? plan.tests === 0 : own.seconds <= Math.max(plan.seconds, best.seconds) * 1.15
  return [
    {
      skill: 'economy',
      at: committedAt,
      event: null,
      verdict: right ? 'right' : 'wrong',
      what: `${words(own)}.`,
      why: `The plan takes ${words(plan)}; with every answer known beforehand ${words(best)}.`,
      instead: right
        ? null
        : own.tests === 0
          ? 'Test before you conclude.'
          : 'Stop when nothing left would change the picture, and do what can be done before the next turn.',
    },
  ]
}

/** 0 to 1: the plan's time as a share of the own, at most 1; 0 where nothing was tested though the plan tests. */
export function economyScore({ events }: Pick<Attempt, 'events'>, { plan }: Par): number {
  const own = costOf(standing(events))
  if (plan.tests === 0) return own.tests === 0 ? 1 : 0
  return own.tests === 0 ? 0 : Math.min(1, plan.seconds / Math.max(1, own.seconds))
}

function words({ tests, turns, seconds }: Cost): string {
  return `${tests} ${tests === 1 ? 'test' : 'tests'}, ${turns} ${turns === 1 ? 'turn' : 'turns'}, ${Math.round(seconds / 60)} min`
}
