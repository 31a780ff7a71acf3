import { render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { SHIPPED } from '@/core/evidence/knowledge'
import { sorePelvis } from '@/tests/people'
import { ExamRecord, type Loaded } from './exam-record'

vi.mock('next/navigation', () => ({
  useRouter: () => ({ push: vi.fn(), refresh: vi.fn() }),
  usePathname: () => '/exam/e/bench',
  useSearchParams: () => new URLSearchParams(),
}))

const { exam, events } = sorePelvis()
const loaded: Loaded = { events, faults: [], clinic: SHIPPED, turns: [], house: { schools: {}, setting: 'referred' } }
const fetched = vi.fn<(url: string) => Promise<Response>>()
beforeEach(() => {
  fetched.mockReset()
  // Only the record is asked for here; what else a window asks for is not there.
  vi.stubGlobal('fetch', (url: string) => (url.endsWith('/record') ? fetched(url) : Promise.reject(new Error('away'))))
})
const show = () =>
  render(
    <ExamRecord
      examId={exam.id}
      who={{ id: 'test-author', name: 'Somebody', role: 'practitioner', demo: false }}
      person={{ id: 'p1', number: 101, name: 'Imre Talvane', born: null, work: 'bell-founder' }}
    >
      <main>the screen in hand</main>
    </ExamRecord>,
  )

describe('the record of an examination', () => {
  it('comes once, and the screen stands under the name of the person', async () => {
    fetched.mockResolvedValue(Response.json(loaded))
    show()
    expect(screen.getByRole('status')).toHaveTextContent('Opening the examination')
    expect(await screen.findByText('the screen in hand')).toBeVisible()
    expect(screen.getByRole('button', { name: /^Imre Talvane/ })).toHaveTextContent('43, bell-founder')
    expect(screen.getByRole('link', { name: /^Safety/ })).toHaveAttribute('href', `/exam/${exam.id}/safety`)
    expect(fetched).toHaveBeenCalledOnce()
  })

  it('a server that is away or refuses is told, and asked again on a press', async () => {
    fetched.mockRejectedValueOnce(new Error('away'))
    show()
    expect(await screen.findByText('The server did not answer.')).toBeVisible()
    fetched.mockResolvedValueOnce(
      Response.json({ what: 'There is no such examination.', kept: 'Nothing was changed.', do: 'Open it from Today.' }, { status: 404 }),
    )
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
    expect(await screen.findByText('There is no such examination.')).toBeVisible()
    fetched.mockResolvedValueOnce(Response.json(loaded))
    await userEvent.click(screen.getByRole('button', { name: 'Try again' }))
    expect(await screen.findByText('the screen in hand')).toBeVisible()
  })

  it('an entry that cannot be read hides no other: which it is and what to do are told above the screen', async () => {
    fetched.mockResolvedValue(Response.json({ ...loaded, events: [...events, { type: 'from-tomorrow' }], faults: [{ seq: 4, what: 'is not JSON' }] }))
    show()
    expect(await screen.findByText('the screen in hand')).toBeVisible()
    expect(screen.getByText('Entry 4 of this examination cannot be read: is not JSON.')).toBeVisible()
  })
})
