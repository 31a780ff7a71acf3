import { act as settle, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { onOpened, ownPath, toldAtDoor } from './door'
import { DoorWatch } from './watch'

const WHO = { id: 'wenna', name: 'Wenna Saltmarsh', demo: false }
const sent: { url: string; body: unknown }[] = []
let came: unknown = { ok: true, next: 'in' }
beforeEach(() => {
  sent.length = 0
  localStorage.clear()
  vi.stubGlobal('fetch', (url: string, init?: { body?: string }) => {
    if (url === '/health') return Promise.resolve(Response.json({ ready: true }))
    sent.push({ url, body: JSON.parse(init?.body ?? 'null') })
    return Promise.resolve(Response.json(url.startsWith('/do/') ? { came } : { state: 'open', who: 'wenna' }))
  })
})
afterEach(() => {
  vi.useRealTimers()
})

describe('the watch at the door of a window', () => {
  it('covers the page when the server says it is locked, and uncovers it once the secret fits', async () => {
    const opened = vi.fn()
    const stop = onOpened(opened)
    render(<DoorWatch who={WHO} />)
    settle(() => void toldAtDoor({ status: 423 }))
    const lock = await screen.findByRole('dialog', { name: 'Locked' })
    expect(lock).toHaveTextContent('Wenna Saltmarsh was here')
    came = { ok: false, problem: { what: 'This does not fit.', kept: 'Nothing was changed.', do: 'Try again.' } }
    await userEvent.type(screen.getByLabelText('PIN or password'), '0000{Enter}')
    expect(await screen.findByRole('alert')).toHaveTextContent('This does not fit.')
    await userEvent.keyboard('{Escape}')
    expect(screen.getByRole('dialog')).toBeInTheDocument()
    came = { ok: true, next: 'in' }
    await userEvent.clear(screen.getByLabelText('PIN or password'))
    await userEvent.type(screen.getByLabelText('PIN or password'), '4917{Enter}')
    await vi.waitFor(() => expect(screen.queryByRole('dialog')).toBeNull())
    expect(sent.at(-1)).toEqual({ url: '/do/unlock', body: { args: ['4917'] } })
    expect(opened).toHaveBeenCalledTimes(1)
    stop()
  })

  it('locks a window without a hand for a quarter of an hour, and tells the server', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    render(<DoorWatch who={WHO} />)
    await settle(() => vi.advanceTimersByTimeAsync(14 * 60_000))
    expect(screen.queryByRole('dialog')).toBeNull()
    await settle(() => vi.advanceTimersByTimeAsync(61_000))
    expect(await screen.findByRole('dialog', { name: 'Locked' })).toBeInTheDocument()
    expect(sent.map((one) => one.url)).toContain('/do/lock')
  })

  it('a page that slept is locked before anything of it is shown again: no timer ran, and a hand that comes then unlocks nothing', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    for (const wake of [
      () => document.dispatchEvent(new Event('visibilitychange')),
      () => window.dispatchEvent(new PageTransitionEvent('pageshow', { persisted: true })),
      () => window.dispatchEvent(new Event('pointerdown')),
    ]) {
      localStorage.clear()
      document.title = 'Bench, number 101'
      const { unmount } = render(<DoorWatch who={WHO} />)
      vi.setSystemTime(Date.now() + 16 * 60_000)
      settle(() => void wake())
      expect(await screen.findByRole('dialog', { name: 'Locked' })).toBeInTheDocument()
      expect(document.title).toBe('Locked · Dust Lantern')
      unmount()
      vi.setSystemTime(Date.now() + 1000)
    }
  })

  it('a hand keeps it open and is told once a minute; the demo is never locked', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    render(<DoorWatch who={WHO} />)
    for (let minute = 0; minute < 30; minute++) {
      await settle(() => vi.advanceTimersByTimeAsync(60_500))
      settle(() => void window.dispatchEvent(new Event('pointerdown')))
      settle(() => void window.dispatchEvent(new Event('pointerdown')))
    }
    expect(screen.queryByRole('dialog')).toBeNull()
    expect(sent.filter((one) => one.url === '/still-here').length).toBe(30)
  })

  it('the demo is never locked', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    render(<DoorWatch who={{ ...WHO, demo: true }} />)
    await settle(() => vi.advanceTimersByTimeAsync(40 * 60_000))
    expect(screen.queryByRole('dialog')).toBeNull()
    expect(sent).toEqual([])
  })

  it('covers the page also where the lock could not be fetched', async () => {
    // As a window has it that has fetched nothing else yet.
    vi.resetModules()
    vi.doMock('./lock-screen', () => {
      throw new Error('the chunk could not be loaded')
    })
    const { DoorWatch: Fresh } = await import('./watch')
    const { container } = render(<Fresh who={WHO} />)
    const door = await import('./door')
    settle(() => void door.toldAtDoor({ status: 423 }))
    expect(container.querySelector('.fixed.inset-0')).not.toBeNull()
    expect(await screen.findByText(/^This part could not be fetched/)).toBeInTheDocument()
    expect(container.querySelector('.fixed.inset-0')).not.toBeNull()
    vi.doUnmock('./lock-screen')
  })
})

describe('where one goes after a door', () => {
  it('is a path of this application, whatever an address says', () => {
    for (const to of ['/today', '/exam/x/bench?a=b']) expect(ownPath(to)).toBe(to)
    for (const to of ['//elsewhere.example', 'https://elsewhere.example', '/\\elsewhere.example', 'javascript:alert(1)', '', null, undefined])
      expect(ownPath(to)).toBe('/today')
  })
})
