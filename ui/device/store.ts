import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import type { ExamEvent } from '@/core/record/event'
import type { Epoch } from './epochs'
import type { Sealed } from './seal'

/** An entry that waits, or lies aside: sealed, or as an earlier program or a page that cannot seal left it. */
export interface Kept {
  readonly id: string
  readonly examId: string
  /** Whose it is; absent in what an earlier program left, where the event says it. */
  readonly by?: string
  readonly event?: ExamEvent
  readonly sealed?: Sealed
  /** Why it was set aside, where it was. */
  readonly why?: string
  /** Order of recording on this device, which a clock that is set back does not change; absent in what an earlier program left. */
  readonly n?: number
}

/** An examination as it was last read, to be opened without the server. Always sealed. */
export interface KeptRecord {
  readonly examId: string
  readonly by: string
  /** YYYY-MM-DD by the clock of the device on which it was kept last. */
  readonly day: string
  readonly sealed: Sealed
}

export interface DeviceSchema extends DBSchema {
  waiting: { key: string; value: Kept; indexes: { exam: string } }
  refused: { key: string; value: Kept }
  drafts: { key: string; value: { readonly key: string; readonly value: unknown; readonly at: number; readonly sealed?: Sealed; readonly by?: string } }
  records: { key: string; value: KeptRecord }
  epochs: { key: string; value: Epoch }
}

export type DeviceStore = IDBPDatabase<DeviceSchema>

/** Open this browser's store. Versions before are brought up to it, with everything that waits in them. */
export function openStore(): Promise<DeviceStore> {
  return openDB<DeviceSchema>('dust-lantern', 4, {
    upgrade(store, before) {
      if (before < 1) {
        store.createObjectStore('waiting', { keyPath: 'id' }).createIndex('exam', 'examId')
        store.createObjectStore('refused', { keyPath: 'id' })
      }
      if (before < 2) store.createObjectStore('drafts', { keyPath: 'key' })
      if (before < 3) store.createObjectStore('records', { keyPath: 'examId' })
      if (before < 4) store.createObjectStore('epochs', { keyPath: 'id' })
    },
  })
}
