import { render, screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { EpisodeForms } from './[personId]/episode-forms'

const refresh = vi.fn()
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh, push: vi.fn() }) }))
const sent: (readonly unknown[])[] = []
let came: unknown = null
beforeEach(() => {
  sent.length = 0
  came = null
  refresh.mockReset()
  vi.stubGlobal('fetch', (_: string, init: { body: string }) => {
    sent.push((JSON.parse(init.body) as { args: readonly unknown[] }).args)
    return Promise.resolve(Response.json({ came }))
  })
})
const show = (open = true, due: string | null = null) => render(<EpisodeForms personId="p1" episode="e1" open={open} due={due} today="2026-11-27" />)
const press = (name: string) => userEvent.click(screen.getByRole('button', { name }))

describe('what is said of an episode', () => {
  it('a confirmed source is chosen and never stands there beforehand', async () => {
    show()
    await press('Enter a confirmed source')
    const form = screen.getByRole('form', { name: 'Confirmed source' })
    await userEvent.selectOptions(within(form).getByLabelText('Side'), 'right')
    await press('Keep it')
    expect(form).toHaveTextContent('Still to choose: the source, whether it was that and by what.')
    expect(sent).toEqual([])
    await userEvent.selectOptions(within(form).getByLabelText('Source'), 'sij-pain')
    await userEvent.selectOptions(within(form).getByLabelText('Was it that?'), 'no')
    await userEvent.selectOptions(within(form).getByLabelText('By'), 'block')
    await press('Keep it')
    expect(sent[0]?.slice(1)).toEqual([
      'p1',
      'e1',
      { kind: 'confirmed', source: 'sij-pain', side: 'right', holds: false, how: 'block', on: '2026-11-27', words: '' },
    ])
    expect(screen.queryByRole('form')).toBeNull()
    expect(refresh).toHaveBeenCalled()
  })

  it('a refusal keeps what was typed; sent again it is the same entry', async () => {
    show()
    await press('Discharge')
    const form = screen.getByRole('form', { name: 'Discharge' })
    await userEvent.type(within(form).getByLabelText('Summary'), 'better')
    came = { what: 'Not now.', kept: 'It is still here.', do: 'Try again.' }
    await userEvent.click(within(form).getByRole('button', { name: 'Discharge' }))
    expect(form).toHaveTextContent('Not now.')
    expect(within(form).getByLabelText('Summary')).toHaveValue('better')
    came = null
    await userEvent.click(within(form).getByRole('button', { name: 'Discharge' }))
    expect(sent).toHaveLength(2)
    expect(sent[1]?.[0]).toBe(sent[0]?.[0])
  })

  it('a day to come again can be taken back, and a closed one opened again with a reason', async () => {
    show(true, '2026-12-01').unmount()
    show(false)
    await press('Open the episode again')
    const form = screen.getByRole('form', { name: 'Open the episode again' })
    await userEvent.type(within(form).getByLabelText('Why'), 'came back')
    await userEvent.click(within(form).getByRole('button', { name: 'Open again' }))
    expect(sent[0]?.[3]).toEqual({ kind: 'reopened', why: 'came back' })
    expect(screen.queryByRole('button', { name: 'Discharge' })).toBeNull()
  })
})
