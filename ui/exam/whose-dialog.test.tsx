import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { WhoseDialog } from './whose-dialog'

const refresh = vi.fn()
vi.mock('next/navigation', () => ({ useRouter: () => ({ refresh }) }))

const imre = { id: 'p1', number: 101, name: 'Imre Talvane', born: '1983-04-02', work: 'bell-founder' }
const odalys = { id: 'p2', number: 102, name: 'Odalys Brightmoor', born: null, work: '', exams: 1, latest: 'e2' }
const onClose = vi.fn()
/** What was sent to the server: the act and its arguments without the first, its number. */
const sent: { act: string; id: unknown; rest: readonly unknown[] }[] = []
let answer: unknown = { came: null }

beforeEach(() => {
  sent.length = 0
  answer = { came: null }
  refresh.mockReset()
  onClose.mockReset()
  vi.stubGlobal('fetch', (url: string, init?: { body: string }) => {
    if (url.endsWith('/students')) return Promise.resolve(Response.json({ students: [] }))
    if (url.startsWith('/people/rows')) return Promise.resolve(Response.json({ people: [{ ...imre, exams: 1, latest: 'e1' }, odalys] }))
    const { args } = JSON.parse(init?.body ?? '{}') as { args: readonly unknown[] }
    sent.push({ act: url.replace('/do/', ''), id: args[0], rest: args.slice(1) })
    return answer instanceof Error ? Promise.reject(answer) : Promise.resolve(Response.json(answer))
  })
})

const show = (signed = false) => render(<WhoseDialog examId="e1" person={imre} signed={signed} onClose={onClose} />)
const choose = async (words: RegExp) => userEvent.click(screen.getByRole('radio', { name: words }))
const because = async (why: string) => userEvent.type(screen.getByLabelText('Why'), why)
const putRight = async () => userEvent.click(screen.getByRole('button', { name: 'Put right' }))

describe('whose an examination is', () => {
  it('corrects a detail with a reason, and asks the page again', async () => {
    show()
    await userEvent.clear(screen.getByLabelText('Name'))
    await putRight()
    expect(screen.getByText(/Write a name/)).toBeVisible()
    expect(screen.getByText('Write why; it stays on the record.')).toBeVisible()
    expect(sent).toEqual([])
    await userEvent.type(screen.getByLabelText('Name'), 'Imre Talvane-Oake')
    await because('married')
    await putRight()
    expect(sent).toMatchObject([{ act: 'correct-person', rest: ['p1', { name: 'Imre Talvane-Oake', born: '1983-04-02', work: 'bell-founder' }, 'married'] }])
    expect(refresh).toHaveBeenCalledOnce()
    expect(onClose).toHaveBeenCalledOnce()
  })

  it('moves the examination to somebody who is here, found by name and never themselves', async () => {
    show()
    await choose(/somebody else/)
    await because('wrong line')
    await putRight()
    expect(screen.getByText(/Nobody is chosen yet/)).toBeVisible()
    await userEvent.type(screen.getByRole('combobox'), 'odalys')
    const option = await screen.findByRole('option')
    expect(option).toHaveTextContent('Odalys Brightmoor, number 102, date of birth not known')
    await userEvent.click(option)
    await putRight()
    expect(sent).toMatchObject([{ act: 'move-exam', rest: ['e1', 'p2', null, 'wrong line'] }])
  })

  it('moves it to somebody new; a signed one says what becomes of it', async () => {
    show(true)
    await choose(/somebody else/)
    expect(screen.getByText(/The signed note keeps every word/)).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Somebody who is not here yet' }))
    await userEvent.type(screen.getByLabelText('Name'), 'Wenna Saltmarsh')
    await because('wrong line')
    await putRight()
    expect(sent).toMatchObject([{ act: 'move-exam', rest: ['e1', expect.any(String), { name: 'Wenna Saltmarsh', born: '', work: '' }, 'wrong line'] }])
  })

  it('joins two numbers; sent again after a lost answer it carries the same number, so it happens once', async () => {
    show()
    await choose(/another number/)
    await userEvent.type(screen.getByRole('combobox'), '102')
    await userEvent.click(await screen.findByRole('option'))
    expect(screen.getByText(/filed under number 102/)).toBeVisible()
    await because('entered twice')
    answer = new Error('away')
    await putRight()
    expect(await screen.findByText(/The server did not answer/)).toBeVisible()
    expect(onClose).not.toHaveBeenCalled()
    answer = { came: null }
    await putRight()
    expect(sent.map(({ act, rest }) => [act, ...rest])).toEqual(Array(2).fill(['merge-people', 'p1', 'p2', 'entered twice']))
    expect(sent[0]?.id).toBe(sent[1]?.id)
    expect(onClose).toHaveBeenCalledOnce()
  })

  it('something else after a lost answer carries a number of its own', async () => {
    show()
    await because('wrong')
    answer = new Error('away')
    await putRight()
    expect(await screen.findByText(/The server did not answer/)).toBeVisible()
    await userEvent.type(screen.getByRole('textbox', { name: 'Name' }), ' Oake')
    answer = { came: null }
    await putRight()
    expect(sent.map(({ act }) => act)).toEqual(['correct-person', 'correct-person'])
    expect(sent[0]?.id).not.toBe(sent[1]?.id)
  })
})
