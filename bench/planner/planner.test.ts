import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { assess } from '../../core/assess'
import { CATALOGUE } from '../../core/catalogue'
import { plans } from '../../core/clusters/school-rules'
import { preferredRow } from '../../core/evidence/register'
import { findingFor } from '../../core/findings/findings'
import { routeOf } from '../../core/planner/route'
import { runThatReads } from './answers'
import { fixedOrder, fullBattery, planned, SORE } from './arm'
import { fitCount } from './count'
import { type Forecast, forecasts } from './forecast'
import { oracle } from './oracle'
import { byStudy, type Tendency } from './people/by-study'
import { WORLDS } from './people/worlds'
import { agreement, auc, brier, calibrationError, netBenefit, settledAt, tenths } from './score'

const none: Tendency = { group: 0, person: 0 }
const many: Tendency = { group: 0.6, person: 0.1 }
const cases = (n: number, tendency: Tendency) => {
  const random = randomLcg(0.31)
  return Array.from({ length: n }, () => byStudy('', tendency).make(random))
}

describe('generated people', () => {
  const share = (n: number, tendency: Tendency, test: string, there: boolean) => {
    const of = cases(n, tendency).filter((c) => c.truth['sij-pain'] === there)
    return of.filter((c) => c.shows[test]).length / of.length
  }

  it('answer as often as the study says, however their answers hang together', () => {
    const row = preferredRow('thigh-thrust', 'sij-pain', 'right')
    for (const tendency of [none, many]) {
      expect(share(4000, tendency, 'thigh-thrust', true)).toBeCloseTo(row?.sens?.value ?? 0, 1)
      expect(share(4000, tendency, 'thigh-thrust', false)).toBeCloseTo(1 - (row?.spec?.value ?? 0), 1)
    }
  })

  it('hang together where that was asked for, and not where it was not', () => {
    const together = (tendency: Tendency) => {
      const without = cases(4000, tendency).filter((c) => !c.truth['sij-pain'] && !c.shows['repeated-movement'])
      const p = (test: string) => without.filter((c) => c.shows[test]).length / without.length
      const both = without.filter((c) => c.shows['thigh-thrust'] && c.shows['sij-compression']).length / without.length
      return both - p('thigh-thrust') * p('sij-compression')
    }
    expect(Math.abs(together(none))).toBeLessThan(0.02)
    expect(together(many)).toBeGreaterThan(0.05)
  })

  it('never have a cord sign, which would end the examination', () => {
    for (const c of cases(200, many))
      expect([c.truth.cord, c.shows['finger-flick'], c.shows['plantar-up'], c.shows.clonus]).toEqual([false, false, false, false])
  })
})

describe('their answers', () => {
  it('can be given on the ladder of nearly every test, and read as wanted', () => {
    const [first] = cases(1, none)
    if (!first) throw new Error('One case was made.')
    const exam = { ...first.exam, symptoms: first.exam.symptoms.map((s) => ({ ...s, places: ['right-buttock' as const, 'right-calf' as const] })) }
    for (const test of ['thigh-thrust', 'sij-distraction', 'gaenslen', 'sij-compression', 'sacral-thrust', 'faber', 'leg-raise', 'slump'] as const) {
      const known = CATALOGUE.find((t) => t.id === test)
      if (!known) throw new Error(test)
      for (const positive of [true, false]) {
        const side = known.sides === 'none' ? 'none' : SORE
        const run = runThatReads(exam, known, side, known.variants[0]?.id ?? '', SORE, { [test]: positive })
        const found = run && findingFor(assess({ ...exam, runs: [run] }).findings, test, side === 'none' ? SORE : side, SORE)
        expect(found?.result, `${test} ${String(positive)}`).toBe(positive ? 'positive' : 'negative')
      }
    }
  })
})

describe('the ways of planning', () => {
  const some = cases(12, many)

  it('the full battery leaves nothing of the plan undone, and turns the body no more often than it must', () => {
    for (const made of some) {
      const { assessment, turns } = fullBattery(made)
      const left = routeOf(assessment)
        .flatMap((leg) => leg.steps)
        .filter((s) => s.state === 'open' || s.state === 'under-way')
      expect(left.map((s) => s.test.id)).toEqual([])
      expect(turns).toBeLessThanOrEqual(4)
      const runs = assessment.exam.runs.map((r) => `${r.test} ${r.side}`)
      expect(new Set(runs).size).toBe(runs.length)
    }
  })

  it('none of the planner’s ways does more tests, or decides a rule against the battery', () => {
    for (const made of some) {
      const full = fullBattery(made)
      for (const mode of ['full-baseline', 'fewest-turns', 'quickest-answer'] as const) {
        const short = planned(made, mode)
        expect(short.tests).toBeLessThanOrEqual(full.tests)
        const held = agreement(full.assessment, short.assessment)
        expect(held.contrary).toBe(0)
        expect(held.same + held.leftOpen).toBe(held.decided)
        expect(short.assessment.rules.some((r) => plans(r.cluster, made.exam))).toBe(true)
      }
    }
  })

  it('are judged on the sore side alone, against what is true', () => {
    for (const made of some) {
      const outcome = fullBattery(made)
      const judged = forecasts(outcome, made)
      expect(judged.length).toBe(outcome.assessment.sources.filter((s) => s.side === SORE && s.weighed).length)
    }
  })
})

describe('people of other kinds', () => {
  const made = (world: keyof typeof WORLDS, n: number) => {
    const random = randomLcg(0.77)
    return Array.from({ length: n }, () => WORLDS[world].make(random))
  }

  it('have at most two sources, whose severity leaves the rates of the studies as they are', () => {
    const people = made('severity', 3000)
    for (const { truth } of people) expect(Object.values(truth).filter(Boolean).length).toBeLessThanOrEqual(2)
    const row = preferredRow('thigh-thrust', 'sij-pain', 'right')
    const share = (there: boolean) => {
      const of = people.filter((p) => p.truth['sij-pain'] === there)
      return of.filter((p) => p.shows['thigh-thrust']).length / of.length
    }
    // What leaks in from neighbours adds a little to both.
    expect(Math.abs(share(true) - (row?.sens?.value ?? 0))).toBeLessThan(0.06)
    expect(Math.abs(share(false) - (1 - (row?.spec?.value ?? 0)))).toBeLessThan(0.1)
  })

  it('are made from the source outwards: some stirred up easily, some with cord signs, some discs that centralise and fake pelvic tests', () => {
    const people = made('source', 3000)
    const discs = people.filter((p) => p.truth['disc-annulus'] && !p.truth['sij-pain'])
    const faking = discs.filter((p) => p.shows['repeated-movement'])
    const several = (of: typeof people) =>
      of.filter((p) => ['thigh-thrust', 'sij-compression', 'sij-distraction', 'gaenslen'].filter((id) => p.shows[id]).length >= 3).length / of.length
    expect(faking.length).toBeGreaterThan(20)
    expect(several(faking)).toBeGreaterThan(several(discs.filter((p) => !p.shows['repeated-movement'])) + 0.05)
    expect(people.some((p) => p.truth.cord && p.shows['finger-flick'])).toBe(true)
    expect(people.some((p) => p.exam.symptoms[0]?.stirring !== null)).toBe(true)
    expect(people.some((p) => Object.values(p.truth).every((there) => !there))).toBe(true)
  })

  it('a test with nothing to bring on where the pain is moves nothing, whatever the person', () => {
    for (const person of made('source', 14)) {
      const { assessment } = fullBattery(person)
      const onLeg = person.exam.symptoms[0]?.places.some((p) => /thigh|calf/.test(p)) ?? false
      const root = assessment.sources.find((s) => s.source === 'root-lumbar-low' && s.side === SORE)?.weighed
      if (!onLeg) expect(root?.joined.flatMap((j) => j.steps).some((step) => step.test === 'slump') ?? false).toBe(false)
    }
  })
})

describe('the yardsticks', () => {
  it('the oracle looks at the nerves first, and never does more tests than the fixed order', () => {
    for (const person of cases(8, none)) {
      const [best, fixed] = [oracle(person), fixedOrder(person)]
      const limb = person.exam.symptoms[0]?.places.some((p) => /calf|finger/.test(p)) ?? false
      if (limb) expect(best.assessment.exam.runs[0]?.test).toMatch(/^neuro/)
      expect(best.tests).toBeLessThanOrEqual(fixed.tests)
      expect(best.path).toHaveLength(best.tests)
    }
  })

  it('a fitted count finds the weights it was given', () => {
    const random = randomLcg(0.5)
    const known = Array.from({ length: 4000 }, (): Forecast => {
      const [positives, negatives] = [Math.floor(random() * 4), Math.floor(random() * 4)]
      const p = 1 / (1 + Math.exp(-(-1 + 1.2 * positives - 0.8 * negatives)))
      return { ...forecast(p, random() < p), positives, negatives }
    })
    const count = fitCount(known)
    for (const [positives, negatives] of [
      [0, 0],
      [3, 0],
      [1, 2],
    ] as const)
      expect(count({ source: 'sij-pain', positives, negatives })).toBeCloseTo(1 / (1 + Math.exp(-(-1 + 1.2 * positives - 0.8 * negatives))), 1)
  })
})

const forecast = (model: number, truth: boolean): Forecast => ({
  source: 'sij-pain',
  region: 'pelvis and hip',
  truth,
  headline: model,
  model,
  product: model,
  ruleOnly: model,
  pretest: 0.3,
  positives: 0,
  negatives: 0,
  joined: true,
})

describe('the scores', () => {
  const said = (p: number, truth: boolean) => ({ said: p, truth })

  it('Brier: nothing for what was known, a quarter for a coin', () => {
    expect(brier([said(1, true), said(0, false)])).toBe(0)
    expect(brier([said(0.5, true), said(0.5, false)])).toBe(0.25)
  })

  it('calibration: what was said against how often it was true, band by band', () => {
    const all = [...Array.from({ length: 3 }, () => said(0.75, true)), said(0.75, false), said(0.1, false), said(0.1, true)]
    expect(tenths(all)).toEqual([
      { n: 2, said: 0.1, true: 0.5 },
      { n: 4, said: 0.75, true: 0.75 },
    ])
    expect(calibrationError(all)).toBeCloseTo((2 / 6) * 0.4, 9)
    expect(tenths([said(1, true)])).toEqual([{ n: 1, said: 1, true: 1 }])
  })

  it('the area under the curve: order alone, ties by half', () => {
    expect(auc([said(0.1, false), said(0.2, false), said(0.3, true)])).toBe(1)
    expect(auc([said(0.9, false), said(0.2, true)])).toBe(0)
    expect(auc([said(0.5, false), said(0.5, true), said(0.5, true)])).toBe(0.5)
  })

  it('net benefit: true ones acted on, less false ones at the odds of the threshold', () => {
    const all = [said(0.9, true), said(0.6, false), said(0.3, true), said(0.1, false)]
    expect(netBenefit(all, 0.5)).toBeCloseTo((1 - 1) / 4, 12)
    expect(netBenefit(all, 0.2)).toBeCloseTo((2 - 0.25) / 4, 12)
    expect(netBenefit(all, 0.8)).toBeCloseTo(1 / 4, 12)
  })

  it('settled from where the leader stays; never is the whole time', () => {
    const path = [
      { seconds: 10, leader: 'a' },
      { seconds: 20, leader: null },
      { seconds: 30, leader: 'a' },
      { seconds: 40, leader: 'a' },
    ]
    expect([settledAt(path, 'a'), settledAt(path, 'b'), settledAt([], 'a')]).toEqual([30, 40, 0])
  })
})
