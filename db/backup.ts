import { chmodSync, createReadStream, createWriteStream, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import path from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { Decrypter, Encrypter } from 'age-encryption'
import Database from 'better-sqlite3'
import { onDisk } from './files'
import { keptOf } from './keep'
import { type Verified, verifyFile } from './verify'

/** A backup that is there. */
export interface Backup {
  readonly file: string
  /** When it was made, milliseconds since 1970. */
  readonly at: number
  readonly bytes: number
  readonly encrypted: boolean
}

const NAME = /^clinic-(\d{4})(\d{2})(\d{2})T(\d{2})(\d{2})(\d{2})Z\.sqlite(\.age)?$/

function nameOf(at: number, encrypted: boolean): string {
  return `clinic-${new Date(at)
    .toISOString()
    .replace(/\.\d+Z$/, 'Z')
    .replaceAll(/[-:]/g, '')}.sqlite${encrypted ? '.age' : ''}`
}

/** Backups of a folder, the newest first. */
export function backupsIn(folder: string): readonly Backup[] {
  if (!existsSync(folder)) return []
  return readdirSync(folder)
    .flatMap((name): Backup[] => {
      const found = NAME.exec(name)
      if (!found) return []
      const [, year, month, day, hour, minute, second, age] = found
      const at = Date.UTC(Number(year), Number(month) - 1, Number(day), Number(hour), Number(minute), Number(second))
      const file = path.join(folder, name)
      return [{ file, at, bytes: statSync(file).size, encrypted: age !== undefined }]
    })
    .toSorted((a, b) => b.at - a.at)
}

/** What came of making a backup. */
export type MadeBackup =
  | { readonly ok: true; readonly backup: Backup; readonly verified: Verified; readonly removed: number }
  | { readonly ok: false; readonly what: string; readonly verified?: Verified }

export interface MakeBackup {
  /** The database that is copied. */
  readonly file: string
  readonly folder: string
  /** Public key of age that it is encrypted to; empty for none. */
  readonly recipient: string
  readonly now: number
  /** Let the oldest go by the rule; not before a restore, which needs the one it was asked for. */
  readonly prune?: boolean
}

/** Begins the names of copies that are not backups yet. */
const SCRATCH = '.backup-'

/** A clock that was ahead for a while dated backups into the future: they count again once their time has come. In milliseconds. */
const AHEAD_MS = 3_600_000

/** Backups that are of the past, as far as this clock knows. */
export function pastBackups(all: readonly Backup[], now: number): readonly Backup[] {
  return all.filter(({ at }) => at <= now + AHEAD_MS)
}

/**
 * Copy a database that is in use, look whether the copy is whole, encrypt it where that is asked, and let the oldest go by the rule.
 *
 * Where backups are encrypted no plain byte is ever written beside them: the copy grows beside the data, which is plain itself, and goes
 * from there encrypted. A copy that does not verify is not kept, and none is removed for it. Backups dated into the future neither count
 * as the newest nor go.
 */
export async function makeBackup({ file, folder, recipient, now, prune = true }: MakeBackup): Promise<MadeBackup> {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  removeScratch(path.dirname(file))
  removeScratch(folder)
  const whole = path.join(folder, nameOf(now, recipient !== ''))
  const plain = path.join(recipient === '' ? folder : path.dirname(file), `${SCRATCH}${path.basename(whole).replace(/\.age$/, '')}`)
  const part = path.join(folder, `${SCRATCH}${path.basename(whole)}`)
  try {
    await copyTo(file, plain)
    const verified = verifyFile(plain)
    if (!verified.ok) return { ok: false, what: `The copy does not verify: ${verified.breaks[0]?.where ?? ''} ${verified.breaks[0]?.what ?? ''}`, verified }
    if (recipient !== '') await encrypt(plain, part, recipient)
    chmodSync(part, 0o600)
    onDisk(part)
    renameSync(part, whole)
    onDisk(folder)
    const all = pastBackups(backupsIn(folder), now)
    const kept = new Set(keptOf(all.map((backup) => backup.at)))
    const old = prune ? all.filter((backup) => !kept.has(backup.at)) : []
    for (const { file: gone } of old) rmSync(gone, { force: true })
    const backup = all.find(({ file: made }) => made === whole)
    return backup ? { ok: true, backup, verified, removed: old.length } : { ok: false, what: 'The copy is not where it was written.' }
  } catch (error) {
    return { ok: false, what: error instanceof Error ? error.message : 'The copy could not be written.' }
  } finally {
    removeScratch(path.dirname(plain))
    removeScratch(folder)
  }
}

/** What a kill left of a backup that was being made goes. */
export function removeScratch(folder: string): void {
  if (!existsSync(folder)) return
  for (const name of readdirSync(folder)) if (name.startsWith(SCRATCH)) rmSync(path.join(folder, name), { force: true })
}

/** As of one moment, through a connection of its own that cannot write; whoever writes meanwhile waits for nothing. */
async function copyTo(file: string, to: string): Promise<void> {
  const client = new Database(file, { readonly: true, fileMustExist: true })
  try {
    client.pragma('busy_timeout = 5000')
    // All pages at once: a copy in pieces would begin again at every entry that is written beside it.
    await client.backup(to, { progress: () => 2 ** 31 - 1 })
  } finally {
    client.close()
  }
  asOneFile(to)
  chmodSync(to, 0o600)
}

/** A backup is one file: what would lie beside it is part of it. */
function asOneFile(file: string): void {
  const copy = new Database(file)
  copy.pragma('journal_mode = DELETE')
  copy.close()
}

async function encrypt(from: string, to: string, recipient: string): Promise<void> {
  const encrypter = new Encrypter()
  encrypter.addRecipient(recipient)
  const encrypted = await encrypter.encrypt(Readable.toWeb(createReadStream(from)) as ReadableStream<Uint8Array>)
  await pipeline(Readable.fromWeb(encrypted as Parameters<typeof Readable.fromWeb>[0]), createWriteStream(to, { mode: 0o600 }))
}

/** Open an encrypted backup. @param identity - secret key of age, beginning with AGE-SECRET-KEY- */
export async function decrypt(from: string, to: string, identity: string): Promise<void> {
  const decrypter = new Decrypter()
  decrypter.addIdentity(identity.trim())
  const plain = await decrypter.decrypt(Readable.toWeb(createReadStream(from)) as ReadableStream<Uint8Array>)
  await pipeline(Readable.fromWeb(plain as Parameters<typeof Readable.fromWeb>[0]), createWriteStream(to, { mode: 0o600 }))
}
