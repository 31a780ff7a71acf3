import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { assess } from '../../core/assess'
import { CATALOGUE } from '../../core/catalogue'
import { plans } from '../../core/clusters/school-rules'
import { preferredRow } from '../../core/evidence/register'
import { findingFor } from '../../core/findings/findings'
import { routeOf } from '../../core/planner/route'
import { runThatReads } from './answers'
import { fullBattery, planned, SORE } from './arm'
import { generate, type Tendency } from './case'
import { agreement, brier, calibrationError, type Forecast, forecasts, tenths } from './score'

const none: Tendency = { name: 'none', group: 0, person: 0 }
const many: Tendency = { name: 'many', group: 0.6, person: 0.1 }
const cases = (n: number, tendency: Tendency) => {
  const random = randomLcg(0.31)
  return Array.from({ length: n }, () => generate(random, tendency))
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
      const without = cases(4000, tendency).filter((c) => !c.truth['sij-pain'])
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

describe('the scores', () => {
  const forecast = (model: number, truth: boolean): Forecast => ({ truth, headline: model, model, product: model, ruleOnly: model, joined: true })

  it('Brier: nothing for what was known, a quarter for a coin', () => {
    expect(brier([forecast(1, true), forecast(0, false)], (f) => f.model)).toBe(0)
    expect(brier([forecast(0.5, true), forecast(0.5, false)], (f) => f.model)).toBe(0.25)
  })

  it('calibration: what was said against how often it was true, band by band', () => {
    const all = [...Array.from({ length: 3 }, () => forecast(0.75, true)), forecast(0.75, false), forecast(0.1, false), forecast(0.1, true)]
    expect(tenths(all, (f) => f.model)).toEqual([
      { n: 2, said: 0.1, true: 0.5 },
      { n: 4, said: 0.75, true: 0.75 },
    ])
    expect(calibrationError(all, (f) => f.model)).toBeCloseTo((2 / 6) * 0.4, 9)
    expect(tenths([forecast(1, true)], (f) => f.model)).toEqual([{ n: 1, said: 1, true: 1 }])
  })
})
