import { mkdirSync } from 'node:fs'
import path from 'node:path'
import Database from 'better-sqlite3'
import { type BetterSQLite3Database, drizzle } from 'drizzle-orm/better-sqlite3'
import { migrate } from 'drizzle-orm/better-sqlite3/migrator'
import { environment } from '../server/environment'
import * as schema from './schema'

export type Db = BetterSQLite3Database<typeof schema> & { readonly $client: Database.Database }

/** What a query needs: a database or a running transaction of it. */
export type Reads = Pick<Db, 'select'>

/** What a write needs inside a transaction. */
export type Writes = Pick<Db, 'insert' | 'update' | 'delete' | 'run'>

/**
 * Open the clinic's database and bring it up to date.
 *
 * Every commit is on disk before it is acknowledged (WAL with `synchronous = FULL`).
 *
 * @param file - path of the SQLite file, or `:memory:`
 */
export function openDb(file: string): Db {
  if (file !== ':memory:') mkdirSync(path.dirname(file), { recursive: true })
  const client = new Database(file)
  client.pragma('journal_mode = WAL')
  client.pragma('synchronous = FULL')
  client.pragma('foreign_keys = ON')
  client.pragma('busy_timeout = 5000')
  const db = drizzle(client, { schema })
  migrate(db, { migrationsFolder: path.join(process.cwd(), 'db', 'migrations') })
  return db
}

/** Where the clinic's data lies. */
export function dataFile(): string {
  return path.join(environment().dataFolder, 'clinic.sqlite')
}
