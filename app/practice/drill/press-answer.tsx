'use client'

import { useCallback, useEffect, useRef, useState } from 'react'
import { pressOf, scorePress } from '@/core/metrology/force'
import type { DrillAnswer, PressItem } from '@/core/trainer/drills/drill'
import { Button } from '@/ui/button'
import { Key } from '@/ui/key'

interface Props {
  readonly item: PressItem
  readonly done: boolean
  readonly onAnswer: (given: DrillAnswer) => void
}

/** Newtons a second that a held key or finger adds, and that fall away by themselves: a hand never stands still. */
const RISE = 75
const FALL = 22
const TICK_MS = 50
/** A press is over by itself after so long, in seconds. */
const LONGEST = 25

/** A pad that is pressed as long as a key or finger is down: rise into the band and stay in it. */
export function PressAnswer({ item, done, onAnswer }: Props) {
  const [force, setForce] = useState(0)
  const [held, setHeld] = useState(0)
  const [begun, setBegun] = useState(false)
  const down = useRef(false)
  const trace = useRef<{ t: number; force: number }[]>([])
  const told = useRef(onAnswer)
  useEffect(() => {
    told.current = onAnswer
  })
  const [low, high] = item.band
  const finish = useCallback(() => {
    down.current = false
    setBegun(false)
    const score = scorePress(pressOf(trace.current), [low, high])
    const inside = trace.current.filter((s) => s.force >= low && s.force <= high).length
    told.current({
      kind: 'press',
      inBand: score?.inBand ?? 0,
      overshoot: Math.max(0, score?.overshoot ?? 0),
      heldSeconds: (inside * TICK_MS) / 1000,
      smoothness: score?.smoothness ?? 0,
    })
  }, [low, high])
  useEffect(() => {
    if (!begun || done) return
    const from = performance.now()
    trace.current = []
    let now = 0
    let inBand = 0
    const timer = setInterval(() => {
      now = Math.max(0, now + ((down.current ? RISE : -FALL) * TICK_MS) / 1000)
      trace.current.push({ t: performance.now() - from, force: now })
      if (now >= low && now <= high) inBand += TICK_MS / 1000
      setForce(now)
      setHeld(inBand)
      if (inBand >= item.holdSeconds || performance.now() - from > LONGEST * 1000) {
        clearInterval(timer)
        finish()
      }
    }, TICK_MS)
    return () => clearInterval(timer)
  }, [begun, done, low, high, item.holdSeconds, finish])
  const press = useCallback(() => {
    down.current = true
    setBegun(true)
  }, [])
  const letGo = useCallback(() => {
    down.current = false
  }, [])
  useEffect(() => {
    if (done) return
    const isPress = (e: KeyboardEvent) => e.key === '+' || e.key === '=' || e.key === ' '
    const keyDown = (e: KeyboardEvent) => {
      if (!isPress(e)) return
      e.preventDefault()
      if (!e.repeat) press()
    }
    const keyUp = (e: KeyboardEvent) => {
      if (isPress(e)) letGo()
    }
    document.addEventListener('keydown', keyDown)
    document.addEventListener('keyup', keyUp)
    return () => {
      document.removeEventListener('keydown', keyDown)
      document.removeEventListener('keyup', keyUp)
    }
  }, [done, press, letGo])
  const top = high * 1.5
  const at = (n: number) => `${Math.min(100, (n / top) * 100)}%`
  return (
    <div className="flex max-w-xl flex-wrap items-end gap-5">
      <div aria-hidden="true" className="relative h-56 w-20 rounded-card border-2 border-edge bg-sheet">
        <div className="absolute inset-x-0 border-y-2 border-ink bg-glow" style={{ bottom: at(low), height: at(high - low) }} />
        <div className="absolute inset-x-1 h-1.5 bg-lantern" style={{ bottom: at(force) }} />
      </div>
      <div className="space-y-2">
        <p className="figures text-4xl">{Math.round(force)} N</p>
        <p className="text-ash">
          Band {low} to {high} N; {held.toFixed(1)} of {item.holdSeconds} s held
        </p>
        <p role="status" className="sr-only">
          {begun ? (force < low ? 'below the band' : force > high ? 'above the band' : 'in the band') : ''}
        </p>
        <button
          type="button"
          disabled={done}
          onPointerDown={press}
          onPointerUp={letGo}
          onPointerLeave={letGo}
          onPointerCancel={letGo}
          className="min-h-20 min-w-56 touch-none select-none rounded-card border-2 border-lantern bg-glow px-5 text-lg font-semibold disabled:text-ash"
        >
          Press and release <Key>+</Key>
        </button>
        {begun && !done && (
          <Button onClick={finish} size="large">
            Let go
          </Button>
        )}
      </div>
    </div>
  )
}
