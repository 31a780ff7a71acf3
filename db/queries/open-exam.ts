import { eq } from 'drizzle-orm'
import type { ExamEvent } from '../../core/record/event'
import type { Db } from '../open'
import { imports, people } from '../schema'
import { type Appended, appendWithin } from './exam-events'
import { bookExam } from './exams'
import { remember } from './ledger'
import { addPersonWithin, type Person } from './people'

/** A person, their examination, and what happened in it so far. */
export interface NewExam {
  readonly person: Omit<Person, 'number'>
  readonly exam: { readonly id: string; readonly at: number }
  readonly events: readonly ExamEvent[]
  /** When the person was added, in milliseconds since 1970. */
  readonly addedAt: number
  /** The events were admitted before, by the rules of their edition, and were read as a history that holds together. */
  readonly asHistory?: boolean
  /** They came as a file: who imported it, and the file's own hash. The examination is marked as imported for ever. */
  readonly imported?: { readonly by: string; readonly at: number; readonly file: string }
}

/** Gives a transaction up without being an error. */
class GivenUp extends Error {}

/**
 * Add a person, book the examination and record its first events: all of it or nothing.
 *
 * Doing it again with the same ids changes nothing, so a lost answer can be asked for again. A person who is there already stays as
 * they are.
 */
export function openExam(db: Db, { person, exam, events, addedAt, asHistory = false, imported }: NewExam): Appended {
  const refused: Appended[] = []
  try {
    const record = db.transaction(
      (tx) => {
        const known = tx.select({ id: people.id }).from(people).where(eq(people.id, person.id)).get()
        if (!known) addPersonWithin(tx, person, addedAt)
        bookExam(tx, { id: exam.id, personId: person.id, at: exam.at })
        const appended = appendWithin(db, tx, exam.id, events, { asHistory, fromElsewhere: imported !== undefined })
        if (appended.ok && imported) {
          const authors = JSON.stringify([...new Set(events.map((event) => event.by))])
          tx.insert(imports)
            .values({ exam: exam.id, ...imported, authors, entries: appended.record.seq })
            .onConflictDoNothing()
            .run()
        }
        if (appended.ok) return appended.record
        refused.push(appended)
        throw new GivenUp()
      },
      { behavior: 'immediate' },
    )
    remember(db, exam.id, record)
    return { ok: true, length: record.seq }
  } catch (error) {
    const [why] = refused
    if (error instanceof GivenUp && why) return why
    throw error
  }
}
