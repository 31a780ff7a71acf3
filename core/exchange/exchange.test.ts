import Ajv from 'ajv/dist/2020'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, own, soreLeg, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import { emptyDraft, ruleOfDraft } from '../clusters/draft'
import { groupLikelihoodRatio } from '../evidence/dependence'
import { GROUPS } from '../evidence/groups'
import type { Clinic } from '../evidence/knowledge'
import { posterior } from '../evidence/odds'
import { evaluationOf } from './evaluation'
import schema from './exam-file/exam-file.schema.json'
import type { CaseFile, CaseResult } from './exam-file/file'
import { readExamFile } from './exam-file/from'
import { pointerOf } from './exam-file/pointer'
import { assessCase, assessExamFile } from './exam-file/replay'
import { toExamFile } from './exam-file/to'

const valid = new Ajv({ allErrors: true, strict: false }).compile(schema)
const record = soreLeg()
  .test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
  .test('leg-raise-ankle', 'left', [{ said: 'eased' }, { said: 'returned', lowered: 5 }])
  .test('seated-leg-raise', 'right', [{ said: 'nothing', end: 88, lean: false }, NOTHING, NOTHING])
  .then({ type: 'test-skipped', test: 'faber', side: 'left', why: 'knee' })
  .then({ type: 'schools-chosen', schools: { 'slump-order': 'neck-first' }, setting: 'first-contact' })
  .then({ type: 'plan-chosen', mode: 'fewest-turns' })
  .then({ type: 'note-written', text: 'n' })
const clinic: Clinic = {
  overrides: [{ row: 'A02', figures: { sens: 0.7, spec: 0.8, lrPositive: null, lrNegative: null, n: null }, source: 'our audit', by: 'Somebody', at: 1 }],
  priors: [{ line: 'sij-pain', setting: 'first-contact', p: 0.2, source: 'our audit', by: 'Somebody', at: 1 }],
  rules: [{ ...ruleOfDraft({ ...emptyDraft('own-x'), name: 'X' }), withdrawn: false, by: 'Somebody', at: 1 }],
}
const file = toExamFile(record.exam, record.events, { name: 'Somebody', born: '1983-04-11', work: 'bell-founder' }, 5, clinic)
const told = file.events.find((e) => e.type === 'symptom-described')
const wire = (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown
const short = (results: readonly CaseResult[], priors: CaseFile['priors'] = {}) => ({
  format: 'dust-lantern-exam',
  version: 1,
  facts: { age: 43 },
  priors,
  results,
})

describe('the exam file', () => {
  it('reads back what was written, and its assessment is that of the record', () => {
    const read = readExamFile(wire(file))
    expect(read).toMatchObject({ ok: true, kind: 'exam' })
    if (!read.ok || read.kind !== 'exam') return
    expect(read.file).toEqual(file)
    expect(wire(assessExamFile(read.file))).toEqual(wire(assess(record.exam, { clinic })))
  })

  it('reader and published schema agree on good files', () => {
    for (const good of [file, short([{ test: 'faber', side: 'left', result: 'inconclusive' }]), short([])]) {
      expect(valid(wire(good)), JSON.stringify(valid.errors?.slice(0, 3))).toBe(true)
      expect(readExamFile(wire(good)).ok).toBe(true)
    }
  })

  it('refuses the same test given twice on a side, with where it stands already', () => {
    const twice = readExamFile(
      short([
        { test: 'faber', side: 'left', result: 'positive' },
        { test: 'faber', side: 'right', result: 'negative' },
        { test: 'faber', side: 'left', result: 'positive' },
      ]),
    )
    expect(twice).toEqual({ ok: false, issues: [{ pointer: '/results/2', what: 'gives faber on the left again; it stands at /results/0 already' }] })
  })

  it.each([
    ['/format', { ...short([]), format: 'other' }],
    ['/version', { ...short([]), version: 99 }],
    ['', { ...short([]), extra: 1 }],
    ['/priors/sij-pain', short([], { 'sij-pain': 1.5 })],
    [
      '/results/1/side',
      short([
        { test: 'faber', side: 'left', result: 'positive' },
        { test: 'faber', side: 'up' as never, result: 'positive' },
      ]),
    ],
    ['/exam/id', { ...file, exam: { at: 1 } }],
    ['/events', { ...file, events: [] }],
    ['/clinic/priors/0/p', { ...file, clinic: { ...clinic, priors: [{ ...clinic.priors[0], p: 2 }] } }],
    ['/clinic/overrides/0/source', { ...file, clinic: { ...clinic, overrides: [{ ...clinic.overrides[0], source: '' }] } }],
    ['/events/1/places/0', { ...file, events: [file.events[0], { ...told, places: ['left-tail'] }] }],
    ['/events/1', { ...file, events: [file.events[0], { ...file.events[1], more: true }] }],
  ])('reader and published schema both refuse a fault at %s', (pointer, bad) => {
    expect(valid(wire(bad))).toBe(false)
    const read = readExamFile(wire(bad))
    expect(read.ok).toBe(false)
    if (!read.ok) expect(read.issues.map((i) => i.pointer)).toContain(pointer)
  })

  it('refuses what no schema can see: unknown tests, events that do not follow, another exam’s events', () => {
    const issues = (bad: unknown) => {
      const read = readExamFile(wire(bad))
      return read.ok ? [] : read.issues.map((i) => i.pointer)
    }
    expect(issues(short([{ test: 'head-thrust', side: 'left', result: 'positive' }]))).toEqual(['/results/0/test'])
    const follower = record.events.findIndex((e) => e.type === 'stage-answered')
    expect(issues({ ...file, events: record.events.filter((_, i) => i !== follower - 1) })).toEqual([`/events/${follower - 1}`])
    expect(issues({ ...file, exam: { id: 'other', at: 1 } })).toEqual(['/exam/id'])
    expect(issues(7)).toEqual([''])
    expect(issues({ ...file, results: [] })).toEqual(['/results'])
  })

  it('never throws, whatever it is given', () => {
    const readable = (input: unknown) => {
      expect(typeof readExamFile(input).ok).toBe('boolean')
    }
    fc.assert(fc.property(fc.anything(), readable))
    fc.assert(fc.property(fc.jsonValue(), (input) => readable({ ...file, events: [input] })))
  })

  it('writes pointers', () => {
    expect(pointerOf('results[2].test')).toBe('/results/2/test')
    expect(pointerOf('priors["sij-pain"]')).toBe('/priors/sij-pain')
    expect(pointerOf('')).toBe('')
  })
})

describe('a published case', () => {
  const evaluate = (results: readonly CaseResult[], priors: CaseFile['priors'] = {}) => {
    const read = readExamFile(wire(short(results, priors)))
    if (!read.ok || read.kind !== 'case') throw new Error('The case is readable.')
    return evaluationOf(assessCase(read.file))
  }
  const all = (result: CaseResult['result'], ...tests: readonly string[]): readonly CaseResult[] => tests.map((test) => ({ test, side: 'right', result }))

  it('agrees with hand calculation: rule, product and model', () => {
    const five = evaluate([...all('positive', 'sij-distraction', 'thigh-thrust', 'faber'), ...all('negative', 'gaenslen', 'sij-compression')], {
      'sij-pain': 0.3,
    })
    const sij = five.sources.find((s) => s.id === 'sij-pain')
    expect(five.rules.find((r) => r.id === 'pelvic-five')).toMatchObject({ state: 'met', positives: 3, needs: 0, lr: 4.02, pretest: 0.3, open: [], spare: [] })
    expect(sij?.rule).toMatchObject({ id: 'pelvic-five', postTest: expect.closeTo(0.63275, 4) as number })
    // 0.3 through .60/.19, .88/.31, .47/.71, .31/.69
    expect(sij?.product).toBeCloseTo(posterior(0.3, (0.6 / 0.19) * (0.88 / 0.31) * (0.47 / 0.71) * (0.31 / 0.69)), 9)
    const rho = GROUPS.find((g) => g.id === 'pelvic-provocation')?.rho
    const answers = [
      { positive: true, sens: 0.6, spec: 0.81 },
      { positive: true, sens: 0.88, spec: 0.69 },
      { positive: false, sens: 0.53, spec: 0.71 },
      { positive: false, sens: 0.69, spec: 0.69 },
    ]
    expect(sij?.model).toBeCloseTo(posterior(0.3, groupLikelihoodRatio(answers, rho ?? 0)), 9)
    expect(sij?.headline).toBe('rule')
    const [p05 = 1, p95 = 0] = sij?.interval ?? []
    expect(p05).toBeLessThan(0.63)
    expect(p95).toBeGreaterThan(0.63)
  })

  it('counts Gaenslen of either leg for the side the case is about, and an inconclusive one as open', () => {
    const six = evaluate([
      ...all('positive', 'thigh-thrust', 'gaenslen'),
      { test: 'gaenslen', side: 'left', result: 'positive' },
      ...all('inconclusive', 'faber'),
    ])
    expect(six.rules.find((r) => r.id === 'pelvic-six')).toMatchObject({ side: 'right', state: 'met', positives: 3 })
    expect(six.rules.find((r) => r.id === 'pelvic-five')).toMatchObject({ state: 'open', open: ['sij-distraction', 'sij-compression', 'faber'] })
    expect(six.rules.every((r) => r.side === 'right')).toBe(true)
  })

  it('all six negative rules out with the corrected ratio; nothing known leaves the start', () => {
    const clear = evaluate([
      ...all('negative', 'sij-distraction', 'sij-compression', 'thigh-thrust', 'sacral-thrust', 'gaenslen'),
      { test: 'gaenslen', side: 'left', result: 'negative' },
    ])
    expect(clear.rules.find((r) => r.id === 'pelvic-clear')).toMatchObject({ state: 'met', lr: expect.closeTo(0.0669, 4) as number })
    const none = evaluate(all('inconclusive', 'faber'), { 'sij-pain': 0.25 }).sources.find((s) => s.id === 'sij-pain')
    expect(none).toMatchObject({ prior: 0.25, product: 0.25, model: 0.25, rule: null, headline: 'model' })
  })

  it('a well-leg raise speaks about the other leg', () => {
    const crossed = evaluate([{ test: 'crossed-leg-raise', side: 'right', result: 'positive' }])
    expect(crossed.findings).toMatchObject([{ test: 'crossed-leg-raise', side: 'right', about: 'left' }])
    expect(crossed.sources.find((s) => s.id === 'root-lumbar-low')?.side).toBe('left')
  })

  it('the same answers give the same figures as events and as results', () => {
    const events = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('faber', 'right', [NOTHING])
    const fromEvents = evaluationOf(assess(events.exam))
    const fromCase = evaluate([...all('positive', 'thigh-thrust'), ...all('negative', 'faber')], { 'sij-pain': 0.3 })
    const sij = (e: typeof fromCase) => e.sources.find((s) => s.id === 'sij-pain')
    expect({ ...sij(fromEvents) }).toEqual(sij(fromCase))
  })
})
