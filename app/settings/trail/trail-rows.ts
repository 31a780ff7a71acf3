import 'server-only'
import { format } from 'date-fns'
import { db } from '@/db'
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
export function shownLines(sought: Sought, limit: number): readonly ShownLine[] {
  return trailLines(db(), sought, limit).map(shown)
}

function shown({ n, at, who, what, about, address, more }: StoredLine): ShownLine {
  const words = Object.hasOwn(TRAIL_WORDS, what) ? TRAIL_WORDS[what as keyof typeof TRAIL_WORDS] : what
  return {
    n,
    at: format(at, 'd MMM yyyy, HH:mm:ss'),
    who: who === '' ? 'nobody signed in' : nameOf(who),
    what: more === '' ? words : `${words}: ${more}`,
    about: about === '' ? '' : aboutWords(about),
    address,
  }
}

function nameOf(id: string): string {
  return practitionerById(db(), id)?.name ?? id
}

function aboutWords(about: string): string {
  const head = examHead(db(), about)
  if (head) return `${head.person.name}, number ${head.person.number}, ${format(head.at, 'd MMM yyyy')}`
  return practitionerById(db(), about)?.name ?? about
}
