import { assess, type Assessment } from '../../assess'
import { testById } from '../../catalogue'
import { postureIn, testTitle } from '../../catalogue/exam-test'
import { EDITION } from '../../edition'
import type { Composed } from '../../record/compose'
import type { ExamEvent, TestStarted } from '../../record/event'
import { offered } from '../../record/outline'
import { estimateOf } from '../../standing'
import { POSTURES } from '../../vocabulary/posture'
import { inSentence } from '../../vocabulary/sentence'
import type { TestSide } from '../../vocabulary/side'
import type { Attempt, Commitment } from '../attempt'
import { type Cost, costOf } from '../cost'
import { commitmentFrom, everyTest, perform, planInSteps, toEnd } from '../examinee'
import { directness } from '../mechanics/structures'
import { askedTruly } from '../perform'
import type { SimulatedPatient } from '../simulated-patient'
import { isRight } from './conclusion'
import { standing } from './followed'
import type { Moment } from './moment'

/** A test with its side, as it is chosen. */
export interface Chosen {
  readonly test: string
  readonly side: TestSide
}

/** What the same person costs by the plan, and at best: knowing every answer beforehand. */
export interface Par {
  readonly plan: Cost
  /** Does the plan, with every answer read truly, end at what truly hurts? */
  readonly planFinds: boolean
  /** The fewest tests that show what truly hurts; null where none of the tests that load it would have. */
  readonly best: { readonly cost: Cost; readonly order: readonly Chosen[] } | null
}

/** How much of the plan's certainty the best order keeps. */
const KEPT = 0.95
/** Tests that are put together at most, where the plan does not find it. */
const MOST_AT_BEST = 4

/**
 * The cost by the plan, and of the fewest tests that show what truly hurts: an order with hindsight, which nobody can know beforehand.
 *
 * Where the plan finds it, one test after another is left out, the dearest first, as long as the conclusion and nearly all of its certainty
 * stay. Where it does not, of the tests that load a true source the one that raises it most is added, until it is found. Both are greedy:
 * a still shorter order may exist.
 */
export function parOf(patient: SimulatedPatient): Par {
  return toEnd(parInSteps(patient))
}

/** The same in steps, each some hundredths of a second. */
export function* parInSteps(patient: SimulatedPatient): Generator<undefined, Par> {
  const { record, commitment } = yield* planInSteps(patient, EDITION)
  const plan = costOf(record.events)
  const planFinds = isRight(patient, commitment)
  const tests = planFinds ? yield* fewest(patient, startedIn(record.events), commitment) : yield* sought(patient)
  if (tests === null) return { plan, planFinds, best: null }
  const ordered = tests.toSorted((a, b) => POSTURES.indexOf(postureOf(a)) - POSTURES.indexOf(postureOf(b)))
  const tried = tryOrder(patient, ordered) ?? tryOrder(patient, tests)
  return { plan, planFinds, best: tried && { cost: costOf(tried.record.events), order: ordered.map(({ test, side }) => ({ test, side })) } }
}

/** Those of the plan's tests that the conclusion needs. */
function* fewest(patient: SimulatedPatient, tests: readonly TestStarted[], wanted: Commitment): Generator<undefined, readonly TestStarted[]> {
  let kept = tests
  for (const test of tests.toSorted((a, b) => (testById(b.test)?.seconds ?? 0) - (testById(a.test)?.seconds ?? 0))) {
    const without = kept.filter((t) => t !== test)
    // Nobody knows an answer without having asked for one.
    if (without.length === 0) continue
    const tried = tryOrder(patient, without)?.commitment
    yield undefined
    if (!tried || !isRight(patient, tried) || tried.urgency !== wanted.urgency || tried.certainty < KEPT * wanted.certainty) continue
    kept = without
  }
  return kept
}

/** Tests that load what truly hurts, one after another, until it is found; null where it is not. */
function* sought(patient: SimulatedPatient): Generator<undefined, readonly TestStarted[] | null> {
  const loading = everyTest().filter(([test, side]) => patient.sources.some((s) => directness(test, s.source) > 0 && (side === 'none' || side === s.side)))
  let record = askedTruly(patient, EDITION)
  for (let n = 0; n < MOST_AT_BEST; n++) {
    let best: { readonly record: Composed; readonly worth: number } | null = null
    for (const [test, side] of loading) {
      const next = perform(record, patient, test, side, offered(test.variants)[0]?.id ?? '')
      yield undefined
      if (next === record) continue
      const assessment = assess(next.exam)
      if (isRight(patient, commitmentFrom(assessment))) return startedIn(next.events)
      const worth = worthOf(patient, assessment)
      if (!best || worth > best.worth) best = { record: next, worth }
    }
    if (!best) return null
    record = best.record
  }
  return null
}

/** What a pointer counts for beside a figure, when one test is chosen over another. */
const POINTER = 0.02

/** How much an assessment speaks for what truly hurts. */
function worthOf(patient: SimulatedPatient, { sources }: Assessment): number {
  const each = patient.sources.flatMap((s) => sources.find((o) => o.source === s.source && o.side === s.side) ?? [])
  return Math.max(0, ...each.map((o) => (estimateOf(o) ?? 0) + POINTER * o.pointers.filter((p) => p.direction === 'for').length))
}

function startedIn(events: readonly ExamEvent[]): readonly TestStarted[] {
  return events.filter((e): e is TestStarted => e.type === 'test-started')
}

function postureOf({ test, variant }: TestStarted) {
  const known = testById(test)
  return known ? postureIn(known, variant) : 'sitting'
}

/** The record with these tests alone, and what it comes to; null where one of them could not be done. */
function tryOrder(patient: SimulatedPatient, tests: readonly TestStarted[]): { readonly record: Composed; readonly commitment: Commitment } | null {
  let record = askedTruly(patient, EDITION)
  for (const { test: id, side, variant } of tests) {
    const test = testById(id)
    const next = test ? perform(record, patient, test, side, variant) : record
    if (next === record) return null
    record = next
  }
  return { record, commitment: commitmentFrom(assess(record.exam)) }
}

/** Tests and turns, beside the plan's and the best. */
export function economyMoments({ events, committedAt }: Pick<Attempt, 'events' | 'committedAt'>, par: Par): readonly Moment[] {
  const { plan, best } = par
  const own = costOf(standing(events))
  const right = own.tests === 0 ? plan.tests === 0 : own.seconds <= Math.max(plan.seconds, best?.cost.seconds ?? 0) * 1.15
  return [
    {
      skill: 'economy',
      at: committedAt,
      event: null,
      verdict: right ? 'right' : 'wrong',
      what: `${words(own)}.`,
      why: `${planWords(par)} ${bestWords(par)}`,
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

/** What the plan costs, and whether it would have found what truly hurts. */
export function planWords({ plan, planFinds }: Par): string {
  return `By the plan, with every answer read truly: ${words(plan)}${planFinds ? '' : ', and it does not end at what truly hurts'}.`
}

/** What the fewest tests cost, knowing every answer beforehand. */
export function bestWords({ best }: Par): string {
  if (!best) return 'No order of the tests that load it was found to show it.'
  const order = best.order.flatMap(({ test: id, side }) => {
    const test = testById(id)
    return test ? [inSentence(testTitle(test, side))] : []
  })
  return `With every answer known beforehand: ${words(best.cost)}${order.length > 0 ? ` (${order.join('; ')})` : ''}.`
}

function words({ tests, turns, seconds }: Cost): string {
  return `${tests} ${tests === 1 ? 'test' : 'tests'}, ${turns} ${turns === 1 ? 'turn' : 'turns'}, ${Math.round(seconds / 60)} min`
}
