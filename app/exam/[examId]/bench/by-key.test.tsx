import { act, fireEvent, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { CATALOGUE } from '@/core/catalogue'
import { opened, own, performed, soreLeg, sorePelvis } from '@/tests/people'
import { renderAround } from '@/tests/exam-around'
import { BenchScreen } from './bench-screen'

const inHand = () => document.getElementById('in-hand')?.textContent ?? ''
const keys = (...pressed: string[]) => userEvent.setup().keyboard(pressed.join(''))
/** Any test by its name, on the side that is wanted next. */
const go = (name: string) => keys('g', name, '{Enter}')
const pressed = (name: RegExp) => screen.getByRole('button', { name }).getAttribute('aria-pressed')

afterEach(() => localStorage.clear())

describe('each letter of the bench', () => {
  it('turns what the end felt like and which came first, and both are words on the card', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    const name = CATALOGUE.find((test) => test.stages.some((stage) => stage.force) && test.region === 'pelvis')?.name ?? ''
    await go(name)
    expect(screen.getByRole('button', { name: /^End feel/ })).toBeVisible()
    await keys('o')
    expect(pressed(/^End: /)).toBe('true')
    await keys('i')
    expect(pressed(/^(Pain first|Both at once|Resistance first)/)).toBe('true')
  })

  it('marks leaning only where a stage watches for it', async () => {
    renderAround(performed(performed(soreLeg(), 'neuro-lower', 'right'), 'neuro-lower', 'left'), <BenchScreen />)
    await go('seated straight leg raise left')
    await keys('l')
    expect(pressed(/^Leans back/)).toBe('true')
    await go('hip internal rotation left')
    expect(screen.queryByRole('button', { name: /^Leans back/ })).toBeNull()
    await keys('l')
    expect(inHand()).toMatch('Hip internal rotation')
  })

  it('of a table: the rest is usual, and as it is', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    await go('neurological lower left')
    await keys('5', 'u')
    expect(screen.getByRole('button', { name: /^Keep the table/ })).toBeVisible()
    await keys('{Backspace}', 'h')
    expect(screen.queryByText(/A cell is open/)).toBeNull()
    expect(inHand()).toMatch(/Neurological examination, lower limb, left/)
  })

  it('of a relief: more of it; nothing was there', async () => {
    const arm = opened()
      .symptom('S1', { words: 'down the arm', places: ['right-neck-back', 'right-forearm-back'], qualities: ['shooting'], now: 3 })
      .consent()
    renderAround(arm, <BenchScreen />)
    const stages = () => screen.getByRole('complementary', { name: /Stages/ })
    await go('cervical distraction')
    await keys('d')
    expect(stages()).toHaveTextContent('Lift slowly and hold10 secondsworse')
    await keys('{Backspace}', 'x')
    expect(stages()).toHaveTextContent('Lift slowly and hold10 secondsno symptom to relieve')
  })

  it('sides by their brackets, before the first answer only', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    await go('hip internal rotation left')
    await keys('{]}')
    expect(inHand()).toMatch('Hip internal rotation, passive, right')
  })

  it('of the places while an answer is told: a letter the place, with Shift the other side, X for cannot say, Z for the whole body', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await go('thigh thrust right')
    await keys('{Enter}')
    const strip = screen.getByRole('group', { name: 'That is my pain' })
    const chosen = () =>
      within(strip)
        .queryAllByRole('button', { pressed: true })
        .map((chip) => chip.textContent)
    await keys('u')
    const near = chosen()
    await keys('u', '{Shift>}U{/Shift}')
    expect(chosen()).not.toEqual(near)
    await keys('x')
    expect(chosen().join()).toMatch('cannot say')
    await keys('z')
    expect(await screen.findByRole('dialog', { name: 'Where is it felt?' })).toBeVisible()
  })

  it('asks for the bell, the plan and why by one letter each; N leaves what was chosen for what is suggested', async () => {
    renderAround(
      performed(performed(soreLeg(), 'neuro-lower', 'right'), 'neuro-lower', 'left').test('leg-raise', 'left', [own(['left-calf'], 6, 48)]),
      <BenchScreen />,
    )
    const suggested = inHand()
    await go('sacral thrust')
    expect(inHand()).not.toBe(suggested)
    await keys('n')
    expect(inHand()).toBe(suggested)
    await keys('q')
    expect(screen.getByRole('group', { name: 'Plan the rest by' })).toBeVisible()
    await keys('{Escape}', 'b')
    expect(await screen.findByRole('dialog', { name: /bell or a phone/ })).toBeVisible()
  })
})

describe('what a simulated device reads on the bench', () => {
  beforeEach(() => vi.useFakeTimers({ shouldAdvanceTime: true }))
  afterEach(() => vi.useRealTimers())
  const press = (key: string) => act(() => void fireEvent.keyDown(document.body, { key }))
  const pass = (ms: number) => act(() => vi.advanceTimersByTimeAsync(ms))

  it('a press on the pad is shown while it lasts, and judged when it is over', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    press('g')
    fireEvent.change(await screen.findByRole('combobox'), { target: { value: 'sacroiliac compression' } })
    fireEvent.keyDown(screen.getByRole('combobox'), { key: 'Enter' })
    press('f')
    await pass(600)
    expect(pressed(/^Let go/)).toBe('true')
    await pass(30_000)
    expect(pressed(/^Simulated force pad/)).toBe('false')
    expect(screen.getByRole('main')).toHaveTextContent(/\d+ N/)
  })
})
