'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { v7 } from 'uuid'
import type { Problem } from '@/core/vocabulary/problem'
import { act } from '@/ui/act'
import { DoorForm } from '@/ui/doors/door-form'
import { BOX, Field } from '@/ui/field'

interface Props {
  readonly written: readonly { readonly name: string; readonly title: string }[]
  readonly known: { readonly id: string; readonly title: string; readonly cases: readonly string[]; readonly closed: boolean } | null
}

/** Sets a class, or changes one: its title and its cases, one a line. */
export function ClassForm({ written, known }: Props) {
  const router = useRouter()
  const [made] = useState(() => v7())
  const entry = useRef(v7())
  const save = async (typed: (name: string) => string, closed: boolean): Promise<Problem | null> => {
    const cases = typed('cases')
      .split(/[\n,;]+/)
      .map((line) => line.trim())
      .filter(Boolean)
      .map((line) => written.find((w) => w.title.toLowerCase() === line.toLowerCase())?.name ?? line.toLowerCase())
    const problem = await act<Problem | null>('save-class', entry.current, { id: known?.id ?? made, title: typed('title'), cases, closed })
    if (!problem) {
      entry.current = v7()
      if (known) router.refresh()
      else router.push(`/practice/classes/${made}`)
    }
    return problem
  }
  const named = (name: string) => written.find((w) => w.name === name)?.title ?? name
  return (
    <>
      <DoorForm
        label={known ? 'Change the class' : 'Set a class'}
        submit={known ? 'Keep' : 'Set the class'}
        className="mt-2 max-w-xl"
        onSend={(typed) => save(typed, false)}
      >
        <Field label="Title">
          {(tie) => <input autoComplete="off" {...tie} name="title" maxLength={80} defaultValue={known?.title ?? ''} className={BOX} />}
        </Field>
        <Field
          label="Cases, one a line"
          hint={`A region and a number, as neck 14${written.length > 0 ? '; or the title of a case that was written here' : ''}.`}
        >
          {(tie) => (
            <textarea autoComplete="off" {...tie} name="cases" rows={6} defaultValue={known?.cases.map(named).join('\n') ?? ''} className={`${BOX} py-2`} />
          )}
        </Field>
      </DoorForm>
      {known && !known.closed && (
        <DoorForm
          label="Close the class"
          submit="Close the class"
          look="plain"
          className="mt-4"
          onSend={() => save((name) => (name === 'title' ? known.title : known.cases.join('\n')), true)}
        >
          {null}
        </DoorForm>
      )}
    </>
  )
}
