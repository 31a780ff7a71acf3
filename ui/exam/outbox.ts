import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import { parseEvent } from '@/core/record/event-schema'
import type { ExamEvent } from '@/core/record/event'

interface OutboxSchema extends DBSchema {
  waiting: { key: string; value: Kept; indexes: { exam: string } }
  refused: { key: string; value: SetAside; indexes: { exam: string } }
  drafts: { key: string; value: { readonly key: string; readonly value: unknown; readonly at: number } }
}

interface Kept {
  readonly id: string
  readonly examId: string
  readonly event: ExamEvent
  /** Order of recording on this device, which a clock that is set back does not change; absent in what an earlier program left. */
  readonly n?: number
}

/** An entry that could not join its record. It stays on this device until somebody has dealt with it. */
export interface SetAside {
  readonly id: string
  readonly examId: string
  readonly event: ExamEvent
  readonly why: string
}

/**
 * Events this browser recorded and the server has not acknowledged, kept on this device.
 *
 * They survive reloads, crashes and offline spells, and come back in the order they were recorded in.
 */
export interface Outbox {
  /** Does what it keeps survive the window? Without a device store it does not. */
  readonly lasting: boolean
  keep(examId: string, events: readonly ExamEvent[]): Promise<void>
  waitingOf(examId: string): Promise<readonly ExamEvent[]>
  /** Examinations of which something waits here, with how much. */
  waitingExams(): Promise<ReadonlyMap<string, number>>
  /** The server has them on disk. */
  delivered(ids: readonly string[]): Promise<void>
  /** The record cannot take these: they leave the queue and stay on this device with the reason. */
  setAside(refused: readonly SetAside[]): Promise<void>
  asideOf(examId: string): Promise<readonly SetAside[]>
  /** Examinations of which something was set aside here, with how much. */
  asideExams(): Promise<ReadonlyMap<string, number>>
  /** Somebody has answered these again, or needs them no more. */
  dealtWith(ids: readonly string[]): Promise<void>
  keepDraft(key: string, value: unknown): Promise<void>
  draftOf(key: string): Promise<unknown>
  dropDraft(key: string): Promise<void>
}

/** Open this browser's outbox; one that lives in this window only where the device has no store for it. */
export async function openOutbox(): Promise<Outbox> {
  try {
    if (typeof indexedDB === 'undefined') return memoryOutbox()
    const db = await openDB<OutboxSchema>('dust-lantern', 2, {
      upgrade(store, before) {
        if (before < 1) {
          store.createObjectStore('waiting', { keyPath: 'id' }).createIndex('exam', 'examId')
          store.createObjectStore('refused', { keyPath: 'id' })
        }
        if (before < 2) store.createObjectStore('drafts', { keyPath: 'key' })
      },
    })
    return storedOutbox(db)
  } catch {
    return memoryOutbox()
  }
}

function storedOutbox(db: IDBPDatabase<OutboxSchema>): Outbox {
  let n = Date.now() * 1000
  let asked = false
  return {
    lasting: true,
    async keep(examId, events) {
      if (!asked) askToStay()
      asked = true
      const tx = db.transaction('waiting', 'readwrite', { durability: 'strict' })
      await Promise.all([...events.map((event) => tx.store.put({ id: event.id, examId, event, n: n++ })), tx.done])
    },
    async waitingOf(examId) {
      const kept = await db.getAllFromIndex('waiting', 'exam', examId)
      return kept.toSorted((a, b) => (a.n ?? 0) - (b.n ?? 0) || (a.id < b.id ? -1 : 1)).flatMap(({ event }) => readable(event))
    },
    waitingExams: async () => countedByExam(await db.getAll('waiting')),
    asideExams: async () => countedByExam(await db.getAll('refused')),
    async delivered(ids) {
      const tx = db.transaction('waiting', 'readwrite')
      await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done])
    },
    async setAside(refused) {
      const tx = db.transaction(['waiting', 'refused'], 'readwrite')
      await Promise.all([...refused.flatMap((aside) => [tx.objectStore('refused').put(aside), tx.objectStore('waiting').delete(aside.id)]), tx.done])
    },
    async asideOf(examId) {
      return (await db.getAll('refused')).filter((aside) => aside.examId === examId)
    },
    async dealtWith(ids) {
      const tx = db.transaction('refused', 'readwrite')
      await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done])
    },
    async keepDraft(key, value) {
      await db.put('drafts', { key, value, at: Date.now() })
    },
    async draftOf(key) {
      return (await db.get('drafts', key))?.value
    },
    async dropDraft(key) {
      await db.delete('drafts', key)
    },
  }
}

function countedByExam(kept: readonly { readonly examId: string }[]): ReadonlyMap<string, number> {
  const exams = new Map<string, number>()
  for (const { examId } of kept) exams.set(examId, (exams.get(examId) ?? 0) + 1)
  return exams
}

/**
 * Ask the browser not to clear what is kept here when its disk runs short. It may say no: then it is as it was, and whatever waits is
 * sent as soon as the server is there.
 */
function askToStay(): void {
  if (typeof navigator === 'undefined' || !('storage' in navigator) || typeof navigator.storage.persist !== 'function') return
  void navigator.storage.persist().catch(() => undefined)
}

/** What an earlier program left may have another shape; it is not sent as something it is not. */
function readable(event: unknown): readonly ExamEvent[] {
  const parsed = parseEvent(event)
  return parsed.ok ? [parsed.event] : []
}

/** The same without a device store: everything is as long as the window is. */
export function memoryOutbox(): Outbox {
  const waiting = new Map<string, Kept>()
  const refused = new Map<string, SetAside>()
  const drafts = new Map<string, unknown>()
  const done = () => Promise.resolve()
  return {
    lasting: false,
    keep: (examId, events) => {
      for (const event of events) waiting.set(event.id, { id: event.id, examId, event })
      return done()
    },
    waitingOf: (examId) => Promise.resolve([...waiting.values()].filter((kept) => kept.examId === examId).map((kept) => kept.event)),
    waitingExams: () => Promise.resolve(countedByExam([...waiting.values()])),
    asideExams: () => Promise.resolve(countedByExam([...refused.values()])),
    delivered: (ids) => {
      for (const id of ids) waiting.delete(id)
      return done()
    },
    setAside: (asides) => {
      for (const aside of asides) {
        refused.set(aside.id, aside)
        waiting.delete(aside.id)
      }
      return done()
    },
    asideOf: (examId) => Promise.resolve([...refused.values()].filter((aside) => aside.examId === examId)),
    dealtWith: (ids) => {
      for (const id of ids) refused.delete(id)
      return done()
    },
    keepDraft: (key, value) => {
      drafts.set(key, value)
      return done()
    },
    draftOf: (key) => Promise.resolve(drafts.get(key)),
    dropDraft: (key) => {
      drafts.delete(key)
      return done()
    },
  }
}

let ours: { readonly store: unknown; readonly outbox: Promise<Outbox> } | null = null

/** The outbox of this browser, opened once for as long as its store is there. */
export function browserOutbox(): Promise<Outbox> {
  const store = typeof indexedDB === 'undefined' ? null : indexedDB
  if (ours?.store === store) return ours.outbox
  ours = { store, outbox: openOutbox() }
  return ours.outbox
}
