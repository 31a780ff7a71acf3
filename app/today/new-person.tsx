'use client'

import { useRouter } from 'next/navigation'
import { type SubmitEvent, useState } from 'react'
import { v7 } from 'uuid'
import type { NewPersonFields } from '@/core/vocabulary/new-person'
import type { Problem } from '@/core/vocabulary/problem'
import { Button } from '@/ui/button'
import { type PersonErrors, PersonFields } from '@/ui/person-fields'
import { ProblemNotice } from '@/ui/problem-notice'
import { startPerson } from './actions'
import { fetched } from '@/ui/fetched'

// Asked for once something of a name is there.
const SimilarPeople = fetched(() => import('./similar-people').then((m) => m.SimilarPeople))

interface Props {
  readonly today: string
  readonly onClose: () => void
}

const EMPTY: NewPersonFields = { name: '', born: '', work: '' }

/**
 * Adds a person and opens their examination, in place: no dialog.
 *
 * Three fields that are there with the page, since whoever presses P types the name at once; what checks them is fetched when it is sent.
 */
export function NewPersonForm({ today, onClose }: Props) {
  const router = useRouter()
  const [fields, setFields] = useState(EMPTY)
  const [errors, setErrors] = useState<PersonErrors>({})
  const [sending, setSending] = useState(false)
  const [problem, setProblem] = useState<Problem | null>(null)
  // Made once for this form, so that sending it twice makes one person.
  const [ids] = useState(() => ({ personId: v7(), examId: v7() }))

  const start = async () => {
    setSending(true)
    try {
      const { newPersonIssues } = await import('@/core/vocabulary/new-person')
      const found: PersonErrors = newPersonIssues(fields, Date.now())
      setErrors(found)
      if (Object.keys(found).length > 0) return
      const refused = await startPerson(ids, fields)
      if (refused) setProblem(refused)
      else router.push(`/exam/${ids.examId}/story`)
    } catch {
      setProblem({ what: 'The server did not answer.', kept: 'What you typed is still here.', do: 'Press Start again; it makes one person only.' })
    } finally {
      setSending(false)
    }
  }
  const submit = (e: SubmitEvent) => {
    e.preventDefault()
    if (!sending) void start()
  }
  return (
    <form
      noValidate
      onSubmit={submit}
      onKeyDown={(e) => {
        if (e.key === 'Escape') onClose()
      }}
      aria-label="New person"
      className="mb-4 rounded-card border border-lantern bg-sheet px-5 py-4"
    >
      {problem && <ProblemNotice problem={problem} />}
      <div className="flex flex-wrap items-start gap-4">
        <PersonFields fields={fields} errors={errors} today={today} autoFocus onChange={setFields} />
        <div className="flex gap-3 pt-6">
          <Button look="main" type="submit" disabled={sending}>
            Start the story
          </Button>
          <Button onClick={onClose}>Close</Button>
        </div>
        {fields.name.trim() !== '' && <SimilarPeople name={fields.name} born={fields.born} />}
      </div>
    </form>
  )
}
