import { appendFileSync, existsSync, readFileSync } from 'node:fs'
import path from 'node:path'
import Database from 'better-sqlite3'
import * as yup from 'yup'
import { onDisk } from './files'
import { type Db, openDb } from './open'
import { erasePerson } from './queries/erase'
import { erasures } from './schema'

/**
 * Erasures of this clinic, a line each, beside the database: ids, when and why, and nobody's name. A backup made before an erasure holds
 * the person still; put back, it is held against this list.
 */
function listFile(folder: string): string {
  return path.join(folder, 'erasures.jsonl')
}

const LINE = yup
  .object({
    id: yup.string().required(),
    by: yup.string().required(),
    at: yup.number().required(),
    person: yup.string().required(),
    why: yup.string().required(),
  })
  .required()
export type ListedErasure = yup.InferType<typeof LINE>

/** Erasures on the list. A line that a power cut left half is passed over: the database has it, and it is written again. */
export function listedErasures(folder: string): readonly ListedErasure[] {
  const file = listFile(folder)
  if (!existsSync(file)) return []
  return readFileSync(file, 'utf8')
    .split('\n')
    .flatMap((line) => {
      try {
        return line.trim() === '' ? [] : [LINE.validateSync(JSON.parse(line))]
      } catch {
        return []
      }
    })
}

/** Write every erasure of the database that is not on the list yet. Done after each erasure, and at every start for one that a power cut came between. */
export function listErasures(db: Pick<Db, 'select'>, folder: string): void {
  const known = new Set(listedErasures(folder).map((line) => line.id))
  const fresh = db
    .select({ id: erasures.id, by: erasures.by, at: erasures.at, person: erasures.person, why: erasures.why })
    .from(erasures)
    .all()
    .filter((row) => !known.has(row.id))
  if (fresh.length === 0) return
  appendFileSync(listFile(folder), fresh.map((row) => `\n${JSON.stringify(row)}\n`).join(''), { mode: 0o600 })
  onDisk(listFile(folder))
}

/**
 * Erase in a backup that is about to be put back whoever was erased since it was made, and end the sessions it holds.
 *
 * @param clinic - the clinic the backup is of; the list of another is not held against it
 * @returns how many were erased again
 */
export function eraseAgain(folder: string, file: string, clinic: string | null): number {
  const here = clinicOf(folder)
  const all = here === null || here === clinic ? [...listedErasures(folder), ...erasuresOf(path.join(folder, 'clinic.sqlite'))] : []
  const db = openDb(file)
  try {
    db.$client.exec('DELETE FROM sessions')
    const done = new Set(
      db
        .select({ person: erasures.person })
        .from(erasures)
        .all()
        .map((row) => row.person),
    )
    const open = new Map(all.filter((one) => !done.has(one.person)).map((one) => [one.person, one]))
    let again = 0
    for (const { id, by, at, person, why } of open.values()) if (erasePerson(db, { id, by, at }, person, why).ok) again++
    db.$client.pragma('wal_checkpoint(TRUNCATE)')
    db.$client.pragma('journal_mode = DELETE')
    return again
  } finally {
    db.$client.close()
  }
}

function clinicOf(folder: string): string | null {
  const file = path.join(folder, 'clinic.id')
  return existsSync(file) ? readFileSync(file, 'utf8').trim() : null
}

/** Erasures that the data until now holds; none where it cannot be read. */
function erasuresOf(file: string): readonly ListedErasure[] {
  if (!existsSync(file)) return []
  try {
    const client = new Database(file, { readonly: true, fileMustExist: true })
    try {
      return client.prepare('SELECT id, by, at, person, why FROM erasures').all() as ListedErasure[]
    } finally {
      client.close()
    }
  } catch {
    return []
  }
}
