'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { endRange } from '@/core/metrology/end-range'
import type { Frame } from '@/core/metrology/frame'
import { type Onset, onsetAt } from '@/core/metrology/onset'
import { remember, type Sample } from '@/core/metrology/trace'
import { stillReading } from '@/core/metrology/zero'
import { inclinometer, type Movement, RATE } from '@/devices/simulated-inclinometer'

/** A device on the limb: what it reads now, and what can be taken from the last ten seconds. */
export interface Inclinometer {
  /** Degrees now; null while no device runs. */
  readonly live: number | null
  /** Two still seconds in the start position have been seen, and later readings count from there. */
  readonly zeroed: boolean
  readonly start: (movement: Movement) => void
  /** A frame of a device outside this window. It has zeroed itself where it was started. */
  readonly feed: (frame: Frame) => void
  /** Is a simulated device running, or a real one? */
  readonly simulated: boolean
  readonly stop: () => void
  /** The angle at which it began, for a press now. */
  readonly onset: () => Onset | null
  /** The farthest rest so far. */
  readonly end: (direction: 1 | -1) => number | null
}

/** The screen follows the device ten times a second; the trace keeps every frame. */
const SHOWN_EVERY = 5

/** Runs the simulated inclinometer in this window, through the same frames a real one would send. */
export function useInclinometer(): Inclinometer {
  const [live, setLive] = useState<number | null>(null)
  const trace = useRef<readonly Sample[]>([])
  const timer = useRef<ReturnType<typeof setInterval> | null>(null)
  const began = useRef(0)
  const [zeroed, setZeroed] = useState(false)
  const zero = useRef<number | null>(null)

  const [simulated, setSimulated] = useState(false)
  /** What this window's clock must be shifted by to read the device's. */
  const shift = useRef(0)

  const feed = useCallback((frame: Frame) => {
    if (timer.current) return
    if (trace.current.length === 0) shift.current = frame.t - performance.now()
    trace.current = remember(trace.current, frame)
    setZeroed(true)
    setSimulated(frame.device.startsWith('simulated'))
    setLive(Math.round(frame.value))
  }, [])

  const stop = useCallback(() => {
    if (timer.current) clearInterval(timer.current)
    timer.current = null
    trace.current = []
    zero.current = null
    setZeroed(false)
    setLive(null)
  }, [])

  const start = useCallback(
    (movement: Movement) => {
      stop()
      const frames = inclinometer(movement)
      began.current = performance.now()
      shift.current = -began.current
      setSimulated(true)
      let read = 0
      timer.current = setInterval(() => {
        // A busy window may skip ticks; the frames that were due are read all the same.
        const due = Math.floor(((performance.now() - began.current) / 1000) * RATE)
        for (; read < due; read++) {
          const next = frames.next()
          if (next.done) return
          trace.current = remember(trace.current, { ...next.value, value: next.value.value - (zero.current ?? 0) })
          if (zero.current === null) {
            const still = stillReading(trace.current)
            if (still !== null) {
              zero.current = still - movement.from
              trace.current = []
              setZeroed(true)
            }
          }
          if (read % SHOWN_EVERY === 0) setLive(Math.round(next.value.value - (zero.current ?? 0)))
        }
      }, 1000 / RATE)
    },
    [stop],
  )

  useEffect(() => stop, [stop])

  const onset = useCallback(() => onsetAt(trace.current, performance.now() + shift.current), [])
  const end = useCallback((direction: 1 | -1) => endRange(trace.current, direction), [])
  return { live, zeroed, simulated, start, feed, stop, onset, end }
}
