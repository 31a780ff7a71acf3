import { group } from 'd3-array'
import { and, asc, eq, gte, inArray, lt, type SQL } from 'drizzle-orm'
import { auditFacts as factsOf, type AuditFacts, type AuditRegion } from '../../core/audit/facts'
import { type Audited, poolOf, type Pooled } from '../../core/audit/pool'
import type { Assessment } from '../../core/assess'
import type { Changes } from '../../core/change/changes'
import { type EpisodeChange, episodeState } from '../../core/change/episode-change'
import type { Db, Reads, Writes } from '../open'
import { auditFacts, episodeChanges, exams, people } from '../schema'

/** Keep what an examination adds to an audit. */
export function projectAudit(tx: Reads & Writes, examId: string, assessment: Assessment, changes: Changes): void {
  const facts = factsOf(assessment, changes)
  const at = tx.select({ at: exams.at }).from(exams).where(eq(exams.id, examId)).get()?.at ?? assessment.exam.openedAt
  const { openedBy: by, episode } = assessment.exam
  const row = { at, by, region: facts.region, episode: episode?.episode ?? examId, facts: JSON.stringify(facts) }
  tx.insert(auditFacts)
    .values({ examId, ...row })
    .onConflictDoUpdate({ target: auditFacts.examId, set: row })
    .run()
}

/** Which examinations an audit is about. */
export interface Audience {
  /** From and to, in milliseconds since 1970; `to` is not part of it. */
  readonly from: number
  readonly to: number
  readonly region?: AuditRegion
  /** Only those this practitioner opened. */
  readonly by?: string
}

/** The examinations of an audit with what their episodes turned out to be. */
export function auditedIn(db: Db, { from, to, region, by }: Audience): readonly Audited[] {
  const wanted: SQL[] = [gte(auditFacts.at, from), lt(auditFacts.at, to)]
  if (region !== undefined) wanted.push(eq(auditFacts.region, region))
  if (by !== undefined) wanted.push(eq(auditFacts.by, by))
  const rows = db
    .select({ exam: auditFacts.examId, episode: auditFacts.episode, facts: auditFacts.facts, person: people.number, personId: exams.personId })
    .from(auditFacts)
    .innerJoin(exams, eq(exams.id, auditFacts.examId))
    .innerJoin(people, eq(people.id, exams.personId))
    .where(and(...wanted))
    .orderBy(asc(auditFacts.at), asc(auditFacts.examId))
    .all()
  const confirmed = confirmations(db)
  return rows.map(({ exam, episode, facts, person }) => ({
    exam,
    person,
    facts: JSON.parse(facts) as AuditFacts,
    firstVisit: exam === episode,
    confirmed: confirmed.get(episode) ?? NOTHING,
  }))
}

/** The same, added up. */
export function pooledIn(db: Db, audience: Audience): Pooled {
  return poolOf(auditedIn(db, audience))
}

const NOTHING: Audited['confirmed'] = []

/** What turned out, by episode: few next to what was examined. */
function confirmations(db: Db): ReadonlyMap<string, Audited['confirmed']> {
  const rows = db
    .select()
    .from(episodeChanges)
    .where(inArray(episodeChanges.kind, ['confirmed', 'withdrawn']))
    .orderBy(asc(episodeChanges.at), asc(episodeChanges.id))
    .all()
  const byEpisode = group(rows, (row) => row.episode)
  return new Map(
    [...byEpisode].map(([episode, all]) => {
      const entries = all.map(({ id, by, at, kind, content }) => ({ id, by, at, change: { kind, ...(JSON.parse(content) as object) } as EpisodeChange }))
      return [episode, episodeState(entries).confirmed.map(({ change }) => ({ source: change.source, side: change.side, holds: change.holds }))] as const
    }),
  )
}
