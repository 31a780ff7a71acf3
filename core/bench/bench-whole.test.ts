import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { NOTHING, own, soreLeg } from '../../tests/people'
import { CATALOGUE } from '../catalogue'
import { composedId } from '../record/compose'
import type { TestSide } from '../vocabulary/side'
import { benchFromDraft, draftOf } from './draft'
import type { BenchInput } from './input'
import { EMPTY_BENCH } from './state'
import { step } from './step'
import { groundOf } from '../../tests/bench-hand'

describe('the bench as a whole', () => {
  const side = fc.constantFrom<TestSide>('left', 'right', 'none')
  const test = fc.constantFrom(...CATALOGUE.map((t) => t.id))
  const run = fc.nat().map((n) => composedId(1.9e12, 'run', n))
  const input: fc.Arbitrary<BenchInput> = fc.oneof(
    fc.record({ do: fc.constant('choose' as const), test, side }),
    fc.constantFrom<BenchInput>(
      { do: 'take-suggested' },
      { do: 'add-trial' },
      { do: 'toggle-lean' },
      { do: 'next-place' },
      { do: 'back' },
      { do: 'table', move: 'usual' },
    ),
    fc.constantFrom<BenchInput>(
      { do: 'table', move: 'rest-usual' },
      { do: 'table', move: { digit: '3' } },
      { do: 'move', by: 1 },
      { do: 'toggle-hold', now: 5 },
      { do: 'turn-group', by: 1 },
      { do: 'turn-group', by: -1 },
    ),
    fc.record({ do: fc.constant('type' as const), digit: fc.integer({ min: 0, max: 9 }).map(String) }),
    fc.record({
      do: fc.constant('answer' as const),
      said: fc.constantFrom('nothing' as const, 'stretch' as const, 'eased' as const, 'unchanged' as const, 'returned' as const, 'worse' as const),
      run,
      now: fc.constant(0),
    }),
    fc.record({ do: fc.constant('ask' as const), said: fc.constantFrom('familiar' as const, 'other' as const), now: fc.constant(0) }),
    fc.record({ do: fc.constant('confirm' as const), run, now: fc.constant(0) }),
    fc.record({ do: fc.constant('observe' as const), choice: fc.constantFrom('electric', 'none', 'slide'), run }),
    fc.record({ do: fc.constantFrom('keep-measured' as const, 'keep-table' as const, 'stop' as const), run }),
    fc.record({
      do: fc.constant('open' as const),
      aside: fc.constantFrom(
        'skip' as const,
        'warning' as const,
        'rate' as const,
        'technique' as const,
        'plan' as const,
        'questions' as const,
        'more' as const,
        null,
      ),
      now: fc.constant(0),
    }),
  )

  it('never changes what it is given, and the same input on the same ground always gives the same', () => {
    const record = soreLeg()
      .test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
      .test('faber', 'left', [NOTHING])
    fc.assert(
      fc.property(fc.array(input, { maxLength: 25 }), (inputs) => {
        const ground = groundOf(record.exam)
        let state = EMPTY_BENCH
        for (const one of inputs) {
          const before = JSON.stringify(state)
          const first = step(state, one, ground)
          expect(JSON.stringify(state)).toBe(before)
          expect(step(state, one, ground)).toEqual(first)
          state = first.state
        }
        // What is kept on the device comes back as a bench, whatever it was.
        expect(benchFromDraft(JSON.parse(JSON.stringify(draftOf(state, record.exam))), record.exam).chosen).toEqual(state.chosen)
      }),
      { numRuns: 60 },
    )
  })
})
