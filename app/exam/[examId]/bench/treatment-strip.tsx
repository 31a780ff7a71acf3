'use client'

import { useState } from 'react'
import { TREATMENT_WORDS, ZONE_WORDS } from '@/core/note/treatment-words'
import { RESPONSES, type Response, TREATMENTS, type TreatmentKind } from '@/core/record/visit-events'
import { soreSides } from '@/core/story/sore-sides'
import { areaOf, bodyArea, ZONES } from '@/core/vocabulary/body-area'
import { Button } from '@/ui/button'
import { useExam } from '@/ui/exam/store'
import { Key } from '@/ui/key'
import type { TreatmentGiven } from '@/core/record/visit-events'

const FIELD = 'min-h-14 rounded-card border border-ash bg-dust px-3'

interface Props {
  readonly onKeep: (treatment: Omit<TreatmentGiven, 'id' | 'at' | 'by' | 'type'>) => void
  readonly onBack: () => void
}

/** What was done between two measurements. It opens the half of the visit that comes after it. */
export function TreatmentStrip({ onKeep, onBack }: Props) {
  const { exam } = useExam()
  const [told] = exam.symptoms
  const sore = soreSides(exam)
  const [words, setWords] = useState('')
  const [kind, setKind] = useState<TreatmentKind>('manual')
  const [region, setRegion] = useState<(typeof ZONES)[number]>(told?.places[0] ? bodyArea(areaOf(told.places[0])).zone : 'low-back')
  const [side, setSide] = useState<'left' | 'right' | 'both'>(sore.length === 1 ? (sore[0] ?? 'both') : 'both')
  const [response, setResponse] = useState<Response | ''>('')
  const says = /\p{L}{2}/u.test(words)
  return (
    <form
      aria-label="What was treated"
      className="flex flex-wrap items-end gap-2 px-6 py-3"
      onSubmit={(e) => {
        e.preventDefault()
        if (!says) return
        onKeep({ kind, region, side, words: words.trim(), response: response || null })
      }}
      onKeyDown={(e) => {
        if (e.key === 'Escape') onBack()
      }}
    >
      <label className="min-w-64 grow">
        <span className="mb-1 block text-sm text-ash">What was treated, in words</span>
        <input autoComplete="off" autoFocus value={words} maxLength={1000} onChange={(e) => setWords(e.target.value)} className={`${FIELD} w-full`} />
      </label>
      <Choice label="Kind" value={kind} options={TREATMENTS.map((id) => [id, TREATMENT_WORDS[id]])} onChange={setKind} />
      <Choice label="Region" value={region} options={ZONES.map((id) => [id, ZONE_WORDS[id]])} onChange={setRegion} />
      <Choice
        label="Side"
        value={side}
        options={[
          ['left', 'left'],
          ['right', 'right'],
          ['both', 'both sides'],
        ]}
        onChange={setSide}
      />
      <Choice label="“How is it now?”" value={response} options={[['', 'not asked'], ...RESPONSES.map((id) => [id, id] as const)]} onChange={setResponse} />
      <Button type="submit" look="main" disabled={!says} className="min-h-14">
        Note it <Key>Enter</Key>
      </Button>
      <button type="button" onClick={onBack} className="ml-auto min-h-14 rounded-card border-2 border-edge px-4">
        Back <Key>Esc</Key>
      </button>
    </form>
  )
}

interface ChoiceProps<T extends string> {
  readonly label: string
  readonly value: T
  readonly options: readonly (readonly [T, string])[]
  readonly onChange: (value: T) => void
}

function Choice<T extends string>({ label, value, options, onChange }: ChoiceProps<T>) {
  return (
    <label>
      <span className="mb-1 block text-sm text-ash">{label}</span>
      <select value={value} onChange={(e) => onChange(options.find(([id]) => id === e.target.value)?.[0] ?? value)} className={FIELD}>
        {options.map(([id, words]) => (
          <option key={id} value={id}>
            {words}
          </option>
        ))}
      </select>
    </label>
  )
}
