'use client'

import Link from 'next/link'
import { usePeople } from '@/ui/use-people'

/** Fewer letters fit too many. */
const LETTERS = 3
const SHOWN = 3

/** People of a similar name who are here already, so that nobody is made twice. A name that is shared is no mistake: nothing is forbidden. */
export function SimilarPeople({ name }: { readonly name: string }) {
  const typed = name.trim().toLowerCase()
  const people = usePeople(typed.length < LETTERS ? '' : typed).filter((person) => person.name.toLowerCase().includes(typed))
  // One line a person, whatever the number of their examinations.
  const known = [...new Map(people.map((person) => [person.name, person])).values()].slice(0, SHOWN)
  if (known.length === 0) return null
  return (
    <p role="status" className="basis-full border-l-[6px] border-lantern pl-3">
      <strong>Here already under a similar name:</strong>{' '}
      {known.map((person, i) => (
        <span key={person.examId}>
          {i > 0 && '; '}
          <Link href={`/exam/${person.examId}/story`} className="underline underline-offset-4">
            {person.words}
          </Link>
        </span>
      ))}
      . Open theirs, or start somebody else of that name.
    </p>
  )
}
