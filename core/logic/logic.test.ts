import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Known, evaluate } from './evaluate'
import { explain } from './explain'
import { openLeaves, settledLeaves } from './open-leaves'
import { atLeast, leaf, leavesOf, not, type Rule, weighted } from './rule'

const TESTS = ['a', 'b', 'c', 'd', 'e'] as const
const KNOWN: Record<'t' | 'f' | 'o', Known> = { t: { truth: 'true' }, f: { truth: 'false' }, o: { truth: 'open', open: 'untried' } }
const ask = (answers: Record<string, Known>) => (test: string) => answers[test] ?? KNOWN.o

const rule: fc.Arbitrary<Rule<string>> = fc.letrec<{ rule: Rule<string> }>((tie) => ({
  rule: fc.oneof(
    { maxDepth: 3 },
    fc.constantFrom(...TESTS).map((t) => leaf<string>(t)),
    tie('rule').map((r) => not(r)),
    fc.tuple(fc.integer({ min: 1, max: 4 }), fc.array(tie('rule'), { minLength: 1, maxLength: 4 })).map(([k, of]) => atLeast(k, of)),
  ),
})).rule
const answers = fc.record(Object.fromEntries(TESTS.map((t) => [t, fc.constantFrom(KNOWN.t, KNOWN.f, KNOWN.o)])))

describe('three-valued rules', () => {
  it('a new answer may settle an open rule, never overturn a decided one', () => {
    fc.assert(
      fc.property(rule, answers, fc.constantFrom(...TESTS), fc.boolean(), (r, known, test, value) => {
        fc.pre(known[test]?.truth === 'open')
        const before = evaluate(r, ask(known))
        const after = evaluate(r, ask({ ...known, [test]: value ? KNOWN.t : KNOWN.f }))
        if (before.truth !== 'open') expect(after.truth).toBe(before.truth)
      }),
    )
  })

  it('an open rule names a test, and a decided one names none but knows its spare ones', () => {
    fc.assert(
      fc.property(rule, answers, (r, known) => {
        const node = evaluate(r, ask(known))
        if (node.truth === 'open') expect(openLeaves(node).length).toBeGreaterThan(0)
        else expect(openLeaves(node)).toEqual([])
        const open = new Set(openLeaves(node).map((t) => t.leaf))
        for (const spare of settledLeaves(node, (l) => l)) expect(open.has(spare.leaf)).toBe(false)
      }),
    )
  })

  it('agrees with counting, for at least k of n', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5 }), answers, (k, known) => {
        const held = TESTS.filter((t) => known[t]?.truth === 'true').length
        const open = TESTS.filter((t) => known[t]?.truth === 'open').length
        const want = held >= k ? 'true' : held + open < k ? 'false' : 'open'
        expect(
          evaluate(
            atLeast(
              k,
              TESTS.map((t) => leaf<string>(t)),
            ),
            ask(known),
          ).truth,
        ).toBe(want)
      }),
    )
  })

  it('says where it stands', () => {
    const three = atLeast(
      3,
      TESTS.map((t) => leaf<string>(t)),
    )
    const say = (known: Record<string, Known>) => explain(evaluate(three, ask(known)), (node) => node.truth)
    expect(say({})).toBe('open, needs 3 more of 5')
    expect(say({ a: KNOWN.t, b: KNOWN.t, c: KNOWN.t })).toBe('met, 3 of 5')
    expect(say({ a: KNOWN.t, b: KNOWN.f, c: KNOWN.f, d: KNOWN.f })).toBe('cannot be met any more, 1 of 5 and 1 test left')
  })

  it('a weighted sum is decided by points, met, broken or open, and names what it asks', () => {
    const score = weighted<string>(4, [
      [3, leaf('a')],
      [2, leaf('b')],
      [1, leaf('c')],
    ])
    expect(leavesOf(score)).toEqual(['a', 'b', 'c'])
    const say = (known: Record<string, Known>) => explain(evaluate(score, ask(known)), (node) => node.truth)
    expect(say({ a: KNOWN.t, c: KNOWN.t })).toBe('met, 4 of 6 points')
    expect(say({ a: KNOWN.f })).toBe('cannot be met any more, 0 of 6 points and 3 left')
    expect(say({ a: KNOWN.t, b: KNOWN.f })).toBe('open, 3 of 6 points, needs 1 more')
  })

  it('a weighted sum of ones is an "at least"', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 5 }), answers, (k, known) => {
        const leaves = TESTS.map((t) => leaf<string>(t))
        const sum = weighted(
          k,
          leaves.map((part) => [1, part] as const),
        )
        expect(evaluate(sum, ask(known)).truth).toBe(evaluate(atLeast(k, leaves), ask(known)).truth)
      }),
    )
  })
})
