import { afterEach, describe, expect, it, vi } from 'vitest'
import { whenIdle } from './when-idle'

afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

/** A window that is idle when the test says so. */
function windowIdleOnCall(): () => Promise<void> {
  const waiting: (() => void)[] = []
  vi.stubGlobal('requestIdleCallback', (then: () => void) => waiting.push(then))
  vi.stubGlobal('cancelIdleCallback', (handle: number) => waiting.splice(handle - 1, 1))
  return async () => {
    waiting.shift()?.()
    await new Promise((resolve) => setTimeout(resolve))
  }
}

describe('what is done while nobody waits', () => {
  it('is done one after another, a failed one too, and never before the window is idle', async () => {
    const idleNow = windowIdleOnCall()
    const done: string[] = []
    whenIdle([() => Promise.resolve(done.push('bench')), () => Promise.reject(new Error('the server stopped')), () => Promise.resolve(done.push('note'))])
    expect(done).toEqual([])
    await idleNow()
    expect(done).toEqual(['bench'])
    await idleNow()
    await idleNow()
    expect(done).toEqual(['bench', 'note'])
  })

  it('ends when the screen is left', async () => {
    const idleNow = windowIdleOnCall()
    const done: string[] = []
    const end = whenIdle([() => Promise.resolve(done.push('bench')), () => Promise.resolve(done.push('note'))])
    await idleNow()
    end()
    await idleNow()
    expect(done).toEqual(['bench'])
  })

  it('is done too where a browser does not tell when it is idle', async () => {
    vi.stubGlobal('requestIdleCallback', undefined)
    vi.useFakeTimers()
    const done: string[] = []
    whenIdle([() => Promise.resolve(done.push('bench'))])
    await vi.runAllTimersAsync()
    expect(done).toEqual(['bench'])
  })
})
