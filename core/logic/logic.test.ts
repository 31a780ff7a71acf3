import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Known, evaluate } from './evaluate'
import { explain } from './explain'
import { openTests, spareTests } from './open-tests'
import { atLeast, not, positive, type Rule } from './rule'

const TESTS = ['a', 'b', 'c', 'd', 'e'] as const
const KNOWN: Record<'t' | 'f' | 'o', Known> = { t: { truth: 'true' }, f: { truth: 'false' }, o: { truth: 'open', open: 'untried' } }
const ask = (answers: Record<string, Known>) => (test: string) => answers[test] ?? KNOWN.o

const rule: fc.Arbitrary<Rule> = fc.letrec<{ rule: Rule }>((tie) => ({
  rule: fc.oneof(
    { maxDepth: 3 },
    fc.constantFrom(...TESTS).map((t) => positive(t)),
    tie('rule').map(not),
    fc.tuple(fc.integer({ min: 1, max: 4 }), fc.array(tie('rule'), { minLength: 1, maxLength: 4 })).map(([k, of]) => atLeast(k, of)),
  ),
})).rule
const answers = fc.record(Object.fromEntries(TESTS.map((t) => [t, fc.constantFrom(KNOWN.t, KNOWN.f, KNOWN.o)])))

describe('three-valued rules', () => {
  it('a new answer may settle an open rule, never overturn a decided one', () => {
    fc.assert(
      fc.property(rule, answers, fc.constantFrom(...TESTS), fc.boolean(), (r, known, test, value) => {
        fc.pre(known[test]?.truth === 'open')
        const before = evaluate(r, 'left', ask(known))
        const after = evaluate(r, 'left', ask({ ...known, [test]: value ? KNOWN.t : KNOWN.f }))
        if (before.truth !== 'open') expect(after.truth).toBe(before.truth)
      }),
    )
  })

  it('an open rule names a test, and a decided one names none but knows its spare ones', () => {
    fc.assert(
      fc.property(rule, answers, (r, known) => {
        const node = evaluate(r, 'left', ask(known))
        if (node.truth === 'open') expect(openTests(node).length).toBeGreaterThan(0)
        else expect(openTests(node)).toEqual([])
        const open = new Set(openTests(node).map((t) => t.test))
        for (const spare of spareTests(node)) expect(open.has(spare.test)).toBe(false)
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
              TESTS.map((t) => positive(t)),
            ),
            'left',
            ask(known),
          ).truth,
        ).toBe(want)
      }),
    )
  })

  it('says where it stands', () => {
    const three = atLeast(
      3,
      TESTS.map((t) => positive(t)),
    )
    const say = (known: Record<string, Known>) => explain(evaluate(three, 'left', ask(known)))
    expect(say({})).toBe('open, needs 3 more of 5')
    expect(say({ a: KNOWN.t, b: KNOWN.t, c: KNOWN.t })).toBe('met, 3 of 5')
    expect(say({ a: KNOWN.t, b: KNOWN.f, c: KNOWN.f, d: KNOWN.f })).toBe('out of reach, 1 of 5 and 1 test left')
  })
})
