'use client'

import { useState } from 'react'
import { SearchList } from './search-list'
import { type ListedPerson, personWords, usePeopleFound } from './use-people-rows'

interface Props {
  readonly label: string
  /** Who cannot be chosen. */
  readonly not: string
  readonly chosen: ListedPerson | null
  readonly onChoose: (person: ListedPerson | null) => void
}

/** One of the people who are here, by name or number. */
export function PersonChoice({ label, not, chosen, onChoose }: Props) {
  const [wanted, setWanted] = useState('')
  const people = usePeopleFound(wanted).filter((person) => person.id !== not)
  if (chosen) {
    return (
      <p className="flex flex-wrap items-center gap-3 border-l-[6px] border-lantern pl-3">
        <span className="font-semibold">{personWords(chosen)}</span>
        <button type="button" onClick={() => onChoose(null)} className="min-h-11 underline underline-offset-4">
          Choose again
        </button>
      </p>
    )
  }
  const hits = people.map((person) => ({
    key: person.id,
    words: personWords(person),
    kind: person.exams === 1 ? '1 examination' : `${person.exams} examinations`,
    person,
  }))
  return (
    <div>
      <p aria-hidden="true" className="-mb-2 text-sm text-ash">
        {label}
      </p>
      <SearchList
        label={label}
        placeholder="Name or number"
        none={wanted.trim() === '' ? 'Type a name or a number.' : 'Nobody is called that.'}
        find={() => hits}
        onType={setWanted}
        onChoose={(hit) => onChoose(hit.person)}
      />
    </div>
  )
}
