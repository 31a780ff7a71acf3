'use client'

import { useEffect, useRef, useState } from 'react'
import { type Frame, parseFrame } from '@/core/metrology/frame'
import { browserStream } from '@/ui/exam/stream'
import type { Bench } from './use-bench'

/**
 * Listens to the devices paired with this examination and hands what they send to the bench.
 *
 * A code outlives the page: the bench listens whenever it is open, so that a reload loses no press.
 *
 * @param on - not once the examination is signed
 * @returns what was heard last, in words; null before anything was
 */
export function usePaired(examId: string, on: boolean, bench: Bench): string | null {
  const [heard, setHeard] = useState<string | null>(null)
  const latest = useRef(bench)
  useEffect(() => {
    latest.current = bench
  })
  useEffect(() => {
    if (!on) return
    return browserStream().hear(examId, 'bench', (told) => {
      const frame = told.kind === 'frame' ? parseFrame(JSON.stringify(told.frame)) : null
      if (!frame) return
      setHeard(words(frame))
      passFrame(frame, latest.current)
    })
  }, [examId, on])
  return heard
}

function words(frame: Frame): string {
  if (frame.channel === 'angle') return 'an angle'
  if (frame.channel === 'force') return 'a load'
  if (frame.channel === 'pressure') return 'a pressure'
  return frame.device === 'bell rating' ? `${frame.value} of 10` : 'a press'
}

/** Hand a frame to what waits for it: an angle, a load, a pressure, a press. */
export function passFrame(frame: Frame, bench: Bench): void {
  if (frame.channel === 'angle' || frame.channel === 'force' || frame.channel === 'pressure') bench.feed(frame)
  else if (frame.channel === 'button' && frame.device === 'bell rating') {
    if (bench.pending) bench.change({ intensity: frame.value })
  } else if (frame.channel === 'button' && frame.value === 1) bench.bell()
}
