'use client'

import Link from 'next/link'
import { personWords, usePeopleLike } from '@/ui/use-people-rows'

const SHOWN = 3

interface Props {
  readonly name: string
  /** YYYY-MM-DD; empty while not known. */
  readonly born: string
}

/** People who may be the one that is entered, so that nobody is made twice. A name that is shared is no mistake: nothing is forbidden. */
export function SimilarPeople({ name, born }: Props) {
  const known = usePeopleLike(name, born).slice(0, SHOWN)
  if (known.length === 0) return null
  return (
    <div role="status" className="basis-full border-l-[6px] border-lantern pl-3">
      <strong>Here already?</strong> Open theirs, or start somebody else of that name.
      <ul>
        {known.map((person) => (
          <li key={person.id} className="py-1">
            {person.latest === null ? (
              personWords(person)
            ) : (
              <Link href={`/exam/${person.latest}/story`} className="underline underline-offset-4">
                {personWords(person)}
              </Link>
            )}
            : {person.why}
          </li>
        ))}
      </ul>
    </div>
  )
}
