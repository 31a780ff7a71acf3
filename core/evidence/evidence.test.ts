import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { gaussHermite } from '../../tests/gauss-hermite'
import { BUTTOCK, opened, own, performed, soreLeg, sorePelvis } from '../../tests/people'
import type { Answer } from '../record/answer'
import type { Composed } from '../record/compose'
import { assess } from '../assess'
import { CATALOGUE, testById } from '../catalogue'
import { speaksWithFigures } from '../catalogue/reading/speaks'
import { CLUSTERS } from '../clusters'
import { fitRho, impliedKappa } from './calibrate'
import { CALIBRATION } from './calibration'
import { chanceOfAtLeast, countDistribution, groupLikelihoodRatio, patternLikelihood } from './dependence'
import { likelihoodRatios, ratesOf } from './likelihood-ratio'
import { posterior } from './odds'
import { type IntervalInput, intervalInput, intervalOf } from './interval'
import type { RowInput } from './row-draws'
import { NORMAL_NODES } from './quadrature'
import { moves, preferredRow, REGISTER } from './register'
import { FITTED_GROUPS, thresholdsOf } from './thresholds'
import { SIGNS } from './signs'

describe('the register', () => {
  it('has no id twice and speaks only of tests and rules that exist', () => {
    expect(new Set(REGISTER.map((r) => `${r.id} ${r.of}`)).size).toBe(REGISTER.length)
    const rules = new Set<string>(CLUSTERS.flatMap((c) => [c.id, ...(c.figure ? [c.figure] : []), ...Object.values(c.figures ?? {})]))
    const signs = new Set<string>(SIGNS.map((s) => s.id))
    for (const row of REGISTER) {
      if (!moves(row) || row.of === null || row.of === 'pelvic-five-thrust-no-centralisation') continue
      expect(testById(row.of) !== undefined || rules.has(row.of) || signs.has(row.of), `${row.id} is about ${row.of}`).toBe(true)
    }
  })

  it('every row of a test that may change the estimate can: some answer of that test speaks of its source, both ways where it has both rates', () => {
    for (const row of REGISTER.filter(moves)) {
      const test = row.of === null ? undefined : testById(row.of)
      if (!test || !row.for) continue
      const ways = (['positive', 'negative'] as const).filter((way) => likelihoodRatios(row)?.[way] != null)
      for (const way of ways) expect(speaksWithFigures(test.reading, way), `${row.id} ${test.id} ${way}`).toContain(row.for)
    }
  })

  it('prefers at most one row for a test, source and side', () => {
    for (const { id } of [...CATALOGUE, ...CLUSTERS, ...SIGNS]) {
      for (const side of ['left', 'right'] as const) {
        const rows = REGISTER.filter((r) => r.of === id && (r.side ?? side) === side && moves(r))
        expect(new Set(rows.map((r) => r.for)).size, id).toBe(rows.length)
      }
    }
  })

  it('counts, where they are given, agree with the printed proportions to rounding', () => {
    for (const row of REGISTER) {
      if (!row.counts || !row.sens || !row.spec) continue
      const { tp, fn, fp, tn } = row.counts
      expect(Math.abs(tp / (tp + fn) - row.sens.value), `${row.id} sensitivity`).toBeLessThan(0.011)
      expect(Math.abs(tn / (tn + fp) - row.spec.value), `${row.id} specificity`).toBeLessThan(0.011)
    }
  })

  it('a figure of 1.00 never becomes a proof', () => {
    expect(ratesOf({ sens: { value: 1 }, spec: { value: 0.44 }, counts: { tp: 16, fn: 0, fp: 18, tn: 14 } })?.sens).toBeCloseTo(16.5 / 17)
    expect(ratesOf({ sens: { value: 0.8 }, spec: { value: 1 }, counts: null })).toBeUndefined()
  })

  it('uses printed likelihood ratios before derived ones', () => {
    const five = preferredRow('pelvic-five', 'sij-pain', 'left')
    expect(five && likelihoodRatios(five)).toEqual({ positive: 4.02, negative: 0.19 })
    expect(posterior(0.3, 4.02)).toBeCloseTo(0.6327, 4)
  })
})

/** The six pelvic tests: distraction, compression, thigh thrust, Gaenslen right and left, sacral thrust. */
const SENS = [0.6, 0.69, 0.88, 0.53, 0.5, 0.63]
const SPEC = [0.81, 0.69, 0.69, 0.71, 0.77, 0.75]
const six = (positive: boolean) => SENS.map((sens, i) => ({ positive, sens, spec: SPEC[i] ?? 0.5 }))
const test = fc.record({ p: fc.double({ min: 0.05, max: 0.95, noNaN: true }), positive: fc.boolean() })
const rho = fc.double({ min: 0, max: 0.8, noNaN: true })

describe('the model with correlated tests', () => {
  it.each([
    [0, 199.8, 0.879, 0.81],
    [0.1, 53.7, 0.843, 0.784],
    [0.3, 14.83, 0.788, 0.752],
  ])('gives the check values at rho %s', (r, all, sens, spec) => {
    expect(groupLikelihoodRatio(six(true), r)).toBeCloseTo(all, r === 0.3 ? 2 : 1)
    expect(chanceOfAtLeast(3, SENS, r)).toBeCloseTo(sens, 3)
    expect(
      1 -
        chanceOfAtLeast(
          3,
          SPEC.map((s) => 1 - s),
          r,
        ),
    ).toBeCloseTo(spec, 3)
  })

  it('falls to 7.46 at rho 0.5', () => {
    expect(groupLikelihoodRatio(six(true), 0.5)).toBeCloseTo(7.46, 2)
  })

  it('is plain multiplication at rho 0', () => {
    fc.assert(
      fc.property(fc.array(test, { minLength: 1, maxLength: 8 }), (outcomes) => {
        const product = outcomes.reduce((m, o) => m * (o.positive ? o.p : 1 - o.p), 1)
        expect(patternLikelihood(outcomes, 0)).toBeCloseTo(product, 9)
      }),
    )
  })

  it('leaves a single test alone, whatever rho', () => {
    fc.assert(
      fc.property(test, rho, (one, r) => {
        expect(Math.abs(patternLikelihood([one], r) - (one.positive ? one.p : 1 - one.p))).toBeLessThan(1e-6)
      }),
    )
  })

  it('sums to one over all patterns, and its counts agree with brute force', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.05, max: 0.95, noNaN: true }), { minLength: 1, maxLength: 10 }), rho, (ps, r) => {
        const byCount = new Array<number>(ps.length + 1).fill(0)
        for (let bits = 0; bits < 2 ** ps.length; bits++) {
          const outcomes = ps.map((p, j) => ({ p, positive: ((bits >> j) & 1) === 1 }))
          const k = outcomes.filter((o) => o.positive).length
          byCount[k] = (byCount[k] ?? 0) + patternLikelihood(outcomes, r)
        }
        expect(byCount.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
        countDistribution(ps, r).forEach((p, k) => expect(Math.abs(p - (byCount[k] ?? 0))).toBeLessThan(1e-9))
      }),
      { numRuns: 25 },
    )
  })

  it('agrees with a 200-node rule at the strongest dependence', () => {
    const fine = gaussHermite(200)
    for (const answers of [six(true), six(false), six(true).map((a, i) => ({ ...a, positive: i % 2 === 0 }))]) {
      const coarse = answers.map((a) => ({ p: a.sens, positive: a.positive }))
      expect(Math.abs(patternLikelihood(coarse, 0.8) - patternLikelihood(coarse, 0.8, fine))).toBeLessThan(1e-9)
    }
  })

  it('its quadrature, and the one it is compared with, integrate moments of the normal', () => {
    for (const nodes of [NORMAL_NODES, gaussHermite(40), gaussHermite(200)]) {
      const mean = (f: (z: number) => number) => nodes.reduce((sum, { z, weight }) => sum + weight * f(z), 0)
      expect(mean(() => 1)).toBeCloseTo(1, 10)
      expect(mean((z) => z)).toBeCloseTo(0, 10)
      expect(mean((z) => z ** 2)).toBeCloseTo(1, 9)
      expect(mean((z) => z ** 6)).toBeCloseTo(15, 7)
    }
  })
})

describe('the calibration', () => {
  it('stands as it was computed from its inputs', () => {
    for (const group of FITTED_GROUPS) {
      const { thresholds, agreements, names } = thresholdsOf(group)
      expect(CALIBRATION[group], group).toEqual({ rho: fitRho(thresholds, agreements), inputs: names })
    }
  })

  it('finds the correlation that thresholds were made with, when the study is large', () => {
    for (const true_ of [0.05, 0.35, 0.6]) {
      const made = [1, 2, 3, 4].map((k) => ({ row: 'made', k, ps: SENS, published: chanceOfAtLeast(k, SENS, true_), n: 1e6 }))
      expect(fitRho(made)).toBeCloseTo(true_, 2)
    }
  })

  it('finds the correlation that an agreement was made with, and takes raise and slump for one nerve', () => {
    for (const true_ of [0.1, 0.45, 0.7]) {
      const rates = { sens: 0.84, spec: 0.83 }
      expect(fitRho([], [{ row: 'made', kappa: impliedKappa(rates, true_), ...rates, n: 1e6 }])).toBeCloseTo(true_, 2)
    }
    expect(CALIBRATION.sciaticTension.rho).toBeGreaterThan(0.4)
  })

  it('says that pelvic tests hang together more than multiplying allows', () => {
    expect(CALIBRATION.pelvicProvocation.rho).toBeGreaterThan(0.2)
  })
})

describe('what a row is worth to the interval', () => {
  const moved = (record: Composed, source: string) => {
    const weighed = assess(record.exam).sources.find((s) => s.source === source && s.weighed)?.weighed
    const made = weighed && intervalInput(weighed)
    if (!made) throw new Error(`${source} is weighed.`)
    return made
  }
  const people = (of: RowInput | undefined) => (of?.kind === 'rates' ? [of.sensCounts, of.specCounts].map(([a, b]) => a + b) : [])

  it('the size of a study that printed neither counts nor interval, half of it for each rate', () => {
    const [raise] = moved(soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)]), 'root-lumbar-low').groups.flatMap((g) => g.answers)
    expect(raise?.row).toMatchObject({ id: 'B10', unverifiedN: false })
    expect(people(raise?.row).map(Math.round)).toEqual([137, 137])
  })

  it('a row that is only near is worth ten people at most, whatever its study had', () => {
    const arm = performed(
      opened()
        .symptom('S1', { places: ['right-forearm-back'], qualities: ['shooting'], now: 3 })
        .consent(),
      'ulnt-3',
      'right',
    )
    const [answer] = moved(arm, 'root-cervical').groups.flatMap((g) => g.answers)
    expect(answer?.row.id).toBe('D24')
    expect(people(answer?.row)).toEqual([10, 10])
  })

  it('a printed interval of a ratio is used where the ratio speaks alone, as a decided rule does', () => {
    const { rule } = moved(five(BUTTOCK), 'sij-pain')
    expect(rule?.row).toMatchObject({ kind: 'ratio', lr: 4.02, spread: (Math.log(7.89) - Math.log(2.04)) / (2 * 1.96), unverifiedN: false })
  })
})

const five = (answer: Answer) =>
  ['sij-compression', 'thigh-thrust', 'gaenslen', 'faber'].reduce(
    (r, t) => r.test(t, 'right', [answer]),
    sorePelvis().test('sij-distraction', 'none', [answer]),
  )

describe('the interval', () => {
  const row = (n: number): RowInput => ({
    kind: 'rates',
    id: `row ${n}`,
    sens: 0.8,
    spec: 0.7,
    sensCounts: [0.8 * n, 0.2 * n],
    specCounts: [0.7 * n, 0.3 * n],
    unverifiedN: false,
  })
  const input = (n: number): IntervalInput => ({
    key: 'k',
    prior: { p: 0.3, effectiveN: n },
    groups: [{ rho: null, ordered: 1, answers: [{ row: row(n), positive: true }] }],
    rule: null,
    bounds: { low: 0.02, high: 50, strict: false },
  })
  const exact = posterior(0.3, 0.8 / 0.3)

  it('is the same for the same examination, holds the exact figure, and narrows with the size of the study', () => {
    const small = intervalOf(input(40))
    expect(intervalOf(input(40))).toEqual(small)
    const large = intervalOf(input(4000))
    expect(large.p95 - large.p05).toBeLessThan((small.p95 - small.p05) / 4)
    expect(small.p05).toBeLessThan(exact)
    expect(small.p95).toBeGreaterThan(exact)
    expect(large.median).toBeCloseTo(exact, 2)
  })

  it('is the same after crossing to a worker as text, and holds the figure of every source that was moved', () => {
    const { sources } = assess(
      sorePelvis()
        .test('thigh-thrust', 'right', [BUTTOCK])
        .test('leg-raise', 'right', [own(['right-calf'], 6, 50)]).exam,
    )
    for (const { weighed } of sources) {
      const made = weighed && intervalInput(weighed)
      if (!weighed || !made) continue
      const crossed = JSON.parse(JSON.stringify(made)) as IntervalInput
      expect(crossed).toEqual(made)
      const { p05, p95 } = intervalOf(crossed, 1000)
      expect(weighed.estimate).toBeGreaterThan(p05)
      expect(weighed.estimate).toBeLessThan(p95)
    }
  })

  it('follows a decided rule instead of the single tests', () => {
    const rule = intervalOf({ ...input(4000), rule: { row: row(4000), speaks: 'negative', outside: 1, pooled: false, strict: false } })
    expect(rule.median).toBeCloseTo(posterior(0.3, 0.2 / 0.7), 2)
  })
})
