import { readFileSync } from 'node:fs'
import path from 'node:path'
import Ajv from 'ajv/dist/2020'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '../../catalogue'
import { ASKABLE } from '../../clusters/askable'
import { draftOfRule, emptyDraft, ruleOfDraft } from '../../clusters/draft'
import { CLUSTERS } from '../../clusters'
import type { Item } from '../../clusters/item'
import type { OwnRule } from '../../clusters/own-rule'
import { leaf, not, type Rule } from '../../logic/rule'
import { AREA_IDS } from '../../vocabulary/body-area'
import { SOURCES, type SourceId } from '../../vocabulary/source'
import { clinicIssues } from '../clinic/entries'
import { readRuleFile, ruleIssues } from './from'
import schema from './rule-file.schema.json'
import { toRuleFile } from './to'

const valid = new Ajv({ allErrors: true, strict: false }).compile(schema)
const wire = (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown

const words = fc.string({ minLength: 1, maxLength: 40 })
const side = fc.constantFrom('same', 'either', 'left', 'right')
const test = fc.constantFrom(...CATALOGUE.map((t) => t.id))
const item: fc.Arbitrary<Item> = fc.oneof(
  fc.record({ kind: fc.constant('positive'), test, side }),
  fc.record({
    kind: fc.constant('measured'),
    id: fc.constantFrom('some-angle', 'other-angle'),
    words,
    test,
    field: fc.constantFrom('onset', 'end', 'average-end', 'shortfall'),
    is: fc.constantFrom('above', 'at-least', 'below', 'at-most'),
    value: fc.integer({ min: -90, max: 180 }),
    side,
  }),
  fc.record({ kind: fc.constant('told'), id: fc.constantFrom(...ASKABLE.map((a) => a.id)), words, answer: fc.constantFrom('yes', 'no') }),
  fc.record({ kind: fc.constant('age'), is: fc.constantFrom('at-least', 'under'), years: fc.integer({ min: 0, max: 130 }) }),
  fc.record({ kind: fc.constant('painted'), id: fc.constant('some-area'), words, at: fc.array(fc.constantFrom(...AREA_IDS), { minLength: 1, maxLength: 4 }) }),
)
const part: fc.Arbitrary<Rule<Item>> = fc.oneof(
  item.map(leaf),
  item.map((i) => not(leaf(i))),
)
const parts = fc.array(part, { minLength: 1, maxLength: 6 })
const upTo = (most: number) => fc.integer({ min: 1, max: most })
const root: fc.Arbitrary<OwnRule['holds']> = fc.oneof(
  parts.chain((of) => upTo(of.length).map((k) => ({ kind: 'at-least' as const, k, of }))),
  fc
    .array(fc.record({ worth: fc.integer({ min: 1, max: 9 }), part }), { minLength: 1, maxLength: 6 })
    .chain((of) => upTo(of.reduce((sum, p) => sum + p.worth, 0)).map((points) => ({ kind: 'weighted' as const, points, of }))),
)
const ratio = fc.option(fc.double({ min: 0.01, max: 999, noNaN: true }))
const ownRule: fc.Arbitrary<OwnRule> = fc.record({
  id: fc.constantFrom('own-one', 'own-two-2'),
  name: words,
  source: fc.constantFrom(...(Object.keys(SOURCES) as SourceId[])),
  holds: root,
  figure: fc.option(fc.record({ lrPositive: ratio, lrNegative: ratio, source: fc.constant('our own audit'), n: fc.option(fc.integer({ min: 1, max: 500 })) })),
  note: words,
  withdrawn: fc.constant(false),
  by: words,
  at: fc.nat(),
})

describe('a file of own rules', () => {
  it('reads back what was written, and the published schema agrees', () => {
    fc.assert(
      fc.property(ownRule, (rule) => {
        const file = wire(toRuleFile([rule]))
        expect(valid(file), JSON.stringify(valid.errors?.slice(0, 2))).toBe(true)
        const read = readRuleFile(file)
        expect(read.ok ? wire(read.rules) : read).toEqual((file as { rules: unknown }).rules)
      }),
      { numRuns: 150 },
    )
  })

  it('carries neither author nor date: they belong to the clinic it came from', () => {
    const [rule] = fc.sample(ownRule, 1)
    expect(Object.keys(toRuleFile(rule ? [rule] : []).rules[0] ?? {}).toSorted()).toEqual(['figure', 'holds', 'id', 'name', 'note', 'source'])
  })

  const good = ruleOfDraft({ ...emptyDraft('own-good'), name: 'Good', lrPositive: 3, figureSource: 'our audit' })
  const file = (rule: unknown) => ({ format: 'dust-lantern-rules', version: 1, rules: [rule] })

  it.each([
    ['/format', { ...file(good), format: 'other' }],
    ['/version', { ...file(good), version: 2 }],
    ['/rules', { ...file(good), rules: [] }],
    ['/rules/0/id', file({ ...good, id: 'pelvic-five' })],
    ['/rules/0/source', file({ ...good, source: 'knee' })],
    ['/rules/0', file({ ...good, extra: 1 })],
    ['/rules/0/holds', file({ ...good, holds: { kind: 'leaf', leaf: { kind: 'age', is: 'under', years: 3 } } })],
    ['/rules/0/holds/k', file({ ...good, holds: { ...good.holds, k: 0 } })],
    ['/rules/0/figure/source', file({ ...good, figure: { lrPositive: 3, lrNegative: null, source: '', n: null } })],
    ['/rules/0/figure/lrPositive', file({ ...good, figure: { lrPositive: -1, lrNegative: null, source: 'our audit', n: null } })],
  ])('reader and published schema both refuse a fault at %s', (pointer, bad) => {
    const read = readRuleFile(bad)
    expect(read.ok ? [] : read.issues.map((i) => i.pointer)).toContain(pointer)
    expect(valid(wire(bad))).toBe(false)
  })

  it('refuses what no schema can see: tests, questions and areas nobody knows, one id twice, nesting without end', () => {
    const holding = (leafItem: unknown) => file({ ...good, holds: { kind: 'at-least', k: 1, of: [{ kind: 'leaf', leaf: leafItem }] } })
    const refused = (input: unknown) => {
      const read = readRuleFile(input)
      return read.ok ? [] : read.issues.map((i) => i.what)
    }
    expect(refused(holding({ kind: 'positive', test: 'head-thrust', side: 'same' }))).toEqual(['is no test known here'])
    expect(refused(holding({ kind: 'told', id: 'star-sign', words: 'x', answer: 'yes' }))).toEqual(['is no question of the story or the safety screen'])
    expect(refused(holding({ kind: 'painted', id: 'x', words: 'x', at: ['tail'] }))).toEqual(['is no area of the body chart'])
    // A rule that can never be met would always speak as not met.
    expect(refused(file({ ...good, holds: { ...good.holds, k: 2 } }))).toEqual(['asks for more conditions than it has'])
    const heavy = { kind: 'weighted', points: 4, of: [{ worth: 3, part: { kind: 'leaf', leaf: { kind: 'age', is: 'under', years: 3 } } }] }
    expect(refused(file({ ...good, holds: heavy }))).toEqual(['asks for more points than it has'])
    expect(refused({ ...file(good), rules: [good, good] })).toEqual(['is there twice'])
    const deep = Array.from({ length: 9 }).reduce<unknown>((inner) => ({ kind: 'at-least', k: 1, of: [inner] }), {
      kind: 'leaf',
      leaf: { kind: 'age', is: 'under', years: 3 },
    })
    expect(refused(file({ ...good, holds: deep }))).toContain('is nested too deeply')
  })

  it('never throws, whatever it is given', () => {
    fc.assert(
      fc.property(
        fc.anything(),
        (input) => typeof readRuleFile(input).ok === 'boolean' && Array.isArray(ruleIssues(input)) && Array.isArray(clinicIssues(input)),
      ),
    )
    fc.assert(fc.property(fc.jsonValue(), (input) => typeof readRuleFile(file(input)).ok === 'boolean'))
  })

  it('the example of the format’s page is a good file', () => {
    const page = readFileSync(path.join(import.meta.dirname, '../../../docs/own-rules.md'), 'utf8')
    const example: unknown = JSON.parse(/```json\n([^`]*)```/.exec(page)?.[1] ?? '')
    expect(readRuleFile(example).ok).toBe(true)
    expect(valid(example)).toBe(true)
  })

  it('shipped rules, but for what is seen or grouped, could be written as own ones', () => {
    const five = CLUSTERS.find((c) => c.id === 'pelvic-five')
    expect(ruleIssues({ ...good, holds: five?.holds })).toEqual([])
  })
})

describe('a draft', () => {
  it('stands for the rule it was made from, unless that is nested', () => {
    fc.assert(
      fc.property(ownRule, (rule) => {
        const draft = draftOfRule(rule)
        expect(draft).not.toBeNull()
        if (!draft) return
        const again = ruleOfDraft(draft)
        const noRatio = rule.figure === null || (rule.figure.lrPositive === null && rule.figure.lrNegative === null)
        expect(again).toEqual({ id: rule.id, name: rule.name, source: rule.source, holds: rule.holds, figure: noRatio ? null : rule.figure, note: rule.note })
      }),
      { numRuns: 100 },
    )
    const nested = { ...ruleOfDraft(emptyDraft('own-x')), holds: { kind: 'at-least' as const, k: 1, of: [{ kind: 'at-least' as const, k: 1, of: [] }] } }
    expect(draftOfRule(nested)).toBeNull()
  })
})
