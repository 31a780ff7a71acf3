import { entropy } from '../../core/planner/value'
import { WORTH_DOING } from '../../core/planner/order'
import { secondsOf, TURN_SECONDS } from '../../core/planner/price'
import { isScreen, lyingNow, postureOf, type RouteStep, routeOf, variantFor } from '../../core/planner/route'
import type { WeighedSource } from '../../core/evidence/prior'
import type { Assessment } from '../../core/assess'
import { followed, namesOf, type Outcome, SORE } from './arm'
import { ITEMS, type Item } from './people/items'
import type { Known, Person } from './people/person'

/**
 * The yardstick for the quickest plan: it knows how often each source is true in this very person's clinic and this very person's rates for
 * every test, reckons exactly, and takes what tells most for its time, turning counted, until nothing is worth its time.
 *
 * It sees no answer before the test is done, looks at the sore side alone, and looks at the nerves first, as every plan here does.
 *
 * @throws {Error} for people who come without what is known of them
 */
export function oracle(made: Person): Outcome {
  const { known } = made
  if (!known) throw new Error('The oracle needs to know how the person was made.')
  const now = new Map<WeighedSource, number>(Object.entries(known.prevalence) as [WeighedSource, number][])
  const learnt = new Set<string>()
  const learn = (assessment: Assessment) => {
    for (const finding of assessment.findings) {
      if (finding.about !== SORE) continue
      for (const id of namesOf({ id: finding.test })) {
        const item = ITEM.get(id)
        if (!item || learnt.has(id)) continue
        learnt.add(id)
        now.set(item.source, after(now.get(item.source) ?? 0, rates(item, known), made.shows[id] ?? false))
      }
    }
  }
  return followed({ ...made.exam, mode: 'full-baseline' }, made, (assessment) => {
    learn(assessment)
    const open = routeOf(assessment)
      .flatMap((leg) => leg.steps)
      .filter((s) => (s.state === 'open' || s.state === 'changes-nothing') && (s.side === 'none' || s.side === SORE || waits(s, assessment)))
    const screen = open.find((s) => isScreen(s.test))
    if (screen) return screen
    const priced = open.map((step) => ({ step, worth: worth(step, assessment, now, known) })).toSorted((a, b) => b.worth - a.worth)
    return priced[0] && priced[0].worth >= WORTH_DOING ? priced[0].step : undefined
  })
}

/** A reflex of the sore limb waits for that of the other. */
function waits({ test }: RouteStep, { findings }: Assessment): boolean {
  return isScreen(test) && findings.some((f) => f.test === test.id && f.about === SORE && f.result === 'inconclusive')
}

const ITEM = new Map<string, Item>(ITEMS.map((item) => [item.id, item]))

interface Rates {
  readonly there: number
  readonly without: number
}

function rates(item: Item, known: Known): Rates {
  return known.rates[item.id] ?? { there: item.sens, without: 1 - item.spec }
}

function after(p: number, { there, without }: Rates, positive: boolean): number {
  const [a, b] = positive ? [there, without] : [1 - there, 1 - without]
  return (p * a) / (p * a + (1 - p) * b)
}

/** Expected gain a minute, turning counted. */
function worth({ test }: RouteStep, { exam }: Assessment, now: ReadonlyMap<WeighedSource, number>, known: Known): number {
  const bits = namesOf(test).reduce((sum, id) => {
    const item = ITEM.get(id)
    if (!item) return sum
    const p = now.get(item.source) ?? 0
    const of = rates(item, known)
    const positive = p * of.there + (1 - p) * of.without
    return sum + entropy(p) - positive * entropy(after(p, of, true)) - (1 - positive) * entropy(after(p, of, false))
  }, 0)
  const from = lyingNow(exam)
  const seconds = secondsOf(test, variantFor(exam, test)) + (from === null ? 0 : TURN_SECONDS[from][postureOf(test, exam)])
  return (bits * 60) / seconds
}
