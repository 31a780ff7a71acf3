'use client'

import { useRef, useState } from 'react'
import { v7 } from 'uuid'
import type { Problem } from '@/core/vocabulary/problem'
import { act } from '@/ui/act'
import { Button } from '@/ui/button'
import { DoorForm } from '@/ui/doors/door-form'
import { BOX, Field } from '@/ui/field'

interface Props {
  readonly personId: string
  readonly number: number
  readonly name: string
  readonly exams: number
}

interface Erased {
  readonly exams: number
  readonly entries: number
  readonly changes: number
}

/** Erases a person on lawful request. It cannot be taken back, so the number is typed and the reason stays on record. */
export function EraseForm({ personId, number, name, exams }: Props) {
  const [open, setOpen] = useState(false)
  const [erased, setErased] = useState<Erased | null>(null)
  // Made once, so that pressing twice erases once.
  const id = useRef<string | null>(null)
  if (erased) {
    return (
      <div role="alert" className="mt-8 rounded-card border-2 border-halt bg-sheet p-5">
        <p className="font-semibold">
          Erased: {erased.exams} {erased.exams === 1 ? 'examination' : 'examinations'} with {erased.entries} entries, and {erased.changes} corrections.
        </p>
        <p className="mt-1">
          A line without a name stays, so that the chain still tells that something was here. Backups made before hold it until their time is over; files that
          were saved are wherever they were saved to.
        </p>
        <Button asChild className="mt-3">
          <a href="/today">Go to Today</a>
        </Button>
      </div>
    )
  }
  return (
    <section aria-label="Erase" className="no-print mt-8 border-t border-hair pt-5">
      <h2 className="text-xl">Erase this person</h2>
      <p className="mt-2 text-ash">
        Only on a lawful request, and where no law tells you to keep the records. Name, {exams} {exams === 1 ? 'examination' : 'examinations'}, every entry and
        every correction go. It cannot be taken back.
      </p>
      {!open ? (
        <Button look="stop" className="mt-3" onClick={() => setOpen(true)}>
          Erase {name} …
        </Button>
      ) : (
        <DoorForm
          label="Erase"
          submit={`Erase number ${number}`}
          look="stop"
          className="mt-4 max-w-xl"
          beside={<Button onClick={() => setOpen(false)}>Keep everything</Button>}
          onSend={async (typed) => {
            id.current ??= v7()
            const came = await act<Problem | Erased>('erase-person', id.current, personId, typed('number'), typed('why'))
            if ('what' in came) return came
            setErased(came)
            return null
          }}
        >
          <Field label={`Type the number, ${number}`}>{(tie) => <input {...tie} name="number" inputMode="numeric" autoComplete="off" className={BOX} />}</Field>
          <Field label="Why, without a name: it stays on record">
            {(tie) => <input {...tie} name="why" maxLength={300} autoComplete="off" className={BOX} />}
          </Field>
        </DoorForm>
      )}
    </section>
  )
}
