import { describe, expect, it } from 'vitest'
import { assess } from '@/core/assess'
import { BUTTOCK, NOTHING, sorePelvis } from '@/tests/people'
import { oddsScale, rungsOf } from './odds-ladder-layout'

describe('the odds ladder', () => {
  const weighed = assess(sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('gaenslen', 'right', [NOTHING]).exam).sources.find(
    (s) => s.source === 'sij-pain',
  )?.weighed

  it('starts at the prior and ends at the model, with joined findings shown alone and together', () => {
    if (!weighed) throw new Error('Two answers weigh.')
    const rungs = rungsOf(weighed)
    expect(rungs.map((r) => r.kind)).toEqual(['start', 'alone', 'alone', 'together'])
    expect(rungs[0]?.to).toBe(weighed.prior.p)
    expect(rungs.at(-1)?.to).toBeCloseTo(weighed.model, 9)
  })

  it('ends where the estimate stands for any mixture of answers, the rule’s part its own rung', () => {
    for (const answers of [[NOTHING], [BUTTOCK], [BUTTOCK, BUTTOCK, NOTHING], [NOTHING, NOTHING, BUTTOCK, BUTTOCK]]) {
      const tests = ['thigh-thrust', 'gaenslen', 'sij-compression', 'faber']
      const record = answers.reduce((r, answer, i) => r.test(tests[i] ?? 'faber', 'right', [answer]), sorePelvis())
      const found = assess(record.exam).sources.find((s) => s.source === 'sij-pain')?.weighed
      const last = found && rungsOf(found).at(-1)
      expect(Math.abs((last?.to ?? 0) - (found?.estimate ?? 1))).toBeLessThan(0.002)
    }
    const met = ['thigh-thrust', 'gaenslen', 'sij-compression'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), sorePelvis())
    const found = assess(met.exam).sources.find((s) => s.source === 'sij-pain')?.weighed
    expect(found && rungsOf(found).at(-1)).toMatchObject({ kind: 'single', label: 'Towards SI joint, 3 of 5: halfway, ×1.5 at most', to: found?.estimate })
    expect(found && rungsOf(found).at(-2)?.to).toBeCloseTo(found?.model ?? 0, 9)
  })

  it('gives equal factors of the odds equal lengths', () => {
    const x = oddsScale(400)
    expect(x(2 / 3) - x(0.5)).toBeCloseTo(x(0.5) - x(1 / 3), 9)
    expect(x(0)).toBe(x(0.01))
  })
})
