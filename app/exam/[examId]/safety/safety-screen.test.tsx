import { fireEvent, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { bare, signed } from '@/tests/people'
import { renderAround } from '@/tests/exam-around'
import { SafetyScreen } from './safety-screen'

const aside = () => screen.getByRole('complementary', { name: 'What the answers close' })
const hand = () => document.querySelector('[aria-current=true]')?.textContent ?? ''

describe('the safety screen', () => {
  it('is answered question by question with one key each, and a yes closes at once', async () => {
    renderAround(bare(), <SafetyScreen />)
    expect(hand()).toMatch('saddle')
    expect(aside()).toHaveTextContent('Nothing so far. What was not asked clears nothing.')
    await userEvent.keyboard('n')
    expect(hand()).toMatch('passing water')
    await userEvent.keyboard('y')
    expect(within(aside()).getByRole('alert')).toHaveTextContent('Emergency referral now')
    await userEvent.keyboard('{ArrowUp}{ArrowUp}y')
    expect(screen.getByRole('button', { name: /^Yes: Any new numbness/ })).toHaveAttribute('aria-pressed', 'true')
  })

  it('a key that is held answers one question and no other', () => {
    renderAround(bare(), <SafetyScreen />)
    fireEvent.keyDown(document.body, { key: 'n', code: 'KeyN' })
    for (let i = 0; i < 16; i++) fireEvent.keyDown(document.body, { key: 'n', code: 'KeyN', repeat: true })
    expect(screen.getAllByRole('button', { pressed: true })).toHaveLength(1)
  })

  it('takes no to the rest of a group in one key, and never where each stands alone', async () => {
    renderAround(bare(), <SafetyScreen />)
    await userEvent.keyboard('r')
    expect(screen.queryAllByRole('button', { pressed: true })).toHaveLength(0)
    await userEvent.click(screen.getByRole('button', { name: /^No: Does your head feel/ }))
    await userEvent.keyboard('r')
    const group = screen.getByRole('region', { name: 'Craniocervical instability' })
    expect(within(group).getAllByRole('button', { pressed: true }).length).toBe(within(group).getAllByRole('listitem').length)
  })

  it('asks what hangs on an answer only after it, opens a gate with a reason that stays, and asks nothing once signed', async () => {
    renderAround(bare(), <SafetyScreen />)
    expect(screen.queryByText(/Is the bone in the middle/)).toBeNull()
    await userEvent.click(screen.getByRole('button', { name: /^Yes: An accident to the neck/ }))
    await userEvent.click(screen.getByRole('button', { name: /^Yes: Is the bone in the middle/ }))
    const [first] = within(aside()).getAllByRole('button', { name: 'Open it with a reason' })
    if (first) await userEvent.click(first)
    await userEvent.type(within(aside()).getByRole('textbox'), 'imaging was clear last week{Enter}')
    expect(aside()).toHaveTextContent('Opened with a reason: imaging was clear last week')
  })

  it('of a signed examination takes nothing', async () => {
    renderAround(signed(bare()), <SafetyScreen />)
    await userEvent.keyboard('y')
    expect(screen.queryAllByRole('button', { pressed: true })).toHaveLength(0)
  })
})
