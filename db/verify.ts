import { existsSync } from 'node:fs'
import Database from 'better-sqlite3'
import { type Anchor, isSignedBy } from './anchors'
import { CHAIN_START, link } from './chain'
import { emptyAt, levelOf, LISTS_VERSION, newestLevel } from './levels'
import { projectionBreaks } from './verify-projections'
import { SEALED, type SealedKind, type SealedName, teachSealing } from './sealing'

/** Something that was changed by other hands, or cannot be read. */
export interface Break {
  /** Where: a table and its row, or the file. */
  readonly where: string
  readonly what: string
}

/** What a look at a database found. */
export interface Verified {
  readonly ok: boolean
  /** Events of examinations, and links of the clinic's chain, that were walked. */
  readonly entries: number
  readonly links: number
  /** Number and hash of the last link. */
  readonly head: { readonly n: number; readonly hash: string } | null
  readonly clinic: string | null
  readonly breaks: readonly Break[]
  /** Anchors that were held against it. */
  readonly anchors: number
}

/** What it is held against beside itself. */
export interface HeldAgainst {
  readonly anchors?: readonly Anchor[]
  /** Public key (PEM) the anchors were signed with; without it a signature shows nothing. */
  readonly publicKey?: string | null
}

const NOTHING: Omit<Verified, 'ok' | 'breaks'> = { entries: 0, links: 0, head: null, clinic: null, anchors: 0 }

/**
 * Walk everything that stands under the chain, without writing anything.
 *
 * Shows: a row changed, moved, swapped, removed or put in beside the program; a link missing, changed or out of place; triggers that are
 * gone; and, held against anchors, a tail that was cut and a chain that was written anew as a whole. Without an anchor from before it
 * cannot show the last two. What a window sent under somebody's session is theirs, whoever sat at it.
 *
 * @param file - path of the SQLite file; it has to be there
 */
export function verifyFile(file: string, against: HeldAgainst = {}): Verified {
  if (!existsSync(file)) return { ...NOTHING, ok: false, breaks: [{ where: file, what: 'there is no database here' }] }
  let client: Database.Database
  try {
    client = new Database(file, { readonly: true, fileMustExist: true })
  } catch (error) {
    return { ...NOTHING, ok: false, breaks: [{ where: file, what: `cannot be opened: ${words(error)}` }] }
  }
  try {
    return verifyOpen(client, against)
  } catch (error) {
    return { ...NOTHING, ok: false, breaks: [{ where: file, what: `cannot be read: ${words(error)}` }] }
  } finally {
    client.close()
  }
}

function words(error: unknown): string {
  return error instanceof Error ? error.message : String(error)
}

/** The same on a connection that is open, as that of a running server. */
export function verifyOpen(client: Database.Database, against: HeldAgainst): Verified {
  teachSealing(client)
  // Rows and links are looked at one after the other: as of one moment, or what a running server writes in between would look put in.
  return client.inTransaction ? verifyMoment(client, against) : client.transaction(verifyMoment).deferred(client, against)
}

function verifyMoment(client: Database.Database, { anchors = [], publicKey = null }: HeldAgainst): Verified {
  const file = client.name
  // A backup may be of an earlier version of this program: it is held against what that one made.
  const ours = emptyAt(levelOf(client))
  const wanted = tablesOf(ours)
  const tables = tablesOf(client)
  const triggers = new Set(ours.prepare(`SELECT name FROM sqlite_master WHERE type = 'trigger'`).pluck().all() as string[])
  const sealed = (Object.keys(SEALED) as SealedName[]).filter((name) => wanted.has(SEALED[name].table) && triggers.has(SEALED[name].trigger))
  const missing = ['seals', ...sealed.map((name) => SEALED[name].table)].filter((table) => !tables.has(table))
  if (missing.length > 0) {
    return { ...NOTHING, ok: false, breaks: [{ where: file, what: `has no table ${missing.join(', ')}: it is none of this program, or of an earlier one` }] }
  }
  const breaks: Break[] = []
  const intact = client.pragma('quick_check(5)', { simple: true })
  if (intact !== 'ok') breaks.push({ where: file, what: `is damaged: ${String(intact)}` })
  breaks.push(...triggerBreaks(client, ours))
  ours.close()
  const { links, head, hashes, ...chain } = walkChain(client, new Set(anchors.map((anchor) => anchor.n)))
  breaks.push(...chain.breaks, ...rowBreaks(client, sealed))
  const { entries, ...events } = walkEvents(client)
  breaks.push(...events.breaks)
  // Another program reads some records otherwise: its lists are held against it alone.
  if (breaks.length === 0 && levelOf(client) === newestLevel() && client.pragma('user_version', { simple: true }) === LISTS_VERSION)
    breaks.push(...projectionBreaks(client))
  const clinic = (client.prepare('SELECT id FROM clinic').pluck().get() as string | undefined) ?? null
  breaks.push(...anchors.flatMap((anchor) => anchorBreaks(anchor, clinic, head?.n ?? -1, hashes, publicKey)))
  return { ok: breaks.length === 0, entries, links, head, clinic, breaks, anchors: anchors.length }
}

function tablesOf(client: Database.Database): ReadonlySet<string> {
  return new Set(client.prepare(`SELECT name FROM sqlite_master WHERE type = 'table'`).pluck().all() as string[])
}

/** Every trigger of a database that this program makes stands in this one, word for word. */
function triggerBreaks(client: Database.Database, ours: Database.Database): readonly Break[] {
  const all = (from: Database.Database) =>
    new Map((from.prepare(`SELECT name, sql FROM sqlite_master WHERE type = 'trigger'`).all() as { name: string; sql: string }[]).map((t) => [t.name, t.sql]))
  const wanted = all(ours)
  const there = all(client)
  const gone = [...wanted].flatMap(([name, sql]) =>
    there.get(name) === sql ? [] : [{ where: `trigger ${name}`, what: there.has(name) ? 'was changed' : 'is gone' }],
  )
  const more = [...there.keys()].flatMap((name) => (wanted.has(name) ? [] : [{ where: `trigger ${name}`, what: 'is none of this program' }]))
  return [...gone, ...more]
}

interface Link {
  readonly n: number
  readonly at: number
  readonly kind: string
  readonly row: string
  readonly content: string
  readonly previous_hash: string
  readonly hash: string
}

function walkChain(client: Database.Database, remember: ReadonlySet<number>) {
  const breaks: Break[] = []
  const hashes = new Map<number, string>()
  let links = 0
  let before: Link | null = null
  for (const row of client.prepare('SELECT * FROM seals ORDER BY n').iterate() as IterableIterator<Link>) {
    const where = `link ${row.n}`
    const previous: string = before?.hash ?? ''
    if (row.n !== (before ? before.n + 1 : 0)) breaks.push({ where, what: `does not follow link ${before?.n ?? 'none'}: one is missing` })
    if (row.previous_hash !== previous) breaks.push({ where, what: 'does not hang on the link before it' })
    if (row.hash !== link(row.previous_hash, JSON.stringify([row.n, row.at, row.kind, row.row, row.content]))) breaks.push({ where, what: 'was changed' })
    if (remember.has(row.n)) hashes.set(row.n, row.hash)
    before = row
    links++
  }
  if (links === 0) breaks.push({ where: 'the chain', what: 'is empty' })
  return { breaks, links, hashes, head: before && { n: before.n, hash: before.hash } }
}

const SHOWN = 20

/** Every row is as its last link says, every link has its row, and what has none was erased on record. */
function rowBreaks(client: Database.Database, sealed: readonly SealedName[]): readonly Break[] {
  const breaks: Break[] = []
  client.exec('CREATE TEMP TABLE IF NOT EXISTS latest (kind TEXT, row TEXT, content TEXT, PRIMARY KEY (kind, row)) WITHOUT ROWID; DELETE FROM latest')
  client.exec('INSERT OR REPLACE INTO latest SELECT kind, row, content FROM seals ORDER BY n')
  const strange = client.prepare('SELECT DISTINCT kind FROM latest').pluck().all() as string[]
  for (const kind of strange) {
    if (kind !== 'seals' && !sealed.some((name) => name === kind)) breaks.push({ where: `table ${kind}`, what: 'is gone, and the chain has rows of it' })
  }
  for (const name of sealed) {
    const { table, row, columns, mayGo }: SealedKind = SEALED[name]
    const content = `seal_content(json_array(${columns.map((column) => `t."${column}"`).join(', ')}))`
    const differs = client
      .prepare(
        `SELECT CAST(t."${row}" AS TEXT) AS row, l.content IS NULL AS beside FROM "${table}" t
         LEFT JOIN latest l ON l.kind = '${name}' AND l.row = CAST(t."${row}" AS TEXT)
         WHERE l.content IS NULL OR l.content <> ${content} LIMIT ${SHOWN}`,
      )
      .all() as { row: string; beside: number }[]
    for (const { row: id, beside } of differs) {
      breaks.push({ where: `${name} ${id}`, what: beside ? 'was put in beside the program' : 'is not what it was when it was written' })
    }
    if (mayGo) continue
    const gone = client
      .prepare(
        `SELECT l.row AS row FROM latest l LEFT JOIN "${table}" t ON CAST(t."${row}" AS TEXT) = l.row
         WHERE l.kind = '${name}' AND t."${row}" IS NULL AND NOT EXISTS (${ERASED}) LIMIT ${SHOWN}`,
      )
      .pluck()
      .all() as string[]
    for (const id of gone) breaks.push({ where: `${name} ${id}`, what: 'is gone, and no erasure on record names it' })
  }
  return breaks
}

/** Erasures name the person, and in their content examinations, entries and corrections. */
const ERASED = `SELECT 1 FROM erasures e WHERE e.person = l.row
  OR EXISTS (SELECT 1 FROM json_each(e.content, '$.exams') x WHERE json_extract(x.value, '$.id') = l.row)
  OR EXISTS (SELECT 1 FROM json_each(e.content, '$.entries') x WHERE x.value = l.row)
  OR EXISTS (SELECT 1 FROM json_each(e.content, '$.changes') x WHERE x.value = l.row)`

interface EventRow {
  readonly exam_id: string
  readonly seq: number
  readonly event: string
  readonly previous_hash: string
  readonly hash: string
}

/** The chain of each examination: numbered from 1, each entry hanging on the one before. */
function walkEvents(client: Database.Database) {
  const breaks: Break[] = []
  let entries = 0
  let before: EventRow | null = null
  const rows = client.prepare('SELECT exam_id, seq, event, previous_hash, hash FROM exam_events ORDER BY exam_id, seq').iterate()
  for (const row of rows as IterableIterator<EventRow>) {
    const follows: EventRow | null = before?.exam_id === row.exam_id ? before : null
    const where = `examination ${row.exam_id}, entry ${row.seq}`
    if (row.seq !== (follows?.seq ?? 0) + 1) breaks.push({ where, what: `entry ${(follows?.seq ?? 0) + 1} is missing` })
    if (row.previous_hash !== (follows?.hash ?? CHAIN_START)) breaks.push({ where, what: 'does not follow the entry before it' })
    if (row.hash !== link(row.previous_hash, row.event)) breaks.push({ where, what: 'was changed' })
    before = row
    entries++
  }
  return { entries, breaks }
}

function anchorBreaks(anchor: Anchor, clinic: string | null, last: number, hashes: ReadonlyMap<number, string>, publicKey: string | null): readonly Break[] {
  const where = `anchor of ${new Date(anchor.at).toISOString()}`
  if (publicKey !== null && !isSignedBy(anchor, publicKey)) return [{ where, what: 'was not signed with the key of this clinic' }]
  if (anchor.clinic !== clinic) return [{ where, what: 'is of another clinic, or the clinic was put in the place of another' }]
  if (anchor.n > last) return [{ where, what: `the chain ends at link ${last}, and had ${anchor.n} then: its end was cut` }]
  return hashes.get(anchor.n) === anchor.hash ? [] : [{ where, what: `link ${anchor.n} is another than it was then: the chain was written anew` }]
}
