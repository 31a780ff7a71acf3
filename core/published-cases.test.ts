import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assessed, evaluated, type ShortCase } from '../tests/cases'
import { CLUSTERS } from './clusters'
import { orderedLikelihoodRatio } from './evidence/ordered'
import { GROUPS } from './evidence/groups'
import { headlineOf } from './evidence/headline'
import { ratesOf } from './evidence/likelihood-ratio'
import { posterior } from './evidence/odds'
import { preferredRow } from './evidence/register'

const rule = (short: ShortCase, id: string) => {
  const found = evaluated(short).rules.find((r) => r.id === id && r.side === 'right')
  if (!found) throw new Error(id)
  return found
}
const source = (short: ShortCase, id: string) => evaluated(short).sources.find((s) => s.id === id)

describe('worked examples, replayed from a file', () => {
  it('three of four for a cervical nerve root at 23 %: 65 %; four of four: 90 % (Wainner 2003)', () => {
    const four = ['ulnt-1', 'neck-closing-a', 'neck-distraction', 'neck-rotation']
    const at = { priors: { 'root-cervical': 0.23 } }
    expect(rule({ ...at, pos: four.slice(0, 3) }, 'arm-nerve-four').postTest).toBeCloseTo(0.646, 2)
    expect(rule({ ...at, pos: four }, 'arm-nerve-four').postTest).toBeCloseTo(0.9, 2)
  })

  it('three of six at 33 %, and none of six, by the ratios of the study (Laslett 2005)', () => {
    const six = ['sij-distraction', 'sij-compression', 'thigh-thrust', 'sacral-thrust', 'gaenslen']
    const at = { priors: { 'sij-pain': 1 / 3 } }
    const met = rule({ ...at, pos: six.slice(0, 3) }, 'pelvic-six')
    expect(met).toMatchObject({ state: 'met', lr: expect.closeTo(4.29, 1) as number })
    expect(met.postTest).toBeCloseTo(posterior(1 / 3, met.lr ?? 1), 9)
    const clear = rule({ ...at, neg: six, more: [{ test: 'gaenslen', side: 'left', result: 'negative' }] }, 'pelvic-clear')
    expect(clear.postTest).toBeLessThan(0.05)
  })

  it('two of four are enough for the four, whatever the others would say', () => {
    const two = rule({ pos: ['sij-distraction', 'thigh-thrust'] }, 'pelvic-four')
    expect(two).toMatchObject({ state: 'met', spare: ['sij-compression', 'sacral-thrust'] })
  })

  it('three of five for the cord at 35 % nearly settles it; none of five leaves 9 % (Cook 2010)', () => {
    const signs = { 'finger-flick': true, 'inverted-brachioradialis': true, gait: true }
    const at = { age: 40, priors: { cord: 0.35 } }
    expect(rule({ ...at, conditions: signs }, 'cord-five').postTest).toBeGreaterThan(0.9)
    const none = Object.fromEntries(
      ['finger-flick', 'inverted-brachioradialis', 'gait', 'unsteady', 'plantar-up-arm', 'plantar-up-leg'].map((id) => [id, false]),
    )
    expect(rule({ ...at, conditions: none }, 'cord-clear').postTest).toBeCloseTo(0.09, 2)
  })

  it('the flexion-rotation test at 50 % gives 70 % positive and 30 % negative by the lower pair of figures', () => {
    expect(source({ pos: ['flexion-rotation'], priors: { 'joint-upper-neck': 0.5 } }, 'joint-upper-neck')?.rule?.postTest).toBeCloseTo(0.7, 9)
    expect(source({ neg: ['flexion-rotation'], priors: { 'joint-upper-neck': 0.5 } }, 'joint-upper-neck')?.rule?.postTest).toBeCloseTo(0.3, 9)
  })

  it('signs that are no test result are given by name, and one nobody knows is refused', () => {
    expect(
      source({ conditions: { 'flexion-53': true }, priors: { 'instability-lumbar': 0.2 }, pos: ['passive-extension'] }, 'instability-lumbar')?.product,
    ).toBeCloseTo(posterior(0.2, (0.842 / 0.096) * (0.68 / 0.14)), 1)
    expect(() => assessed({ conditions: { 'moon-phase': true } })).toThrow('no rule asks for')
  })

  it('a setting without studies starts elsewhere', () => {
    const at = (setting: 'referred' | 'first-contact') => source({ setting, pos: ['thigh-thrust'] }, 'sij-pain')?.prior
    expect(at('first-contact')).not.toBe(at('referred'))
  })
})

describe('what an evaluation prints', () => {
  const PELVIC = ['sij-distraction', 'thigh-thrust', 'gaenslen', 'sij-compression', 'sacral-thrust'] as const
  const answers = fc.uniqueArray(fc.record({ test: fc.constantFrom(...PELVIC), positive: fc.boolean() }), { selector: (a) => a.test, minLength: 1 })

  it('agrees with the assessment behind the screens, and both with hand calculation, for any pelvic answers and any start', () => {
    const rho = GROUPS.find((g) => g.id === 'pelvic-provocation')?.rho ?? 0
    fc.assert(
      fc.property(answers, fc.double({ min: 0.05, max: 0.9, noNaN: true }), (given, p) => {
        const short = {
          pos: given.flatMap((a) => (a.positive ? [a.test] : [])),
          neg: given.flatMap((a) => (a.positive ? [] : [a.test])),
          priors: { 'sij-pain': p },
        }
        const line = source(short, 'sij-pain')
        const screen = assessed(short).sources.find((s) => s.source === 'sij-pain')?.weighed
        const known = given.map(({ test, positive }) => {
          const row = preferredRow(test, 'sij-pain', 'right')
          const rates = row && ratesOf(row)
          if (!rates) throw new Error(test)
          return { positive, ...rates }
        })
        const product = known.reduce((lr, a) => lr * (a.positive ? a.sens / (1 - a.spec) : (1 - a.sens) / a.spec), 1)
        expect(line?.product).toBeCloseTo(posterior(p, product), 9)
        expect(line?.model).toBeCloseTo(posterior(p, orderedLikelihoodRatio(known, rho)), 9)
        expect(screen && headlineOf(screen)).toBeCloseTo(line?.estimate ?? NaN, 12)
      }),
      { numRuns: 40 },
    )
  })

  it('names levels and pointers, and every rule on the side asked about', () => {
    const whole = evaluated({ pos: ['leg-raise'], side: 'right' })
    expect(new Set(whole.rules.map((r) => r.id)).size).toBe(CLUSTERS.length)
    expect(whole.levels).toMatchObject([{ side: 'right', limb: 'leg', close: true }])
    expect(evaluated({ pos: ['active-leg-raise', 'sij-distraction', 'thigh-thrust', 'gaenslen'] }).pointers).toContainEqual(
      expect.objectContaining({ id: 'sij-ligament', from: 'pattern', direction: 'for' }),
    )
  })
})
