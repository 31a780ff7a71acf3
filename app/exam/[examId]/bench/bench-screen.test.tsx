import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { NOTHING, opened, own, soreLeg, sorePelvis } from '@/tests/people'
import { renderAround } from '@/tests/exam-around'
import { BenchScreen } from './bench-screen'

const inHand = () => document.getElementById('in-hand')?.textContent ?? ''
const board = () => screen.getByRole('complementary', { name: 'Board' })
const keys = (...pressed: string[]) => userEvent.setup().keyboard(pressed.join(''))

describe('the bench by keyboard', () => {
  it('answers stage after stage, and the better side comes first', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    expect(inHand()).toMatch('Slump, right')
    await keys(' ')
    expect(screen.getByRole('complementary', { name: /Stages/ })).toHaveTextContent('Sit uprightnothing')
    await keys(' '.repeat(6))
    expect(inHand()).toMatch('Slump, left')
  })

  it('asks where before it keeps what came on, and offers the rest of 3 plus one', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('g', 'thigh thrust right', '{Enter}')
    await keys('{Enter}')
    const strip = screen.getByRole('group', { name: 'That is my pain' })
    expect(within(strip).getByText('4 of 10')).toBeVisible()
    await keys('{Enter}')
    expect(screen.getByRole('alert')).toHaveTextContent('Where? The place decides')
    await keys('{ArrowUp}', 'b', '{Enter}')
    expect(board()).toHaveTextContent('pelvic five: open, needs 2 more of 4')
    expect(screen.getByRole('button', { name: 'Thigh thrust, right: reproduced' })).toBeVisible()
  })

  it('keeps a typed angle with the next answer, and asks once about an unusual one', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    await keys('g', 'straight leg raise right', '{Enter}')
    await keys('115', ' ')
    expect(screen.getByRole('alert')).toHaveTextContent('115° is unusual')
    await keys(' ')
    expect(inHand()).not.toMatch('Straight leg raise, right')
    await keys('g', 'straight leg raise right', '{Enter}')
    expect(screen.getByText(/Done before/)).toHaveTextContent('Nothing was felt up to 115°')
  })

  it('refuses an angle the joint cannot have, and says what was kept', async () => {
    const { container } = renderAround(soreLeg(), <BenchScreen />)
    await keys('g', 'straight leg raise right', '{Enter}')
    await keys('170', ' ', ' ')
    expect(inHand()).toMatch('Straight leg raise, right')
    expect(container).toHaveTextContent('170°')
  })

  it('undo takes back one step, the start with the first answer', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('g', 'pelvic distraction', '{Enter}')
    await keys(' ')
    expect(board()).toHaveTextContent('needs 3 more of 4')
    await keys('{Backspace}')
    expect(board()).toHaveTextContent('needs 3 more of 5')
    await keys('{Backspace}')
    expect(screen.getByRole('alert')).toHaveTextContent('nothing on the bench to take back')
  })

  it('stop is recorded at once and is never a negative', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('g', 'faber right', '{Enter}')
    await keys('{Escape}')
    expect(screen.getByRole('alert')).toHaveTextContent('Stopped.')
    expect(board()).toHaveTextContent('needs 3 more of 5')
  })

  it('changes the side only before the first answer, and says which side it is', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    expect(inHand()).toMatch('the better side')
    await keys('[[')
    expect(inHand()).toMatch('Slump, left')
    expect(inHand()).toMatch('the painful side')
    await keys(' ', ']')
    expect(inHand()).toMatch('Slump, left')
  })

  it('watches for leaning only where a stage asks for it', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    expect(screen.queryByRole('button', { name: /Leans back/ })).toBeNull()
    await keys('g', 'seated leg raise left', '{Enter}')
    await keys('l')
    expect(screen.getByRole('button', { name: /Leans back/ })).toHaveAttribute('aria-pressed', 'true')
  })

  it('without a story, own pain cannot be recorded; consent is asked for in place', async () => {
    renderAround(opened(), <BenchScreen />)
    await keys('{Enter}')
    expect(screen.getByRole('alert')).toHaveTextContent('no symptom in the story yet')
    await userEvent.click(screen.getByRole('button', { name: 'Agreed, verbally' }))
    expect(screen.queryByText('Consent to testing is not recorded yet.')).toBeNull()
  })

  it('a clicked answer does not keep the focus, so the next Space is the next answer', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    await userEvent.click(screen.getByRole('button', { name: /Stretch only/ }))
    expect(document.body).toHaveFocus()
  })

  it('goes on with the ankle while the leg is up, with other words for the answers', async () => {
    renderAround(soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)]), <BenchScreen />)
    expect(inHand()).toMatch('Leg raise, ankle moved, left')
    expect(screen.getByRole('button', { name: /It eases/ })).toBeVisible()
    await keys('{Enter}')
    expect(screen.getByRole('button', { name: /It comes back/ })).toBeVisible()
  })

  it('signed, it only shows', () => {
    renderAround(sorePelvis().test('faber', 'right', [NOTHING]).then({ type: 'exam-signed' }), <BenchScreen />)
    expect(screen.getByRole('heading', { name: 'Signed' })).toBeVisible()
    expect(screen.getByRole('button', { name: /Nothing/ })).toBeDisabled()
  })

  it('reads the device live, and a press takes the angle back to when it was felt', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    await keys('g', 'straight leg raise left', '{Enter}')
    await keys('a')
    await waitFor(() => expect(screen.getByText('live, simulated')).toBeVisible(), { timeout: 3000 })
    await keys('a')
    expect(screen.getByText('the next answer keeps it')).toBeVisible()
  })
})
