import { and, count, desc, eq, like, max, or, sql } from 'drizzle-orm'
import { likelierFirst, likeness, likenessWords, type Named, partsOf } from '../../core/vocabulary/same-person'
import type { Db, Reads, Writes } from '../open'
import { exams, people } from '../schema'
import { newSalt } from '../sealing'

/** A person as lists and headers show them. */
export interface Person {
  readonly id: string
  readonly number: number
  readonly name: string
  /** YYYY-MM-DD, or null when not known. */
  readonly born: string | null
  readonly work: string
}

/** Add a person under the next number. Adding the same id again changes nothing. */
export function addPerson(db: Db, person: Omit<Person, 'number'>, addedAt: number): void {
  db.transaction((tx) => addPersonWithin(tx, person, addedAt), { behavior: 'immediate' })
}

/** The same inside a transaction that does more. */
export function addPersonWithin(tx: Reads & Writes, person: Omit<Person, 'number'>, addedAt: number): void {
  const last =
    tx
      .select({ number: max(people.number) })
      .from(people)
      .get()?.number ?? 100
  tx.insert(people)
    .values({ ...person, number: last + 1, addedAt, salt: newSalt() })
    .onConflictDoNothing({ target: people.id })
    .run()
}

const PERSON = { id: people.id, number: people.number, name: people.name, born: people.born, work: people.work }

/** A person with how often they were here. */
export interface KnownPerson extends Person {
  readonly exams: number
  /** Their latest examination; null while there is none. */
  readonly latest: string | null
}

/** So many are compared, newest first: a name of three common letters fits no end of people. */
const COMPARED = 400

/** People of this name or number, newest first. Every word begins a name, or is the number. */
export function peopleFound(db: Reads, text: string, limit: number): readonly KnownPerson[] {
  const words = partsOf(text)
  if (words.length === 0) return []
  const fits = ({ name, number }: Person) => words.every((word) => partsOf(name).some((part) => part.startsWith(word)) || word === `${number}`)
  return someone(db, or(and(...words.map(named)), found(words.join('* ')), eq(people.number, Number(words[0]))))
    .filter(fits)
    .slice(0, limit)
}

/** People who may be the one that is being entered, likeliest first, each with what speaks for it. */
export function peopleLike(db: Reads, typed: Named, limit: number): readonly (KnownPerson & { readonly why: string })[] {
  // A slip of the fingers is seldom in the first letters, and a name that is all wrong still has its day.
  const begun = partsOf(typed.name).map((part) => part.slice(0, 3))
  if (begun.length === 0) return []
  return someone(db, or(...begun.map(named), found(begun.join('* OR ')), typed.born ? eq(people.born, typed.born) : undefined))
    .flatMap((person) => {
      const alike = likeness(typed, person)
      return alike === null ? [] : [{ person, alike }]
    })
    .toSorted((a, b) => likelierFirst(a.alike, b.alike))
    .slice(0, limit)
    .map(({ person, alike }) => ({ ...person, why: likenessWords(alike) }))
}

function named(part: string) {
  return like(people.name, `%${part}%`)
}

/** The index of the lists knows no accents, but only people who were examined; letters and digits alone reach it. */
function found(words: string) {
  return sql`${people.id} IN (SELECT e.person_id FROM exams e JOIN overviews o ON o.exam_id = e.id
    WHERE o.n IN (SELECT rowid FROM search WHERE search MATCH ${`${words}*`} ORDER BY rowid DESC LIMIT ${COMPARED}))`
}

function someone(db: Reads, where: ReturnType<typeof or>): readonly KnownPerson[] {
  return db
    .select({
      ...PERSON,
      exams: count(exams.id),
      latest: sql<string | null>`(SELECT e.id FROM exams e WHERE e.person_id = ${people.id} ORDER BY e.at DESC, e.id DESC LIMIT 1)`,
    })
    .from(people)
    .leftJoin(exams, eq(exams.personId, people.id))
    .where(where)
    .groupBy(people.id)
    .orderBy(desc(people.number))
    .limit(COMPARED)
    .all()
}

/** The person with this id. */
export function personById(db: Reads, id: string): Person | undefined {
  return db.select(PERSON).from(people).where(eq(people.id, id)).get()
}

/** Everybody, by number. */
export function allPeople(db: Reads): readonly Pick<Person, 'id' | 'number'>[] {
  return db.select({ id: people.id, number: people.number }).from(people).orderBy(people.number).all()
}

/** The person with this number. */
export function personByNumber(db: Reads, number: number): Person | undefined {
  return db.select(PERSON).from(people).where(eq(people.number, number)).get()
}
