'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import type { Frame } from '@/core/metrology/frame'

/** A simulated device played in this window at its own pace. */
export interface Player {
  /** What it reads now; null while it does not run. */
  readonly live: number | null
  readonly play: (frames: Iterator<Frame, undefined>, over: (trace: readonly Frame[]) => void) => void
  /** A frame of a real device: the first opens a trace, and it is over when the load is gone or nothing came for a while. */
  readonly feed: (frame: Frame, over: (trace: readonly Frame[]) => void) => void
  /** Stop now; the trace so far goes to `over` as well. */
  readonly stop: () => void
}

/** Nothing for so long and the hand is gone, in milliseconds. */
const GONE_MS = 1500

const TICK_MS = 50
/** The screen follows ten times a second. */
const SHOWN_MS = 100

/** Plays the frames of a device as their clock says, and hands over the whole trace when it ends. */
export function useFrames(): Player {
  const [live, setLive] = useState<number | null>(null)
  const timer = useRef<ReturnType<typeof setInterval> | null>(null)
  const ended = useRef<(() => void) | null>(null)

  const stop = useCallback(() => {
    if (timer.current) clearInterval(timer.current)
    timer.current = null
    setLive(null)
    const over = ended.current
    ended.current = null
    over?.()
  }, [])

  const play = useCallback(
    (frames: Iterator<Frame, undefined>, over: (trace: readonly Frame[]) => void) => {
      ended.current = null
      stop()
      const trace: Frame[] = []
      const began = performance.now()
      let shown = -SHOWN_MS
      ended.current = () => over(trace)
      timer.current = setInterval(() => {
        const now = performance.now() - began
        while ((trace.at(-1)?.t ?? -1) < now) {
          const next = frames.next()
          if (next.done) {
            stop()
            return
          }
          trace.push(next.value)
        }
        const last = trace.at(-1)
        if (last && last.t - shown >= SHOWN_MS) {
          shown = last.t
          setLive(last.value)
        }
      }, TICK_MS)
    },
    [stop],
  )

  const fed = useRef<Frame[] | null>(null)
  const feed = useCallback(
    (frame: Frame, over: (trace: readonly Frame[]) => void) => {
      if (!fed.current) {
        ended.current = null
        stop()
        const trace: Frame[] = []
        fed.current = trace
        ended.current = () => {
          fed.current = null
          over(trace)
        }
      }
      fed.current.push(frame)
      setLive(frame.value)
      if (timer.current) clearInterval(timer.current)
      timer.current = setInterval(stop, GONE_MS)
    },
    [stop],
  )

  useEffect(
    () => () => {
      ended.current = null
      if (timer.current) clearInterval(timer.current)
    },
    [],
  )
  return { live, play, feed, stop }
}
