import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { renderAround } from '@/tests/exam-around'
import { recordsOfAllKinds } from '@/tests/outside'
import { useExam } from '@/ui/exam/store'
import { BUTTOCK, signed, sorePelvis } from '@/tests/people'
import type { Composed } from '@/core/record/compose'
import { LetterScreen } from './letter/letter-screen'
import { NoteScreen } from './note/note-screen'
import { SummaryScreen } from './summary/summary-screen'
import type { Titled } from './titled'

const TITLE: Titled = {
  who: 'A person, 43, number 101. Examined 3 March 2026, 09:00 by Maren Oake.',
  about: 'A person, 43, number 101',
  name: 'A person',
  born: '1983-04-11',
  when: '3 March 2026, 09:00',
  by: 'Maren Oake',
  stem: '101-2026-03-03',
  template: 'full',
}
const made = (kind: string): Composed => {
  const record = recordsOfAllKinds()[kind]
  if (!record) throw new Error(kind)
  return record
}
const sore = () =>
  ['thigh-thrust', 'gaenslen', 'faber'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), sorePelvis().test('sij-distraction', 'none', [BUTTOCK]))

beforeEach(() => {
  // What jsdom has not: the place of a line in the window.
  Element.prototype.scrollIntoView = vi.fn()
  window.history.replaceState(null, '', '/')
})

describe('the note', () => {
  it('shows what is behind a sentence: the finding, the entries with their time, and what else is said from them', async () => {
    renderAround(sore(), <NoteScreen title={TITLE} />)
    await userEvent.click(screen.getByRole('button', { name: /^The findings point most to the sacroiliac joint/ }))
    const panel = screen.getByRole('region', { name: 'What is behind the sentence' })
    expect(panel).toHaveTextContent('Thigh thrust, right')
    expect(panel).toHaveTextContent('Finding, right: positive.')
    expect(panel).toHaveTextContent(/Thigh thrust, right, press along the thigh: S1 came on/)
    expect(within(panel).getByRole('link', { name: 'See it on Weigh' })).toHaveAttribute(
      'href',
      expect.stringMatching(/\/weigh\?from=short-1#sij-pain%20right$/),
    )
    expect(within(panel).getAllByRole('link', { name: 'See it on Bench' })[0]).toHaveAttribute('href', expect.stringMatching(/\/bench\?from=short-1#recheck=/))
    await userEvent.click(within(panel).getByRole('button', { name: 'Close what is behind it' }))
    expect(screen.queryByRole('region', { name: 'What is behind the sentence' })).toBeNull()
  })

  it('is gone through by arrows, opened by Enter, and closed by Esc; one sentence alone is a stop of Tab', async () => {
    renderAround(sore(), <NoteScreen title={TITLE} />)
    const sentences = screen.getAllByRole('button').filter((one) => one.hasAttribute('data-sentence'))
    expect(sentences.filter((one) => one.tabIndex === 0)).toHaveLength(1)
    sentences[0]?.focus()
    await userEvent.keyboard('{ArrowDown}{Enter}')
    expect(sentences[1]).toHaveAttribute('aria-pressed', 'true')
    expect(screen.getByRole('region', { name: 'What is behind the sentence' })).toBeVisible()
    await userEvent.keyboard('{ArrowDown}')
    expect(sentences[2]).toHaveFocus()
    await userEvent.keyboard('{Escape}')
    expect(screen.queryByRole('region', { name: 'What is behind the sentence' })).toBeNull()
  })

  it('opens at the sentence somebody came back to, or at the one that says what they came from', () => {
    window.history.replaceState(null, '', '/?at=tests-2')
    const { unmount } = renderAround(sore(), <NoteScreen title={TITLE} />)
    expect(document.getElementById('tests-2')).toHaveAttribute('aria-pressed', 'true')
    unmount()
    window.history.replaceState(null, '', `/?about=${encodeURIComponent('source:sij-pain right')}`)
    renderAround(sore(), <NoteScreen title={TITLE} />)
    expect(document.getElementById('short-1')).toHaveAttribute('aria-pressed', 'true')
  })

  it('takes own words to a section, keeps them apart, and remembers every version of them', async () => {
    renderAround(sore(), <NoteScreen title={TITLE} />)
    for (const words of ['belt eased it', 'belt eased it a little']) {
      await userEvent.click(screen.getByRole('button', { name: /own words to “Tests”/i }))
      const field = screen.getByLabelText('Own words to “Tests”')
      await userEvent.clear(field)
      await userEvent.type(field, words)
      await userEvent.click(screen.getByRole('button', { name: 'Keep' }))
    }
    const note = screen.getByRole('article', { name: 'Note' })
    expect(note).toHaveTextContent('In the practitioner’s words:belt eased it a little')
    const versions = screen.getByRole('region', { name: 'Versions' })
    expect(versions).toHaveTextContent('Own words as they were kept: 2')
    expect(versions).toHaveTextContent('belt eased it')
  })

  it('can be laid out otherwise, with no sentence named twice in the page', async () => {
    renderAround(made('halted'), <NoteScreen title={TITLE} />)
    const note = screen.getByRole('article', { name: 'Note' })
    await userEvent.click(screen.getByRole('radio', { name: 'Short' }))
    expect(note).not.toHaveTextContent('Stage by stage')
    await userEvent.click(screen.getByRole('radio', { name: 'SOAP order' }))
    expect(
      within(note)
        .getAllByRole('heading', { level: 2 })
        .map((h) => h.textContent),
    ).toEqual(['Subjective', 'Objective', 'Assessment', 'Plan'])
    expect(note.textContent.indexOf('Emergency, now')).toBeLessThan(note.textContent.indexOf('Subjective'))
    const ids = [...note.querySelectorAll('[id]')].map((one) => one.id)
    expect(new Set(ids).size).toBe(ids.length)
  })

  it('shows each version of a signed note as it stood', async () => {
    renderAround(
      signed(sore()).then({ type: 'addendum-written', text: 'rang on Monday' }).then({ type: 'addendum-written', text: 'rang on Friday' }),
      <NoteScreen title={TITLE} />,
    )
    const note = screen.getByRole('article', { name: 'Note' })
    expect(note).toHaveTextContent('rang on Friday')
    await userEvent.click(screen.getByRole('radio', { name: /^Version 2, addendum/ }))
    expect(note).toHaveTextContent('rang on Monday')
    expect(note).not.toHaveTextContent('rang on Friday')
    await userEvent.click(screen.getByRole('radio', { name: /^Version 1, signed/ }))
    expect(note).not.toHaveTextContent('rang on Monday')
  })

  it('offers every way out, and a calendar file without a word of the person', async () => {
    renderAround(sore(), <NoteScreen title={TITLE} />)
    const out = screen.getByRole('region', { name: 'Give it out' })
    expect(within(out).getByRole('link', { name: 'PDF' })).toHaveAttribute('href', expect.stringMatching(/\/out\/note\.pdf\?layout=full$/))
    for (const name of ['FHIR R4', 'Tables (CSV)', 'Exam file (JSON)', /Referral letter/, 'Summary for the person'])
      expect(within(out).getByRole('link', { name })).toBeVisible()
    await userEvent.clear(within(out).getByLabelText('Minutes'))
    await userEvent.type(within(out).getByLabelText('Minutes'), '45')
    const link = within(out).getByRole('link', { name: 'Calendar file' }).getAttribute('href') ?? ''
    expect(link).toMatch(/appointment\.ics\?start=\d{4}-\d\d-\d\dT09%3A00&zone=.+&minutes=45&remind=24$/)
  })
})

describe('the referral letter', () => {
  it('is written with the urgency of the halt, changed at will, and kept word for word', async () => {
    renderAround(made('halted'), <LetterScreen title={TITLE} />)
    const paper = screen.getByRole('article', { name: 'The letter as it will be' })
    expect(paper.textContent).toMatch(/^EMERGENCY: please see this person now\./)
    expect(screen.getByRole('radio', { name: 'Emergency' })).toBeChecked()
    await userEvent.type(screen.getByLabelText('To (may stay blank)'), 'Harbour hospital')
    await userEvent.click(screen.getByRole('radio', { name: 'Agreed' }))
    await userEvent.type(screen.getByLabelText(/The letter, written from the record/), 'She came by boat.')
    expect(paper).toHaveTextContent('To: Harbour hospital')
    expect(paper).toHaveTextContent('She came by boat.')
    expect(paper).toHaveTextContent('The person agreed that this letter is sent.')
    await userEvent.click(screen.getByRole('button', { name: 'Keep it with the examination' }))
    const kept = screen.getByRole('region', { name: 'Kept' })
    expect(kept).toHaveTextContent('Letter 1, emergency, to Harbour hospital')
    expect(within(kept).getByRole('link', { name: 'PDF' })).toHaveAttribute('href', expect.stringMatching(/\/out\/letter-1\.pdf$/))
    // Kept, the fields begin anew, and a second letter stands beside the first.
    await waitFor(() => expect(screen.getByLabelText('To (may stay blank)')).toHaveValue(''))
    await userEvent.click(screen.getByRole('button', { name: 'Keep it with the examination' }))
    expect(screen.getByRole('region', { name: 'Kept' })).toHaveTextContent('Letter 2')
  })

  it('says where another urgency is chosen than the record asks for, and can be written anew', async () => {
    renderAround(made('halted'), <LetterScreen title={TITLE} />)
    await userEvent.click(screen.getByRole('radio', { name: 'Routine' }))
    expect(screen.getByText(/^The record asks for: emergency\. A letter that asks for less is not kept, saved or printed/)).toBeVisible()
    for (const name of ['Keep it with the examination', 'Text', 'Print']) expect(screen.getByRole('button', { name })).toBeDisabled()
    const body = screen.getByLabelText<HTMLTextAreaElement>(/The letter, written from the record/)
    const first = body.value
    await userEvent.type(body, 'x')
    await userEvent.click(screen.getByRole('button', { name: 'Write it anew from the record' }))
    expect(body).toHaveValue(first)
  })

  it('can be written after the signature, and leaves what was signed as it is', async () => {
    renderAround(made('signed'), <LetterScreen title={TITLE} />)
    await userEvent.click(screen.getByRole('button', { name: 'Keep it with the examination' }))
    expect(screen.getByRole('region', { name: 'Kept' })).toHaveTextContent('Letter 1, routine')
  })

  it('follows a halt that comes while it is open, until another urgency is chosen', async () => {
    function Told() {
      const { record } = useExam()
      return <button onClick={() => record([{ type: 'screen-answered', item: 'saddle-numb', answer: 'yes' }])}>Told of numbness</button>
    }
    renderAround(
      sore(),
      <>
        <LetterScreen title={TITLE} />
        <Told />
      </>,
    )
    const paper = screen.getByRole('article', { name: 'The letter as it will be' })
    expect(paper.textContent).toMatch(/^ROUTINE/)
    await userEvent.click(screen.getByRole('button', { name: 'Told of numbness' }))
    expect(screen.getByRole('radio', { name: 'Emergency' })).toBeChecked()
    expect(paper.textContent).toMatch(/^EMERGENCY/)
    expect(paper).toHaveTextContent('Possible cauda equina syndrome')
    await userEvent.click(screen.getByRole('radio', { name: 'Same day' }))
    expect(paper.textContent).toMatch(/^SAME DAY/)
  })
})

describe('the summary for the person', () => {
  it('is in plain words with the movements drawn, and gives a number only when asked', async () => {
    renderAround(sore(), <SummaryScreen title={TITLE} />)
    const paper = screen.getByRole('article', { name: 'The summary as it will be' })
    expect(within(paper).getAllByRole('img').length).toBeGreaterThan(0)
    expect(paper).toHaveTextContent('Your pain may come from the joint at the back of your hips')
    expect(paper).not.toHaveTextContent('Of 100 people')
    await userEvent.click(screen.getByRole('checkbox', { name: 'Say in numbers how likely it is' }))
    expect(paper).toHaveTextContent('Of 100 people')
    await userEvent.type(screen.getByLabelText('What you agreed, in words for the person'), 'Come back on Friday.')
    expect(paper).toHaveTextContent('Come back on Friday.')
    await userEvent.click(screen.getByRole('button', { name: 'Keep it with the examination' }))
    expect(within(screen.getByRole('region', { name: 'Kept' })).getByRole('link', { name: 'PDF' })).toHaveAttribute(
      'href',
      expect.stringMatching(/summary-1\.pdf$/),
    )
  })
})
