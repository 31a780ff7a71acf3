import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import { bare, NOTHING, opened, own, performed, signed, soreLeg, sorePelvis } from '@/tests/people'
import { renderAround } from '@/tests/exam-around'
import { BenchScreen } from './bench-screen'

/** Shooting pain from the neck into the right forearm. */
const soreArm = () =>
  opened()
    .symptom('S1', { words: 'down the arm', places: ['right-neck-back', 'right-forearm-back'], qualities: ['shooting'], now: 3 })
    .consent()

/** Both legs looked at for strength, reflexes and feeling: what tightens a nerve comes next. */
const looked = () => performed(performed(soreLeg(), 'neuro-lower', 'right'), 'neuro-lower', 'left')

const inHand = () => document.getElementById('in-hand')?.textContent ?? ''
const board = () => screen.getByRole('complementary', { name: 'Board' })
const keys = (...pressed: string[]) => userEvent.setup().keyboard(pressed.join(''))

describe('the bench by keyboard', () => {
  it('answers stage after stage, and the better side comes first', async () => {
    renderAround(looked(), <BenchScreen />)
    expect(inHand()).toMatch('Slump test, right')
    await keys(' ')
    expect(screen.getByRole('complementary', { name: /Stages/ })).toHaveTextContent('Sit uprightnothing')
    await keys(' '.repeat(6))
    expect(inHand()).toMatch('Slump test, left')
  })

  it('asks where and how strong before it keeps what came on, and offers no figure that nobody said', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('g', 'thigh thrust right', '{Enter}')
    await keys('{Enter}')
    const strip = screen.getByRole('group', { name: 'That is my pain' })
    expect(within(strip).getByText('– of 10')).toBeVisible()
    await keys('{Enter}')
    expect(screen.getByRole('alert')).toHaveTextContent('Where? The place decides')
    await keys('u', '{Enter}')
    expect(screen.getByRole('alert')).toHaveTextContent('How strong is it now, 0 to 10?')
    await keys('5')
    expect(board()).toHaveTextContent('SI joint, 3 of 5: open, needs 2 more of 4')
    expect(screen.getByRole('button', { name: /Thigh thrust, right: positive$/ })).toBeVisible()
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
    // Cancel is not stop: nothing was begun, and a strip that is put away records nothing.
    await keys('{Escape}')
    expect(screen.getByRole('alert')).toHaveTextContent('Nothing was begun')
    await keys('{Enter}', '{Escape}')
    expect(screen.queryByRole('group', { name: 'That is my pain' })).toBeNull()
    expect(screen.getByRole('button', { name: /FABER test, right: to do$/ })).toBeVisible()
    await keys('.')
    expect(screen.getByRole('alert')).toHaveTextContent('Stopped for the patient: FABER test, right.')
    expect(board()).toHaveTextContent('needs 3 more of 5')
  })

  it('changes the side only before the first answer, and says which side it is', async () => {
    renderAround(looked(), <BenchScreen />)
    expect(inHand()).toMatch('the better side')
    await keys('[[')
    expect(inHand()).toMatch('Slump test, left')
    expect(inHand()).toMatch('the painful side')
    await keys(' ', ']')
    expect(inHand()).toMatch('Slump test, left')
  })

  it('watches for leaning only where a stage asks for it', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    expect(screen.queryByRole('button', { name: /Leans back/ })).toBeNull()
    await keys('g', 'seated leg raise left', '{Enter}')
    await keys('l')
    expect(screen.getByRole('button', { name: /Leans back/ })).toHaveAttribute('aria-pressed', 'true')
  })

  it('without a story, familiar pain cannot be recorded, and no side is called sore', async () => {
    renderAround(opened(), <BenchScreen />)
    expect(inHand()).toMatch('no painful side is told yet')
    await keys('{Enter}')
    expect(screen.getByRole('alert')).toHaveTextContent('no symptom in the story yet')
  })

  it('asks consent and the questions of the test in place, one key each, and goes on where it was', async () => {
    renderAround(bare().symptom('S1', { places: ['left-calf'], now: 3 }), <BenchScreen />)
    await keys('g', 'slump right', '{Enter}')
    await keys(' ')
    expect(screen.getByRole('group', { name: 'Consent to testing' })).toBeVisible()
    await keys('{Enter}')
    expect(screen.getByRole('group', { name: 'Ask first' })).toHaveTextContent('Cauda equina. 37 questions before this test.')
    // Saddle, cord and artery one by one, the accident, the rest of two groups in one key each, the clot.
    await keys('n'.repeat(5), 'n'.repeat(5), 'n'.repeat(11), 'n', 'r', 'r', 'n')
    expect(inHand()).toMatch('Slump test, right')
    await keys(' ')
    expect(screen.getByRole('complementary', { name: /Stages/ })).toHaveTextContent('Sit uprightnothing')
  })

  it('a group asked elsewhere needs a reason, and is no answer', async () => {
    renderAround(
      bare()
        .symptom('S1', { places: ['left-calf'], now: 3 })
        .consent(),
      <BenchScreen />,
    )
    await keys('g', 'slump right', '{Enter}')
    await userEvent.click(screen.getByRole('button', { name: 'Asked elsewhere' }))
    await userEvent.type(screen.getByRole('textbox', { name: /Where it was asked/ }), 'on paper at the door{Enter}')
    expect(screen.getByRole('group', { name: 'Ask first' })).toHaveTextContent('Myelopathy.')
  })

  it('a yes that halts takes the bench: what to do with the person, how soon, whom to call, and nothing suggested', async () => {
    renderAround(
      bare()
        .symptom('S1', { places: ['left-calf'], now: 3 })
        .consent(),
      <BenchScreen />,
    )
    await keys('y')
    const halt = screen.getByRole('alert', { name: /Stop. Possible cauda equina syndrome/ })
    expect(halt).toHaveTextContent('Emergency, now')
    expect(halt).toHaveTextContent('Let go slowly, back to the position that eases it')
    expect(halt).toHaveTextContent('Yes to: Any new numbness between the legs')
    expect(screen.queryByRole('complementary', { name: 'Board' })).toBeNull()
    expect(inHand()).toBe('')
    // Taken back, it still stands, and says so.
    await userEvent.click(within(halt).getByRole('button', { name: 'Open it with a reason' }))
    await userEvent.type(screen.getByLabelText('Reason for going on all the same'), 'known since birth, unchanged')
    await userEvent.click(screen.getByRole('button', { name: 'Open it with this reason' }))
    expect(inHand()).toMatch('Neurological examination, lower limb, right')
  })

  it('a clicked answer does not keep the focus, so the next Space is the next answer', async () => {
    renderAround(looked(), <BenchScreen />)
    await userEvent.click(screen.getByRole('button', { name: /Stretch only/ }))
    expect(screen.getByRole('region', { name: /Slump test/ })).toHaveFocus()
  })

  it('goes on with the ankle while the leg is up, with other words for the answers', async () => {
    renderAround(soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)]), <BenchScreen />)
    expect(inHand()).toMatch('Straight leg raise with ankle differentiation (Bragard), left')
    expect(screen.getByRole('button', { name: /It eases/ })).toBeVisible()
    await keys('{Enter}')
    expect(screen.getByRole('button', { name: /It comes back/ })).toBeVisible()
  })

  it('signed, it only shows', () => {
    renderAround(signed(sorePelvis().test('faber', 'right', [NOTHING])), <BenchScreen />)
    expect(screen.getByRole('heading', { name: 'Signed' })).toBeVisible()
    expect(screen.queryByRole('button', { name: /Nothing|Stop/ })).toBeNull()
  })

  it('reads the device live, and a press takes the angle back to when it was felt', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    await keys('g', 'straight leg raise left', '{Enter}')
    await keys('a')
    await waitFor(() => expect(screen.getByText('live, simulated')).toBeVisible(), { timeout: 3000 })
    await keys('a')
    expect(screen.getByText('the next answer keeps it')).toBeVisible()
  })

  it('fills a table by digits and arrows, the rest by one key, and reads it', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    await keys('g', 'neurological screen leg left', '{Enter}')
    await keys('5', '5', '5', '3')
    expect(screen.getByRole('button', { name: 'L5 big toe up, strength: 3' })).toBeVisible()
    await keys('{ArrowUp}', '4', 'u', ' ')
    expect(screen.getByText('Reflexes, 0 to 4+').parentElement?.parentElement).toHaveAttribute('aria-current', 'step')
    await keys('u', ' ', 'u', ' ', 'u', ' ')
    expect(inHand()).toMatch('Neurological examination, lower limb, left')
    // No need to look closer.
    await keys(' ')
    expect(board()).toHaveTextContent(/Lumbosacral radiculopathy \(L4-S1\), left\d+ %model/)
    expect(screen.getByRole('button', { name: /Neurological examination, lower limb, left: positive$/ })).toBeVisible()
  })

  it('a table runs from four keys: usual and on, turn the value, keep; back empties the last cell', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    await keys('g', 'neurological screen leg left', '{Enter}')
    await keys(' ', ' ', '{Enter}', '{Enter}')
    expect(screen.getByRole('button', { name: 'L4 ankle up, strength: 4' })).toBeVisible()
    await keys('{Backspace}')
    expect(screen.getByRole('button', { name: 'L4 ankle up, strength: not examined' })).toBeVisible()
    await keys(...Array.from({ length: 4 }, () => ' '), ' ')
    expect(screen.getByText('Strength, 0 to 5').parentElement).toHaveTextContent('filled in')
  })

  it('takes up to three trials, tells mean and spread, and keeps what stopped the movement', async () => {
    renderAround(soreArm(), <BenchScreen />)
    await keys('g', 'active neck rotation right', '{Enter}')
    await keys('62', ' ', '58', ' ')
    expect(screen.getByText('mean 60°, SD 2.8')).toBeVisible()
    await keys('57', 'p')
    await keys('g', 'active neck rotation right', '{Enter}')
    expect(screen.getByText(/Done before/)).toHaveTextContent('59° (mean of 3, SD 2.6): less than 60° to this side')
  })

  it('relief has its own answers, and nothing to relieve is not negative', async () => {
    renderAround(soreArm(), <BenchScreen />)
    await keys('g', 'hand on head right', '{Enter}')
    expect(screen.getByRole('button', { name: /It eases/ })).toBeVisible()
    await keys('x')
    await keys('g', 'hand on head right', '{Enter}')
    expect(screen.getByText(/Done before/)).toHaveTextContent('inconclusive')
  })
})
