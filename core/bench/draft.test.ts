import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { own, soreLeg } from '../../tests/people'
import { benchFromDraft, draftOf } from './draft'
import { type BenchState, EMPTY_BENCH } from './state'

describe('what of a bench outlives its page', () => {
  it('a draft that is nothing like one gives an empty bench', () => {
    fc.assert(
      fc.property(fc.jsonValue(), (draft) => {
        expect(benchFromDraft(draft, soreLeg().exam)).toMatchObject({ chosen: null, pending: null, hold: null })
      }),
      { numRuns: 60 },
    )
  })

  it('one that results have overtaken brings back neither the test it held nor its numbers', () => {
    const before = soreLeg()
    const held: BenchState = { ...EMPTY_BENCH, chosen: { test: 'leg-raise', side: 'left' }, typed: '4', trials: [40] }
    const draft: unknown = JSON.parse(JSON.stringify(draftOf(held, before.exam)))
    expect(benchFromDraft(draft, before.exam)).toEqual(held)
    // Answered in the moment before the page closed, or in another window; or left out there.
    const answered = before.test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
    const skipped = before.then({ type: 'test-skipped', test: 'leg-raise', side: 'left', why: 'too sore' })
    for (const after of [answered, skipped]) expect(benchFromDraft(draft, after.exam)).toEqual(EMPTY_BENCH)
    // A red flag told meanwhile takes nothing out of the hand.
    const { exam: told } = before.then({ type: 'screen-answered', item: 'night-pain', answer: 'yes' })
    expect(benchFromDraft(draft, told)).toEqual(held)
  })

  it('a half-filled table outlives results: it names the stage it belongs to', () => {
    const before = soreLeg()
    const table = { key: 'some stage', cells: { 'l5.strength': '4' }, at: 1, filled: ['l5.strength'] }
    const draft = draftOf({ ...EMPTY_BENCH, table }, before.exam)
    const after = before.test('leg-raise', 'left', [own(['left-calf'], 6, 48)]).exam
    expect(benchFromDraft(draft, after)).toEqual({ ...EMPTY_BENCH, table })
    // One that an earlier program kept says nothing of the record it lay over.
    const { over: _over, ...older } = draft
    expect(benchFromDraft({ ...older, typed: '4' }, before.exam)).toEqual({ ...EMPTY_BENCH, table })
  })
})
