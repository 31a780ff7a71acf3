import { and, asc, desc, eq, inArray, isNotNull, lte, sql } from 'drizzle-orm'
import { type EpisodeChange, type EpisodeEntry, episodeState } from '../../core/change/episode-change'
import type { Problem } from '../../core/vocabulary/problem'
import type { Db, Reads, Writes } from '../open'
import { preparedOnce } from '../prepared'
import { episodeChanges, episodes, exams, overviews, people } from '../schema'
import { newSalt } from '../sealing'
import type { Written } from './clinic'

/** An episode of one person: named by the examination it began with. */
export interface EpisodeName {
  readonly episode: string
  readonly person: string
}

/**
 * Entries of one episode, oldest first.
 *
 * An entry goes with whom it was said of while an examination of the episode is filed under them; where none is any more, because two
 * numbers were joined or all of it was moved, it goes with whoever has the first one.
 */
export function episodeEntries(db: Reads, { episode, person }: EpisodeName): readonly EpisodeEntry[] {
  const entries = db.select().from(episodeChanges).where(eq(episodeChanges.episode, episode)).orderBy(asc(episodeChanges.at), asc(episodeChanges.id)).all()
  if (entries.length === 0) return []
  const holders = db
    .select({ person: exams.personId })
    .from(overviews)
    .innerJoin(exams, eq(exams.id, overviews.examId))
    .where(eq(overviews.episode, episode))
    .orderBy(asc(exams.at), asc(exams.id))
    .all()
    .map((row) => row.person)
  return entries
    .filter((entry) => (holders.includes(entry.person) ? entry.person : holders[0]) === person)
    .map(({ id, by, at, kind, content }) => ({ id, by, at, change: { kind, ...(JSON.parse(content) as object) } as EpisodeChange }))
}

/**
 * Say something of an episode. The same id again changes nothing.
 *
 * @returns what stands against it, or null once it is on disk
 */
export function changeEpisode(db: Db, written: Written, name: EpisodeName, change: EpisodeChange): Problem | null {
  return db.transaction(
    (tx) => {
      const done = tx.select().from(episodeChanges).where(eq(episodeChanges.id, written.id)).get()
      const { kind, ...content } = change
      const text = JSON.stringify(content)
      if (done)
        return done.episode === name.episode && done.kind === kind && done.content === text
          ? null
          : against('Something else was entered under this number already.', 'Reload the page and enter it again.')
      if (!isThere(tx, name)) return against('There is no such episode of this person.', 'Reload the page.')
      const entries = episodeEntries(tx, name)
      const state = episodeState(entries)
      const problem = objection(state, change)
      if (problem) return problem
      tx.insert(episodeChanges)
        .values({ ...written, person: name.person, episode: name.episode, kind, content: text, salt: newSalt() })
        .run()
      projectEpisode(tx, name)
      return null
    },
    { behavior: 'immediate' },
  )
}

function objection(state: ReturnType<typeof episodeState>, change: EpisodeChange): Problem | null {
  switch (change.kind) {
    case 'discharged':
      return state.open ? null : against('This episode is closed already.', 'Open it again first, if there is more to say.')
    case 'reopened':
      return state.open ? against('This episode is open.', 'Nothing to do.') : null
    case 'due':
      return state.open || change.on === null ? null : against('This episode is closed.', 'Open it again, then say when they come.')
    case 'withdrawn':
      return state.confirmed.some((c) => c.id === change.entry) ? null : against('There is no such entry, or it was withdrawn already.', 'Reload the page.')
    case 'confirmed':
      return null
  }
}

function isThere(tx: Reads, { episode, person }: EpisodeName): boolean {
  return visitsOf(tx, { episode, person }).length > 0
}

function against(what: string, todo: string): Problem {
  return { what, kept: 'Nothing was changed; what you typed is still here.', do: todo }
}

/** A visit of an episode. */
export interface Visit {
  readonly examId: string
  readonly at: number
}

/** The examinations of an episode that are filed under this person, first to last. */
export function visitsOf(db: Reads, { episode, person }: EpisodeName): readonly Visit[] {
  return db
    .select({ examId: exams.id, at: exams.at })
    .from(overviews)
    .innerJoin(exams, eq(exams.id, overviews.examId))
    .where(and(eq(overviews.episode, episode), eq(exams.personId, person)))
    .orderBy(asc(exams.at), asc(exams.id))
    .all()
}

/** Write anew how lists show an episode; away with it where no examination of it is filed under this person any more. */
export function projectEpisode(tx: Reads & Writes, name: EpisodeName): void {
  const visits = visitsOf(tx, name)
  const here = and(eq(episodes.episode, name.episode), eq(episodes.person, name.person))
  const [first, last] = [visits[0], visits.at(-1)]
  if (!first || !last) {
    tx.delete(episodes).where(here).run()
    return
  }
  const { open, due } = episodeState(episodeEntries(tx, name))
  // Whoever came since is not due any more.
  const dueAt = due === null ? null : Date.parse(`${due}T00:00:00Z`)
  const waits = dueAt !== null && last.at < dueAt ? due : null
  const row = { visits: visits.length, firstAt: first.at, lastAt: last.at, lastExam: last.examId, open, due: waits }
  tx.insert(episodes)
    .values({ ...name, ...row })
    .onConflictDoUpdate({ target: [episodes.episode, episodes.person], set: row })
    .run()
}

/** The episode that an examination belongs to, under the person it is filed under. */
export function episodeOfExam(db: Reads, examId: string): EpisodeName | undefined {
  const row = db
    .select({ episode: overviews.episode, person: exams.personId })
    .from(overviews)
    .innerJoin(exams, eq(exams.id, overviews.examId))
    .where(eq(overviews.examId, examId))
    .get()
  return row && row.episode !== '' ? row : undefined
}

/** Episodes of one person, the latest first. */
export function episodesOfPerson(db: Db, person: string) {
  return queries(db).ofPerson.all({ person })
}

const queries = preparedOnce((db) => ({
  ofPerson: db
    .select()
    .from(episodes)
    .where(eq(episodes.person, sql.placeholder('person')))
    .orderBy(desc(episodes.lastAt), desc(episodes.episode))
    .prepare(),
}))

/** Somebody who is asked to come again. */
export interface Due {
  readonly person: string
  readonly number: number
  readonly name: string
  readonly episode: string
  readonly lastExam: string
  readonly lastAt: number
  readonly due: string
}

/** Whoever is due by a day and has not come yet, the longest waiting first. */
export function dueBy(db: Reads, day: string, limit: number): readonly Due[] {
  return db
    .select({
      person: episodes.person,
      number: people.number,
      name: people.name,
      episode: episodes.episode,
      lastExam: episodes.lastExam,
      lastAt: episodes.lastAt,
      due: episodes.due,
    })
    .from(episodes)
    .innerJoin(people, eq(people.id, episodes.person))
    .where(and(isNotNull(episodes.due), lte(episodes.due, day), eq(episodes.open, true)))
    .orderBy(asc(episodes.due), asc(episodes.lastAt))
    .limit(limit)
    .all()
    .flatMap((row) => (row.due === null ? [] : [{ ...row, due: row.due }]))
}

/** Episodes anew for these examinations' people: after one was moved, or two numbers joined. */
export function projectEpisodesOf(tx: Reads & Writes, examIds: readonly string[]): void {
  if (examIds.length === 0) return
  const names = tx
    .select({ episode: overviews.episode })
    .from(overviews)
    .where(inArray(overviews.examId, [...examIds]))
    .all()
  for (const episode of new Set(names.map((n) => n.episode))) {
    const people = tx
      .selectDistinct({ person: exams.personId })
      .from(overviews)
      .innerJoin(exams, eq(exams.id, overviews.examId))
      .where(eq(overviews.episode, episode))
      .all()
    const before = tx.select({ person: episodes.person }).from(episodes).where(eq(episodes.episode, episode)).all()
    for (const person of new Set([...people, ...before].map((p) => p.person))) projectEpisode(tx, { episode, person })
  }
}
