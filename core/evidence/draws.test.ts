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
  const rate = fc.double({ min: 0.1, max: 0.95, noNaN: true })
  const answer = fc.record({ sens: rate, spec: rate, positive: fc.boolean() })

  it('are the model with correlated tests itself where nothing is in doubt, whatever the answers and the correlation', () => {
    fc.assert(
      fc.property(fc.array(answer, { minLength: 2, maxLength: 6 }), fc.double({ min: 0, max: 0.6, noNaN: true }), (answers, rho) => {
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
        const drawn = drawnGroup({ rho, answers: input, ordered: 1 }, 4)
        const exact = groupLikelihoodRatio(answers, rho)
        // Both are numerical integrals; where every answer is far out they differ by one part in a hundred.
        for (const lr of drawn) expect(Math.abs(Math.log(lr / exact))).toBeLessThan(0.02)
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
