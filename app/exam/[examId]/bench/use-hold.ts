'use client'

import { useEffect, useRef } from 'react'
import { holdCount, holdLeft } from '@/core/bench/hold'
import type { HoldState } from '@/core/bench/state'

const TICK_MS = 200
/** Seconds before the end that are counted aloud. */
const ALOUD = 5
/** Pitch of the tick of each of the last seconds, and of the end, in hertz. */
const TICK_HZ = 660
const END_HZ = 880

/**
 * Asks the bench to look at its clock while a hold runs; ticks its last five seconds aloud and sounds its end. Movements are counted aloud,
 * each by its number where a voice is wanted.
 */
export function useHoldTick(hold: HoldState | null, voice: boolean, tick: () => void): void {
  const running = (hold?.running ?? false) || hold?.resting != null
  const left = holdLeft(hold)
  const latest = useRef(tick)
  useEffect(() => {
    latest.current = tick
  })
  useEffect(() => {
    if (!running) return
    const timer = setInterval(() => latest.current(), TICK_MS)
    return () => clearInterval(timer)
  }, [running])
  const count = hold?.running ? (holdCount(hold)?.at ?? null) : null
  useEffect(() => {
    if (count === null) return
    if (voice && typeof speechSynthesis !== 'undefined') speechSynthesis.speak(new SpeechSynthesisUtterance(`${count}`))
    else tone(TICK_HZ, 0.06)
  }, [count, voice])
  const was = useRef<number | null>(null)
  const over = hold !== null && !hold.running && hold.elapsed >= hold.total
  useEffect(() => {
    const before = was.current
    was.current = left
    if (over && before !== null) tone(END_HZ, 0.5)
    else if (count === null && left !== null && left !== before && left <= ALOUD) tone(TICK_HZ, 0.06)
  }, [left, over, count])
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
