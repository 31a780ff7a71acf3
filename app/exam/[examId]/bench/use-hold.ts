'use client'

import { useCallback, useEffect, useRef, useState } from 'react'

/** A hold that is being timed. */
export interface Hold {
  /** Seconds left; null while no hold runs. */
  readonly left: number | null
  /** Seconds held so far, or until it was stopped; null when nothing was timed at this stage. */
  readonly held: number | null
  readonly toggle: (seconds: number) => void
  readonly reset: () => void
}

const TICK_MS = 200
/** Pitch of the tick of each of the last seconds, and of the end, in hertz. */
const TICK_HZ = 660
const END_HZ = 880

/** Counts a hold down, ticks its last five seconds aloud and sounds its end. Stopping early keeps the seconds held. */
export function useHold(): Hold {
  const [state, setState] = useState<{ readonly total: number; readonly since: number; readonly elapsed: number; readonly running: boolean } | null>(null)
  const said = useRef<number | null>(null)

  useEffect(() => {
    if (!state?.running) return
    const timer = setInterval(() => {
      const elapsed = (performance.now() - state.since) / 1000
      const left = Math.ceil(state.total - elapsed)
      if (left !== said.current) {
        said.current = left
        if (left <= 0) tone(END_HZ, 0.5)
        else if (left <= 5) tone(TICK_HZ, 0.06)
      }
      setState({ ...state, elapsed: Math.min(elapsed, state.total), running: left > 0 })
    }, TICK_MS)
    return () => clearInterval(timer)
  }, [state])

  const toggle = useCallback((seconds: number) => {
    setState((now) => {
      if (now?.running) return { ...now, elapsed: (performance.now() - now.since) / 1000, running: false }
      said.current = null
      return { total: seconds, since: performance.now(), elapsed: 0, running: true }
    })
  }, [])
  const reset = useCallback(() => setState(null), [])
  return {
    left: state?.running ? Math.max(0, Math.ceil(state.total - state.elapsed)) : null,
    held: state ? Math.round(state.elapsed) : null,
    toggle,
    reset,
  }
}

/** One context for the page: browsers allow only a few. */
let sound: AudioContext | null = null

/** A short tone; silent where the browser has no sound. */
function tone(hertz: number, seconds: number): void {
  if (typeof AudioContext === 'undefined') return
  sound ??= new AudioContext()
  const source = sound.createOscillator()
  const volume = sound.createGain()
  source.frequency.value = hertz
  volume.gain.setValueAtTime(0.12, sound.currentTime)
  volume.gain.exponentialRampToValueAtTime(0.001, sound.currentTime + seconds)
  source.connect(volume).connect(sound.destination)
  source.start()
  source.stop(sound.currentTime + seconds)
}
