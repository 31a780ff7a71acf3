import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import type { ExamEvent } from '@/core/record/event'

interface OutboxSchema extends DBSchema {
  waiting: { key: string; value: Kept; indexes: { exam: string } }
  refused: { key: string; value: Kept & { readonly why: string } }
}

interface Kept {
  readonly id: string
  readonly examId: string
  readonly event: ExamEvent
}

/**
 * Events this browser recorded and the server has not acknowledged, kept on this device.
 *
 * They survive reloads, crashes and offline spells. Ids grow with time, so reading in id order gives the
 * order they were recorded in.
 */
export interface Outbox {
  keep(examId: string, events: readonly ExamEvent[]): Promise<void>
  waitingOf(examId: string): Promise<readonly ExamEvent[]>
  /** The server has them on disk. */
  delivered(ids: readonly string[]): Promise<void>
  /** The server will not take them: they leave the queue and stay on this device with the reason. */
  setAside(events: readonly ExamEvent[], examId: string, why: string): Promise<void>
}

/** Open this browser's outbox. */
export async function openOutbox(): Promise<Outbox> {
  const db: IDBPDatabase<OutboxSchema> = await openDB<OutboxSchema>('dust-lantern', 1, {
    upgrade(fresh) {
      fresh.createObjectStore('waiting', { keyPath: 'id' }).createIndex('exam', 'examId')
      fresh.createObjectStore('refused', { keyPath: 'id' })
    },
  })
  return {
    async keep(examId, events) {
      const tx = db.transaction('waiting', 'readwrite', { durability: 'strict' })
      await Promise.all([...events.map((event) => tx.store.put({ id: event.id, examId, event })), tx.done])
    },
    async waitingOf(examId) {
      const kept = await db.getAllFromIndex('waiting', 'exam', examId)
      return kept.sort((a, b) => (a.id < b.id ? -1 : 1)).map((k) => k.event)
    },
    async delivered(ids) {
      const tx = db.transaction('waiting', 'readwrite')
      await Promise.all([...ids.map((id) => tx.store.delete(id)), tx.done])
    },
    async setAside(events, examId, why) {
      const tx = db.transaction(['waiting', 'refused'], 'readwrite')
      await Promise.all([
        ...events.flatMap((event) => [tx.objectStore('refused').put({ id: event.id, examId, event, why }), tx.objectStore('waiting').delete(event.id)]),
        tx.done,
      ])
    },
  }
}
