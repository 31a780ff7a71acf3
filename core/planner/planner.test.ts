import type { TestId } from '../catalogue/exam-test'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, opened, own, performed, soreLeg, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import { CATALOGUE, testById } from '../catalogue'
import { plans } from '../clusters/school-rules'
import type { Composed } from '../record/compose'
import type { PlanMode } from '../record/event'
import { POSTURES, type Posture } from '../vocabulary/posture'
import { adviceOf, beyondThePlan } from './advice'
import { optionsOf } from './options'
import { type Candidate, fewestTurns, perMinute, quickest, WORTH_DOING } from './order'
import { inUsualOrder, orders, secondsOf, TURN_SECONDS, turnSeconds, turnsOf } from './price'
import { nextStep, postureOf, routeOf, variantFor } from './route'
import { cheapestSettling } from './settle'
import { entropy, inQuestion, valueOf } from './value'

const inMode = (record: Composed, mode: PlanMode) => record.then({ type: 'plan-chosen', mode })
const value = (record: Composed, test: string, side: 'left' | 'right' | 'none' = 'right') => {
  const known = testById(test)
  if (!known) throw new Error(test)
  return valueOf(known, side, variantFor(record.exam, known), assess(record.exam))
}
const route = (record: Composed) => routeOf(assess(record.exam))
const advice = (record: Composed) => adviceOf(assess(record.exam), route(record))
const stepsIn = (record: Composed, ...states: readonly string[]) =>
  route(record)
    .flatMap((leg) => leg.steps)
    .filter((s) => states.includes(s.state))
    .map((s) => `${s.test.id} ${s.side}`)

describe('what a test is worth', () => {
  it('one bit settles a coin; nothing is left at certainty', () => {
    expect(entropy(0.5)).toBe(1)
    expect(entropy(0)).toBe(0)
    expect(entropy(1)).toBe(0)
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 0.999, noNaN: true }), (p) => {
        expect(entropy(p)).toBeCloseTo(entropy(1 - p), 9)
        expect(entropy(p)).toBeLessThanOrEqual(1)
      }),
    )
  })

  it('is never below nothing, never more than the doubt there is and the rules it serves', () => {
    const records = [opened(), soreLeg(), sorePelvis(), sorePelvis().test('thigh-thrust', 'right', [BUTTOCK])]
    for (const record of records) {
      for (const test of CATALOGUE) {
        for (const side of test.sides === 'none' ? (['none'] as const) : (['left', 'right'] as const)) {
          const worth = value(record, test.id, side)
          expect(worth.total, test.id).toBeGreaterThanOrEqual(0)
          expect(worth.doubt, test.id).toBeLessThanOrEqual(inQuestion(record.exam).length)
        }
      }
    }
  })

  it('agrees with the expected fall in doubt, counted by hand, for one test of a fresh complaint', () => {
    // Thigh thrust .88 / .69 at a start of 30 %: what is left after each answer, weighed by how often it comes.
    const [p, sens, spec] = [0.3, 0.88, 0.69]
    const positive = p * sens + (1 - p) * (1 - spec)
    const left = positive * entropy((p * sens) / positive) + (1 - positive) * entropy((p * (1 - sens)) / (1 - positive))
    expect(value(sorePelvis(), 'thigh-thrust').about).toMatchObject({ source: 'sij-pain', bits: expect.closeTo(entropy(p) - left, 2) as number })
  })

  it('falls once a test of the same cause has spoken, and to nothing once a rule has decided the source', () => {
    const fresh = value(sorePelvis(), 'sij-distraction', 'none').doubt
    const after = value(sorePelvis().test('thigh-thrust', 'right', [NOTHING]), 'sij-distraction', 'none').doubt
    expect(after).toBeLessThan(fresh)
    const met = ['sij-compression', 'thigh-thrust', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), sorePelvis())
    expect(value(met, 'sij-distraction', 'none')).toMatchObject({ doubt: 0, rules: 0 })
  })

  it('deciding a rule counts more the fewer answers are still wanted', () => {
    const two = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('sij-compression', 'right', [BUTTOCK])
    expect(value(two, 'gaenslen').rules).toBeGreaterThan(value(sorePelvis(), 'gaenslen').rules)
    expect(value(two, 'gaenslen').rule?.cluster.id).toBe('pelvic-five')
  })

  it('stirring an irritable person up is taken off', () => {
    const irritable = sorePelvis().symptom('S1', {
      places: ['right-buttock'],
      qualities: ['aching'],
      now: 3,
      stirring: { stirredBy: 'little', settles: 'longer' },
    })
    expect(value(irritable, 'gaenslen').harm).toBeGreaterThan(value(sorePelvis(), 'gaenslen').harm)
    expect(value(irritable, 'hip-internal-rotation').harm).toBeLessThan(value(irritable, 'gaenslen').harm)
  })

  it('nothing is worth asking where no pain is', () => {
    expect(value(sorePelvis(), 'thigh-thrust', 'left').doubt).toBe(0)
  })
})

describe('the order of the search', () => {
  const candidates = (record: Composed): readonly Candidate[] =>
    route(record)
      .flatMap((leg) => leg.steps)
      .filter((s) => s.state === 'open')
      .map(({ test, side }) => ({ test, side, variant: variantFor(record.exam, test), posture: postureOf(test, record.exam), baseline: false }))
  const turning = (order: readonly Candidate[], at: Posture | null) =>
    order.reduce<{ at: Posture | null; sum: number }>(
      ({ at: from, sum }, c) => ({ at: c.posture, sum: sum + (from === null ? 0 : TURN_SECONDS[from][c.posture]) }),
      { at, sum: 0 },
    ).sum

  it('finds the cheapest order of postures there is, from wherever the body lies', () => {
    // The slump alone keeps the pelvic tests out, so that no posture may fall away.
    for (const at of [null, ...POSTURES]) {
      for (const record of [soreLeg(), sorePelvis().then({ type: 'schools-chosen', schools: { 'pelvic-cluster': 'six' }, setting: 'referred' })]) {
        const open = candidates(record).filter((c) => !plansFor(record, c.test.id))
        const found = fewestTurns(open, assess(record.exam), { at })
        const best = Math.min(
          ...orders(inUsualOrder(open.map((c) => c.posture))).map((order) =>
            turning(
              order.flatMap((p) => open.filter((c) => c.posture === p)),
              at,
            ),
          ),
        )
        expect(turning(found, at)).toBe(best)
        expect(found).toHaveLength(open.length)
      }
    }
  })

  it('takes every posture once, keeps the sides of a test together, and the most provoking last in its posture', () => {
    const found = fewestTurns(candidates(soreLeg()), assess(soreLeg().exam), { at: null })
    const postures = found.map((c) => c.posture)
    expect(new Set(postures).size).toBe(postures.filter((p, i) => p !== postures[i - 1]).length)
    for (const test of new Set(found.map((c) => c.test.id))) {
      const at = found.flatMap((c, i) => (c.test.id === test ? [i] : []))
      expect(
        at.every((place, i) => i === 0 || place === (at[i - 1] ?? 0) + 1),
        test,
      ).toBe(true)
    }
    for (const posture of new Set(postures)) {
      const grades = found.filter((c) => c.posture === posture).map((c) => Number(c.test.provocative === 3))
      expect(grades).toEqual(grades.toSorted((a, b) => a - b))
    }
  })

  it('a posture that a gate wants first comes before the one it bars', () => {
    const all = candidates(soreLeg())
    const [first, then] = ['standing', 'sitting'] as const
    const found = fewestTurns(all, assess(soreLeg().exam), { at: 'sitting', before: [[first, then]] })
    const postures = found.map((c) => c.posture)
    if (postures.includes(first)) expect(postures.indexOf(first)).toBeLessThan(postures.indexOf(then))
    else expect(postures.length).toBeGreaterThan(0)
  })

  it('the quickest answer takes first what settles most a minute, turning counted', () => {
    const record = sorePelvis()
    const assessment = assess(record.exam)
    const all = candidates(record)
    const [first] = quickest(all, assessment, { at: null })
    const rates = all.map((c) => perMinute(c, assessment))
    if (first?.test.sides === 'none') expect(perMinute(first, assessment)).toBe(Math.max(...rates))
    expect(first).toBeDefined()
    // Far away, the same test waits.
    const dear = turnSeconds([{ from: 'sitting', to: first?.posture ?? 'supine', seconds: 600 }])
    expect(quickest(all, assessment, { at: 'sitting', turns: dear })[0]?.posture).not.toBe(first?.posture)
  })

  it('a clinic’s own price of a turn replaces one entry and no other', () => {
    const own = turnSeconds([{ from: 'prone', to: 'supine', seconds: 99 }])
    expect(own.prone.supine).toBe(99)
    expect(own.supine.prone).toBe(TURN_SECONDS.supine.prone)
    expect(turnsOf('sitting', ['sitting', 'supine', 'supine', 'prone'])).toBe(2)
    expect(turnsOf(null, ['sitting'])).toBe(0)
  })
})

function plansFor(record: Composed, test: TestId): boolean {
  return assess(record.exam).rules.some((r) => r.state === 'open' && plans(r.cluster, record.exam) && r.open.includes(test))
}

describe('the three ways to plan', () => {
  it('the full baseline leaves nothing aside; the others leave aside only what would change nothing', () => {
    const full = stepsIn(soreLeg(), 'open')
    for (const mode of ['fewest-turns', 'quickest-answer'] as const) {
      const record = inMode(soreLeg(), mode)
      expect(new Set([...stepsIn(record, 'open'), ...stepsIn(record, 'changes-nothing')])).toEqual(new Set(full))
      const spare = route(record)
        .flatMap((leg) => leg.steps)
        .filter((s) => s.state === 'changes-nothing')
      for (const s of spare) {
        const worth = perMinute(
          { ...s, variant: variantFor(record.exam, s.test), posture: postureOf(s.test, record.exam), baseline: false },
          assess(record.exam),
        )
        expect(worth, s.test.id).toBeLessThan(WORTH_DOING)
        expect(s.why).toMatch(/\.$/)
      }
    }
  })

  it('fewest turns takes the recorded baseline along, the quickest answer does not', () => {
    expect(stepsIn(inMode(soreLeg(), 'fewest-turns'), 'open')).toEqual(expect.arrayContaining(['slump left', 'neuro-lower left']))
    const quick = stepsIn(inMode(sorePelvis(), 'quickest-answer'), 'open')
    expect(stepsIn(sorePelvis(), 'open').length).toBeGreaterThan(quick.length)
  })

  it('an order made by hand stands above the search', () => {
    const record = inMode(sorePelvis(), 'quickest-answer')
    const open = stepsIn(record, 'open')
    const mine = open.toReversed()
    const moved = record.then({ type: 'route-ordered', order: mine })
    expect(stepsIn(moved, 'open')).toEqual(mine)
    expect(nextStep(route(moved), moved.exam)).toMatchObject({ test: { id: mine[0]?.split(' ')[0] } })
  })

  it('following any of them ends, does nothing twice, and never contradicts what the full battery decides', () => {
    for (const mode of ['full-baseline', 'fewest-turns', 'quickest-answer'] as const) {
      let record = inMode(sorePelvis(), mode)
      for (let i = 0; i < 80; i++) {
        const step = nextStep(route(record), record.exam)
        if (!step) break
        record = performed(record, step.test.id, step.side)
      }
      const runs = record.exam.runs.map((r) => `${r.test} ${r.side}`)
      expect(new Set(runs).size, mode).toBe(runs.length)
      expect(nextStep(route(record), record.exam)).toBeUndefined()
      expect(assess(record.exam).rules.find((r) => r.cluster.id === 'pelvic-five' && r.side === 'right')?.state, mode).toBe('out-of-reach')
    }
  })
})

/** The way an irritable person is asked for. */
const gentleWay = (record: Composed, id: string) => {
  const test = testById(id)
  return test && variantFor(record.exam, test)
}

describe('advice', () => {
  it('says in one sentence what next, where the body is for it, and why', () => {
    const first = advice(sorePelvis())
    expect(first.why).toMatch(/^[A-Z].*\.$/)
    const lying = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('faber', 'right', [BUTTOCK])
    const next = advice(inMode(lying, 'quickest-answer'))
    expect(next.why).toMatch(/^Sacroiliac distraction: SI joint, 3 of 5 is open/)
    expect(next.price?.bits).toBeGreaterThan(0)
  })

  it('a rule that has decided one source does not end the questions about the others', () => {
    const quiet = ['sij-compression', 'thigh-thrust', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [NOTHING]), sorePelvis())
    const record = inMode(quiet, 'quickest-answer')
    expect(assess(record.exam).rules.find((r) => r.cluster.id === 'pelvic-five' && r.side === 'right')?.state).toBe('out-of-reach')
    expect(advice(record).stop).toBeNull()
  })

  it('stops when nothing left is worth its time, and says so', () => {
    let record = inMode(sorePelvis(), 'quickest-answer')
    for (let i = 0; i < 60; i++) {
      const assessment = assess(record.exam)
      const step = nextStep(route(record), record.exam) ?? beyondThePlan(assessment, route(record))
      if (!step) break
      record = performed(record, step.test.id, step.side)
    }
    expect(advice(record)).toMatchObject({ step: null, stop: expect.stringMatching('nothing left here would change the picture') as string })
  })

  it('stops once the budget of an irritable person is spent', () => {
    let record = sorePelvis().symptom('S1', {
      places: ['right-buttock'],
      qualities: ['aching'],
      now: 7,
      stirring: { stirredBy: 'little', settles: 'longer' },
    })
    for (const test of ['slump', 'leg-raise', 'thigh-thrust']) {
      for (const side of ['left', 'right'] as const) record = performed(record, test, side, {}, gentleWay(record, test))
    }
    expect(advice(record).stop).toMatch('irritability is high')
  })

  it('lists what else there is by its worth for its time', () => {
    const options = optionsOf(assess(sorePelvis().exam), route(sorePelvis()))
    expect(options.length).toBeGreaterThan(5)
    expect(options.map((o) => o.perMinute)).toEqual(options.map((o) => o.perMinute).toSorted((a, b) => b - a))
    expect(options.every((o) => o.reason.length > 0)).toBe(true)
  })
})

describe('the cheapest way to settle a rule', () => {
  const five = (record: Composed) => assess(record.exam).rules.find((r) => r.cluster.id === 'pelvic-five' && r.side === 'right')

  it('names the fewest tests, without a position change where that is possible', () => {
    const record = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('gaenslen', 'right', [BUTTOCK])
    const rule = five(record)
    const way = rule && cheapestSettling(rule, record.exam)
    expect(way).toMatchObject({ turns: 0, words: expect.stringMatching(/^cheapest: .*, no position change$/) as string })
    expect(way?.tests).toHaveLength(1)
  })

  it('agrees with trying every choice', () => {
    const record = sorePelvis()
    const rule = five(record)
    const way = rule && cheapestSettling(rule, record.exam)
    const tests = (rule?.open ?? []).flatMap((id) => testById(id) ?? [])
    const every = tests.flatMap((a, i) => tests.slice(i + 1).flatMap((b, j) => tests.slice(i + j + 2).map((c) => [a, b, c])))
    const price = (choice: typeof tests) =>
      turnsOf(null, inUsualOrder(choice.map((t) => postureOf(t, record.exam)))) * 10_000 +
      choice.reduce((sum, t) => sum + secondsOf(t, variantFor(record.exam, t)), 0)
    expect(way ? way.turns * 10_000 + way.seconds : null).toBe(Math.min(...every.map(price)))
  })

  it('has nothing to say of a decided rule, nor where no test that could settle it is allowed', () => {
    const met = ['sij-compression', 'thigh-thrust', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [own(['right-buttock'])]), sorePelvis())
    const decided = five(met)
    expect(decided && cheapestSettling(decided, met.exam)).toBeNull()
  })
})

describe('a test with nothing to bring on where the pain is', () => {
  it('takes no doubt away, since neither its negative nor a symptom there would be heard', () => {
    const [back, leg] = [['right-low-back'], ['right-low-back', 'right-calf']] as const
    const told = (places: readonly ('right-low-back' | 'right-calf')[]) => opened().symptom('S1', { words: 'pain', places, now: 3 })
    expect(value(told(leg), 'slump', 'right').doubt).toBeGreaterThan(0.01)
    expect(value(told(back), 'slump', 'right').doubt).toBe(0)
  })
})
