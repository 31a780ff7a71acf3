import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { parseFrame } from '@/core/metrology/frame'
import { BellScreen } from './bell/[code]/bell-screen'
import { TiltScreen } from './tilt/[code]/tilt-screen'

const sent: { url: string; frames: ReturnType<typeof parseFrame>[] }[] = []
let listeners = 1
let arrives = true
beforeEach(() => {
  sent.length = 0
  arrives = true
  listeners = 1
  vi.stubGlobal('fetch', (url: string, init: RequestInit) => {
    sent.push({ url, frames: (init.body as string).split('\n').map(parseFrame) })
    return Promise.resolve(Response.json({ heard: listeners }, { status: arrives ? 202 : 404 }))
  })
})
afterEach(() => {
  vi.useRealTimers()
})

describe('the patient’s bell', () => {
  it('sends a press and a rating as frames, and says whether they arrived', async () => {
    render(<BellScreen code="ABC234" />)
    await userEvent.click(screen.getByRole('button', { name: 'That is my pain' }))
    expect(screen.getByRole('status')).toHaveTextContent('Heard.')
    await userEvent.click(screen.getByRole('button', { name: '7' }))
    expect(sent).toMatchObject([
      { url: '/devices/ABC234', frames: [{ channel: 'button', value: 1, device: 'bell' }] },
      { url: '/devices/ABC234', frames: [{ channel: 'button', value: 7, device: 'bell rating' }] },
    ])
    listeners = 0
    await userEvent.click(screen.getByRole('button', { name: 'That is my pain' }))
    expect(screen.getByRole('status')).toHaveTextContent('Nobody is listening just now. Say it aloud.')
    arrives = false
    await userEvent.click(screen.getByRole('button', { name: 'That is my pain' }))
    expect(screen.getByRole('status')).toHaveTextContent('It did not arrive. Say it aloud')
  })
})

describe('a phone on the limb', () => {
  const turn = (beta: number | null) => {
    const event = Object.assign(new Event('deviceorientation'), { alpha: 0, beta, gamma: 0 })
    act(() => void window.dispatchEvent(event))
  }

  it('counts from where it was started, sends in bundles, and is deaf to a sensor that says nothing', async () => {
    vi.useFakeTimers({ shouldAdvanceTime: true })
    render(<TiltScreen code="ABC234" />)
    await userEvent.click(screen.getByRole('button', { name: 'Start at rest' }))
    turn(null)
    turn(10)
    turn(40)
    expect(screen.getByText('30°')).toBeVisible()
    await act(() => vi.advanceTimersByTimeAsync(150))
    expect(sent).toHaveLength(1)
    expect(sent[0]?.frames.map((f) => [f?.channel, f?.value])).toEqual([
      ['angle', 0],
      ['angle', 30],
    ])
    arrives = false
    turn(50)
    await act(() => vi.advanceTimersByTimeAsync(150))
    expect(screen.getByRole('alert')).toHaveTextContent('It does not arrive')
    await userEvent.click(screen.getByRole('button', { name: 'Zero it again' }))
    turn(50)
    expect(screen.getByText('0°')).toBeVisible()
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }))
    turn(80)
    expect(screen.getByText('0°')).toBeVisible()
  })

  it('says when the phone does not allow it', async () => {
    vi.stubGlobal('DeviceOrientationEvent', { requestPermission: () => Promise.resolve('denied') })
    render(<TiltScreen code="ABC234" />)
    await userEvent.click(screen.getByRole('button', { name: 'Start at rest' }))
    expect(screen.getByRole('alert')).toHaveTextContent('did not allow')
    vi.unstubAllGlobals()
  })
})
