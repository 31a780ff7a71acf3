'use client'

import { yupResolver } from '@hookform/resolvers/yup'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { v7 } from 'uuid'
import { type NewPersonFields, newPersonShape } from '@/core/vocabulary/new-person'
import type { Problem } from '@/core/vocabulary/problem'
import { ProblemNotice } from '@/ui/problem-notice'
import { startPerson } from './actions'

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
          <input {...register('name')} autoFocus autoComplete="off" aria-invalid={formState.errors.name !== undefined} className={FIELD} />
        </Field>
        <Field label="Date of birth, if known" error={formState.errors.born?.message}>
          <input type="date" max={today} {...register('born')} aria-invalid={formState.errors.born !== undefined} className={FIELD} />
        </Field>
        <Field label="Work or daily load" error={formState.errors.work?.message} className="grow">
          <input {...register('work')} autoComplete="off" className={FIELD} />
        </Field>
        <div className="flex gap-3 pt-6">
          <button type="submit" disabled={formState.isSubmitting} className="min-h-11 rounded-card bg-ink px-5 font-semibold text-dust">
            Start the story
          </button>
          <button type="button" onClick={onClose} className="min-h-11 rounded-card border border-hair px-4">
            Close
          </button>
        </div>
      </div>
    </form>
  )
}

const FIELD = 'min-h-11 w-full rounded-md border border-hair bg-dust px-3'

interface FieldProps {
  readonly label: string
  readonly error: string | undefined
  readonly className?: string
  readonly children: React.ReactNode
}

function Field({ label, error, className = '', children }: FieldProps) {
  return (
    <label className={`block min-w-44 ${className}`}>
      <span className="mb-1 block text-sm text-ash">{label}</span>
      {children}
      {error && <span className="mt-1 block text-sm font-semibold text-halt">{error}</span>}
    </label>
  )
}
