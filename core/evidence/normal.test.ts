import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { normalCdf, normalPdf, normalQuantile } from './normal'

/** Published values of the standard normal distribution, to the last figure a double holds. */
const BELOW: readonly (readonly [x: number, share: number])[] = [
  [-20, 2.7536241186062337e-89],
  [-8, 6.220960574271786e-16],
  [-5, 2.866515718791939e-7],
  [-3, 0.0013498980316300946],
  [-1.96, 0.024997895148220435],
  [-1, 0.15865525393145707],
  [0, 0.5],
  [0.5, 0.6914624612740131],
  [1.96, 0.9750021048517795],
  [6, 0.9999999990134123],
]

describe('the normal distribution', () => {
  test.each(BELOW)('below %f lies the published share', (x, share) => {
    expect(Math.abs(normalCdf(x) - share) / share).toBeLessThan(1e-13)
  })

  test('the percentage points anyone knows by heart', () => {
    expect(normalQuantile(0.5)).toBe(0)
    expect(normalQuantile(0.975)).toBeCloseTo(1.959963984540054, 13)
    expect(normalQuantile(0.05)).toBeCloseTo(-1.6448536269514722, 13)
    expect(normalQuantile(1e-10)).toBeCloseTo(-6.361340902404056, 12)
  })

  test('the ends and what lies outside them', () => {
    expect([normalQuantile(0), normalQuantile(1)]).toEqual([-Infinity, Infinity])
    expect([normalQuantile(-0.1), normalQuantile(1.1), normalQuantile(NaN)]).toEqual([NaN, NaN, NaN])
    expect([normalCdf(-Infinity), normalCdf(Infinity)]).toEqual([0, 1])
  })

  test('quantile and share undo each other, far into the tail', () => {
    fc.assert(
      fc.property(fc.double({ min: -36, max: 5, noNaN: true }), (x) => {
        expect(Math.abs(normalQuantile(normalCdf(x)) - x)).toBeLessThanOrEqual(1e-9)
      }),
    )
  })

  test('it only ever rises, it mirrors, and its slope is the density', () => {
    fc.assert(
      fc.property(fc.double({ min: -8, max: 8, noNaN: true }), (x) => {
        expect(normalCdf(x) + normalCdf(-x)).toBeCloseTo(1, 14)
        expect(normalCdf(x + 0.01)).toBeGreaterThanOrEqual(normalCdf(x))
        expect((normalCdf(x + 1e-4) - normalCdf(x - 1e-4)) / 2e-4).toBeCloseTo(normalPdf(x), 7)
      }),
    )
  })
})
