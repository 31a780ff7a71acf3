import type { Assessment } from '../assess'
import type { ExamTest } from '../catalogue/exam-test'
import { plans } from '../clusters/school-rules'
import type { Posture } from '../vocabulary/posture'
import type { TestSide } from '../vocabulary/side'
import { inUsualOrder, orders, secondsOf, TURN_SECONDS, type TurnSeconds } from './price'
import { valueOf } from './value'

/** An open test on one side, as the search sees it. */
export interface Candidate {
  readonly test: ExamTest
  readonly side: TestSide
  readonly variant: string
  readonly posture: Posture
  /** Worth having whatever it tells: the recorded baseline that a later finding is compared with. */
  readonly baseline: boolean
}

/** A test, both of its sides together: the better side is compared with the worse one, so they are never apart. */
interface Unit {
  readonly posture: Posture
  readonly steps: readonly Candidate[]
  readonly bits: number
  readonly seconds: number
  readonly provocative: boolean
}

/** Where the body is, and what turning it costs. */
export interface BodyNow {
  readonly at: Posture | null
  readonly turns?: TurnSeconds
  /** Postures that have to come before another one, since a test there must be done first. */
  readonly before?: readonly (readonly [Posture, Posture])[]
}

/** A baseline test is never worth less than this, so that fewest turns still takes it along. */
const BASELINE_BITS = 0.1

/** Worth a minute, below which a test would not change the picture: the stopping rule. */
export const WORTH_DOING = 0.02

/** Expected gain a minute of one candidate, without turning. */
export function perMinute(candidate: Candidate, assessment: Assessment): number {
  const { total } = valueOf(candidate.test, candidate.side, candidate.variant, assessment)
  return (total * 60) / secondsOf(candidate.test, candidate.variant)
}

/**
 * The order with the fewest turns, and among those the one that waits least for what tells most.
 *
 * Exact: every order of the postures (at most 120) is priced; inside a posture the best value for its time comes first and the most
 * provocative tests last. A posture that has to be reopened because a test elsewhere must come first is priced as one more turn. A posture
 * whose tests only serve a rule that the tests of the others may decide is left to the end where that is no dearer, since it may fall away:
 * turning to it there costs half.
 */
export function fewestTurns(candidates: readonly Candidate[], assessment: Assessment, body: BodyNow): readonly Candidate[] {
  const units = unitsOf(candidates, assessment, BASELINE_BITS)
  const postures = inUsualOrder(units.map((u) => u.posture))
  const within = new Map(postures.map((posture) => [posture, inPosture(units.filter((u) => u.posture === posture))]))
  const spareable = new Set(postures.filter((posture) => mayFallAway(posture, units, assessment)))
  const priced = orders(postures).map((order) => ({ order, ...expectedCost(order, spareable, within, body) }))
  const best = priced.reduce((a, b) => (b.turning < a.turning || (b.turning === a.turning && b.waiting < a.waiting) ? b : a))
  return best.order.flatMap((posture) => (within.get(posture) ?? []).flatMap((unit) => unit.steps))
}

/** What settles the most a minute first, turning counted, wherever the body has to go for it. */
export function quickest(candidates: readonly Candidate[], assessment: Assessment, body: BodyNow): readonly Candidate[] {
  const turns = body.turns ?? TURN_SECONDS
  const left = [...unitsOf(candidates, assessment, 0)]
  const order: Candidate[] = []
  let at = body.at
  while (left.length > 0) {
    const rate = (unit: Unit) => (unit.bits * 60) / (unit.seconds + (at === null ? 0 : turns[at][unit.posture]))
    const best = left.reduce((a, b) => (rate(b) > rate(a) ? b : a))
    left.splice(left.indexOf(best), 1)
    order.push(...best.steps)
    at = best.posture
  }
  return order
}

function unitsOf(candidates: readonly Candidate[], assessment: Assessment, baseline: number): readonly Unit[] {
  const byTest = new Map<string, Candidate[]>()
  for (const candidate of candidates) {
    const key = `${candidate.test.id} ${candidate.posture}`
    byTest.set(key, [...(byTest.get(key) ?? []), candidate])
  }
  return [...byTest.values()].flatMap((steps) => {
    const first = steps[0]
    if (!first) return []
    const bits = steps.reduce((sum, s) => sum + Math.max(s.baseline ? baseline : 0, valueOf(s.test, s.side, s.variant, assessment).total), 0)
    const seconds = steps.reduce((sum, s) => sum + secondsOf(s.test, s.variant), 0)
    return [{ posture: first.posture, steps, bits, seconds, provocative: first.test.provocative === 3 }]
  })
}

function inPosture(units: readonly Unit[]): readonly Unit[] {
  return units.toSorted((a, b) => Number(a.provocative) - Number(b.provocative) || b.bits / b.seconds - a.bits / a.seconds)
}

/** Could the rules that ask for every test of this posture be decided by open tests of other postures? */
function mayFallAway(posture: Posture, units: readonly Unit[], assessment: Assessment): boolean {
  const elsewhere = new Set(units.filter((u) => u.posture !== posture).flatMap((u) => u.steps.map((s) => s.test.id)))
  return units
    .filter((u) => u.posture === posture)
    .every((unit) => {
      const ids = new Set(unit.steps.map((s) => s.test.id))
      const asking = assessment.rules.filter((rule) => rule.state === 'open' && plans(rule.cluster, assessment.exam) && rule.open.some((id) => ids.has(id)))
      return asking.length > 0 && asking.every((rule) => rule.open.filter((id) => elsewhere.has(id)).length >= Math.min(rule.needs, rule.breaks))
    })
}

/** How likely a posture that may fall away does. A working assumption. */
const FALLS_AWAY = 0.5

function expectedCost(order: readonly Posture[], spareable: ReadonlySet<Posture>, within: ReadonlyMap<Posture, readonly Unit[]>, body: BodyNow) {
  const whole = cost(order, within, body)
  const needed = order.findLastIndex((posture) => !spareable.has(posture)) + 1
  if (needed === 0 || needed === order.length) return whole
  const short = cost(order.slice(0, needed), within, body)
  return { turning: (1 - FALLS_AWAY) * whole.turning + FALLS_AWAY * short.turning, waiting: whole.waiting }
}

/** Seconds of turning, and bits times the seconds they are waited for. */
function cost(order: readonly Posture[], within: ReadonlyMap<Posture, readonly Unit[]>, body: BodyNow): { turning: number; waiting: number } {
  const turns = body.turns ?? TURN_SECONDS
  let at = body.at
  let clock = 0
  let turning = 0
  let waiting = 0
  for (const posture of order) {
    const turn = at === null ? 0 : turns[at][posture]
    turning += turn
    clock += turn
    at = posture
    for (const unit of within.get(posture) ?? []) {
      clock += unit.seconds
      waiting += unit.bits * clock
    }
  }
  for (const [first, then] of body.before ?? []) {
    if (order.includes(then) && order.indexOf(then) < order.indexOf(first)) turning += turns[at ?? first][then]
  }
  return { turning, waiting }
}
