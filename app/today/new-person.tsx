'use client'

import { yupResolver } from '@hookform/resolvers/yup'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { v7 } from 'uuid'
import { type NewPersonFields, newPersonShape } from '@/core/vocabulary/new-person'
import type { Problem } from '@/core/vocabulary/problem'
import { BOX, Field } from '@/ui/field'
import { ProblemNotice } from '@/ui/problem-notice'
import { startPerson } from './actions'
import { Button } from '@/ui/button'

interface Props {
  readonly today: string
  readonly onClose: () => void
}

/** Adds a person and opens their examination, in place: no dialog. */
export function NewPersonForm({ today, onClose }: Props) {
  const router = useRouter()
  const [problem, setProblem] = useState<Problem | null>(null)
  // Made once for this form, so that sending it twice makes one person.
  const [ids] = useState(() => ({ personId: v7(), examId: v7() }))
  const [shape] = useState(() => newPersonShape(Date.now()))
  const { register, handleSubmit, formState } = useForm<NewPersonFields>({ resolver: yupResolver(shape), defaultValues: { name: '', born: '', work: '' } })
  const start = handleSubmit(async (fields) => {
    try {
      const refused = await startPerson(ids, fields)
      if (refused) setProblem(refused)
      else router.push(`/exam/${ids.examId}/story`)
    } catch {
      setProblem({ what: 'The server did not answer.', kept: 'What you typed is still here.', do: 'Press Start again; it makes one person only.' })
    }
  })
  return (
    <form
      noValidate
      onSubmit={(e) => void start(e)}
      onKeyDown={(e) => {
        if (e.key === 'Escape') onClose()
      }}
      aria-label="New person"
      className="mb-4 rounded-card border border-lantern bg-sheet px-5 py-4"
    >
      {problem && <ProblemNotice problem={problem} />}
      <div className="flex flex-wrap items-start gap-4">
        <Field label="Name" error={formState.errors.name?.message} className="grow">
          {(tie) => <input {...register('name')} {...tie} autoFocus autoComplete="off" className={BOX} />}
        </Field>
        <Field label="Date of birth, if known" error={formState.errors.born?.message}>
          {(tie) => <input type="date" max={today} {...register('born')} {...tie} className={BOX} />}
        </Field>
        <Field label="Work or daily load" error={formState.errors.work?.message} className="grow">
          {(tie) => <input {...register('work')} {...tie} autoComplete="off" className={BOX} />}
        </Field>
        <div className="flex gap-3 pt-6">
          <Button type="submit" disabled={formState.isSubmitting} look="main">
            Start the story
          </Button>
          <Button onClick={onClose}>Close</Button>
        </div>
      </div>
    </form>
  )
}
