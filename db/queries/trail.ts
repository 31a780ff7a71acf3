import { and, desc, eq, lt, max, type SQL } from 'drizzle-orm'
import type { Db, Reads } from '../open'
import { trail } from '../schema'

/** What the trail tells of, in the words the lead reads. */
export const TRAIL_WORDS = {
  'signed-in': 'signed in',
  'sign-in-refused': 'sign-in refused',
  'signed-out': 'signed out',
  'signed-out-everywhere': 'signed out everywhere',
  locked: 'locked the screen',
  unlocked: 'unlocked the screen',
  'unlock-refused': 'unlock refused',
  opened: 'opened an examination',
  'person-opened': 'opened the page of a person',
  'kept-on-device': 'kept an examination on a device for the day',
  'file-saved': 'saved an examination as a file',
  'given-out': 'saved a note, letter, table or bundle of an examination',
  'person-archived': 'saved an archive of a person',
  'clinic-archived': 'saved an archive of everybody',
  'person-exported': 'saved everything about a person',
  'person-erased': 'erased a person',
  imported: 'imported an examination',
  'account-added': 'added somebody who may sign in',
  'account-changed': 'changed an account',
  invited: 'made an invitation',
  'password-chosen': 'chose a password',
  'pin-chosen': 'chose a PIN',
  'factor-added': 'added a second factor',
  'factor-removed': 'removed a second factor',
  entrusted: 'entrusted an examination to a student',
  'entrusting-ended': 'ended what was entrusted',
  'trail-saved': 'saved this trail',
  'backup-made': 'made a backup',
  'backup-failed': 'a backup failed',
  restored: 'restored a backup',
  'offered-back': 'a device offered back entries that a restored backup lacked',
  'lead-recovered': 'a lead was let in again from the computer of the clinic',
  'code-checked': 'checked the code of a signed note',
  'signatures-saved': 'saved the list of signatures',
  anchored: 'anchored the chain',
} as const
export type TrailWhat = keyof typeof TRAIL_WORDS

/** One line: who did what to what, when and from where. */
export interface TrailLine {
  readonly at: number
  readonly who: string
  readonly what: TrailWhat
  readonly about?: string
  readonly address: string
  /** Further words, without names of people. */
  readonly more?: string
}

/** Write a line. It is never changed and never removed. */
export function writeTrail(db: Db, { at, who, what, about = '', address, more = '' }: TrailLine): void {
  db.transaction(
    (tx) => {
      const last =
        tx
          .select({ n: max(trail.n) })
          .from(trail)
          .get()?.n ?? 0
      tx.insert(trail)
        .values({ n: last + 1, at, who, what, about, address, more })
        .run()
    },
    { behavior: 'immediate' },
  )
}

/** A stored line. */
export type StoredLine = typeof trail.$inferSelect

/** What the trail is asked for. */
export interface Sought {
  readonly who?: string
  readonly about?: string
  /** Only lines before this number. */
  readonly before?: number
}

/** Lines, the newest first. */
export function trailLines(db: Reads, { who, about, before }: Sought, limit: number): readonly StoredLine[] {
  const asked: (SQL | undefined)[] = [
    who === undefined ? undefined : eq(trail.who, who),
    about === undefined ? undefined : eq(trail.about, about),
    before === undefined ? undefined : lt(trail.n, before),
  ]
  return db
    .select()
    .from(trail)
    .where(and(...asked))
    .orderBy(desc(trail.n))
    .limit(limit)
    .all()
}
