import {
  appendFileSync,
  chmodSync,
  copyFileSync,
  existsSync,
  fsyncSync,
  mkdirSync,
  openSync,
  closeSync,
  readFileSync,
  renameSync,
  rmSync,
  writeFileSync,
} from 'node:fs'
import path from 'node:path'
import Database from 'better-sqlite3'
import { type Anchor, anchorFile, anchorKey, readAnchors } from './anchors'
import { decrypt } from './backup'
import { lockedBy } from './lock'
import { type Verified, verifyFile } from './verify'

/** What a restore is told. */
export interface Restoring {
  /** The backup. */
  readonly from: string
  /** Folder of the data. */
  readonly folder: string
  /** Secret key of age for an encrypted one. */
  readonly identity?: string
  readonly keyFolder: string
  readonly anchorFolder: string
  readonly now: number
  /** The server itself restores, with its database closed. */
  readonly own?: boolean
}

/** What came of it: where the old data lies, or why nothing was touched. */
export type Restored =
  | { readonly ok: true; readonly aside: string | null; readonly verified: Verified; readonly older: string | null }
  | { readonly ok: false; readonly what: string; readonly do: string }

/**
 * Put a backup in the place of the data: tried first, and the old data moved aside, never deleted.
 *
 * Refused while a server runs on the folder, and for a file that does not verify. A backup older than an anchor is told, not refused:
 * that is what backups are.
 */
export async function restore({ from, folder, identity = '', keyFolder, anchorFolder, now, own = false }: Restoring): Promise<Restored> {
  const pid = lockedBy(folder)
  if (pid !== null && !(own && pid === process.pid)) return { ok: false, what: `Dust Lantern runs on this folder (process ${pid}).`, do: 'Stop it first.' }
  if (!existsSync(from)) return { ok: false, what: 'There is no such file.', do: 'Name a backup.' }
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const trial = path.join(folder, '.restoring.sqlite')
  for (const part of ['', '-wal', '-shm', '-journal']) rmSync(trial + part, { force: true })
  try {
    if (from.endsWith('.age')) {
      if (identity === '') return { ok: false, what: 'This backup is encrypted.', do: 'Name the file of the secret key with --identity.' }
      try {
        await decrypt(from, trial, identity)
      } catch {
        return { ok: false, what: 'The backup cannot be decrypted with this key, or it is damaged.', do: 'Try another key, or another backup.' }
      }
    } else copyFileSync(from, trial)
    const verified = verifyFile(trial)
    if (!verified.ok) {
      const [first] = verified.breaks
      return { ok: false, what: `The backup does not verify: ${first?.where ?? ''} ${first?.what ?? ''}.`, do: 'Try another backup; nothing was touched.' }
    }
    forgetSessions(trial)
    chmodSync(trial, 0o600)
    onDisk(trial)
    const aside = moveAside(folder, now)
    renameSync(trial, path.join(folder, 'clinic.sqlite'))
    // The names too: a power cut leaves the old clinic or the new one, and never none.
    onDisk(folder)
    const older = olderThan(verified, { keyFolder, anchorFolder })
    supersede(verified, anchorFolder)
    return { ok: true, aside, verified, older }
  } finally {
    for (const part of ['', '-wal', '-shm', '-journal']) rmSync(trial + part, { force: true })
  }
}

/** Wait until a file, or the names in a folder, are on disk. */
function onDisk(place: string): void {
  const handle = openSync(place, 'r')
  try {
    fsyncSync(handle)
  } finally {
    closeSync(handle)
  }
}

/** Whoever was signed in when the backup was made is not signed in again by it. */
function forgetSessions(file: string): void {
  const client = new Database(file)
  client.exec('DELETE FROM sessions')
  client.close()
}

/** Everything that belongs to the data until now goes together: a file left behind would be taken for the new one's. */
export function moveAside(folder: string, now: number): string | null {
  const file = path.join(folder, 'clinic.sqlite')
  const parts = ['', '-wal', '-shm', '-journal'].filter((part) => existsSync(file + part))
  if (parts.length === 0) return null
  const aside = `${file}.${new Date(now).toISOString().replaceAll(':', '-')}.aside`
  for (const part of parts) renameSync(file + part, aside + part)
  const id = path.join(folder, 'clinic.id')
  if (existsSync(id)) renameSync(id, `${aside}.clinic.id`)
  return aside
}

/**
 * Anchors of what came after the backup are of a chain that is not here any more: they are kept apart. One that lies elsewhere still says
 * so, and the trail says why.
 */
function supersede({ clinic, head }: Verified, anchorFolder: string): void {
  if (clinic === null || !head) return
  const file = anchorFile(anchorFolder, clinic)
  if (!existsSync(file)) return
  const { anchors } = readAnchors(readFileSync(file, 'utf8'))
  const lines = (all: readonly Anchor[]) => all.map((anchor) => `${JSON.stringify(anchor)}\n`).join('')
  const after = anchors.filter((anchor) => anchor.n > head.n)
  if (after.length === 0) return
  appendFileSync(file.replace(/\.jsonl$/, '.superseded.jsonl'), lines(after), { mode: 0o600 })
  writeFileSync(file, lines(anchors.filter((anchor) => anchor.n <= head.n)), { mode: 0o600 })
}

/** In words, when anchors know of more than the backup holds. */
function olderThan({ clinic, head }: Verified, { keyFolder, anchorFolder }: Pick<Restoring, 'keyFolder' | 'anchorFolder'>): string | null {
  if (clinic === null || !head || !existsSync(anchorFile(anchorFolder, clinic))) return null
  const { anchors } = readAnchors(readFileSync(anchorFile(anchorFolder, clinic), 'utf8'))
  const newer = anchors.filter((anchor) => anchor.n > head.n).at(-1)
  if (!newer) return null
  const signed = anchorKey(keyFolder, clinic) === null ? ' (its signature was not checked: no key here)' : ''
  return `The clinic had ${newer.entries} entries on ${new Date(newer.at).toISOString().slice(0, 10)}${signed}; what is missing waits on devices, or is lost.`
}
