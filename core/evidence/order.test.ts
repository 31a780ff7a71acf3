import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { assessFindings } from '../assess'
import { CATALOGUE, testById } from '../catalogue'
import type { Finding } from '../findings/finding'
import { SHIPPED, knowledgeAt } from './knowledge'
import { groupLikelihoodRatio } from './dependence'
import { intervalInput, intervalOf } from './interval'
import { orderedLikelihoodRatio } from './ordered'
import { opened } from '../../tests/people'
import { SCHOOLS } from '../catalogue/schools'

const rate = fc.double({ min: 0.05, max: 0.95, noNaN: true })
// No worse than guessing, as every row that moves a number is.
const one = fc.tuple(rate, rate, fc.boolean()).map(([a, b, positive]) => ({ sens: Math.max(a, b), spec: 1 - Math.min(a, b), positive }))
const rho = fc.double({ min: 0, max: 0.8, noNaN: true })

describe('a group of tests that share a cause', () => {
  it('never falls by one more positive and never rises by one more negative, whatever the tests and the correlation', () => {
    fc.assert(
      fc.property(fc.array(one, { maxLength: 6 }), one, rho, (answers, next, r) => {
        const before = orderedLikelihoodRatio(answers, r)
        const after = orderedLikelihoodRatio([...answers, next], r)
        if (next.positive) expect(after).toBeGreaterThanOrEqual(before * (1 - 1e-9))
        else expect(after).toBeLessThanOrEqual(before * (1 + 1e-9))
      }),
      { numRuns: 400 },
    )
  })

  it('is the model itself wherever the model keeps the order', () => {
    const six = [0.6, 0.69, 0.88, 0.53, 0.5, 0.63].map((sens, i) => ({ positive: true, sens, spec: [0.81, 0.69, 0.69, 0.71, 0.77, 0.75][i] ?? 0.5 }))
    for (const r of [0, 0.1, 0.3]) expect(orderedLikelihoodRatio(six, r)).toBeCloseTo(groupLikelihoodRatio(six, r), 9)
    expect(orderedLikelihoodRatio([], 0.3)).toBe(1)
  })
})

const { exam } = opened().symptom('S1', {
  words: 'everywhere',
  places: ['right-buttock', 'right-calf', 'right-low-back', 'right-groin', 'right-forearm-front', 'right-neck-back', 'right-thigh-front'],
  qualities: ['shooting'],
  now: 3,
})
const weights = { priors: {}, knowledge: knowledgeAt(SHIPPED, Infinity) }

type Given = 'positive' | 'negative' | 'inconclusive'

/** What a test says of its own source, as a case on file gives it. */
function finding(test: string, result: Given): Finding {
  const source = testById(test)?.reading.source ?? 'sij-pain'
  return {
    test: test as Finding['test'],
    side: 'right',
    about: 'right',
    variant: testById(test)?.variants[0]?.id ?? '',
    run: test,
    result,
    why: '',
    symptom: null,
    places: [],
    intensity: null,
    measures: {},
    onsetStage: null,
    checks: [],
    readings: [{ source, direction: result === 'positive' ? 'for' : 'against', strength: 'quantified', why: '' }],
  }
}

const logit = (p: number) => Math.log(p / (1 - p))

const state = (positive: readonly string[], negative: readonly string[] = []) => [
  ...positive.map((test) => ({ test, result: 'positive' as const })),
  ...negative.map((test) => ({ test, result: 'negative' as const })),
]

describe('the figures of a source', () => {
  const tests = CATALOGUE.filter((t) => t.reading.kind !== 'crossed').map((t) => t.id)
  const some = (from: readonly string[]) =>
    fc.uniqueArray(fc.record({ test: fc.constantFrom(...from), result: fc.constantFrom<Given>('positive', 'negative', 'inconclusive') }), {
      selector: (r) => r.test,
      minLength: 1,
      maxLength: 24,
    })
  // Anything beside anything, and many tests of one source, where rules are decided.
  const bySource = ['sij-pain', 'root-cervical', 'root-lumbar-low', 'facet-cervical'].map((source) =>
    tests.filter((id) => testById(id)?.reading.source === source || testById(id)?.reading.source === 'disc-annulus'),
  )
  const results = fc.oneof(some(tests), ...bySource.map(some))
  const schools = fc.record(Object.fromEntries(SCHOOLS.map((q) => [q.id, fc.constantFrom(...q.schools.map((s) => s.id))])))
  const figures = (given: readonly { readonly test: string; readonly result: Given }[], chosen: Readonly<Record<string, string>>, source: string) => {
    const assessment = assessFindings({ exam: { ...exam, schools: chosen }, findings: given.map((g) => finding(g.test, g.result)) }, ['right'], weights)
    const found = assessment.sources.find((s) => s.source === source)
    const steps = found?.weighed?.joined.flatMap((j) => j.steps) ?? []
    return {
      estimate: found?.weighed?.estimate ?? found?.prior?.p,
      model: found?.weighed?.model ?? found?.prior?.p,
      lr: (test: string) => steps.find((step) => step.test === test)?.lr,
    }
  }

  // States in which this was not so once: a printed ratio beside its rounded rates, and a broken rule that said more than the met one.
  const chosen = Object.fromEntries(SCHOOLS.map((q) => [q.id, q.schools[0].id]))
  const FOUND: [{ test: string; result: Given }[], Record<string, string>, number][] = [
    [state(['passive-extension', 'prone-instability']), { ...chosen, instability: 'on-call' }, 1],
    [state(['gaenslen', 'sij-compression', 'thigh-thrust', 'repeated-movement'], ['sij-distraction', 'faber']), { ...chosen, 'pelvic-cluster': 'five' }, 0],
  ]

  it('no positive of its own test lowers headline or model, no negative raises them, in any state of the whole catalogue and any schools', () => {
    fc.assert(
      fc.property(results, schools, fc.nat(), (given, chosen, pick) => {
        const at = pick % given.length
        const turned = given[at]
        if (!turned) return
        const source = testById(turned.test)?.reading.source ?? ''
        const with_ = (result: Given) =>
          figures(
            given.map((g, i) => (i === at ? { ...g, result } : g)),
            chosen,
            source,
          )
        const [low, none, high] = [with_('negative'), with_('inconclusive'), with_('positive')]
        for (const figure of ['estimate', 'model'] as const) {
          const [a, b, c] = [low[figure], none[figure], high[figure]]
          if (a === undefined || b === undefined || c === undefined) continue
          expect(a, `${turned.test} negative raises the ${figure}`).toBeLessThanOrEqual(b + 1e-9)
          expect(c, `${turned.test} positive lowers the ${figure}`).toBeGreaterThanOrEqual(b - 1e-9)
        }
      }),
      { numRuns: 600, examples: FOUND },
    )
  })

  it('no single answer moves the headline by more than 1.5 times what it is worth by itself, or in the model beside the others of its group', () => {
    fc.assert(
      fc.property(results, schools, fc.nat(), fc.constantFrom<Given>('positive', 'negative'), (given, chosen, pick, result) => {
        const at = pick % given.length
        const turned = given[at]
        if (!turned) return
        const source = testById(turned.test)?.reading.source ?? ''
        const with_ = (other: Given) =>
          figures(
            given.map((g, i) => (i === at ? { ...g, result: other } : g)),
            chosen,
            source,
          )
        const [before, after] = [with_('inconclusive'), with_(result)]
        if (before.estimate === undefined || after.estimate === undefined || before.model === undefined || after.model === undefined) return
        const own = Math.abs(Math.log(after.lr(turned.test) ?? 1))
        const inModel = Math.abs(logit(after.model) - logit(before.model))
        const step = Math.abs(logit(after.estimate) - logit(before.estimate))
        expect(step, `${turned.test} ${result}`).toBeLessThanOrEqual(Math.max(own, inModel) + Math.log(1.5) + 1e-9)
      }),
      { numRuns: 800 },
    )
  })

  it('a broken rule’s interval ends no higher than that of the open one, where what would be said once met is bounded', () => {
    const [, broken] = FOUND
    if (!broken) throw new Error('the state is gone')
    const endOf = (result: Given) => {
      const found = broken[0].map((g, i) => finding(g.test, i === 0 ? result : g.result))
      const { sources } = assessFindings({ exam: { ...exam, schools: broken[1] }, findings: found }, ['right'], weights)
      const weighed = sources.find((s) => s.source === 'sij-pain')?.weighed
      const input = weighed && intervalInput(weighed)
      if (!input) throw new Error('it has no interval')
      return intervalOf(input, 1000).p95
    }
    expect(endOf('negative')).toBeLessThanOrEqual(endOf('inconclusive') + 1e-9)
  })
})
