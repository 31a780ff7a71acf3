'use client'

import { useEffect, useRef } from 'react'
import { repeatsOf } from '@/core/bench/repeats'
import type { Bench } from './use-bench'

/** Time to take the position before a hold is counted, in milliseconds. */
const READY_MS = 3000

/** Times a hold without a hand: a few seconds after its stage has come, unless it was started or answered by then. */
export function useAutoHold(bench: Bench, on: boolean): void {
  const { inHand, hold, toggleHold } = bench
  // The bench is another object at every press; the timer starts the hold of the one that is there by then.
  const latest = useRef(toggleHold)
  useEffect(() => {
    latest.current = toggleHold
  })
  // A hold may begin a test: only one that is begun is known to be under the hands.
  const stage =
    on && inHand?.run && (inHand.stage.holdSeconds > 0 || repeatsOf(inHand.test.id, inHand.stage.id) !== null) ? `${inHand.run.id} ${inHand.stage.id}` : null
  const idle = hold.left === null && hold.held === null && hold.rest === null && bench.pending === null
  useEffect(() => {
    if (stage === null || !idle) return
    const timer = setTimeout(() => latest.current(), READY_MS)
    return () => clearTimeout(timer)
  }, [stage, idle])
}
