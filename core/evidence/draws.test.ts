import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { betaSample } from './beta'
import { groupLikelihoodRatio } from './dependence'
import { drawnGroup } from './drawn-group'
import { heldIn, NEVER_FURTHER, pool } from './pool'
import { seededRandom } from './rng'
import type { RatesInput } from './row-draws'

const mean = (of: Float64Array) => of.reduce((sum, v) => sum + v, 0) / of.length

describe('draws of a rate', () => {
  it.each([
    [8.5, 2.5],
    [0.5, 17.5],
    [140.5, 60.5],
  ])('have the mean and the spread of a Beta(%d, %d), and the same seed gives the same', (a, b) => {
    const drawn = betaSample(seededRandom('x'), a, b, 40_000)
    const expected = a / (a + b)
    const variance = (a * b) / ((a + b) ** 2 * (a + b + 1))
    expect(mean(drawn)).toBeCloseTo(expected, 2)
    expect(mean(drawn.map((p) => (p - expected) ** 2)) / variance).toBeCloseTo(1, 1)
    expect(betaSample(seededRandom('x'), a, b, 5)).toEqual(drawn.slice(0, 5))
  })
})

describe('draws of a group', () => {
  /** How far the draws lie from the model itself where nothing is in doubt, as a ratio of ratios on the log scale. */
  function apart(answers: readonly { readonly sens: number; readonly spec: number; readonly positive: boolean }[], rho: number): number {
    const sure = 1e9
    const input = answers.map(({ sens, spec, positive }, i) => ({
      positive,
      row: {
        kind: 'rates',
        id: `sure ${i} ${sens} ${spec}`,
        sens,
        spec,
        sensCounts: [sens * sure, (1 - sens) * sure],
        specCounts: [spec * sure, (1 - spec) * sure],
        unverifiedN: false,
      } satisfies RatesInput,
    }))
    const exact = groupLikelihoodRatio(answers, rho)
    return Math.max(...[...drawnGroup({ rho, answers: input, ordered: 1 }, 4)].map((lr) => Math.abs(Math.log(lr / exact))))
  }
  const answersFrom = (least: number, most: number) => {
    const rate = fc.double({ min: least, max: 0.95, noNaN: true })
    return fc.array(fc.record({ sens: rate, spec: rate, positive: fc.boolean() }), { minLength: 2, maxLength: most })
  }

  // Draws take fewer nodes than the figure itself. The worst of five thousand groups searched with their rates at the ends were 0.009 and 0.048
  // apart; a figure moves by at most a quarter of that, and is shown in steps of five percent.
  it.each([
    ['of tests no worse than chance, four at most', 0.5, 4, 0.015],
    ['whatever the answers', 0.1, 6, 0.08],
  ])('are the model with correlated tests itself where nothing is in doubt, %s', (_, least, most, within) => {
    fc.assert(
      fc.property(answersFrom(least, most), fc.double({ min: 0, max: 0.6, noNaN: true }), (answers, rho) => {
        expect(apart(answers, rho)).toBeLessThan(within)
      }),
      { numRuns: 60 },
    )
  })
})

describe('pooling a rule with the model', () => {
  const ratio = fc.double({ min: 0.02, max: 50, noNaN: true })

  it('lies between the two, near the model, and never falls where neither falls', () => {
    fc.assert(
      fc.property(ratio, ratio, fc.double({ min: 1, max: 5, noNaN: true }), fc.double({ min: 1, max: 5, noNaN: true }), (rule, model, up, more) => {
        const made = pool(rule, model)
        expect(made).toBeGreaterThanOrEqual(Math.min(rule, model) * (1 - 1e-12))
        expect(made).toBeLessThanOrEqual(Math.max(rule, model) * (1 + 1e-12))
        expect(Math.max(made / model, model / made)).toBeLessThanOrEqual(NEVER_FURTHER * (1 + 1e-12))
        expect(pool(rule * up, model * more)).toBeGreaterThanOrEqual(made * (1 - 1e-12))
      }),
    )
  })

  it('an open rule takes the model back, strictly where it knows what the model does not', () => {
    const bounds = { low: 0.1, high: 4, strict: false }
    expect(heldIn(bounds, 2)).toBe(2)
    expect(heldIn(bounds, 5)).toBeCloseTo(Math.sqrt(20), 12)
    expect(heldIn(bounds, 40)).toBeCloseTo(40 / 1.5, 12)
    expect(heldIn(bounds, 0.02)).toBeCloseTo(0.03, 12)
    expect(heldIn({ ...bounds, strict: true }, 40)).toBe(4)
  })
})
