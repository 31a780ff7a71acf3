import { createHash, randomBytes, randomUUID } from 'node:crypto'
import type Database from 'better-sqlite3'
import { link } from './chain'

/** SHA-256 of a row as text. */
export function contentHash(row: string): string {
  return createHash('sha256').update(row).digest('hex')
}

/**
 * Teach a connection the functions by which triggers write the chain. A program that does not know them cannot add a row at all: its
 * insert fails as a whole.
 */
export function teachSealing(client: Database.Database): void {
  client.function('seal_content', { deterministic: true }, (row: unknown) => contentHash(String(row)))
  client.function('seal_link', { deterministic: true }, (previous: unknown, text: unknown) => link(String(previous), String(text)))
  client.function('seal_new_id', () => randomUUID())
}

/** Chance that goes into the hash of a row with words of a person, so that nobody guesses them from the chain once the row is erased. */
export function newSalt(): string {
  return randomBytes(16).toString('hex')
}

/** What of each table stands under the chain: which column names a row, and which are hashed. The triggers say the same. */
export const SEALED = {
  clinic: { row: 'id', columns: ['id', 'demo', 'made_at'] },
  practitioners: { row: 'id', columns: ['id', 'name'] },
  people: { row: 'id', columns: ['id', 'number', 'name', 'born', 'work', 'added_at', 'salt'] },
  exams: { row: 'id', columns: ['id', 'person_id', 'at'] },
  exam_events: { row: 'id', columns: ['exam_id', 'seq', 'id', 'event', 'previous_hash', 'hash'] },
  evidence_overrides: { row: 'id', columns: ['id', 'by', 'at', 'row', 'figures', 'source'] },
  own_priors: { row: 'id', columns: ['id', 'by', 'at', 'line', 'setting', 'p', 'source'] },
  own_rules: { row: 'id', columns: ['id', 'by', 'at', 'rule', 'withdrawn', 'content'] },
  settings: { row: 'id', columns: ['id', 'by', 'at', 'key', 'value'] },
  person_changes: { row: 'id', columns: ['id', 'by', 'at', 'kind', 'why', 'content', 'salt'] },
  accounts: { row: 'id', columns: ['id', 'login', 'role', 'password', 'open'] },
  entrusted: { row: 'id', columns: ['id', 'by', 'at', 'exam', 'student', 'ended'] },
  trail: { row: 'n', columns: ['n', 'at', 'who', 'what', 'about', 'address', 'more'] },
  imports: { row: 'exam', columns: ['exam', 'by', 'at', 'file', 'authors', 'entries'] },
  reliability_series: { row: 'id', columns: ['id', 'by', 'at', 'series', 'kind', 'content'] },
  episode_changes: { row: 'id', columns: ['id', 'by', 'at', 'person', 'episode', 'kind', 'content', 'salt'] },
  erasures: { row: 'id', columns: ['id', 'by', 'at', 'person', 'why', 'content'] },
} as const
export type SealedTable = keyof typeof SEALED
