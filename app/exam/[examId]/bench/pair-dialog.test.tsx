import { act, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { renderAround } from '@/tests/exam-around'
import { soreLeg } from '@/tests/people'
import type { Told } from '@/ui/exam/stream'
import { PairDialog } from './pair-dialog'
import type { Bench } from './use-bench'

/** Everybody who listens to this examination; the session does too. */
const listeners = new Set<(told: Told) => void>()
const hear = (_exam: string, _about: string, listener: (told: Told) => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}
vi.mock('@/ui/exam/stream', async (original) => ({ ...(await original<object>()), browserStream: () => ({ hear }) }))

const bench = { feed: vi.fn(), bell: vi.fn(), change: vi.fn(), pending: null as unknown }
const show = () => renderAround(soreLeg(), <PairDialog open onOpenChange={() => undefined} bench={bench as unknown as Bench} />)
const sent = (channel: string, unit: string, value: number, device: string) => {
  act(() => {
    for (const tell of listeners) tell({ kind: 'frame', exam: 'any', frame: { t: 1, channel, unit, value, device } })
  })
}

beforeEach(() => {
  listeners.clear()
  vi.clearAllMocks()
  bench.pending = null
  vi.stubGlobal('fetch', () => Promise.resolve(Response.json({ code: '4711', until: 1 })))
})

describe('joining a bell or a phone', () => {
  it('listens as soon as the bench is open, since a code outlives a reload; a code is there to read, to type and to scan', async () => {
    show()
    sent('button', '1', 1, 'bell')
    expect(bench.bell).toHaveBeenCalledTimes(1)
    await userEvent.click(screen.getByRole('button', { name: 'Make a code' }))
    expect(await screen.findByRole('img', { name: 'Code 4 7 1 1 to scan' })).toBeVisible()
    expect(screen.getByText(/\/bell\/4711$/)).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: /^Tilt/ }))
    expect(screen.getByText(/\/tilt\/4711$/)).toBeVisible()
    expect(screen.getByRole('status')).toHaveTextContent('Heard from it: a press')
  })

  it('hands each kind of frame to what waits for it, and says what was heard', async () => {
    show()
    await userEvent.click(screen.getByRole('button', { name: 'Make a code' }))
    await screen.findByText('4711')
    sent('angle', 'deg', 41, 'tilt')
    expect(bench.feed).toHaveBeenLastCalledWith(expect.objectContaining({ channel: 'angle', value: 41 }))
    expect(screen.getByRole('status')).toHaveTextContent('Heard from it: an angle.')
    sent('button', '1', 1, 'bell')
    expect(bench.bell).toHaveBeenCalledOnce()
    sent('button', '1', 0, 'bell')
    expect(bench.bell).toHaveBeenCalledOnce()
    sent('button', '1', 6, 'bell rating')
    expect(bench.change).not.toHaveBeenCalled()
    sent('angle', 'N', 41, 'a phone with the wrong unit')
    expect(bench.feed).toHaveBeenCalledOnce()
  })

  it('a rating by the bell goes to the answer that is open', async () => {
    bench.pending = { intensity: 3 }
    show()
    await userEvent.click(screen.getByRole('button', { name: 'Make a code' }))
    await screen.findByText('4711')
    sent('button', '1', 6, 'bell rating')
    expect(bench.change).toHaveBeenCalledExactlyOnceWith({ intensity: 6 })
    expect(bench.bell).not.toHaveBeenCalled()
  })

  it('without the server there is no code, and the bench goes on', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new Error('offline')))
    show()
    await userEvent.click(screen.getByRole('button', { name: 'Make a code' }))
    expect(await screen.findByRole('alert')).toHaveTextContent('there is no code. The bench goes on without a bell.')
    expect(bench.bell).not.toHaveBeenCalled()
  })
})
