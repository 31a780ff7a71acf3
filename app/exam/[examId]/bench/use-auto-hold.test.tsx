import { renderHook } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useAutoHold } from './use-auto-hold'
import type { Bench } from './use-bench'

beforeEach(() => vi.useFakeTimers())
afterEach(() => vi.useRealTimers())

const IDLE = { left: null, held: null, rest: null, count: null }
const bench = (over: Partial<Record<'holdSeconds' | 'hold' | 'run' | 'pending' | 'test' | 'stage', unknown>>, toggleHold: () => void) =>
  ({
    inHand: {
      run: 'run' in over ? over.run : { id: 'r' },
      test: { id: over.test ?? 'slump' },
      stage: { id: over.stage ?? 's', holdSeconds: over.holdSeconds ?? 30 },
    },
    hold: over.hold ?? IDLE,
    pending: over.pending ?? null,
    toggleHold,
  }) as unknown as Bench

describe('a hold that is timed by itself', () => {
  it('begins once its stage has come, by the bench of that moment', () => {
    const [early, late] = [vi.fn(), vi.fn()]
    const { rerender } = renderHook(({ toggle }) => useAutoHold(bench({}, toggle), true), { initialProps: { toggle: early } })
    vi.advanceTimersByTime(1500)
    rerender({ toggle: late })
    vi.advanceTimersByTime(1600)
    expect(early).not.toHaveBeenCalled()
    expect(late).toHaveBeenCalledTimes(1)
  })

  it('counts repeated movements too', () => {
    const toggle = vi.fn()
    renderHook(() => useAutoHold(bench({ holdSeconds: 0, test: 'repeated-movement', stage: 'extension' }, toggle), true))
    vi.advanceTimersByTime(3100)
    expect(toggle).toHaveBeenCalledTimes(1)
  })

  it.each([
    ['switched off', {}, false],
    ['nothing is held', { holdSeconds: 0 }, true],
    ['the test was not begun', { run: null }, true],
    ['it runs already', { hold: { ...IDLE, left: 20 } }, true],
    ['something is being confirmed', { pending: {} }, true],
  ])('does not where %s', (_, over, on) => {
    const toggle = vi.fn()
    renderHook(() => useAutoHold(bench(over, toggle), on))
    vi.advanceTimersByTime(10_000)
    expect(toggle).not.toHaveBeenCalled()
  })
})
