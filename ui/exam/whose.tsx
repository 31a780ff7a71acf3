'use client'

import { useRouter } from 'next/navigation'
import { useEffect, useRef, useState } from 'react'
import type { NamedPerson } from './whose-dialog'
import { useExam } from './store'
import { fetched } from '../fetched'

// Needed once in a hundred examinations.
const WhoseDialog = fetched(() => import('./whose-dialog').then((m) => m.WhoseDialog))

interface Props {
  readonly examId: string
  readonly person: NamedPerson
}

/** Who is on the table. A press puts right what is wrong about it: a detail, the person, or one person under two numbers. */
export function Whose({ examId, person }: Props) {
  const { exam } = useExam()
  const [open, setOpen] = useState(false)
  useNamesAnew(exam.corrections.length + exam.addenda.length)
  return (
    <>
      <button
        type="button"
        title={person.name}
        aria-haspopup="dialog"
        onClick={() => setOpen(true)}
        className="min-h-11 min-w-0 max-w-full truncate rounded-md text-left hover:underline decoration-hair underline-offset-4"
      >
        <span className="font-serif text-lg font-semibold">{person.name}</span>
        <span className="ml-3 text-ash">{[exam.ageYears, person.work].filter(Boolean).join(', ')}</span>
      </button>
      {open && <WhoseDialog examId={examId} person={person} signed={exam.signed !== null} onClose={() => setOpen(false)} />}
    </>
  )
}

/** The name comes with the page. Another window may have put it right: its words in the record say when to ask again. */
function useNamesAnew(told: number): void {
  const router = useRouter()
  const before = useRef(told)
  useEffect(() => {
    if (before.current === told) return
    before.current = told
    router.refresh()
  }, [told, router])
}
