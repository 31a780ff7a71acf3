import path from 'node:path'
import Database from 'better-sqlite3'
import { readMigrationFiles } from 'drizzle-orm/migrator'
import { teachSealing } from './sealing'

/** Where the migrations lie. */
export const MIGRATIONS = path.join(process.cwd(), 'db', 'migrations')

/** The latest migration a database has gone through, as its time; 0 where it has gone through none. */
export function levelOf(client: Database.Database): number {
  const hasList = client.prepare(`SELECT count(*) FROM sqlite_master WHERE name = '__drizzle_migrations'`).pluck().get() as number
  const applied = hasList === 0 ? [] : (client.prepare('SELECT created_at FROM __drizzle_migrations').pluck().all() as number[])
  return Math.max(0, ...applied.map(Number))
}

/** The level this program brings a database to. */
export function newestLevel(): number {
  return Math.max(...readMigrationFiles({ migrationsFolder: MIGRATIONS }).map(({ folderMillis }) => folderMillis))
}

/**
 * Which way of reading the lists of a database were made with. Kept in the file (`user_version`); where it is another, the lists are made
 * again at the next start, and until then nothing is held against them.
 *
 * Raised by hand with every change of what lists say of an examination: state, progress, conclusion, change, findings.
 */
export const LISTS_VERSION = 1

/** An empty database as the program made it at that level: what a backup of an earlier version is held against. The caller closes it. */
export function emptyAt(level: number): Database.Database {
  const client = new Database(':memory:')
  teachSealing(client)
  for (const { sql, folderMillis } of readMigrationFiles({ migrationsFolder: MIGRATIONS })) {
    if (folderMillis > level) break
    for (const statement of sql) client.exec(statement)
  }
  return client
}
