import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { CATALOGUE } from '../catalogue'
import { all, leaf, not } from '../logic/rule'
import { draftOfRule, emptyDraft, type RuleDraft, ruleOfDraft } from './draft'
import { freshItem, measureWords } from './fresh-item'
import { itemKey } from './item'
import { leafWords } from './item-words'

const item = fc.constantFrom('positive', 'measured', 'told', 'age', 'painted').map((kind) => freshItem(kind as Parameters<typeof freshItem>[0], 3))
const ratio = fc.option(fc.double({ min: 0.1, max: 20, noNaN: true }))
const draft: fc.Arbitrary<RuleDraft> = fc
  .record({
    counting: fc.constantFrom('conditions' as const, 'points' as const),
    threshold: fc.integer({ min: 1, max: 5 }),
    items: fc.array(fc.record({ item, worth: fc.integer({ min: 1, max: 4 }), negated: fc.boolean() }), { minLength: 1, maxLength: 5 }),
    lrPositive: ratio,
    lrNegative: ratio,
    n: fc.option(fc.integer({ min: 1, max: 500 })),
  })
  .map((parts) => ({ ...emptyDraft('own-x'), name: 'Ours', note: 'a note', figureSource: 'our audit', source: 'facet-lumbar', ...parts }))

describe('a rule that is being written', () => {
  it('comes back as it was drafted: conditions, points, negations and figures', () => {
    fc.assert(
      fc.property(draft, (made) => {
        const back = draftOfRule(ruleOfDraft(made))
        const figures = made.lrPositive === null && made.lrNegative === null ? { figureSource: '', n: null } : {}
        const items = made.items.map((i) => ({ ...i, worth: made.counting === 'points' ? i.worth : 1 }))
        expect(back).toEqual({ ...made, items, ...figures })
      }),
    )
  })

  it('is counted by conditions or by points, with its threshold', () => {
    const made = { ...emptyDraft('own-x'), threshold: 2 }
    expect(ruleOfDraft(made).holds).toMatchObject({ kind: 'at-least', k: 2, of: [{ kind: 'leaf' }] })
    expect(ruleOfDraft({ ...made, counting: 'points' }).holds).toMatchObject({ kind: 'weighted', points: 2, of: [{ worth: 1 }] })
    expect(ruleOfDraft(made).figure).toBeNull()
    expect(ruleOfDraft({ ...made, lrNegative: 0.3 }).figure).toMatchObject({ lrPositive: null, lrNegative: 0.3 })
  })

  it('nested deeper than a list it has no draft', () => {
    const first = emptyDraft('own-x').items[0]?.item
    if (!first) throw new Error('A draft begins with a condition.')
    const rule = ruleOfDraft(emptyDraft('own-x'))
    expect(draftOfRule({ ...rule, holds: all([leaf(first), all([leaf(first)])]) })).toBeNull()
    expect(draftOfRule({ ...rule, holds: all([not(not(leaf(first)))]) })).toBeNull()
    expect(draftOfRule({ ...rule, holds: all([not(leaf(first))]) })?.items).toEqual([{ item: first, worth: 1, negated: true }])
  })

  it('every kind of condition begins with something that can be asked, has a key of its own, and reads in words', () => {
    const kinds = (['positive', 'observed', 'measured', 'told', 'age', 'painted'] as const).map((kind) => freshItem(kind, 0))
    expect(kinds.map((i) => i.kind)).toEqual(['positive', 'positive', 'measured', 'told', 'age', 'painted'])
    expect(new Set(kinds.map(itemKey)).size).toBe(kinds.length - 1)
    const words = (made: Parameters<typeof itemKey>[0]) => leafWords({ kind: 'leaf', leaf: made, truth: 'open', open: 'untried' })
    for (const made of kinds) expect(words(made).length, made.kind).toBeGreaterThan(5)
    expect(itemKey(freshItem('measured', 4))).toBe('measure-5')
    expect(itemKey(freshItem('age', 0))).toBe('age-at-least-50')
    expect(measureWords('leg-raise', 'end', 'at-most', 60)).toBe(`${CATALOGUE.find((t) => t.id === 'leg-raise')?.name ?? ''}: angle at the end at most 60`)
  })
})
