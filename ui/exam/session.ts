import { admitAll } from '@/core/record/admit'
import type { EventContent, ExamEvent } from '@/core/record/event'
import { undoStep } from '@/core/record/undo'
import { RULEBOOK } from '@/core/safety/rulebook'
import type { Problem } from '@/core/vocabulary/problem'
import type { Delivery } from './delivery'
import type { Outbox } from './outbox'

/** One examination as this window knows it. A new object whenever anything changes. */
export interface SessionState {
  /** Acknowledged by the server: on its disk. */
  readonly onDisk: readonly ExamEvent[]
  /** Recorded here and not acknowledged yet; kept on this device. */
  readonly waiting: readonly ExamEvent[]
  readonly reachable: boolean
  readonly problem: Problem | null
}

/** What a session reaches outside itself. */
export interface Ports {
  readonly outbox: Promise<Outbox>
  readonly deliver: (after: number, events: readonly ExamEvent[]) => Promise<Delivery>
  readonly collect: (after: number) => Promise<Delivery>
  /** Puts id, time and author on what happened. Ids grow, so that their order is the order of recording. */
  readonly stamp: (content: EventContent) => ExamEvent
}

/** Holds one examination in a window: shows at once, keeps on the device, sends until acknowledged. */
export interface Session {
  readonly state: () => SessionState
  readonly subscribe: (changed: () => void) => () => void
  /** @returns false when the record cannot take it; the state then holds the problem */
  readonly record: (contents: readonly EventContent[]) => boolean
  readonly undo: () => boolean
  readonly dismissProblem: () => void
  /** Try to deliver what waits. Safe to call at any time. */
  readonly send: () => Promise<void>
  /** Take up what an earlier window left on this device, then send. */
  readonly resume: () => Promise<void>
  /** Take up what other windows added. */
  readonly refresh: () => Promise<void>
}

export function createSession(examId: string, stored: readonly ExamEvent[], ports: Ports): Session {
  let state: SessionState = { onDisk: stored, waiting: [], reachable: true, problem: null }
  let sending = false
  const listeners = new Set<() => void>()

  const change = (next: Partial<SessionState>) => {
    state = { ...state, ...next }
    for (const changed of listeners) changed()
  }

  /** What waits and is not among these, which the server holds. */
  const stillWaiting = (held: readonly ExamEvent[]) => {
    const ids = new Set(held.map((event) => event.id))
    return state.waiting.filter((event) => !ids.has(event.id))
  }

  const record = (contents: readonly EventContent[]): boolean => {
    const made = contents.map(ports.stamp)
    const admission = admitAll([...state.onDisk, ...state.waiting], made, RULEBOOK)
    if (!admission.ok) {
      change({ problem: admission.problem })
      return false
    }
    change({ waiting: [...state.waiting, ...made], problem: null })
    void ports.outbox.then((box) => box.keep(examId, made)).then(send)
    return true
  }

  /** The server will not take these. Later ones may rest on them, so all are set aside and the disk's record is shown. */
  const setAside = async (problem: Problem) => {
    const box = await ports.outbox
    await box.setAside(state.waiting, examId, problem.what)
    const fresh = await ports.collect(0)
    change({ onDisk: fresh.kind === 'stored' ? fresh.events : state.onDisk, waiting: [], problem })
  }

  const send = async (): Promise<void> => {
    if (sending) return
    sending = true
    try {
      const box = await ports.outbox
      while (state.waiting.length > 0) {
        const batch = state.waiting
        const after = state.onDisk.length
        const result = await ports.deliver(after, batch)
        if (result.kind === 'unreached') {
          change({ reachable: false })
          return
        }
        if (result.kind === 'refused') {
          change({ reachable: true })
          await setAside(result.problem)
          return
        }
        await box.delivered(batch.map((event) => event.id))
        const onDisk = [...state.onDisk.slice(0, after), ...result.events]
        change({ onDisk, waiting: stillWaiting(onDisk), reachable: true })
      }
    } finally {
      sending = false
    }
  }

  return {
    state: () => state,
    subscribe: (changed) => {
      listeners.add(changed)
      return () => listeners.delete(changed)
    },
    record,
    undo: () => {
      const ids = undoStep([...state.onDisk, ...state.waiting])
      return ids.length > 0 && record(ids.map((target) => ({ type: 'undone', target })))
    },
    dismissProblem: () => change({ problem: null }),
    send,
    resume: async () => {
      const box = await ports.outbox
      const kept = await box.waitingOf(examId)
      const known = new Set([...state.onDisk, ...state.waiting].map((event) => event.id))
      const left = kept.filter((event) => !known.has(event.id))
      await box.delivered(kept.filter((event) => state.onDisk.some((held) => held.id === event.id)).map((event) => event.id))
      if (left.length > 0) change({ waiting: [...left, ...state.waiting] })
      await send()
    },
    refresh: async () => {
      if (sending) return
      const after = state.onDisk.length
      const fresh = await ports.collect(after)
      // A send that ended meanwhile has already taken these up.
      if (fresh.kind !== 'stored' || fresh.events.length === 0 || state.onDisk.length !== after) return
      const onDisk = [...state.onDisk, ...fresh.events]
      change({ onDisk, waiting: stillWaiting(onDisk) })
    },
  }
}
