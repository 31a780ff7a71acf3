import { fireEvent, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { DayBook } from './day-book'
import type { DayRow } from './sheet'

const push = vi.fn()
const refresh = vi.fn()
const prefetch = vi.fn()
const startPerson = vi.fn<(ids: unknown, fields: unknown) => Promise<unknown>>()
vi.mock('next/navigation', () => ({ useRouter: () => ({ push, refresh, prefetch }) }))
vi.mock('./actions', () => ({ startPerson: (ids: unknown, fields: unknown) => startPerson(ids, fields) }))

const row = (n: number, more: Partial<DayRow> = {}): DayRow => ({
  examId: `exam-${n}`,
  number: 100 + n,
  name: `Person ${n}`,
  about: '43, bell-founder',
  complaint: n === 1 ? 'shoots into the calf' : '',
  conclusion: '',
  progress: 'story told',
  changed: '',
  visit: 1,
  finished: false,
  halted: false,
  goOn: 'bench',
  isToday: n < 3,
  when: '09:00',
  ...more,
})
let made = 0
const rows = [row(1), row(2, { goOn: 'story' }), row(3, { finished: true, goOn: 'note' })]
const show = (after: { at: number; examId: string } | null = null) =>
  render(
    <DayBook
      today={rows.filter((r) => r.isToday)}
      earlier={{ rows: rows.filter((r) => !r.isToday), after }}
      title="Wednesday"
      day="2026-11-25"
      made={`rendering ${made++}`}
    />,
  )

beforeEach(() => {
  push.mockReset()
  prefetch.mockReset()
  startPerson.mockReset().mockResolvedValue(null)
})

describe('today', () => {
  it('goes on with the first by Enter, and with another after the arrows', async () => {
    show()
    await userEvent.keyboard('{Enter}')
    expect(push).toHaveBeenLastCalledWith('/exam/exam-1/bench')
    await userEvent.keyboard('{ArrowDown}{ArrowDown}{ArrowDown}{Enter}')
    expect(push).toHaveBeenLastCalledWith('/exam/exam-3/note')
  })

  it('goes the program’s own way by a press, and leaves another tab to the browser', async () => {
    show()
    const [, second, third] = screen.getAllByRole('link')
    if (!second || !third) throw new Error('Three rows are three links.')
    await userEvent.click(screen.getByText('Person 2'))
    expect(push).toHaveBeenLastCalledWith('/exam/exam-2/story')
    expect(fireEvent.click(third, { ctrlKey: true })).toBe(true)
    expect(fireEvent.click(third, { button: 1 })).toBe(true)
    expect(push).toHaveBeenCalledTimes(1)
    expect(fireEvent.click(third)).toBe(false)
  })

  it('fetches ahead the row that is chosen and the one a pointer rests on, and no other', async () => {
    show()
    expect(prefetch.mock.calls.flat()).toEqual(['/exam/exam-1/bench'])
    await userEvent.hover(screen.getByText('Person 3'))
    expect(prefetch).toHaveBeenLastCalledWith('/exam/exam-3/note')
    expect(prefetch.mock.calls.flat()).not.toContain('/exam/exam-2/story')
  })

  it('finds by name, number or complaint, and says when nobody fits', async () => {
    show()
    const find = screen.getByLabelText('Find by name, number or complaint')
    await userEvent.type(find, 'calf')
    expect(screen.getAllByRole('link').filter((link) => link.getAttribute('href')?.startsWith('/exam/'))).toHaveLength(1)
    await userEvent.clear(find)
    await userEvent.type(find, '103{Enter}')
    expect(push).toHaveBeenLastCalledWith('/exam/exam-3/note')
    await userEvent.type(find, 'zz')
    expect(screen.getByText('Nobody today fits that.')).toBeVisible()
  })

  it('adds a person from the keyboard; what is missing is said in place and nothing typed is lost', async () => {
    show()
    await userEvent.keyboard('p')
    await screen.findByLabelText(/^Name/)
    await userEvent.keyboard('{Enter}')
    expect(await screen.findByText(/Write a name/)).toBeVisible()
    expect(startPerson).not.toHaveBeenCalled()
    await userEvent.type(screen.getByLabelText(/^Name/), 'Wenna Saltmarsh{Enter}')
    expect(startPerson).toHaveBeenCalledWith(expect.objectContaining({ personId: expect.any(String) as string }), {
      name: 'Wenna Saltmarsh',
      born: '',
      work: '',
    })
    expect(push).toHaveBeenCalledWith(expect.stringMatching(/^\/exam\/[0-9a-f-]{36}\/story$/))
  })

  it('a server that does not answer loses nothing, and trying again makes one person', async () => {
    startPerson.mockRejectedValueOnce(new Error('offline'))
    show()
    await userEvent.keyboard('p')
    await userEvent.type(await screen.findByLabelText(/^Name/), 'Wenna{Enter}')
    expect(await screen.findByRole('alert')).toHaveTextContent('it makes one person only')
    await userEvent.click(screen.getByRole('button', { name: 'Start the story' }))
    const [first, second] = startPerson.mock.calls.map(([ids]) => ids)
    expect(second).toEqual(first)
  })

  it('asks the server for what this page does not hold, and for earlier days a page at a time', async () => {
    const asked: string[] = []
    vi.stubGlobal('fetch', (url: string) => {
      // What is kept for the device is asked for by itself.
      if (!/^\/(today\/keep|device-key)/.test(url)) asked.push(url)
      const found = url.includes('find') ? [row(9, { isToday: false, name: 'Long Ago', complaint: 'calf' })] : [row(4, { isToday: false })]
      return Promise.resolve(Response.json({ rows: found, after: null }))
    })
    show({ at: 5, examId: 'exam-3' })
    await userEvent.click(screen.getByRole('button', { name: 'Show earlier ones' }))
    expect(await screen.findByText('Person 4')).toBeVisible()
    expect(asked).toEqual(['/today/rows?at=5&exam=exam-3'])
    expect(screen.queryByRole('button', { name: 'Show earlier ones' })).toBeNull()
    await userEvent.type(screen.getByLabelText('Find by name, number or complaint'), 'calf')
    expect(await screen.findByText('Long Ago')).toBeVisible()
    expect(asked.at(-1)).toBe('/today/rows?find=calf')
  })
})

describe('a page that comes back', () => {
  const again = (name: string) => <DayBook today={rows} earlier={{ rows: [], after: null }} title="Wednesday" day="2026-11-25" made={name} />
  it('is asked for again, so that nobody is entered twice from an old list; a new one is not', () => {
    refresh.mockReset()
    const first = render(again('a'))
    first.unmount()
    const second = render(again('b'))
    expect(refresh).not.toHaveBeenCalled()
    second.unmount()
    render(again('b'))
    expect(refresh).toHaveBeenCalledOnce()
    window.dispatchEvent(Object.assign(new Event('pageshow'), { persisted: true }))
    expect(refresh).toHaveBeenCalledTimes(2)
  })
})
