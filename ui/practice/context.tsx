'use client'

import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useRef, useState } from 'react'
import { v7 } from 'uuid'
import type { Commitment, PracticeStep } from '@/core/trainer/attempt'
import type { Par } from '@/core/trainer/judge/economy'
import type { Judgement } from '@/core/trainer/judge/judge'
import type { SimulatedPatient } from '@/core/trainer/simulated-patient'

/** The person on the table of a practice run, and what was done with them beside the record. */
export interface Practice {
  readonly runId: string
  readonly patient: SimulatedPatient
  /** What is true of them stays at the server until it is committed: the body answers there. */
  readonly hidden: boolean
  readonly steps: readonly PracticeStep[]
  readonly over: boolean
  /** What the judge said, once it was committed. */
  readonly judged: { readonly judgement: Judgement; readonly par: Par } | null
  readonly commitment: { readonly said: Commitment; readonly at: number } | null
  /** What its author tells after it; empty for a numbered case. */
  readonly teaches: string
  /** Note what was asked or done; kept until the server has it. */
  readonly note: (step: Untimed) => void
  /** Send what was noted now. @returns whether the server has all of it */
  readonly settled: () => Promise<boolean>
}

/** A step as it happens; its time is put on here, where the hands did not begin it earlier. */
export type Untimed = PracticeStep extends infer S ? (S extends PracticeStep ? Omit<S, 'at'> & { readonly at?: number } : never) : never

const PracticeContext = createContext<Practice | null>(null)

/** The practice run of this page; null in an examination. */
export function usePractice(): Practice | null {
  return useContext(PracticeContext)
}

interface Props extends Pick<Practice, 'runId' | 'patient' | 'hidden' | 'steps' | 'over' | 'judged' | 'commitment' | 'teaches'> {
  readonly children: ReactNode
}

interface Waiting {
  readonly id: string
  readonly step: PracticeStep
}

/** Wait between tries while the server cannot be reached, in milliseconds. */
const RETRY_MS = 3000

/** Gives the screens of a run their person. What is done is kept on this device until the server has it. */
export function PracticeProvider({ runId, patient, hidden, steps: stored, over, judged, commitment, teaches, children }: Props) {
  const place = `dust-lantern-practice ${runId}`
  // What an earlier window could not send is still here.
  const [left] = useState(() => kept(place))
  const [steps, setSteps] = useState<readonly PracticeStep[]>(() => [...stored, ...left.map((w) => w.step)])
  const waiting = useRef<readonly Waiting[]>(left)
  const sending = useRef<Promise<void> | null>(null)
  const sendOnce = useCallback(async () => {
    const batch = waiting.current.slice(0, 100)
    try {
      const answer = await fetch(`/practice/run/${runId}/steps`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(batch),
      })
      // What is refused is not sent again: the run is over, or it has another shape.
      if (answer.ok || answer.status === 422) waiting.current = waiting.current.filter((w) => !batch.includes(w))
    } catch {
      // The server is away: it waits for the next try.
    } finally {
      sending.current = null
      keep(place, waiting.current)
    }
  }, [runId, place])
  const send = useCallback((): Promise<void> => {
    if (waiting.current.length > 0) sending.current ??= sendOnce()
    return sending.current ?? Promise.resolve()
  }, [sendOnce])
  const settled = useCallback(async () => {
    for (let before = Infinity; waiting.current.length > 0 && waiting.current.length < before; ) {
      // One that is on its way may have left before the last was noted.
      await sending.current
      before = waiting.current.length
      await send()
    }
    return waiting.current.length === 0
  }, [send])
  useEffect(() => {
    void send()
    const again = setInterval(() => void send(), RETRY_MS)
    return () => clearInterval(again)
  }, [send])
  const note = useCallback(
    (given: Untimed) => {
      const step = { at: Date.now(), ...given }
      waiting.current = [...waiting.current, { id: v7(), step }]
      keep(place, waiting.current)
      setSteps((now) => [...now, step])
      void send()
    },
    [place, send],
  )
  const practice = useMemo<Practice>(
    () => ({ runId, patient, hidden, steps, over, judged, commitment, teaches, note, settled }),
    [runId, patient, hidden, steps, over, judged, commitment, teaches, note, settled],
  )
  return <PracticeContext value={practice}>{children}</PracticeContext>
}

function keep(place: string, waiting: readonly Waiting[]): void {
  try {
    if (waiting.length === 0) localStorage.removeItem(place)
    else localStorage.setItem(place, JSON.stringify(waiting))
  } catch {
    // A full store: it stays in this window, and is sent from here.
  }
}

function kept(place: string): readonly Waiting[] {
  try {
    const read: unknown = JSON.parse(localStorage.getItem(place) ?? '[]')
    return Array.isArray(read) ? (read as Waiting[]) : []
  } catch {
    return []
  }
}
