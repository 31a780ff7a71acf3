import { deviceSeal } from './key'
import { type DeviceStore, openStore } from './store'

/** So many are kept; the ones of earlier days go first. */
const MOST = 60

let ours: Promise<DeviceStore> | null = null
const store = () => (ours ??= openStore())

/**
 * Keep an examination as it is known, so that it opens without the server. Only sealed, and only for whoever is signed in: where that
 * cannot be, nothing is kept.
 *
 * @param day - YYYY-MM-DD
 */
export async function keepRecord(examId: string, day: string, record: unknown): Promise<void> {
  const seal = await deviceSeal()
  if (!seal) return
  const db = await store()
  const sealed = await seal.close(record)
  await db.put('records', { examId, by: seal.by, day, sealed })
  const keys = await db.getAllKeys('records')
  if (keys.length > MOST) {
    const oldest = (await db.getAll('records')).toSorted((a, b) => (a.day < b.day ? -1 : 1)).slice(0, keys.length - MOST)
    for (const { examId: old } of oldest) await db.delete('records', old)
  }
}

/** An examination as it was kept; undefined when it was not, or for somebody else. */
export async function keptRecord(examId: string): Promise<unknown> {
  const seal = await deviceSeal()
  if (!seal) return undefined
  const kept = await (await store()).get('records', examId)
  return kept?.by === seal.by ? seal.open(kept.sealed) : undefined
}

/** Everything that is kept for whoever is signed in, the latest day first. */
export async function keptRecords(): Promise<readonly { readonly examId: string; readonly day: string; readonly record: unknown }[]> {
  const seal = await deviceSeal()
  if (!seal) return []
  const all = (await (await store()).getAll('records')).filter((kept) => kept.by === seal.by)
  const opened = await Promise.all(all.map(async ({ examId, day, sealed }) => ({ examId, day, record: await seal.open(sealed) })))
  return opened.filter(({ record }) => record !== undefined).toSorted((a, b) => (a.day > b.day ? -1 : 1))
}

/** Let go of everything that is kept of examinations. What waits to be delivered stays. */
export async function dropRecords(): Promise<void> {
  await (await store()).clear('records')
}
