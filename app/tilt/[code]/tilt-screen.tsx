'use client'

import { useEffect, useRef, useState } from 'react'
import type { Frame } from '@/core/metrology/frame'
import { tiltBetween, type Attitude } from '@/core/metrology/tilt'
import { type Sent, sendFrames } from '@/ui/send-frames'

const PROBLEMS: Record<Sent, string | null> = {
  heard: null,
  nobody: 'Nobody is listening just now: the examination is not open on the bench.',
  lost: 'It does not arrive. Check the network, or ask for a new code.',
}

/** Frames are sent together this often, in milliseconds. */
const SEND_MS = 100

/** iOS asks before it gives the sensor; other browsers have no such question. */
type Asks = { readonly requestPermission?: () => Promise<'granted' | 'denied'> }

/** Sends how far the phone has turned from where it was when it was started. */
export function TiltScreen({ code }: { readonly code: string }) {
  const [running, setRunning] = useState(false)
  const [shown, setShown] = useState<number | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const start = useRef<Attitude | null>(null)
  const waiting = useRef<Frame[]>([])

  useEffect(() => {
    if (!running) return
    const turned = (e: DeviceOrientationEvent) => {
      if (e.beta === null || e.gamma === null) return
      const now = { alpha: e.alpha ?? 0, beta: e.beta, gamma: e.gamma }
      start.current ??= now
      const value = Math.round(tiltBetween(start.current, now) * 10) / 10
      setShown(Math.round(value))
      waiting.current.push({ t: performance.now(), channel: 'angle', unit: 'deg', value, device: 'phone tilt' })
    }
    const timer = setInterval(() => {
      const frames = waiting.current.splice(0)
      if (frames.length > 0) void sendFrames(code, frames).then((sent) => setProblem(PROBLEMS[sent]))
    }, SEND_MS)
    window.addEventListener('deviceorientation', turned)
    return () => {
      clearInterval(timer)
      window.removeEventListener('deviceorientation', turned)
    }
  }, [running, code])

  const begin = async () => {
    const asks = (typeof DeviceOrientationEvent === 'undefined' ? {} : DeviceOrientationEvent) as Asks
    if (asks.requestPermission && (await asks.requestPermission().catch(() => 'denied')) !== 'granted') {
      setProblem('The phone did not allow its tilt to be read.')
      return
    }
    start.current = null
    setProblem(null)
    setRunning(true)
  }
  return (
    <main className="mx-auto flex min-h-dvh max-w-xl flex-col gap-5 px-5 py-6 text-lg">
      <h1 className="text-2xl">Tilt</h1>
      <p>Strap the phone to the limb with the screen outwards. Start it while the limb rests still.</p>
      <p className="figures text-center text-7xl">{shown ?? '–'}°</p>
      <button type="button" onClick={() => void begin()} className="min-h-28 rounded-card border-2 border-ink bg-ink text-2xl font-semibold text-dust">
        {running ? 'Zero it again' : 'Start at rest'}
      </button>
      {running && (
        <button type="button" onClick={() => setRunning(false)} className="min-h-14 rounded-card border-2 border-edge">
          Stop
        </button>
      )}
      {problem && (
        <p role="alert" className="font-semibold text-halt">
          {problem}
        </p>
      )}
    </main>
  )
}
