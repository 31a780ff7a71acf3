import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it, vi } from 'vitest'
import { bare, BUTTOCK, NOTHING, opened, own, soreLeg, sorePelvis } from '@/tests/people'
import { renderAround } from '@/tests/exam-around'
import { NoteScreen } from './note/note-screen'
import { StoryScreen } from './story/story-screen'
import { WeighScreen } from './weigh/weigh-screen'

describe('the story', () => {
  it('begins with an empty first card, and records each choice as it is made', async () => {
    renderAround(opened(), <StoryScreen />)
    expect(screen.getByText(/Nothing is recorded yet/)).toBeVisible()
    await userEvent.click(screen.getByRole('radio', { name: '4' }))
    await userEvent.type(screen.getByLabelText(/In their own words/), 'a dull ache')
    await userEvent.tab()
    await userEvent.click(screen.getByRole('button', { name: 'Another symptom' }))
    expect(screen.getByText('“a dull ache”')).toBeVisible()
    expect(screen.getByRole('group', { name: 'S2' })).toBeVisible()
  })

  it('paints from the keyboard: arrows move, Space paints and takes off again', async () => {
    renderAround(opened(), <StoryScreen />)
    const face = screen.getByRole('checkbox', { name: 'right face' })
    face.focus()
    await userEvent.keyboard('{ArrowDown} ')
    const neck = screen.getByRole('checkbox', { name: 'front of the right neck' })
    expect(neck).toHaveFocus()
    expect(neck).toBeChecked()
    await userEvent.keyboard(' ')
    expect(neck).not.toBeChecked()
  })

  it('S1 by keyboard: place by name, letters for what it feels like, digits for how strong, each going on by itself', async () => {
    renderAround(bare(), <StoryScreen />)
    let presses = 0
    const type = async (keys: string) => {
      // A name in braces is one key.
      presses += keys.replaceAll(/\{\w+\}/g, 'x').length
      await userEvent.keyboard(keys)
    }
    await type('pl calf{Enter}')
    expect(screen.getByRole('checkbox', { name: 'left calf' })).toBeChecked()
    await type('{Escape}w{Tab}')
    await type('s{Tab}648')
    await type('{Tab}{Tab}')
    await type('lm')
    const card = screen.getByRole('group', { name: 'S1' })
    expect(within(card).getByRole('button', { name: 'shooting' })).toHaveAttribute('aria-pressed', 'true')
    expect(within(card).getByRole('radio', { name: '6' })).toBeChecked()
    expect(within(card).getByRole('radio', { name: '4, at its worst' })).toBeChecked()
    expect(within(card).getByRole('radio', { name: 'little' })).toBeChecked()
    expect(within(card).getByRole('radio', { name: 'minutes' })).toBeChecked()
    expect(presses).toBeLessThan(25)
  })

  it('a removed symptom is put back by one press', async () => {
    renderAround(
      bare()
        .symptom('S1', { places: ['left-calf'], words: 'down the leg' })
        .symptom('S2', { places: ['left-low-back'], words: 'a dull ache' }),
      <StoryScreen />,
    )
    await userEvent.click(screen.getByRole('button', { name: /S2/ }))
    await userEvent.click(screen.getByRole('button', { name: 'Remove S2' }))
    await userEvent.click(screen.getByRole('button', { name: 'Put S2 back' }))
    expect(screen.getByDisplayValue('a dull ache')).toBeVisible()
  })

  it('tells beside the chart where each source starts and why, and in the other setting', () => {
    renderAround(sorePelvis(), <StoryScreen />)
    const table = within(screen.getByRole('region', { name: 'Pretest, from the chart' })).getByRole('table')
    const row = within(table).getByRole('row', { name: /Sacroiliac joint, right/ })
    expect(row).toHaveTextContent(/below L5.*Schwarzer 1995.*30 %.*20 %/)
    expect(within(table).getByRole('row', { name: /Hip joint, right/ })).toHaveTextContent('no study fits: assumed')
    expect(within(table).queryByRole('row', { name: /Thoracic outlet/ })).toBeNull()
  })

  it('a symptom that a test refers to stays', async () => {
    renderAround(sorePelvis().test('faber', 'right', [BUTTOCK]), <StoryScreen />)
    await userEvent.click(screen.getByRole('button', { name: 'Remove S1' }))
    expect(screen.getByRole('group', { name: 'S1' })).toBeVisible()
  })

  it('consent can be withdrawn at any time, and says what follows', async () => {
    renderAround(sorePelvis(), <StoryScreen />)
    await userEvent.click(screen.getByRole('button', { name: 'Withdrawn' }))
    expect(screen.getByText(/No test can start/)).toBeVisible()
  })
})

describe('weigh', () => {
  it('shows the leading source first, with rule, model and product', () => {
    const met = sorePelvis().test('sij-distraction', 'none', [BUTTOCK]).test('thigh-thrust', 'right', [BUTTOCK]).test('gaenslen', 'right', [BUTTOCK])
    renderAround(met, <WeighScreen />)
    expect(screen.getByRole('heading', { level: 2, name: 'Sacroiliac joint, right' })).toBeVisible()
    const figures = screen.getByRole('region', { name: 'Four estimates', hidden: true })
    expect(figures).toHaveTextContent(/Estimate · leads70 %.*Published rule65 %.*Model, tests correlated75 %.*As if independent90 %/)
    expect(within(screen.getByRole('region', { name: 'SI joint, 2 of 4', hidden: true })).getByText(/met, 2 of 4/)).toBeInTheDocument()
    // Met, the clear rule uses the negative ratio; broken it says nothing.
    expect(screen.getByRole('region', { name: 'SI joint, 0 of 6', hidden: true })).toHaveTextContent('met: LR− 0.07; not met says nothing')
    expect(screen.getByRole('table', { name: 'Each finding and what it does to the odds', hidden: true })).toHaveTextContent(
      'Correlated, pelvic loading: counted together',
    )
  })

  it('while every rule is open the model leads; what was not tested is not assessed yet', async () => {
    renderAround(soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)]), <WeighScreen />)
    expect(screen.getByRole('region', { name: 'Four estimates', hidden: true })).toHaveTextContent(/Estimate · leads\d+ %The model alone/)
    await userEvent.click(screen.getByRole('button', { name: 'Sacroiliac joint, left' }))
    expect(screen.getByText(/Not assessed yet: no test done so far/)).toBeVisible()
  })

  it('a source that findings only point to carries no number', async () => {
    renderAround(soreLeg().test('leg-raise', 'left', [{ said: 'stretch', places: [] }]), <WeighScreen />)
    await userEvent.click(screen.getByRole('button', { name: 'Hamstrings, left' }))
    expect(screen.getByText(/No published accuracy fits/)).toBeVisible()
    expect(screen.getByRole('region', { name: 'Pointers' })).toHaveTextContent('Straight leg raise: supports it')
  })
})

/** Whose the papers of these tests are. */
const TITLE = {
  who: 'A person, 43.',
  about: 'A person, 43',
  name: 'A person',
  born: null,
  when: '3 March 2026, 09:00',
  by: 'Maren Oake',
  stem: '101-2026-03-03',
  template: 'full',
} as const

describe('the note', () => {
  it('keeps own words apart, asks before signing, and then takes addenda only', async () => {
    // Without workers the signature is computed in the page.
    vi.stubGlobal('Worker', undefined)
    renderAround(sorePelvis().test('faber', 'right', [NOTHING]), <NoteScreen title={TITLE} />)
    await userEvent.type(screen.getByLabelText(/Your own words/), 'seen twice')
    await userEvent.tab()
    const note = screen.getByRole('article', { name: 'Note' })
    expect(note).toHaveTextContent('Practitioner’s wordsseen twice')
    await userEvent.click(screen.getByRole('button', { name: 'Sign' }))
    await userEvent.click(screen.getByRole('button', { name: 'Not yet' }))
    await userEvent.click(screen.getByRole('button', { name: 'Sign' }))
    await userEvent.click(screen.getByRole('button', { name: 'Sign it' }))
    expect(await screen.findByText(/As it was signed/)).toBeVisible()
    await userEvent.type(screen.getByLabelText('Addendum'), 'rang on Monday')
    await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
    expect(note).toHaveTextContent('Addendumrang on Monday')
    // Reading it again is another view, and says so.
    await userEvent.click(screen.getByRole('button', { name: 'Read again with today’s rules' }))
    expect(note).toHaveTextContent('This is not what was signed')
    await userEvent.click(screen.getByRole('button', { name: 'Show what was signed' }))
    vi.unstubAllGlobals()
  })
})
