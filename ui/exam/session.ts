import { admitTo, type Ledger } from '@/core/record/admit'
import type { EventContent, ExamEvent } from '@/core/record/event'
import { type Exam, examFrom } from '@/core/record/exam'
import { undoStep } from '@/core/record/undo'
import { RULEBOOK } from '@/core/safety/rulebook'
import type { Problem } from '@/core/vocabulary/problem'
import { batchOf, type Delivery, type Refused } from './delivery'
import type { Receipt } from './offer-back'
import type { Outbox, SetAside } from './outbox'

/** One examination as this window knows it. A new object whenever anything changes. */
export interface SessionState {
  /** Acknowledged by the server: on its disk. */
  readonly onDisk: readonly ExamEvent[]
  /** The server's word for them; null where it gave none. */
  readonly receipt: Receipt | null
  /** Recorded here and not acknowledged yet; kept on this device. */
  readonly waiting: readonly ExamEvent[]
  /** What `onDisk` and `waiting` describe together. */
  readonly exam: Exam | null
  readonly reachable: boolean
  /** Does what waits survive this window being closed? */
  readonly lasting: boolean
  /** What could not join the record and has not been dealt with. */
  readonly aside: readonly SetAside[]
  readonly problem: Problem | null
  /** What another window or person recorded last, since this one recorded anything. */
  readonly foreign: ExamEvent | null
}

/** What a session reaches outside itself. */
export interface Ports {
  readonly outbox: Promise<Outbox>
  readonly deliver: (after: number, events: readonly ExamEvent[]) => Promise<Delivery>
  readonly collect: (after: number) => Promise<Delivery>
  /** Puts id, time and author on what happened. */
  readonly stamp: (content: EventContent) => ExamEvent
  /** Offers a server back what it acknowledged once and lacks; absent where nothing is offered. */
  readonly offer?: (events: readonly ExamEvent[], receipt: Receipt) => Promise<'taken' | 'refused' | 'unreached'>
}

/** Holds one examination in a window: shows at once, keeps on the device, sends until acknowledged. */
export interface Session {
  readonly state: () => SessionState
  readonly subscribe: (changed: () => void) => () => void
  /** @returns false when the record cannot take it; the state then holds the problem */
  readonly record: (contents: readonly EventContent[]) => boolean
  /** Take the last step on the bench back. @returns what was taken back; nothing when there is nothing left */
  readonly undo: () => readonly ExamEvent[]
  /** Record what was taken back last once more. @returns false when there is nothing, or it no longer follows */
  readonly redo: () => boolean
  readonly dismissProblem: () => void
  /** Try to deliver what waits. Safe to call at any time. */
  readonly send: () => Promise<void>
  /** Take up what an earlier window left on this device, then send. */
  readonly resume: () => Promise<void>
  /** Take up what other windows added. */
  readonly refresh: () => Promise<void>
  /** Record what was set aside once more, as the record stands now; what still does not follow stays aside. */
  readonly answerAgain: (ids: readonly string[]) => Promise<void>
  /** Let go of what was set aside: somebody has read it. */
  readonly letGo: (ids: readonly string[]) => Promise<void>
}

export function createSession(examId: string, stored: readonly ExamEvent[], ports: Ports, receipt: Receipt | null = null): Session {
  let state: SessionState = {
    onDisk: stored,
    receipt,
    waiting: [],
    exam: examFrom(stored),
    reachable: true,
    lasting: true,
    aside: [],
    problem: null,
    foreign: null,
  }
  let sending = false
  let collecting = false
  /** Another window wrote while this one was sending, or the record turned out to differ from what this window shows. */
  let behind = false
  /** What was taken back and not recorded again since, the latest last. Anything else that is recorded ends it. */
  let taken: readonly (readonly ExamEvent[])[] = []
  const listeners = new Set<() => void>()

  const change = (next: Partial<SessionState>) => {
    state = { ...state, ...next }
    for (const changed of listeners) changed()
  }
  /** Another record on disk, or another queue: what both describe is folded anew. */
  const replace = (onDisk: readonly ExamEvent[], waiting: readonly ExamEvent[], more: Partial<SessionState> = {}) =>
    change({ onDisk, waiting, exam: examFrom([...onDisk, ...waiting]), ...more })
  const ledger = (): Ledger => ({ events: [...state.onDisk, ...state.waiting], exam: state.exam })

  /** What waits and is not among these, which the server holds. */
  const stillWaiting = (held: readonly ExamEvent[]) => {
    const ids = new Set(held.map((event) => event.id))
    return state.waiting.filter((event) => !ids.has(event.id))
  }

  /** The last of these that this window did not make; what was told before where none is. */
  const foreignIn = (events: readonly ExamEvent[]): Pick<SessionState, 'foreign'> => {
    const own = new Set([...state.onDisk, ...state.waiting].map((event) => event.id))
    return { foreign: events.findLast((event) => !own.has(event.id)) ?? state.foreign }
  }

  const keep = async (made: readonly ExamEvent[]) => {
    const box = await ports.outbox
    try {
      await box.keep(examId, made)
      if (box.lasting !== state.lasting) change({ lasting: box.lasting })
    } catch {
      // The store of the device is full or gone: what waits is in this window alone, and that is said.
      change({ lasting: false })
    }
    await send()
  }

  const record = (contents: readonly EventContent[]): boolean => {
    const made = contents.map(ports.stamp)
    const admission = admitTo(ledger(), made, RULEBOOK)
    if (!admission.ok) {
      change({ problem: admission.problem })
      return false
    }
    taken = []
    change({ waiting: [...state.waiting, ...made], exam: admission.exam, problem: null, foreign: null })
    void keep(made)
    return true
  }

  /** The record cannot take these. They alone leave the queue; everything beside them goes on. */
  const setAside = async (refused: readonly Refused[], batch: readonly ExamEvent[]) => {
    const asides = refused.flatMap(({ id, problem }) => {
      const event = batch.find((e) => e.id === id)
      return event ? [{ id, examId, event, why: problem.what }] : []
    })
    if (asides.length === 0) return
    await quietly((box) => box.setAside(asides))
    const gone = new Set(asides.map((aside) => aside.id))
    replace(
      state.onDisk,
      state.waiting.filter((event) => !gone.has(event.id)),
      { aside: [...state.aside.filter((aside) => !gone.has(aside.id)), ...asides] },
    )
  }

  const quietly = async (work: (box: Outbox) => Promise<void>) => {
    try {
      await work(await ports.outbox)
    } catch {
      change({ lasting: false })
    }
  }

  const send = async (): Promise<void> => {
    if (sending) return
    sending = true
    try {
      while (state.waiting.length > 0) {
        const batch = batchOf(state.waiting)
        const after = state.onDisk.length
        const result = await ports.deliver(after, batch)
        if (result.kind === 'unreached') {
          change({ reachable: false })
          return
        }
        change({ reachable: true })
        if (result.kind === 'lacking') {
          if (!(await giveBack())) return
          continue
        }
        if (result.kind === 'refused') {
          behind = true
          await setAside(
            batch.map(({ id }) => ({ id, problem: result.problem })),
            batch,
          )
          continue
        }
        const refused = new Set(result.refused.map(({ id }) => id))
        await quietly((box) => box.delivered(batch.filter((event) => !refused.has(event.id)).map((event) => event.id)))
        const onDisk = result.events.length > 0 ? [...state.onDisk.slice(0, after), ...result.events] : state.onDisk
        replace(onDisk, stillWaiting(onDisk), { ...foreignIn(result.events), ...(result.receipt && { receipt: result.receipt }) })
        if (refused.size > 0) await setAside(result.refused, batch)
        if (batch.some((event) => state.waiting.includes(event)) && !(await startOver())) return
      }
    } finally {
      sending = false
    }
    if (behind) await refresh()
  }

  /**
   * The server has less than it acknowledged, as after an older backup was put back. It is offered what it lacks; what it does not take
   * is kept on this device with the reason, and the record is what the server holds.
   *
   * @returns whether this window can go on
   */
  const giveBack = async (): Promise<boolean> => {
    const { onDisk, receipt: held } = state
    const came = held && ports.offer ? await ports.offer(onDisk, held) : 'refused'
    if (came === 'taken') return true
    if (came === 'unreached') {
      change({ reachable: false })
      return false
    }
    const whole = await ports.collect(0)
    if (whole.kind !== 'stored') return false
    const there = new Set(whole.events.map((event) => event.id))
    const lost = onDisk.filter((event) => !there.has(event.id))
    const asides = lost.map((event) => ({
      id: event.id,
      examId,
      event,
      why: 'The server lost this when an older backup was put back, and did not take it again.',
    }))
    await quietly((box) => box.setAside(asides))
    replace(whole.events, stillWaiting(whole.events), { aside: [...state.aside, ...asides], ...(whole.receipt && { receipt: whole.receipt }) })
    return true
  }

  /**
   * The server took what was sent, and it stands nowhere in what it told: the record there is shorter than this window thinks, as
   * after a backup was put back. What the server holds is what counts. @returns whether what was sent has arrived by that
   */
  const startOver = async (): Promise<boolean> => {
    const whole = await ports.collect(0)
    if (whole.kind !== 'stored') return false
    const before = state.waiting.length
    replace(whole.events, stillWaiting(whole.events))
    return state.waiting.length < before
  }

  /**
   * Take up what other windows added. While something is being sent it is taken up afterwards; a word that comes while the one before is
   * being asked about is asked about too, and so is one whose answer did not come, with the next try to send.
   */
  const refresh = async (): Promise<void> => {
    behind = true
    if (collecting) return
    collecting = true
    try {
      while (behind && !sending) {
        const after = state.onDisk.length
        behind = false
        const fresh = await ports.collect(after)
        if (fresh.kind === 'unreached') behind = true
        if (fresh.kind === 'lacking') {
          if (await giveBack()) behind = true
          else return
          continue
        }
        if (fresh.kind !== 'stored') return
        // A send that ended meanwhile has moved the end of the record: what lies behind it now is asked for.
        if (state.onDisk.length !== after) behind = true
        else if (fresh.events.length > 0) {
          const onDisk = [...state.onDisk, ...fresh.events]
          replace(onDisk, stillWaiting(onDisk), { ...foreignIn(fresh.events), ...(fresh.receipt && { receipt: fresh.receipt }) })
        }
      }
    } finally {
      collecting = false
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
      const events = [...state.onDisk, ...state.waiting]
      const ids = undoStep(events)
      const before = taken
      if (ids.length === 0 || !record(ids.map((target) => ({ type: 'undone', target })))) return []
      const gone = events.filter((event) => ids.includes(event.id))
      taken = [...before, gone]
      return gone
    },
    redo: () => {
      const last = taken.at(-1)
      const before = taken.slice(0, -1)
      if (!last || !record(last.map(contentOf))) return false
      taken = before
      return true
    },
    dismissProblem: () => change({ problem: null }),
    send,
    resume: async () => {
      const box = await ports.outbox
      const kept = await box.waitingOf(examId)
      const known = new Set([...state.onDisk, ...state.waiting].map((event) => event.id))
      const left = kept.filter((event) => !known.has(event.id))
      await quietly((b) => b.delivered(kept.filter((event) => state.onDisk.some((held) => held.id === event.id)).map((event) => event.id)))
      const aside = await box.asideOf(examId)
      change({ aside, lasting: box.lasting })
      if (left.length > 0) replace(state.onDisk, [...left, ...state.waiting])
      await send()
    },
    refresh,
    answerAgain: async (ids) => {
      const again: string[] = []
      for (const aside of state.aside.filter((a) => ids.includes(a.id))) {
        if (record([contentOf(aside.event)])) again.push(aside.id)
      }
      await quietly((box) => box.dealtWith(again))
      change({ aside: state.aside.filter((a) => !again.includes(a.id)) })
    },
    letGo: async (ids) => {
      await quietly((box) => box.dealtWith(ids))
      change({ aside: state.aside.filter((a) => !ids.includes(a.id)) })
    },
  }
}

/** An event without its stamp, to be recorded again. */
function contentOf({ id, at, by, ...content }: ExamEvent): EventContent {
  return content
}
