import type Database from 'better-sqlite3'
import { drizzle } from 'drizzle-orm/better-sqlite3'
import { assess } from '../core/assess'
import { changesOf } from '../core/change/changes'
import { changedWords } from '../core/change/told'
import { conclusionOf } from '../core/note/conclusion'
import { progressOf } from '../core/planner/progress'
import type { Db } from './open'
import { clinicKnowledge } from './queries/clinic'
import { findingRows } from './queries/findings'
import { recordOf } from './queries/ledger'
import * as schema from './schema'
import type { Break } from './verify'

/** So many examinations are read again; spread over all of them, and another choice each time the clinic has grown. */
export const SAMPLED = 40

interface Row {
  readonly exam_id: string
  readonly state: string
  readonly conclusion: string
  readonly progress: string
  readonly changed: string
}

/**
 * Do the lists say what the records do? Lists are made from records and stand under no seal of their own, so a sample of them is made
 * again and compared: state, progress, conclusion, change, and every finding. What is behind its record is left out.
 */
export function projectionBreaks(client: Database.Database, sampled = SAMPLED): readonly Break[] {
  const db = drizzle(client, { schema }) as Db
  const total = client.prepare('SELECT count(*) FROM overviews WHERE covers = head').pluck().get() as number
  const every = Math.max(1, Math.floor(total / sampled))
  const rows = client
    .prepare(`SELECT exam_id, state, conclusion, progress, changed FROM overviews WHERE covers = head AND n % ? = ? LIMIT ?`)
    .all(every, total % every, sampled) as Row[]
  if (rows.length === 0) return []
  const clinic = clinicKnowledge(db)
  return rows.flatMap(({ exam_id: examId, ...told }): readonly Break[] => {
    const { exam, faults } = recordOf(db, examId)
    if (!exam || faults.length > 0) return []
    const where = `lists, examination ${examId}`
    const assessment = assess(exam, { clinic })
    const { at: state, words: progress } = progressOf(assessment)
    const ours = { state, conclusion: conclusionOf(assessment), progress, changed: changedWords(changesOf(assessment)) }
    const differs = (Object.keys(ours) as (keyof typeof ours)[]).filter((key) => ours[key] !== told[key])
    const findings = client
      .prepare('SELECT test, side, about, variant, result, why, symptom, onset, "end" FROM findings WHERE exam_id = ?')
      .all(examId)
      .map((row) => JSON.stringify(row))
      .toSorted()
    const own = findingRows(exam)
      .map((row) => JSON.stringify(row))
      .toSorted()
    return [
      ...(differs.length > 0 ? [{ where, what: `say something else than its record: ${differs.join(', ')}` }] : []),
      ...(findings.join() === own.join() ? [] : [{ where, what: 'hold findings that its record does not give' }]),
    ]
  })
}
