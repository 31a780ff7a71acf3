import { act, fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { bare, BUTTOCK, NOTHING, performed, soreLeg, sorePelvis } from '@/tests/people'
import { renderAround } from '@/tests/exam-around'
import { BenchScreen } from './bench-screen'

/** Both legs looked at for strength, reflexes and feeling: what tightens a nerve comes next. */
const looked = () => performed(performed(soreLeg(), 'neuro-lower', 'right'), 'neuro-lower', 'left')

const inHand = () => document.getElementById('in-hand')?.textContent ?? ''
const board = () => screen.getByRole('complementary', { name: 'Board' })
const keys = (...pressed: string[]) => userEvent.setup().keyboard(pressed.join(''))

describe('beside the answers', () => {
  it('leaves a test out with a reason, and takes that back', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('g', 'faber right', '{Enter}')
    await keys('k', '2')
    expect(screen.getByRole('button', { name: /FABER test, right: left out$/ })).toHaveAttribute('title', 'Left out: cannot lie or sit that way.')
    await keys('{Backspace}')
    expect(screen.getByRole('button', { name: /FABER test, right: to do$/ })).toBeVisible()
  })

  it('a warning sign stops everything in two keys', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('w', '9')
    expect(
      screen
        .getAllByRole('alert')
        .map((a) => a.textContent)
        .join(),
    ).toMatch('Keep them seated, or lay them flat')
    expect(screen.getByRole('button', { name: /FABER test, right: withheld$/ })).toBeVisible()
  })

  it('moves the test in hand by keyboard, and the order stays', async () => {
    renderAround(looked(), <BenchScreen />)
    const chips = () =>
      within(screen.getByRole('navigation', { name: /Planned/ }))
        .getAllByRole('button')
        .map((b) => b.getAttribute('aria-label'))
    const before = chips()
    await keys('{Shift>}{ArrowRight}{/Shift}')
    // Behind the two screens that are done.
    expect(chips().slice(2, 4)).toEqual([before[3], before[2]])
    expect(inHand()).toMatch('Slump test, right')
  })

  it('asks again before touching the sacrum; a no leaves the test out', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('g', 'sacral thrust', '{Enter}')
    expect(screen.getByRole('group', { name: 'Consent for this contact' })).toHaveTextContent('the sacrum')
    await keys('x')
    await keys('g', 'sacral thrust', '{Enter}')
    expect(screen.getByRole('group', { name: 'Consent for this contact' })).toBeVisible()
    await keys(' ')
    expect(screen.getByRole('button', { name: /That is my pain/ })).toBeVisible()
  })

  it('says so when the side in hand is not the sore one, where only that one is read', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('g', 'thigh thrust left', '{Enter}')
    expect(screen.getByText('You said right is the sore side; this is the left.')).toBeVisible()
    await keys(']')
    expect(screen.queryByText(/this is the left/)).toBeNull()
  })

  it('times a hold, and the seconds go with the answer', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('g', 'thigh thrust right', '{Enter}')
    await keys('t')
    expect(screen.getByRole('timer')).toHaveTextContent('5 s left')
    await waitFor(() => expect(screen.getByRole('timer')).toHaveTextContent('4 s left'), { timeout: 2500 })
    await keys('{Enter}', 'u', '6')
    await keys('g', 'thigh thrust right', '{Enter}')
    expect(screen.getByText(/Done before/)).toHaveTextContent('positive')
  })

  it('another result needs a reason, and both stay', async () => {
    renderAround(sorePelvis().test('faber', 'right', [BUTTOCK]), <BenchScreen />)
    await keys('g', 'faber right', '{Enter}')
    await userEvent.click(screen.getByRole('button', { name: 'Set another result' }))
    await userEvent.type(screen.getByRole('textbox', { name: 'Reason for the other result' }), 'knee hurt instead')
    await userEvent.click(screen.getByRole('button', { name: 'Keep' }))
    expect(screen.getByText(/Done before/)).toHaveTextContent('inconclusive. Set by the examiner: knee hurt instead. From what was observed: positive.')
  })

  it('of two performances the first counts, until another is said to, with a reason', async () => {
    renderAround(sorePelvis().test('faber', 'right', [BUTTOCK]).test('faber', 'right', [NOTHING]), <BenchScreen />)
    await keys('g', 'faber right', '{Enter}')
    expect(screen.getByText(/Done before/)).toHaveTextContent('positive')
    await userEvent.click(screen.getByRole('button', { name: 'Let another performance count' }))
    await userEvent.type(screen.getByRole('textbox', { name: 'Why that performance counts' }), 'the first was done with a jerk{Enter}')
    expect(screen.getByText(/Done before/)).toHaveTextContent('negative')
  })

  it('a pedal key from the settings of this device answers as Enter does', async () => {
    localStorage.setItem('dust-lantern-hands', JSON.stringify({ pedal: { own: 'q' } }))
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('q')
    expect(screen.getByRole('group', { name: 'That is my pain' })).toBeVisible()
    localStorage.clear()
  })

  it('another technique is two keys, stays for the test in hand, and is fixed once the test was begun', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('g', 'slump left', '{Enter}')
    const card = () => screen.getByRole('complementary', { name: /technique/ })
    const first = card().textContent
    await keys('m', '2')
    expect(card().textContent).not.toBe(first)
    expect(screen.queryByRole('group', { name: 'Technique' })).toBeNull()
    await keys(' ', 'm')
    expect(screen.queryByRole('group', { name: 'Technique' })).toBeNull()
  })

  it('the five of a rule come one after the other, three keys each, wherever the plan stands; N leaves them', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('g', 'all si joint, 3 of 5', '{Enter}')
    const seen: string[] = []
    for (let n = 0; n < 5; n++) {
      seen.push(inHand())
      // Where the sacrum or an intimate region is touched, consent is asked again first.
      if (screen.queryByRole('group', { name: 'Consent for this contact' })) await keys(' ')
      await keys('{Enter}', 'u', '6')
    }
    expect(new Set(seen.map((title) => title.split(',')[0])).size).toBe(5)
    expect(board()).toHaveTextContent('SI joint, 3 of 5: met, 5 of 5')
    await keys('g', 'all cervical', '{Escape}')
    expect(screen.queryByRole('dialog')).toBeNull()
  })

  it('a reason of one’s own for leaving a test out is three keys beside its words', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    await keys('g', 'thigh thrust right', '{Enter}', 'k', '6', 'bruised knee', '{Enter}')
    expect(screen.getByRole('button', { name: /Thigh thrust, right: left out$/ })).toBeVisible()
  })

  it('tells one voice what was recorded, what comes next and where the board stands', async () => {
    renderAround(sorePelvis(), <BenchScreen />)
    const voice = () => screen.getByRole('status', { name: 'Recorded' })
    expect(voice()).toHaveTextContent('')
    await keys('g', 'thigh thrust right', '{Enter}', ' ')
    expect(voice()).toHaveTextContent(/^Recorded: Thigh thrust, right, .*: nothing\. Next: .+\./)
    await keys('g', 'gaenslen right', '{Enter}', '{Enter}', 'u', '6')
    expect(voice()).toHaveTextContent(/S1 came on, 6 of 10 at right buttock\. Next: .*SI joint, 3 of 5: open, needs \d more/)
  })

  it('reads the character and not its place, digits of the number pad among them, and nothing while letters are switched off', () => {
    renderAround(sorePelvis(), <BenchScreen />)
    const press = (key: string, code: string) => fireEvent.keyDown(document.body, { key, code })
    // Where Z and Y change places, the letter on the cap counts.
    press('g', 'KeyH')
    expect(screen.getByRole('dialog', { name: 'Go to a test' })).toBeVisible()
    fireEvent.keyDown(screen.getByRole('combobox'), { key: 'Escape', code: 'Escape' })
    localStorage.setItem('dust-lantern-hands', JSON.stringify({ letters: false }))
    act(() => void window.dispatchEvent(new Event('dust-lantern-hands-changed')))
    press('g', 'KeyG')
    expect(screen.queryByRole('dialog')).toBeNull()
    localStorage.clear()
    act(() => void window.dispatchEvent(new Event('dust-lantern-hands-changed')))
  })

  it('plans by two keys, says why the test in hand comes now, and undo takes the plan back', async () => {
    renderAround(looked(), <BenchScreen />)
    const plan = () => screen.getByRole('button', { name: /^Plan/ })
    expect(plan()).toHaveTextContent('Full baseline')
    expect(board()).toHaveTextContent(/Now: ?Slump test, .*\./)
    // Nothing is recorded while it is only looked at.
    await keys('q', '{Escape}')
    expect(plan()).toHaveTextContent('Full baseline')
    await keys('q', '3')
    expect(plan()).toHaveTextContent('Quickest answer')
    await keys('{Backspace}')
    expect(plan()).toHaveTextContent('Full baseline')
  })

  it('does not say that nothing is left while a rule has decided one source of several', () => {
    const quiet = ['sij-compression', 'thigh-thrust', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [NOTHING]), sorePelvis())
    renderAround(quiet.then({ type: 'plan-chosen', mode: 'quickest-answer' }), <BenchScreen />)
    // The pelvic rule is out of reach, but back, hip and root are still in question.
    expect(board()).not.toHaveTextContent('nothing left here would change the picture')
  })

  it('a safety question can be asked whatever is in hand: one key, this person’s order, and a yes closes at once', async () => {
    renderAround(bare(), <BenchScreen />)
    await keys('j')
    const strip = screen.getByRole('group', { name: 'Safety questions' })
    const first = strip.textContent
    expect(strip).toHaveTextContent(/questions open/)
    await keys('{ArrowRight}')
    expect(screen.getByRole('group', { name: 'Safety questions' }).textContent).not.toBe(first)
    await keys('{ArrowLeft}')
    expect(screen.getByRole('group', { name: 'Safety questions' })).toHaveTextContent('Cauda equina. 65 questions open.')
    await keys('y')
    expect(screen.getByRole('alert', { name: /Stop. Possible cauda equina syndrome/ })).toBeVisible()
    await keys('{Backspace}')
    expect(screen.queryByRole('group', { name: 'Safety questions' })).toBeNull()
  })

  it('with every question answered it says so, and asks nothing', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    await keys('j')
    expect(screen.getByRole('group', { name: 'Safety questions' })).toHaveTextContent('Every question is answered')
    await keys('y', 'n', 'r')
    expect(screen.getByRole('group', { name: 'Safety questions' })).toBeVisible()
  })

  it('a hand without keys finds all of it under More, the warning first, and letters act from there too', async () => {
    renderAround(soreLeg(), <BenchScreen />)
    await userEvent.click(screen.getByRole('button', { name: 'More …' }))
    const more = screen.getByRole('group', { name: 'More' })
    expect(within(more).getAllByRole('button')[0]).toHaveTextContent('Warning sign')
    await userEvent.click(within(more).getByRole('button', { name: /Leave it out/ }))
    expect(screen.getByRole('group', { name: 'Left out, because' })).toBeVisible()
    await keys('{Backspace}')
    await userEvent.click(screen.getByRole('button', { name: 'More …' }))
    await keys('w')
    expect(screen.getByRole('group', { name: 'A warning sign' })).toBeVisible()
  })

  it('counts repeated movements aloud, and tells when they are over', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    renderAround(soreLeg(), <BenchScreen />)
    fireEvent.keyDown(document.body, { key: 'g' })
    fireEvent.change(await screen.findByRole('combobox'), { target: { value: 'repeated movements' } })
    fireEvent.keyDown(screen.getByRole('combobox'), { key: 'Enter' })
    fireEvent.keyDown(document.body, { key: 't' })
    await act(() => vi.advanceTimersByTimeAsync(9000))
    expect(screen.getByRole('timer')).toHaveTextContent('3 of 10')
    await act(() => vi.advanceTimersByTimeAsync(32_000))
    expect(screen.getByRole('button', { name: /^10 of 10 counted/ })).toBeVisible()
    expect(screen.getByRole('status', { name: 'In hand' })).toHaveTextContent('10 of 10 counted.')
    vi.useRealTimers()
  })

  it('draws each letter as it is on this device, and none where letters do not act', () => {
    localStorage.setItem('dust-lantern-hands', JSON.stringify({ keys: { stretch: 'z' } }))
    renderAround(performed(soreLeg(), 'neuro-lower', 'right'), <BenchScreen />)
    act(() => void window.dispatchEvent(new Event('dust-lantern-hands-changed')))
    expect(screen.getByRole('button', { name: /Any test/ })).toHaveTextContent('G')
    localStorage.setItem('dust-lantern-hands', JSON.stringify({ letters: false }))
    act(() => void window.dispatchEvent(new Event('dust-lantern-hands-changed')))
    expect(screen.getByRole('button', { name: /Any test/ })).not.toHaveTextContent('G')
    localStorage.clear()
  })
})
