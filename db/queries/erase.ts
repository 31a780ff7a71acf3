import { eq, inArray, or, sql } from 'drizzle-orm'
import type { Problem } from '../../core/vocabulary/problem'
import type { Db, Reads, Writes } from '../open'
import {
  auditFacts,
  episodeChanges,
  episodes,
  erasures,
  examEvents,
  exams,
  findings,
  imports,
  overviews,
  people,
  performances,
  personChanges,
  signChanges,
} from '../schema'
import type { Written } from './clinic'
import { forget } from './ledger'

/** What of a person went, counted. */
export interface Erased {
  readonly exams: number
  readonly entries: number
  readonly changes: number
}

/** What stays of an examination: its number, how many entries it had, and the hash of the last. */
interface Tombstone {
  readonly id: string
  readonly entries: number
  readonly hash: string
}

type Change = typeof personChanges.$inferSelect

/**
 * Erase a person on lawful request: name, examinations, events, symptoms, corrections, and the words they are found by.
 *
 * What stays is a tombstone with counts and hashes, so that the chain still tells that something was there and on whose word it went.
 * Entries of the same human under a number that was joined to this one go too. Backups made before still hold them until their time
 * is over.
 *
 * @param written - who erases, when, under which number: the same number again changes nothing
 */
export function erasePerson(
  db: Db,
  written: Written,
  personId: string,
  why: string,
): { readonly ok: true; readonly erased: Erased } | { readonly ok: false; readonly problem: Problem } {
  const done = db.select().from(erasures).where(eq(erasures.id, written.id)).get()
  if (done) return done.person === personId ? { ok: true, erased: countsOf(done.content) } : { ok: false, problem: otherErasure() }
  if (!db.select({ id: people.id }).from(people).where(eq(people.id, personId)).get()) return { ok: false, problem: nobody() }
  // Pages that are let go are overwritten, so that nothing of it can be read from the file.
  db.$client.pragma('secure_delete = ON')
  db.run(sql`INSERT INTO search (search, rank) VALUES ('secure-delete', 1)`)
  const gone: string[] = []
  const erased = db.transaction(
    (tx) => {
      const all = tx.select().from(personChanges).all()
      const humans = joinedTo(personId, all)
      const told = new Set<string>()
      let sum: Erased = { exams: 0, entries: 0, changes: 0 }
      for (const [i, human] of humans.entries()) {
        const left = all.filter((change) => !told.has(change.id))
        const one = eraseOne(tx, { ...written, id: i === 0 ? written.id : `${written.id}-${i}` }, human, why, left)
        for (const id of one.changes) told.add(id)
        gone.push(...one.exams.map((exam) => exam.id))
        sum = { exams: sum.exams + one.exams.length, entries: sum.entries + one.entries.length, changes: sum.changes + one.changes.length }
      }
      return sum
    },
    { behavior: 'immediate' },
  )
  for (const id of gone) forget(db, id)
  // What is still in the log beside the file is written over as well.
  db.$client.pragma('wal_checkpoint(TRUNCATE)')
  return { ok: true, erased }
}

/** This person, and every number that was joined to theirs. */
function joinedTo(personId: string, changes: readonly Change[]): readonly string[] {
  const all = [personId]
  for (const id of all) {
    for (const { kind, content } of changes) {
      const { from, into } = JSON.parse(content) as { readonly from?: string; readonly into?: string }
      if (kind === 'merged' && into === id && from !== undefined && !all.includes(from)) all.push(from)
    }
  }
  return all
}

interface Went {
  readonly exams: readonly Tombstone[]
  readonly entries: readonly string[]
  readonly changes: readonly string[]
}

function eraseOne(tx: Reads & Writes, written: Written, personId: string, why: string, changes: readonly Change[]): Went {
  const ids = tx.select({ id: exams.id }).from(exams).where(eq(exams.personId, personId)).all()
  const rows = ids.flatMap(({ id }) =>
    tx
      .select({ id: examEvents.id, examId: examEvents.examId, hash: examEvents.hash })
      .from(examEvents)
      .where(eq(examEvents.examId, id))
      .orderBy(examEvents.seq)
      .all(),
  )
  const tombstones = ids.map(({ id }): Tombstone => {
    const own = rows.filter((row) => row.examId === id)
    return { id, entries: own.length, hash: own.at(-1)?.hash ?? '' }
  })
  const named = new Set([personId, ...ids.map(({ id }) => id)])
  const about = changes.filter((change) => names(change.content, named)).map((change) => change.id)
  const said = tx
    .select({ id: episodeChanges.id })
    .from(episodeChanges)
    .where(
      or(
        eq(episodeChanges.person, personId),
        inArray(
          episodeChanges.episode,
          ids.map(({ id }) => id),
        ),
      ),
    )
    .all()
    .map((row) => row.id)
  const went: Went = { exams: tombstones, entries: rows.map((row) => row.id), changes: [...about, ...said] }
  tx.insert(erasures)
    .values({ ...written, person: personId, why, content: JSON.stringify(went) })
    .run()
  for (const { id } of ids) {
    tx.run(sql`DELETE FROM search WHERE rowid = (SELECT n FROM overviews WHERE exam_id = ${id})`)
    for (const table of [findings, performances, signChanges, auditFacts, overviews]) tx.delete(table).where(eq(table.examId, id)).run()
    tx.delete(imports).where(eq(imports.exam, id)).run()
    tx.delete(examEvents).where(eq(examEvents.examId, id)).run()
    tx.delete(exams).where(eq(exams.id, id)).run()
  }
  if (said.length > 0) tx.delete(episodeChanges).where(inArray(episodeChanges.id, said)).run()
  tx.delete(episodes).where(eq(episodes.person, personId)).run()
  if (about.length > 0) tx.delete(personChanges).where(inArray(personChanges.id, about)).run()
  tx.delete(people).where(eq(people.id, personId)).run()
  return went
}

/** Does a correction name one of these anywhere? */
function names(content: string, ids: ReadonlySet<string>): boolean {
  const any = (part: unknown): boolean =>
    typeof part === 'string' ? ids.has(part) : typeof part === 'object' && part !== null && Object.values(part).some((inner) => any(inner))
  return any(JSON.parse(content))
}

function countsOf(content: string): Erased {
  const { exams: all, entries, changes } = JSON.parse(content) as Went
  return { exams: all.length, entries: entries.length, changes: changes.length }
}

/** Corrections that name a person or one of their examinations, oldest first. */
export function changesAbout(db: Reads, ids: readonly string[]): readonly Change[] {
  const named = new Set(ids)
  return db
    .select()
    .from(personChanges)
    .where(or(...ids.map((id) => sql`instr(${personChanges.content}, ${id}) > 0`)))
    .orderBy(personChanges.at)
    .all()
    .filter((change) => names(change.content, named))
}

function nobody(): Problem {
  return { what: 'There is nobody with this number here.', kept: 'Nothing was changed.', do: 'Reload the page.' }
}

function otherErasure(): Problem {
  return { what: 'Somebody else was erased under this number already.', kept: 'Nothing was changed.', do: 'Reload the page and try again.' }
}
