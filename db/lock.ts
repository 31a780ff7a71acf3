import { chmodSync, mkdirSync, rmSync } from 'node:fs'
import path from 'node:path'
import Database from 'better-sqlite3'

/** An empty SQLite file beside the data. Whoever has it locked runs on the folder. */
function lockFile(folder: string): string {
  return path.join(folder, 'running.lock')
}

/** A program before this one wrote its process number here; numbers live on in other processes, so it says nothing. */
const EARLIER = 'clinic.lock'

/** A folder that was taken, and the way to let it go; or somebody else has it. */
export type Taken = { readonly ok: true; readonly release: () => void } | { readonly ok: false }

/**
 * Take a folder for this process, so that nothing else starts on it, resets it, imports or restores into it.
 *
 * The lock is one of the operating system's, on an open file: it ends with the process however that ends, also by a power cut, holds
 * between containers that share the folder, and cannot be taken twice.
 */
export function takeLock(folder: string): Taken {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const client = locked(folder)
  if (!client) return { ok: false }
  rmSync(path.join(folder, EARLIER), { force: true })
  return { ok: true, release: () => client.close() }
}

/** Does a process run on this folder? */
export function isInUse(folder: string): boolean {
  const client = locked(folder)
  client?.close()
  return client === null
}

/** @returns null while another connection has it */
function locked(folder: string): Database.Database | null {
  const file = lockFile(folder)
  const client = new Database(file, { timeout: 0 })
  try {
    chmodSync(file, 0o600)
    client.exec('BEGIN EXCLUSIVE')
    return client
  } catch (error) {
    client.close()
    if (error instanceof Database.SqliteError && error.code.startsWith('SQLITE_BUSY')) return null
    throw error
  }
}
