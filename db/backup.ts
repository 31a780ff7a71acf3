import { chmodSync, createReadStream, createWriteStream, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs'
import { open } from 'node:fs/promises'
import path from 'node:path'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import { Decrypter, Encrypter } from 'age-encryption'
import Database from 'better-sqlite3'
import { keptOf } from './keep'
import type { Db } from './open'
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
export type Made =
  | { readonly ok: true; readonly backup: Backup; readonly verified: Verified; readonly removed: number }
  | { readonly ok: false; readonly what: string; readonly verified?: Verified }

interface How {
  readonly folder: string
  /** Public key of age that it is encrypted to; empty for none. */
  readonly recipient: string
  readonly now: number
  /** Let the oldest go by the rule; not before a restore, which needs the one it was asked for. */
  readonly prune?: boolean
}

/**
 * Copy the running database, look whether the copy is whole, encrypt it where that is asked, and let the oldest go by the rule.
 *
 * Nobody waits for it: the copy is made in pieces beside the running program. A copy that does not verify is not kept, and none is
 * removed for it.
 */
export async function backupNow(db: Db, { folder, recipient, now, prune = true }: How): Promise<Made> {
  mkdirSync(folder, { recursive: true, mode: 0o700 })
  const plain = path.join(folder, `.${nameOf(now, false)}.part`)
  const whole = path.join(folder, nameOf(now, recipient !== ''))
  try {
    await db.$client.backup(plain)
    asOneFile(plain)
    const verified = verifyFile(plain)
    if (!verified.ok) return { ok: false, what: `The copy does not verify: ${verified.breaks[0]?.where ?? ''} ${verified.breaks[0]?.what ?? ''}`, verified }
    if (recipient === '') renameSync(plain, whole)
    else {
      await encrypt(plain, `${plain}.age`, recipient)
      renameSync(`${plain}.age`, whole)
    }
    chmodSync(whole, 0o600)
    await onDisk(whole)
    const all = backupsIn(folder)
    const kept = new Set(keptOf(all.map((backup) => backup.at)))
    const old = prune ? all.filter((backup) => !kept.has(backup.at)) : []
    for (const { file } of old) rmSync(file, { force: true })
    const backup = all.find(({ file }) => file === whole)
    return backup ? { ok: true, backup, verified, removed: old.length } : { ok: false, what: 'The copy is not where it was written.' }
  } catch (error) {
    return { ok: false, what: error instanceof Error ? error.message : 'The copy could not be written.' }
  } finally {
    for (const part of ['', '-wal', '-shm', '.age']) rmSync(plain + part, { force: true })
  }
}

/** A backup is one file: what would lie beside it is part of it. */
function asOneFile(file: string): void {
  const copy = new Database(file)
  copy.pragma('journal_mode = DELETE')
  copy.close()
}

async function onDisk(file: string): Promise<void> {
  const handle = await open(file, 'r')
  await handle.sync()
  await handle.close()
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
