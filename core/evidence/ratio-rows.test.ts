import { describe, expect, it } from 'vitest'
import { source } from '../../tests/cases'
import { intervalInput, intervalOf } from './interval'
import { likelihoodRatios, quoted } from './likelihood-ratio'
import { moves, REGISTER } from './register'

const mid = (conditions: Readonly<Record<string, boolean>>, pos: readonly string[] = []) =>
  source({ conditions, pos, priors: { 'root-lumbar-mid': 0.15 } }, 'root-lumbar-mid')?.weighed

describe('figures printed as a ratio alone', () => {
  it('of several that share a cause the strongest counts, and the others stand beside it', () => {
    const both = mid({ 'patellar-reflex': true, 'front-thigh-feeling': true })
    const joined = both?.joined.find((j) => j.group?.id === 'deficit')
    expect(joined).toMatchObject({ strongestOnly: true, together: 13 })
    expect(joined?.steps.map((s) => s.lr).toSorted((a, b) => a - b)).toEqual([7.7, 13])
    expect(both?.product).toBeGreaterThan(both?.model ?? 1)
  })

  it('speak only the way they were printed: a negative sign moves nothing', () => {
    expect(mid({ 'patellar-reflex': false })?.joined ?? []).toEqual([])
    expect(mid({}, ['femoral-stretch'])?.joined[0]?.steps[0]?.lr).toBeCloseTo(5.7, 9)
  })

  it('carry an interval, wider where nothing was printed, that holds the figure', () => {
    const weighed = mid({ 'patellar-reflex': true })
    const input = weighed && intervalInput(weighed)
    if (!weighed || !input) throw new Error('The sign is weighed.')
    const interval = intervalOf(input)
    expect(interval.p05).toBeLessThan(weighed.model)
    expect(interval.p95).toBeGreaterThan(weighed.model)
    const [row] = input.groups.flatMap((g) => g.answers.map((a) => a.row))
    if (row?.kind !== 'ratio') throw new Error('The row is a ratio.')
    const narrow = intervalOf({
      ...input,
      groups: input.groups.map((g) => ({ ...g, answers: g.answers.map((a) => ({ ...a, row: { ...row, spread: row.spread / 4 } })) })),
    })
    expect(narrow.p95 - narrow.p05).toBeLessThan(interval.p95 - interval.p05)
  })

  it('every figure that changes the estimate is quoted between 0.02 and 50', () => {
    for (const row of REGISTER.filter(moves)) {
      const lr = likelihoodRatios(row)
      for (const ratio of [lr?.positive, lr?.negative]) {
        if (ratio === null || ratio === undefined) continue
        expect(quoted(ratio), row.id).toBeGreaterThanOrEqual(0.02)
        expect(quoted(ratio), row.id).toBeLessThanOrEqual(50)
      }
    }
  })

  it('a row that speaks one way only never moves the other', () => {
    for (const row of REGISTER.filter((r) => r.speaks !== undefined)) {
      const lr = likelihoodRatios(row)
      expect(row.speaks === 'positive' ? lr?.negative : lr?.positive, row.id).toBeNull()
    }
  })
})
