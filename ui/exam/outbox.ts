import type { ExamEvent } from '@/core/record/event'
import { parseEvent } from '@/core/record/event-schema'
import { deviceSeal } from '../device/key'
import { canSeal, type Seal } from '../device/seal'
import { type DeviceStore, type Kept, openStore } from '../device/store'

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

/**
 * Open this browser's outbox; one that lives in this window only where the device has no store for it.
 *
 * @param seal - of whoever is signed in: what is kept is sealed, and what others left stays theirs. Without one, on a page that cannot
 * seal, it is kept as it is and goes as soon as it is delivered.
 */
export async function openOutbox(seal: Seal | null = null): Promise<Outbox> {
  try {
    if (typeof indexedDB === 'undefined') return memoryOutbox()
    return storedOutbox(await openStore(), seal)
  } catch {
    return memoryOutbox()
  }
}

function storedOutbox(db: DeviceStore, seal: Seal | null): Outbox {
  let n = Date.now() * 1000
  let asked = false
  const isMine = (kept: Kept) => !seal || (kept.by ?? kept.event?.by) === seal.by
  const rowOf = async (examId: string, event: ExamEvent): Promise<Kept> =>
    seal ? { id: event.id, examId, by: seal.by, sealed: await seal.close(event) } : { id: event.id, examId, by: event.by, event }
  const opened = async (kept: Kept): Promise<readonly ExamEvent[]> => {
    const event = kept.sealed ? await seal?.open(kept.sealed) : kept.event
    return event === undefined ? [] : readable(event)
  }
  const put = async (rows: readonly Kept[]) => {
    const tx = db.transaction('waiting', 'readwrite', { durability: 'strict' })
    await Promise.all([...rows.map((row) => tx.store.put(row)), tx.done])
  }
  return {
    lasting: true,
    async keep(examId, events) {
      if (!asked) askToStay()
      asked = true
      const rows = (await Promise.all(events.map((event) => rowOf(examId, event)))).map((row) => ({ ...row, n: n++ }))
      try {
        await put(rows)
      } catch {
        // No room: what can be fetched again makes some for what cannot.
        await db.clear('records')
        await put(rows)
      }
    },
    async waitingOf(examId) {
      const kept = (await db.getAllFromIndex('waiting', 'exam', examId)).filter(isMine)
      const inOrder = kept.toSorted((a, b) => (a.n ?? 0) - (b.n ?? 0) || (a.id < b.id ? -1 : 1))
      return (await Promise.all(inOrder.map(opened))).flat()
    },
    waitingExams: async () => countedByExam((await db.getAll('waiting')).filter(isMine)),
    asideExams: async () => countedByExam((await db.getAll('refused')).filter(isMine)),
    async delivered(ids) {
      const tx = db.transaction('waiting', 'readwrite')
      await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done])
    },
    async setAside(refused) {
      // Sealed before the transaction begins: it ends by itself as soon as something else is waited for.
      const rows = await Promise.all(refused.map(async ({ examId, event, why }) => ({ ...(await rowOf(examId, event)), why })))
      const tx = db.transaction(['waiting', 'refused'], 'readwrite')
      await Promise.all([...rows.flatMap((row) => [tx.objectStore('refused').put(row), tx.objectStore('waiting').delete(row.id)]), tx.done])
    },
    async asideOf(examId) {
      const rows = (await db.getAll('refused')).filter((kept) => kept.examId === examId && isMine(kept))
      const all = await Promise.all(rows.map(async (kept) => (await opened(kept)).map((event) => ({ id: kept.id, examId, event, why: kept.why ?? '' }))))
      return all.flat()
    },
    async dealtWith(ids) {
      const tx = db.transaction('refused', 'readwrite')
      await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done])
    },
    async keepDraft(key, value) {
      const at = Date.now()
      await db.put('drafts', seal ? { key, value: null, at, by: seal.by, sealed: await seal.close(value) } : { key, value, at })
    },
    async draftOf(key) {
      const draft = await db.get('drafts', key)
      return draft?.sealed ? seal?.open(draft.sealed) : draft?.value
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
  const waiting = new Map<string, { readonly examId: string; readonly event: ExamEvent }>()
  const refused = new Map<string, SetAside>()
  const drafts = new Map<string, unknown>()
  const done = () => Promise.resolve()
  return {
    lasting: false,
    keep: (examId, events) => {
      for (const event of events) waiting.set(event.id, { examId, event })
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

let ours: { readonly store: unknown; readonly seal: Seal | null; readonly outbox: Promise<Outbox> } | null = null

/** The outbox of this browser for whoever is signed in, opened once for as long as its store is there. */
export async function browserOutbox(): Promise<Outbox> {
  const seal = await deviceSeal()
  const store = typeof indexedDB === 'undefined' ? null : indexedDB
  if (ours?.store === store && ours.seal === seal) return ours.outbox
  // A page that could seal and was given no key writes nothing down: what is recorded lives in the window, and that is said.
  ours = { store, seal, outbox: seal === null && canSeal() ? Promise.resolve(memoryOutbox()) : openOutbox(seal) }
  return ours.outbox
}
