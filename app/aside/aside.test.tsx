import { render, renderHook, screen, waitFor } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import userEvent from '@testing-library/user-event'
import { AsideScreen } from './aside-screen'
import { composedId } from '@/core/record/compose'
import type { ExamEvent } from '@/core/record/event'
import { browserOutbox } from '@/ui/exam/outbox'
import { Undelivered, useUndelivered } from '@/ui/exam/undelivered'

const note = (n: number): ExamEvent => ({ type: 'note-written', text: `note ${n}`, id: composedId(1.8e12, 'undelivered', n), at: 1.8e12, by: 'test-author' })

describe('what closed windows left behind', () => {
  it('is counted on any page while the server is away, sent when it is back, and what clashes is told', async () => {
    const box = await browserOutbox()
    await box.keep('exam-a', [note(1), note(2)])
    await box.keep('exam-b', [note(3)])
    render(<Undelivered />)
    expect(await screen.findByText('3 entries kept here until the server is back.')).toBeVisible()
    const sent: string[] = []
    vi.stubGlobal('fetch', (url: string, init: RequestInit) => {
      const { events } = JSON.parse(init.body as string) as { events: ExamEvent[] }
      sent.push(`${url} ${events.length}`)
      const refused = url.includes('exam-b') ? [{ id: note(3).id, problem: { what: 'It is signed.', kept: 'Kept.', do: 'Look.' } }] : []
      return Promise.resolve(
        Response.json(refused.length > 0 ? { ...refused[0]?.problem, refused } : { events: [], refused }, { status: refused.length > 0 ? 422 : 200 }),
      )
    })
    window.dispatchEvent(new Event('online'))
    expect(await screen.findByRole('link', { name: '1 entry set aside' })).toHaveAttribute('href', '/aside')
    expect(sent.toSorted()).toEqual(['/exam/exam-a/events 2', '/exam/exam-b/events 1'])
    expect((await box.waitingExams()).size).toBe(0)
    expect((await box.asideOf('exam-b')).map((a) => a.why)).toEqual(['It is signed.'])
    // The page they are read on, whether their examination can still be opened or not; let go of, they are gone.
    const reading = render(<AsideScreen />)
    expect(await reading.findByText('Own words: note 3')).toBeVisible()
    expect(reading.getByText('It is signed.')).toBeVisible()
    await userEvent.click(reading.getByRole('button', { name: 'I have read it; let go' }))
    expect(await reading.findByText('Nothing is set aside on this device.')).toBeVisible()
    expect((await box.asideExams()).size).toBe(0)
  })

  it('goes out from an examination’s page as well, which sends its own by itself', async () => {
    const box = await browserOutbox()
    await box.keep('exam-a', [note(11)])
    await box.keep('exam-b', [note(12)])
    const sent: string[] = []
    vi.stubGlobal('fetch', (url: string) => {
      if (!url.startsWith('/device-key')) sent.push(url)
      return Promise.resolve(Response.json({ events: [], refused: [] }))
    })
    const { result } = renderHook(() => useUndelivered('exam-b'))
    await waitFor(() => expect(result.current).toEqual({ waiting: 1, aside: 0 }))
    expect(sent).toEqual(['/exam/exam-a/events'])
    expect(await box.waitingOf('exam-b')).toHaveLength(1)
  })
})
