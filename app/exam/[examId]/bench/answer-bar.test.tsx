import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { type InHand, inHandOf } from '@/core/bench/in-hand'
import { CATALOGUE } from '@/core/catalogue'
import type { Stage } from '@/core/catalogue/exam-test'
import type { Composed } from '@/core/record/compose'
import { sidesOf } from '@/core/record/outline'
import { renderAround } from '@/tests/exam-around'
import { signed, soreLeg, sorePelvis } from '@/tests/people'
import { AnswerBar } from './answer-bar'
import type { Bench } from './use-bench'

const given = vi.fn<(...told: readonly unknown[]) => void>()
const says =
  (what: string) =>
  (...told: readonly unknown[]) =>
    given(what, ...told)
const benchWith = (inHand: InHand | null, more: object = {}) =>
  ({
    inHand,
    typed: '',
    live: null,
    trials: [],
    table: { all: ['a', 'b'], cells: {}, move: says('table') },
    answer: says('answer'),
    ask: says('ask'),
    observe: says('observe'),
    measure: says('measure'),
    addTrial: says('trial'),
    keepMeasured: says('keep'),
    keepTable: says('keep-table'),
    stop: says('stop'),
    back: says('back'),
    ...more,
  }) as unknown as Bench
const show = (inHand: InHand | null, more: object = {}, record: Composed = soreLeg()) => renderAround(record, <AnswerBar bench={benchWith(inHand, more)} />)
/** A stage of this kind, of whichever test has one first, as if it were in hand. */
function stageOf(kind: Stage['kind'], record: Composed = soreLeg()): InHand {
  for (const test of CATALOGUE) {
    const stage = test.stages.find((s) => s.kind === kind)
    const side = sidesOf(test)[0]
    const hand = stage && side && inHandOf({ test: test.id, side }, record.exam, {})
    if (hand) return { ...hand, stage, contraindicated: null, mayAnswer: true, run: null }
  }
  throw new Error(`No test has a stage of the kind ${kind}.`)
}
const press = async (name: RegExp) => userEvent.click(screen.getByRole('button', { name }))

beforeEach(() => {
  given.mockReset()
})

describe('the answers to the stage in hand', () => {
  it('a load: nothing, stretch, the familiar pain, something else', async () => {
    show(stageOf('load'))
    for (const name of [/^Nothing/, /^Stretch only/, /^That is my pain/, /^Something else/]) await press(name)
    expect(given.mock.calls).toEqual([
      ['answer', 'nothing'],
      ['answer', 'stretch'],
      ['ask', 'familiar'],
      ['ask', 'other'],
    ])
  })

  it('letting go and coming back have answers of their own, so that one is never taken for the other', async () => {
    const { unmount } = show(stageOf('release'))
    await press(/^It eases/)
    await press(/^No change/)
    unmount()
    show(stageOf('return'))
    await press(/^It comes back/)
    await press(/^Stays away/)
    expect(given.mock.calls.flat()).toEqual(['answer', 'eased', 'answer', 'unchanged', 'answer', 'returned', 'answer', 'stayed-away'])
  })

  it('what is seen: a button for each choice, and each gives its own', async () => {
    const hand = stageOf('observe')
    const choices = hand.stage.choices ?? []
    show(hand)
    const answers = within(screen.getByRole('group', { name: 'Answers' })).getAllByRole('button')
    for (const [i] of choices.entries()) await userEvent.click(answers[i] ?? document.body)
    expect(given.mock.calls).toEqual(choices.map((choice) => ['observe', choice.id]))
  })

  it('a measure: the device first, another trial once there is a figure, and why it stopped', async () => {
    const { unmount } = show(stageOf('measure'))
    await press(/^Measure/)
    unmount()
    show(stageOf('measure'), { typed: '61', trials: [60] })
    expect(screen.getByRole('button', { name: /^Another trial/ })).toHaveTextContent('1 of 3')
    await press(/^Another trial/)
    await press(/^Keep: familiar pain/)
    expect(given.mock.calls).toEqual([['measure'], ['trial'], ['keep', 'own-pain']])
  })

  it('a table says how much of it is open, and can be kept as it is', async () => {
    show(stageOf('grid'), { table: { all: ['a', 'b', 'c'], cells: { a: '5' }, move: says('table') } })
    expect(screen.getByRole('button', { name: /^The rest is usual/ })).toHaveTextContent('2 open')
    await press(/^The rest is usual/)
    await press(/^Keep it as it is/)
    expect(given.mock.calls).toEqual([['table', 'rest-usual'], ['keep-table']])
  })

  it('a closed gate takes the answers away; what was begun can still be stopped, and undo stays', () => {
    const fallen = sorePelvis().then({ type: 'screen-answered', item: 'big-fall', answer: 'yes' })
    const hand = inHandOf({ test: 'thigh-thrust', side: 'right' }, fallen.exam, {})
    expect(hand?.contraindicated).not.toBeNull()
    const { unmount } = show(hand, {}, fallen)
    for (const button of screen.getAllByRole('button')) {
      if (/^Undo|^More/.test(button.textContent)) expect(button).toBeEnabled()
      else expect(button).toBeDisabled()
    }
    unmount()
    const begun = sorePelvis().then({
      type: 'test-started',
      run: '019cb2ec-f680-7001-85ff-5ff39d850099',
      test: 'thigh-thrust',
      side: 'right',
      variant: 'hand-under',
    })
    const late = begun.then({ type: 'screen-answered', item: 'big-fall', answer: 'yes' })
    show(inHandOf({ test: 'thigh-thrust', side: 'right' }, late.exam, {}), {}, late)
    expect(screen.getByRole('button', { name: /^That is my pain/ })).toBeDisabled()
    expect(screen.getByRole('button', { name: /^Stop/ })).toBeEnabled()
  })

  it('a signed examination takes no answer, and nothing of it is undone', () => {
    const record = signed(soreLeg())
    show(inHandOf({ test: 'slump', side: 'right' }, record.exam, {}), {}, record)
    for (const button of screen.getAllByRole('button')) expect(button).toBeDisabled()
  })
})
