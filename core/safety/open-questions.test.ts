import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bare, soreLeg } from '../../tests/people'
import { SCREEN } from '../story/screen'
import { screenOrder } from '../story/screen-order'
import { openQuestions } from './gate-zero'
import { unasked } from './safety'

const groupsOf = (record: ReturnType<typeof bare>, from: string | null = null) => openQuestions(record.exam, from).groups.map(({ group }) => group.id)

describe('the questions that are open, whatever the test', () => {
  it('are all of them at first, in the order of this person, and none once all are answered', () => {
    const neck = bare().symptom('S1', { places: ['left-neck-back'] })
    expect(groupsOf(neck)).toEqual(screenOrder(neck.exam).map((group) => group.id))
    expect(openQuestions(soreLeg().exam, null)).toEqual({ consent: false, groups: [] })
  })

  it('begin with the group that was turned to; those before it come last, and no question is lost', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SCREEN.map((group) => group.id), 'no-group', null),
        fc.subarray(SCREEN.flatMap((group) => group.items.map((item) => item.id))),
        (from, answered) => {
          const record = answered.reduce((sofar, item) => sofar.then({ type: 'screen-answered', item, answer: 'no' }), bare())
          const { groups } = openQuestions(record.exam, from)
          expect(groups.reduce((n, { items }) => n + items.length, 0)).toBe(unasked(record.exam))
          expect(new Set(groups.map(({ group }) => group.id)).size).toBe(groups.length)
          const first = groups.find(({ group }) => group.id === from)
          if (first) expect(groups[0]).toBe(first)
        },
      ),
      { numRuns: 40 },
    )
  })

  it('leave out a group that somebody else asked, and take in a question that hangs on a yes', () => {
    const first = SCREEN[0]
    if (!first) throw new Error('The screen has groups.')
    const elsewhere = bare().then({ type: 'screen-elsewhere', group: first.id, why: 'the ward, this morning' })
    expect(groupsOf(elsewhere)).not.toContain(first.id)
    const hanging = SCREEN.flatMap((group) => group.items).find((item) => item.onlyIf !== undefined)
    const items = (record: ReturnType<typeof bare>) => openQuestions(record.exam, null).groups.flatMap((group) => group.items.map((item) => item.id))
    expect(items(bare())).not.toContain(hanging?.id)
    expect(items(bare().then({ type: 'screen-answered', item: hanging?.onlyIf ?? '', answer: 'yes' }))).toContain(hanging?.id)
  })
})
