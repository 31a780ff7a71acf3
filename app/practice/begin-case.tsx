'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { v7 } from 'uuid'
import type { Problem } from '@/core/vocabulary/problem'
import { act } from '@/ui/act'
import { Choice } from '@/ui/choice'
import { DoorForm } from '@/ui/doors/door-form'
import { BOX, Field } from '@/ui/field'

const REGIONS = [
  { id: 'neck', words: 'Neck and arm' },
  { id: 'back', words: 'Low back and leg' },
  { id: 'pelvis', words: 'Pelvis and hip' },
] as const
type Region = (typeof REGIONS)[number]['id']

/** Begin a case by region and number: the same number is the same person everywhere. */
export function BeginCase({ next }: { readonly next: Readonly<Record<Region, number>> }) {
  const router = useRouter()
  const id = useRef(v7())
  const [region, setRegion] = useState<Region>('back')
  const [number, setNumber] = useState('')
  const begin = async (): Promise<Problem | null> => {
    const run = id.current
    const problem = await act<Problem | null>('start-practice', run, `${region} ${number === '' ? next[region] : number}`, null)
    if (!problem) router.push(`/practice/run/${run}/story`)
    return problem
  }
  return (
    <DoorForm label="Begin a case" submit="Begin" onSend={begin} className="max-w-xl">
      <Choice name="Region" value={region} onChange={setRegion} options={REGIONS} />
      <Field label="Number of the case" hint={`Left empty: your next one, ${next[region]}. The same number is the same person for everybody.`}>
        {(tie) => (
          <input
            autoComplete="off"
            {...tie}
            type="number"
            min={1}
            max={99999}
            value={number}
            onChange={(e) => setNumber(e.target.value)}
            className={`${BOX} max-w-40`}
          />
        )}
      </Field>
    </DoorForm>
  )
}

/** Begin a case that is named already: of a class, or written here. */
export function BeginNamed({ name, klass, words }: { readonly name: string; readonly klass: string | null; readonly words: string }) {
  const router = useRouter()
  const id = useRef(v7())
  return (
    <DoorForm
      label={words}
      submit={words}
      look="plain"
      onSend={async () => {
        const problem = await act<Problem | null>('start-practice', id.current, name, klass)
        if (!problem) router.push(`/practice/run/${id.current}/story`)
        return problem
      }}
    >
      {null}
    </DoorForm>
  )
}
