import 'server-only'
import { format } from 'date-fns'
import type { Db } from '@/db/open'
import { examHead } from '@/db/queries/exams'
import { practitionerById } from '@/db/queries/practitioners'
import { type Sought, type StoredLine, TRAIL_WORDS, trailLines } from '@/db/queries/trail'

/** A line of the trail as it is shown: names are looked up now, and stand nowhere in the trail itself. */
export interface ShownLine {
  readonly n: number
  readonly at: string
  readonly who: string
  readonly what: string
  readonly about: string
  readonly address: string
}

/** Lines, the newest first. */
export function shownLines(db: Db, sought: Sought, limit: number): readonly ShownLine[] {
  return trailLines(db, sought, limit).map((line) => shown(db, line))
}

function shown(db: Db, { n, at, who, what, about, address, more }: StoredLine): ShownLine {
  const words = Object.hasOwn(TRAIL_WORDS, what) ? TRAIL_WORDS[what as keyof typeof TRAIL_WORDS] : what
  return {
    n,
    at: format(at, 'd MMM yyyy, HH:mm:ss'),
    who: who === '' ? 'nobody signed in' : nameOf(db, who),
    what: more === '' ? words : `${words}: ${more}`,
    about: about === '' ? '' : aboutWords(db, about),
    address,
  }
}

function nameOf(db: Db, id: string): string {
  return practitionerById(db, id)?.name ?? id
}

function aboutWords(db: Db, about: string): string {
  const head = examHead(db, about)
  if (head) return `${head.person.name}, number ${head.person.number}, ${format(head.at, 'd MMM yyyy')}`
  return practitionerById(db, about)?.name ?? about
}
