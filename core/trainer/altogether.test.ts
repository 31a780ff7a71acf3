import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { altogether } from './altogether'
import { meanOf } from './curves'
import { SKILLS } from './judge/moment'

const attempt = (score: number, brier = 0) => ({
  brier,
  scores: { ...(Object.fromEntries(SKILLS.map((s) => [s, score])) as Record<(typeof SKILLS)[number], number>) },
})
const ANY = fc
  .record({ score: fc.integer({ min: 0, max: 100 }), brier: fc.double({ min: 0, max: 1, noNaN: true }) })
  .map(({ score, brier }) => attempt(score, brier))

describe('the figure over several attempts', () => {
  it('is 100 for whoever does all rightly and surely, and nothing where nothing was done', () => {
    expect([altogether([]), altogether([attempt(100)])]).toEqual([null, 100])
  })

  it('is not saved by the other skills where one is at nought, as for whoever says 50 % to everything', () => {
    const even = Array.from({ length: 8 }, () => attempt(100, 0.25))
    const sure = Array.from({ length: 8 }, () => attempt(100, 0.09))
    expect(altogether(even)).toBeLessThan(60)
    expect(altogether(sure)).toBeGreaterThan(90)
    expect(altogether([{ ...attempt(100), scores: { ...attempt(100).scores, safety: 0 } }])).toBeLessThan(60)
  })

  it('lies between nought and 100, and asks for no order', () => {
    fc.assert(
      fc.property(fc.array(ANY, { minLength: 1, maxLength: 12 }), (attempts) => {
        const figure = altogether(attempts) ?? -1
        expect(figure).toBeGreaterThanOrEqual(0)
        expect(figure).toBeLessThanOrEqual(100)
        expect(altogether(attempts.toReversed())).toBeCloseTo(figure, 1)
      }),
    )
  })

  it('takes certainty from the mean Brier score, since the mean of cut scores would forgive', () => {
    // Sure and right once, sure and wrong once: no better than a coin.
    expect(meanOf([attempt(100, 0), attempt(100, 1)], 'calibration')).toBe(0)
    expect(meanOf([attempt(40), attempt(60)], 'reading')).toBe(50)
    expect(meanOf([{ brier: 0, scores: { ...attempt(0).scores, technique: null } }], 'technique')).toBeNull()
  })
})
