'use client'

import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import type { Doing, Reach } from '@/core/trainer/mechanics/strain'
import { angleFrame, RATE, unsteadiness } from '@/devices/simulated-inclinometer'
import type { Practice } from '@/ui/practice/context'
import { useBody } from '@/ui/practice/use-body'
import type { Bench } from './use-bench'

/** Degrees a second of a careful hand, and of a jerk; newtons a second of a press. */
const SLOW = 15
const FAST = 48
const PRESS = 60
/** Long holds pass faster in practice: three minutes are half of one. */
const LONG = 30
const LAPSE = 6

const TICK_MS = 50
const FRAME_MS = 1000 / RATE

/** The hand on a simulated person: how far it has gone, and what of it is seen. */
export interface HandOn {
  readonly reach: Reach
  /** The farthest a movement went, where it is not there any more. */
  readonly farthest: number | null
  /** Something was done at this step. */
  readonly done: boolean
  /** The body answers here: before that nothing is done. */
  readonly ready: boolean
  readonly moves: boolean
  readonly winced: boolean
  readonly pace: 'slow' | 'fast'
  /** When the hand began, in milliseconds since 1970. */
  readonly since: number | null
  /** What stands on the button. */
  readonly words: string
  /** What the hand has reached, as it is shown. */
  readonly shown: string | null
  readonly begin: (fast: boolean) => void
  readonly back: () => void
  readonly end: () => void
  /** The whole step by one press, for whoever cannot hold a key. */
  readonly once: () => void
}

interface Now {
  readonly value: number
  /** The farthest from rest so far. */
  readonly farthest: number
  readonly highest: number
  readonly held: number
  readonly winced: boolean
}

/**
 * Moves, presses or holds as long as a key or a finger is down. The limb carries the simulated inclinometer: its frames go to the bench with a
 * hand's tremor, also while the limb is held still, so that onset and end are read from a trace as they are with a real one.
 */
export function useHandOn(practice: Practice, doing: Doing, bench: Bench): HandOn {
  const { patient } = practice
  const body = useBody(practice, doing)
  const { stage } = doing.step
  const kind = stage.angle && !stage.angle.unit ? 'angle' : stage.force ? 'force' : stage.holdSeconds > 0 ? 'hold' : 'once'
  const rest = stage.angle?.rest ?? 0
  const movement = useMemo(() => body?.movement ?? { onset: null, end: rest }, [body, rest])
  const [now, setNow] = useState<Now>({ value: kind === 'angle' ? rest : 0, farthest: rest, highest: 0, held: 0, winced: false })
  const latest = useRef(now)
  const unsteady = useMemo(() => unsteadiness(`${patient.case} ${doing.test.id} ${doing.side} ${stage.id}`), [patient, doing, stage])
  const put = useCallback((next: Now) => {
    latest.current = next
    setNow(next)
  }, [])
  const [moving, setMoving] = useState<1 | -1 | 0>(0)
  const [pace, setPace] = useState<'slow' | 'fast'>('slow')
  const [since, setSince] = useState<number | null>(null)
  const feed = useRef(bench.feed)
  useEffect(() => {
    feed.current = bench.feed
  })
  const speed = kind === 'angle' ? (pace === 'fast' ? FAST : SLOW) : PRESS
  const wince = body?.wince ?? null
  const isReady = body !== null
  useEffect(() => {
    if (since === null || kind === 'once') return
    let last = performance.now()
    const timer = setInterval(() => {
      const t = performance.now()
      const dt = (t - last) / 1000
      const before = latest.current
      if (kind === 'angle') {
        const direction = movement.end < rest ? -1 : 1
        const value = within(before.value + moving * direction * speed * dt, rest, movement.end)
        const winced = before.winced || (movement.onset !== null && (value - movement.onset) * direction >= 0)
        const farthest = (value - before.farthest) * direction > 0 ? value : before.farthest
        if (moving !== 0) put({ ...before, value, farthest, winced })
        for (let at = last + FRAME_MS; at <= t; at += FRAME_MS) {
          const share = (at - last) / (t - last)
          feed.current(angleFrame(at, before.value + share * (value - before.value) + unsteady()))
        }
      } else if (kind === 'force') {
        const value = Math.max(0, before.value + moving * speed * dt)
        const [least] = stage.force ?? [0]
        const winced = before.winced || (wince !== null && value >= wince)
        put({ ...before, value, winced, highest: Math.max(before.highest, value), held: before.held + (value >= least ? dt : 0) })
        feed.current({ t, channel: 'force', unit: 'N', value, device: 'simulated force pad' })
      } else put({ ...before, held: before.held + dt * (stage.holdSeconds > LONG ? LAPSE : 1) })
      last = t
    }, TICK_MS)
    return () => clearInterval(timer)
  }, [moving, kind, since, speed, movement, rest, stage, wince, unsteady, put])
  const begin = useCallback(
    (fast: boolean) => {
      if (!isReady) return
      setSince((was) => was ?? Date.now())
      if (fast) setPace('fast')
      if (kind === 'angle' || kind === 'force') setMoving(1)
    },
    [kind, isReady],
  )
  const back = useCallback(() => setMoving(-1), [])
  const end = useCallback(() => setMoving(0), [])
  const once = useCallback(() => {
    if (!isReady) return
    setSince((was) => was ?? Date.now())
    const before = latest.current
    if (kind === 'angle') {
      const value = movement.onset ?? movement.end
      put({ ...before, value, farthest: value, winced: movement.onset !== null })
      feed.current(angleFrame(performance.now(), value + unsteady()))
    } else if (kind === 'force' && stage.force) {
      const middle = (stage.force[0] + stage.force[1]) / 2
      put({ ...before, value: middle, highest: middle, held: stage.holdSeconds, winced: wince !== null && wince <= middle })
    } else if (kind === 'hold') put({ ...before, held: stage.holdSeconds })
  }, [kind, movement, stage, wince, unsteady, put, isReady])
  const reach = useMemo<Reach>(() => {
    if (kind === 'angle') return since === null ? {} : { degrees: Math.round(now.value) }
    if (kind === 'force') return since === null ? {} : { newtons: Math.round(now.highest), ...(stage.holdSeconds > 0 && { held: Math.round(now.held) }) }
    if (kind === 'hold') return since === null ? {} : { held: Math.round(now.held) }
    return {}
  }, [kind, since, now, stage])
  return {
    reach,
    farthest: kind === 'angle' && since !== null && Math.round(now.farthest) !== Math.round(now.value) ? Math.round(now.farthest) : null,
    done: since !== null,
    ready: body !== null,
    moves: moving !== 0,
    winced: now.winced,
    pace,
    since,
    words: {
      angle: moving === 0 ? 'Hold to move' : 'Moving',
      force: moving === 0 ? 'Hold to press' : 'Pressing',
      hold: since === null ? 'Begin' : 'Held',
      once: since === null ? 'Do it' : 'Done',
    }[kind],
    shown: shownOf(kind, now, since, stage.holdSeconds),
    begin,
    back,
    end,
    once,
  }
}

function within(value: number, a: number, b: number): number {
  return Math.min(Math.max(a, b), Math.max(Math.min(a, b), value))
}

function shownOf(kind: 'angle' | 'force' | 'hold' | 'once', { value, held }: Now, since: number | null, holdSeconds: number): string | null {
  if (since === null) return null
  if (kind === 'angle') return `${Math.round(value)}°`
  if (kind === 'force') return `${Math.round(value)} N`
  return kind === 'hold' ? `${Math.min(999, Math.floor(held))} of ${holdSeconds} s` : null
}
