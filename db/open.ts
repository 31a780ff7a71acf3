import { chmodSync, existsSync, mkdirSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import Database from 'better-sqlite3'
import { type BetterSQLite3Database, drizzle } from 'drizzle-orm/better-sqlite3'
import { migrate } from 'drizzle-orm/better-sqlite3/migrator'
import { environment } from '../server/environment'
import { levelOf, LISTS_VERSION, MIGRATIONS } from './levels'
import * as schema from './schema'
import { teachSealing } from './sealing'

export type Db = BetterSQLite3Database<typeof schema> & { readonly $client: Database.Database }

/** What a query needs: a database or a running transaction of it. */
export type Reads = Pick<Db, 'select' | 'selectDistinct'>

/** What a write needs inside a transaction. */
export type Writes = Pick<Db, 'insert' | 'update' | 'delete' | 'run'>

/** A database that must not be opened, in words for whoever started the program. */
export class NotOpened extends Error {}

/**
 * Open the clinic's database and bring it up to date. A copy is made before anything is changed by that.
 *
 * Every commit is on disk before it is acknowledged (WAL with `synchronous = FULL`). What it makes only its own user can read.
 *
 * @param file - path of the SQLite file, or `:memory:`
 * @throws {NotOpened} when a newer program wrote it, or it is not the clinic that lay here
 */
export function openDb(file: string): Db {
  const isFile = file !== ':memory:'
  if (isFile) mkdirSync(path.dirname(file), { recursive: true, mode: 0o700 })
  if (isFile && nameLike(file)) refuseHalfRestored(file)
  const isNew = isFile && !(existsSync(file) && statSync(file).size > 0)
  if (isNew) refuseToBegin(file)
  const client = new Database(file)
  try {
    teachSealing(client)
    client.pragma('journal_mode = WAL')
    client.pragma('synchronous = FULL')
    client.pragma('foreign_keys = ON')
    client.pragma('busy_timeout = 5000')
    const db = drizzle(client, { schema })
    if (isFile && !isNew) beforeUpgrade(client, file)
    migrate(db, { migrationsFolder: MIGRATIONS })
    if (isNew) client.pragma(`user_version = ${LISTS_VERSION}`)
    if (isFile) ownFiles(client, file)
    return db
  } catch (error) {
    client.close()
    throw error
  }
}

/** Open the clinic's database for reading alone, beside whoever writes in it. Nothing is made and nothing brought up to date. */
export function openToRead(file: string): Db {
  const client = new Database(file, { readonly: true, fileMustExist: true })
  client.pragma('busy_timeout = 5000')
  return drizzle(client, { schema })
}

/** Where the clinic's data lies. */
export function dataFile(): string {
  return path.join(environment().dataFolder, 'clinic.sqlite')
}

/** Says which clinic lies in a folder, so that an empty or another one is not taken for it. */
function idFile(file: string): string {
  return path.join(path.dirname(file), 'clinic.id')
}

function nameLike(file: string): boolean {
  return path.basename(file) === 'clinic.sqlite'
}

/** A restore was ended in the middle: whoever holds the lock of the folder finishes it first. */
function refuseHalfRestored(file: string): void {
  if (existsSync(path.join(path.dirname(file), '.restoring.json'))) {
    throw new NotOpened(
      `A restore into ${path.dirname(file)} was not finished. Start Dust Lantern, or run npm run restore -- --finish: either goes on where it ended.`,
    )
  }
}

/** A clinic lay here and its file is gone: an empty one would hide that. What lies beside would be played into it. */
function refuseToBegin(file: string): void {
  const folder = path.dirname(file)
  const moved = nameLike(file) ? readdirSync(folder).find((name) => /^clinic\.sqlite\..+\.aside$/.test(name)) : undefined
  if (moved !== undefined && !existsSync(idFile(file))) {
    throw new NotOpened(
      `There is no clinic at ${file}, and ${moved} was moved aside here by a restore. Restore a backup, or rename it back: npm run restore -- FILE. To begin a new clinic here, move it away.`,
    )
  }
  if (nameLike(file) && existsSync(idFile(file))) {
    throw new NotOpened(
      `The clinic's database is not at ${file} any more, and a clinic was here. Put it back, or restore a backup: npm run restore -- FILE. To begin a new clinic here, move ${idFile(file)} away.`,
    )
  }
  if (existsSync(`${file}-wal`)) {
    throw new NotOpened(`There is ${file}-wal without its database. Put both back together, or restore a backup; nothing was changed.`)
  }
}

/** A newer program's database is refused; before an upgrade a copy is made beside it. */
function beforeUpgrade(client: Database.Database, file: string): void {
  const known = JSON.parse(readFileSync(path.join(MIGRATIONS, 'meta', '_journal.json'), 'utf8')) as { entries: readonly { readonly when: number }[] }
  const newest = Math.max(...known.entries.map((entry) => entry.when))
  const last = levelOf(client)
  if (last > newest) {
    throw new NotOpened('This database was written by a newer version of Dust Lantern. Install that version; nothing was changed.')
  }
  if (last > 0 && last < newest) {
    const copy = `${file}.before-${newest}`
    if (existsSync(copy)) return
    // Whole or not there: one that a power cut left half is no copy, and is made again.
    const part = `${copy}.part`
    rmSync(part, { force: true })
    // What is still beside the file belongs to the copy too.
    client.prepare('VACUUM INTO ?').run(part)
    chmodSync(part, 0o600)
    renameSync(part, copy)
  }
}

/** Nobody else on this machine reads the clinic, and the folder remembers which one it is. */
function ownFiles(client: Database.Database, file: string): void {
  for (const part of ['', '-wal', '-shm']) if (existsSync(file + part)) chmodSync(file + part, 0o600)
  if (!nameLike(file)) return
  chmodSync(path.dirname(file), 0o700)
  const id = client.prepare('SELECT id FROM clinic').pluck().get() as string | undefined
  const there = existsSync(idFile(file)) ? readFileSync(idFile(file), 'utf8').trim() : null
  if (there === null) writeFileSync(idFile(file), `${id ?? ''}\n`, { mode: 0o600 })
  else if (there !== id) {
    throw new NotOpened(
      `Another clinic lies at ${file} than the one this folder belongs to. Put the right file back; if the change is meant, move ${idFile(file)} away.`,
    )
  }
}
