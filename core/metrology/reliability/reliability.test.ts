import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { accuracyOf } from './accuracy'
import { agreementOf } from './agreement'
import { twoWay } from './anova'
import { icc21, icc31 } from './icc'
import { proportion } from './proportion'
import { measurementError } from './sem'

/** Shrout and Fleiss 1979, table 2: six targets, four judges. */
const JUDGES = [
  [9, 2, 5, 8],
  [6, 1, 3, 2],
  [8, 4, 6, 8],
  [7, 1, 2, 6],
  [10, 5, 6, 9],
  [6, 2, 4, 7],
]

/** Bland and Altman 1996, BMJ 313:744, table 1: peak expiratory flow of 20 children, four times each, in l/min. */
const FLOW = [
  [190, 220, 200, 200],
  [220, 200, 240, 230],
  [260, 260, 240, 280],
  [210, 300, 280, 265],
  [270, 265, 280, 270],
  [280, 280, 270, 275],
  [260, 280, 280, 300],
  [275, 275, 275, 305],
  [280, 290, 300, 290],
  [320, 290, 300, 290],
  [300, 300, 310, 300],
  [270, 250, 330, 370],
  [320, 330, 330, 330],
  [335, 320, 335, 375],
  [350, 320, 340, 365],
  [360, 320, 350, 345],
  [330, 340, 380, 390],
  [335, 385, 360, 370],
  [400, 420, 425, 420],
  [430, 460, 480, 470],
]

const times = <T>(n: number, value: T): readonly T[] => Array.from({ length: n }, () => value)

describe('against published worked examples', () => {
  it('Shrout and Fleiss 1979, tables 2 to 4: mean squares 11.24, 32.49 and 1.02; ICC(2,1) .29, ICC(3,1) .71', () => {
    const table = twoWay(JUDGES)
    expect(table?.between).toBeCloseTo(11.24, 2)
    expect(table?.raterSquare).toBeCloseTo(32.49, 2)
    expect(table?.error).toBeCloseTo(1.02, 2)
    expect(icc21(JUDGES)?.value).toBeCloseTo(0.29, 2)
    expect(icc31(JUDGES)?.value).toBeCloseTo(0.71, 2)
  })

  it('the intervals that are quoted for that table: .019 to .761, and .342 to .946 (Revelle, documentation of psych::ICC)', () => {
    expect(icc21(JUDGES)?.low).toBeCloseTo(0.019, 2)
    expect(icc21(JUDGES)?.high).toBeCloseTo(0.761, 2)
    expect(icc31(JUDGES)?.low).toBeCloseTo(0.342, 2)
    expect(icc31(JUDGES)?.high).toBeCloseTo(0.946, 2)
  })

  it('Bland and Altman 1996: within-subject variance 460.52, standard deviation 21.5, repeatability 60 l/min', () => {
    const error = measurementError(FLOW)
    expect((error?.sem.value ?? 0) ** 2).toBeCloseTo(460.52, 2)
    expect(error?.sem.value).toBeCloseTo(21.5, 1)
    expect(Math.round(error?.mdc95.value ?? 0)).toBe(59)
    expect(2.77 * (error?.sem.value ?? 0)).toBeCloseTo(59.4, 1)
    expect(error?.df).toBe(60)
  })

  it('Sim and Wright 2005, Phys Ther 85:257: 22, 2, 4, 11 of 39: kappa .67, prevalence-adjusted .69', () => {
    const pairs = [
      ...times(22, ['yes', 'yes'] as const),
      ...times(2, ['yes', 'no'] as const),
      ...times(4, ['no', 'yes'] as const),
      ...times(11, ['no', 'no'] as const),
    ]
    const agreement = agreementOf<'yes' | 'no'>(pairs, ['yes', 'no'])
    expect(agreement?.kappa?.value).toBeCloseTo(0.67, 2)
    expect(agreement?.pabak.value).toBeCloseTo(0.69, 2)
    expect(agreement?.percent.value).toBeCloseTo(0.846, 3)
  })

  it('Fleiss 1981, Statistical Methods, section 13.1: kappa .676, its standard error near .087', () => {
    const cells = [
      ['a', 'a', 75],
      ['a', 'b', 1],
      ['a', 'c', 4],
      ['b', 'a', 5],
      ['b', 'b', 4],
      ['b', 'c', 1],
      ['c', 'c', 10],
    ] as const
    const kappa = agreementOf<'a' | 'b' | 'c'>(
      cells.flatMap(([one, two, n]) => times(n, [one, two] as const)),
      ['a', 'b', 'c'],
    )?.kappa
    expect(kappa?.value).toBeCloseTo(0.676, 3)
    expect(Math.abs(((kappa?.high ?? 0) - (kappa?.low ?? 0)) / 2 / 1.96 - 0.087)).toBeLessThan(0.001)
  })

  it('Newcombe 1998, table I, method 3: 81 of 263, 15 of 148, 0 of 20, 1 of 29', () => {
    const told = (hits: number, of: number) => {
      const p = proportion(hits, of)
      return [p?.low.toFixed(4), p?.high.toFixed(4)]
    }
    expect(told(81, 263)).toEqual(['0.2553', '0.3662'])
    expect(told(15, 148)).toEqual(['0.0624', '0.1605'])
    expect(told(0, 20)).toEqual(['0.0000', '0.1611'])
    expect(told(1, 29)).toEqual(['0.0061', '0.1718'])
  })

  it('Simel, Samsa and Matchar 1991: a ratio of proportions has the log interval of a risk ratio', () => {
    // Altman 1991, Practical Statistics, section 14.4: 231, 32, 27, 54 of 344; sensitivity .90, specificity .63.
    const found = accuracyOf({ truePositive: 231, falsePositive: 32, falseNegative: 27, trueNegative: 54 })
    expect(found.sensitivity?.value).toBeCloseTo(0.9, 2)
    expect(found.specificity?.value).toBeCloseTo(0.63, 2)
    expect(found.lrPositive?.value).toBeCloseTo(2.41, 2)
    expect(found.lrNegative?.value).toBeCloseTo(0.17, 2)
    expect(found.lrPositive?.low).toBeLessThan(2.41)
  })
})

describe('whatever was measured', () => {
  const row = (k: number) => fc.array(fc.integer({ min: 0, max: 120 }), { minLength: k, maxLength: k })
  const table = fc.integer({ min: 2, max: 4 }).chain((k) => fc.array(row(k), { minLength: 2, maxLength: 12 }))

  it('an interval holds its figure, and no figure is above 1', () => {
    fc.assert(
      fc.property(table, (rows) => {
        for (const icc of [icc21(rows), icc31(rows)]) {
          if (!icc) continue
          expect(icc.value).toBeLessThanOrEqual(1)
          expect(icc.low).toBeLessThanOrEqual(icc.value + 1e-9)
          expect(icc.high).toBeGreaterThanOrEqual(icc.value - 1e-9)
        }
        const error = measurementError(rows)
        expect(error && error.sem.low <= error.sem.value && error.sem.value <= error.sem.high).not.toBe(false)
      }),
    )
  })

  it('adding the same to every measurement changes no error and no ICC; a constant between raters lowers agreement alone', () => {
    fc.assert(
      fc.property(table, fc.integer({ min: -50, max: 50 }), (rows, by) => {
        const moved = rows.map((r) => r.map((v) => v + by))
        expect(measurementError(moved)?.sem.value).toBeCloseTo(measurementError(rows)?.sem.value ?? 0, 6)
        const icc = icc31(rows)
        if (icc) expect(icc31(rows.map((r) => r.map((v, j) => v + j * by)))?.value).toBeCloseTo(icc.value, 6)
      }),
    )
  })

  it('two examiners who always agree have a kappa of 1, or none where chance would do as well', () => {
    const said = fc.array(fc.constantFrom('yes' as const, 'no' as const), { minLength: 1, maxLength: 20 })
    fc.assert(
      fc.property(said, (results) => {
        const agreement = agreementOf<'yes' | 'no'>(
          results.map((r) => [r, r] as const),
          ['yes', 'no'],
        )
        expect(agreement?.kappa?.value ?? 1).toBeCloseTo(1, 9)
        expect(agreement?.kappa === null).toBe(new Set(results).size === 1)
        expect(agreement?.percent.value).toBe(1)
      }),
    )
  })

  it('too little is no figure', () => {
    expect(measurementError([[3], [4]])).toBeNull()
    expect(icc21([[3, 4]])).toBeNull()
    expect(icc31([[3, 4], [5]])).toBeNull()
    expect(agreementOf([], ['yes', 'no'])).toBeNull()
    expect(accuracyOf({ truePositive: 0, falsePositive: 0, falseNegative: 0, trueNegative: 3 })).toMatchObject({ sensitivity: null, lrPositive: null })
  })
})
