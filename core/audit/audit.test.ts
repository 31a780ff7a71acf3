import { parse } from 'csv-parse/sync'
import { stringify } from 'csv-stringify/sync'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bare, BUTTOCK, NOTHING, own, soreLeg, sorePelvis } from '../../tests/people'
import { treated } from '../../tests/visits'
import { assess } from '../assess'
import { changesOf } from '../change/changes'
import type { Composed } from '../record/compose'
import { type AuditFacts, auditFacts } from './facts'
import { type Audited, calibrationOf, medianOf, ownAccuracy, poolOf, together } from './pool'
import { publishedRules } from './published'
import { auditRows } from './rows'
import { figuresOf, type Measured, notUsable, type SeriesChange, type SeriesEntry, seriesObjection, seriesOf } from './series'

const facts = (record: Composed): AuditFacts => {
  const assessment = assess(record.exam)
  return auditFacts(assessment, changesOf(assessment))
}
const audited = (exam: string, of: AuditFacts, confirmed: Audited['confirmed'] = [], person = 1): Audited => ({
  exam,
  person,
  facts: of,
  firstVisit: true,
  confirmed,
})
const met = () =>
  facts(
    ['sij-distraction', 'thigh-thrust', 'faber'].reduce(
      (record, test) => record.test(test, test === 'sij-distraction' ? 'none' : 'right', [BUTTOCK]),
      sorePelvis().screened(),
    ),
  )
const broken = () =>
  facts(
    ['sij-distraction', 'thigh-thrust', 'faber', 'gaenslen', 'sij-compression'].reduce(
      (record, test) => record.test(test, test === 'sij-distraction' ? 'none' : 'right', [NOTHING]),
      sorePelvis().screened(),
    ),
  )

describe('what turned out', () => {
  it('is held against the first visit of an episode, and not against the same person treated', () => {
    const sij = [{ source: 'sij-pain' as const, side: 'right' as const, holds: true }]
    const later = { ...audited('second', broken(), sij), firstVisit: false }
    const pooled = poolOf([audited('first', met(), sij), later])
    const cells = Object.values(pooled.rules).flatMap((rule) => Object.values(rule.exams).flat())
    expect(new Set(cells)).toEqual(new Set(['first']))
    expect(new Set(pooled.told.map((told) => told.exam))).toEqual(new Set(['first']))
    expect(pooled.exams).toBe(2)
  })
})

describe('what an examination adds to an audit', () => {
  it('is its region, tests with their seconds, rules, estimates, plan, overrides, halts and open questions', () => {
    const record = soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 42)])
    const run = record.exam.runs[0]?.id ?? ''
    const told = facts(
      record
        .then({ type: 'finding-overridden', run, about: 'left', result: 'negative', why: 'hamstring' })
        .then({ type: 'test-skipped', test: 'slump', side: 'left', why: 'too sore' }),
    )
    expect(told.region).toBe('below-knee')
    expect(told.tests).toEqual([{ test: 'leg-raise', seconds: 20 }])
    expect(told.overrides).toEqual([{ test: 'leg-raise', result: 'negative', why: 'hamstring' }])
    expect(told.plan).toMatchObject({ done: 1, skipped: 1, beside: 0, ownOrder: false })
    expect(told.plan.open).toBeGreaterThan(5)
    expect(told.rules.find((r) => r.rule === 'leg-nerve' && r.side === 'left')?.state).toBe('open')
    expect(told.unasked).toEqual({})
    expect(facts(record.then({ type: 'warning-seen', sign: 'faint' })).halts).toEqual([{ gate: expect.any(String) as string, opened: null }])
    expect(Object.keys(facts(bare()).unasked)).toContain('saddle')
  })

  it('counts what changed after a treatment, and alerts', () => {
    const before = soreLeg().test('leg-raise', 'left', [{ said: 'nothing', end: 80 }])
    const after = treated(before).test('leg-raise', 'left', [own(['left-calf'], 6, 42)])
    expect(facts(after).changed).toEqual({ better: 0, same: 0, worse: 1, alerts: 1 })
  })
})

describe('an audit', () => {
  const sij = (holds: boolean) => [{ source: 'sij-pain' as const, side: 'right' as const, holds }]

  it('holds rules against what turned out; an open one is no cell, and each cell names its examinations', () => {
    const all = [
      audited('a', met(), sij(true)),
      audited('b', met(), sij(false)),
      audited('c', broken(), sij(true)),
      audited('d', broken(), sij(false)),
      audited('e', met()),
    ]
    const rule = poolOf(all).rules['pelvic-five']
    expect(rule).toMatchObject({ met: 3, not: 2, open: 0, truePositive: 1, falsePositive: 1, falseNegative: 1, trueNegative: 1 })
    expect(rule?.exams).toEqual({ truePositive: ['a'], falsePositive: ['b'], falseNegative: ['c'], trueNegative: ['d'] })
    const openRule = poolOf([audited('x', facts(sorePelvis().test('sij-distraction', 'none', [BUTTOCK])), sij(true))]).rules['pelvic-five']
    expect(openRule).toMatchObject({ open: 1, truePositive: 0 })
    expect(rule && ownAccuracy(rule)).toMatchObject({ n: 4, few: true, sensitivity: { value: 0.5 } })
  })

  it('the latest word on a source counts, and both sides count for each', () => {
    const twice = [...sij(true), ...sij(false)]
    expect(poolOf([audited('a', met(), twice)]).rules['pelvic-five']).toMatchObject({ falsePositive: 1 })
    const both = [{ source: 'sij-pain' as const, side: 'both' as const, holds: true }]
    expect(poolOf([audited('a', met(), both)]).rules['pelvic-five']).toMatchObject({ truePositive: 1 })
  })

  it('of two stretches together is the audit of both, however they are cut', () => {
    const all = [audited('a', met(), sij(true), 1), audited('b', broken(), sij(false), 2), audited('c', met(), [], 1), audited('d', facts(soreLeg()), [], 3)]
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...all), { maxLength: 8 }), fc.nat(8), (many, cut) => {
        const whole = poolOf(many)
        expect(together(poolOf(many.slice(0, cut)), poolOf(many.slice(cut)))).toEqual(whole)
      }),
      { numRuns: 40 },
    )
  })

  it('calibrates the leading estimate alone, and tells a Brier score', () => {
    const told = (p: number, holds: boolean): Audited => audited('x', { ...met(), estimates: [{ source: 'sij-pain', side: 'right', p }] }, sij(holds))
    const { bins, brier, n } = calibrationOf(poolOf([told(0.9, true), told(0.9, true), told(0.3, false), told(1, true)]))
    expect(n).toBe(4)
    expect(bins.map((b) => b.n)).toEqual([0, 1, 0, 0, 3])
    expect(brier).toBeCloseTo((0.01 + 0.01 + 0.09 + 0) / 4, 9)
    expect(calibrationOf(poolOf([audited('y', met())]))).toMatchObject({ brier: null, n: 0 })
  })

  it('medians are exact', () => {
    const counts = (values: readonly number[]) => values.reduce<Record<string, number>>((c, v) => ({ ...c, [v]: (c[v] ?? 0) + 1 }), {})
    fc.assert(
      fc.property(fc.array(fc.nat(300), { minLength: 1, maxLength: 30 }), (values) => {
        const sorted = values.toSorted((a, b) => a - b)
        expect(medianOf(counts(values))).toBe(sorted[Math.ceil(values.length / 2) - 1])
      }),
    )
    expect(medianOf({})).toBeNull()
  })

  it('is a table that a spreadsheet reads back, with what is unknown empty and nothing it would compute', () => {
    const override = { ...met(), overrides: [{ test: 'faber', result: 'negative', why: '=HYPERLINK("x")' }] }
    const rows = auditRows(poolOf([audited('a', override, sij(true))]), publishedRules())
    const text = stringify([...rows], { header: true, escape_formulas: true })
    const back = parse<Record<string, string>>(text, { columns: true })
    expect(back).toHaveLength(rows.length)
    expect(back.find((r) => r.of === 'pelvic-five' && r.figure === 'truePositive')).toMatchObject({ value: '1', examinations: 'a' })
    expect(back.find((r) => r.of === 'pelvic-five' && r.figure === 'own specificity')).toMatchObject({ value: '', n: '1' })
    expect(back.find((r) => r.part === 'override')?.value).toBe(`'=HYPERLINK("x")`)
  })
})

describe('a reliability series', () => {
  const setup = { kind: 'begun', test: 'leg-raise', side: 'left', variant: 'neutral', stage: 'raise', examiners: 1, trials: 2, people: 'patients' } as const
  const entries = (...changes: readonly SeriesChange[]): readonly SeriesEntry[] => changes.map((change, i) => ({ id: `e${i}`, by: 'Somebody', at: i, change }))
  const person = (n: number, ...values: readonly number[]): SeriesChange => ({ kind: 'measured', person: n, examiner: 1, values, results: [] })
  const five = [person(1, 40, 44), person(2, 60, 58), person(3, 71, 75), person(4, 33, 30), person(5, 52, 55)]

  it('gives its error once five people were measured twice, and only by an explicit choice', () => {
    const few = seriesOf(entries(setup, ...five.slice(0, 4)))
    expect(few && seriesObjection(few, { kind: 'used', why: 'ours' })).toContain('5 people with 2 trials')
    const series = seriesOf(entries(setup, ...five))
    expect(series?.used).toBeNull()
    expect(series?.figures).toMatchObject({ people: 5 })
    // Differences 4, 2, 4, 3, 3: within-person variance 54 / 10.
    expect(series?.figures.error?.sem.value).toBeCloseTo(Math.sqrt(5.4), 9)
    expect(series?.figures.error?.mdc95.value).toBeCloseTo(1.96 * Math.SQRT2 * Math.sqrt(5.4), 3)
    expect(series && notUsable(series)).toBeNull()
    expect(seriesOf(entries(setup, ...five, { kind: 'used', why: 'ours' }))?.used).toEqual({ by: 'Somebody', at: 6, why: 'ours' })
    expect(seriesOf(entries(setup, ...five, { kind: 'used', why: 'ours' }, { kind: 'given-back', why: 'again' }))?.used).toBeNull()
  })

  it('of simulated people never replaces a published figure, nor does one without scatter', () => {
    const simulated = seriesOf(entries({ ...setup, people: 'simulated' }, ...five))
    expect(simulated && notUsable(simulated)).toContain('Simulated')
    const flat = seriesOf(entries(setup, ...[1, 2, 3, 4, 5].map((n) => person(n, 40 + n, 40 + n))))
    expect(flat && notUsable(flat)).toContain('same figure')
  })

  it('two examiners agree or do not; who misses one is left out, and the latest entry of each counts', () => {
    const said = (n: number, examiner: 1 | 2, result: 'positive' | 'negative'): Measured => ({ person: n, examiner, values: [], results: [result] })
    const yesNo = { ...setup, stage: null, examiners: 2, trials: 1 } as const
    const figures = figuresOf(yesNo, [said(1, 1, 'positive'), said(1, 2, 'positive'), said(2, 1, 'negative'), said(2, 2, 'positive'), said(3, 1, 'negative')])
    expect(figures.people).toBe(2)
    expect(figures.agreement).toMatchObject({ n: 2, percent: { value: 0.5 } })
    const again = seriesOf(entries(yesNo, { kind: 'measured', ...said(1, 1, 'negative') }, { kind: 'measured', ...said(1, 1, 'positive') }))
    expect(again?.measured).toEqual([said(1, 1, 'positive')])
  })

  it('refuses what does not fit, in words', () => {
    const series = seriesOf(entries(setup))
    expect(seriesObjection(null, person(1, 2, 3))).toContain('not begun')
    expect(seriesObjection(series, person(1, 2))).toContain('Enter 2 trials')
    expect(seriesObjection(series, { ...person(1, 2, 3), examiner: 2 } as SeriesChange)).toContain('one examiner')
    expect(seriesObjection(null, { ...setup, side: 'none' })).toContain('not done on this side')
    expect(seriesObjection(null, { ...setup, trials: 1 })).toContain('shows no error')
    expect(seriesObjection(null, { ...setup, stage: 'knee' })).toContain('Nothing is measured')
    expect(seriesObjection(null, { ...setup, test: 'elevated-arm-stress', side: 'none', variant: 'symptom', stage: 'hold' })).toBeNull()
    expect(seriesObjection(null, { ...setup, test: 'no-such-test' })).toContain('no test called')
    expect(seriesObjection(series, { kind: 'given-back', why: 'x' })).toContain('published figure is in use')
  })
})
