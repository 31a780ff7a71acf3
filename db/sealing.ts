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

/** How rows of one kind stand under the chain. */
export interface SealedKind {
  readonly table: string
  /** The column that names a row, and those that are hashed. The triggers say the same. */
  readonly row: string
  readonly columns: readonly string[]
  /** The trigger that writes the first link of a row: a database whose program had none yet is not asked for it. */
  readonly trigger: string
  /** Rows may go without an erasure: they were only ever for a while. */
  readonly mayGo?: true
}

const kind = (table: string, row: string, columns: readonly string[]): SealedKind => ({ table, row, columns, trigger: `${table}_sealed` })

/** Everything that stands under the chain. */
export const SEALED = {
  clinic: kind('clinic', 'id', ['id', 'demo', 'made_at']),
  practitioners: kind('practitioners', 'id', ['id', 'name']),
  people: kind('people', 'id', ['id', 'number', 'name', 'born', 'work', 'added_at', 'salt']),
  exams: kind('exams', 'id', ['id', 'person_id', 'at']),
  exam_events: kind('exam_events', 'id', ['exam_id', 'seq', 'id', 'event', 'previous_hash', 'hash']),
  evidence_overrides: kind('evidence_overrides', 'id', ['id', 'by', 'at', 'row', 'figures', 'source']),
  own_priors: kind('own_priors', 'id', ['id', 'by', 'at', 'line', 'setting', 'p', 'source']),
  own_rules: kind('own_rules', 'id', ['id', 'by', 'at', 'rule', 'withdrawn', 'content']),
  settings: kind('settings', 'id', ['id', 'by', 'at', 'key', 'value']),
  person_changes: kind('person_changes', 'id', ['id', 'by', 'at', 'kind', 'why', 'content', 'salt']),
  accounts: kind('accounts', 'id', ['id', 'login', 'role', 'password', 'open']),
  // What somebody signs in by beside the password: PIN, second factor, recovery codes, invitation. A kind of its own, so that the links of earlier versions keep their meaning.
  credentials: {
    table: 'accounts',
    row: 'id',
    columns: ['id', 'pin', 'totp', 'recovery', 'invitation', 'invited_until'],
    trigger: 'credentials_sealed',
  },
  sessions: { table: 'sessions', row: 'id', columns: ['id', 'account', 'made_at', 'address', 'device'], trigger: 'sessions_sealed', mayGo: true },
  entrusted: kind('entrusted', 'id', ['id', 'by', 'at', 'exam', 'student', 'ended']),
  trail: kind('trail', 'n', ['n', 'at', 'who', 'what', 'about', 'address', 'more']),
  imports: kind('imports', 'exam', ['exam', 'by', 'at', 'file', 'authors', 'entries']),
  reliability_series: kind('reliability_series', 'id', ['id', 'by', 'at', 'series', 'kind', 'content']),
  episode_changes: kind('episode_changes', 'id', ['id', 'by', 'at', 'person', 'episode', 'kind', 'content', 'salt']),
  erasures: kind('erasures', 'id', ['id', 'by', 'at', 'person', 'why', 'content']),
} as const satisfies Readonly<Record<string, SealedKind>>
export type SealedName = keyof typeof SEALED
