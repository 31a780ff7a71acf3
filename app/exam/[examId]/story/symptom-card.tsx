'use client'

import { ToggleGroup } from 'radix-ui'
import { type ReactNode, useId } from 'react'
import { placesWords } from '@/core/findings/place-fits'
import type { Stirring } from '@/core/record/event'
import type { Symptom } from '@/core/record/exam'
import { distributionHints } from '@/core/story/distribution'
import { headHints } from '@/core/story/head-complaints'
import { IRRITABILITY_WORDS, irritabilityOf } from '@/core/story/irritability'
import { type Quality, STORY_QUALITIES } from '@/core/vocabulary/quality'
import { useTextDraft } from '@/ui/exam/use-draft'
import { capital } from '@/core/vocabulary/sentence'
import { Button } from '@/ui/button'
import { InTheNote } from '@/ui/exam/from-note'
import { focusNext } from '@/ui/exam/focus-next'
import { Key } from '@/ui/key'

interface Props {
  readonly examId: string
  readonly symptom: Symptom
  readonly open: boolean
  readonly locked: boolean
  readonly onOpen: () => void
  readonly onDescribe: (change: Partial<Symptom>) => void
  readonly onRemove: () => void
}

/** The letter of each quality while the row has the focus. */
const QUALITY_KEYS: Readonly<Record<Quality, string>> = {
  shooting: 's',
  burning: 'b',
  tingling: 't',
  numb: 'n',
  dull: 'd',
  aching: 'a',
  sharp: 'p',
  catching: 'c',
  headache: 'h',
  jaw: 'j',
  dizziness: 'z',
}

const STIRRED: readonly [NonNullable<Stirring['stirredBy']>, string][] = [
  ['much', 'much'],
  ['some', 'some'],
  ['little', 'little'],
]
const SETTLES: readonly [NonNullable<Stirring['settles']>, string][] = [
  ['minutes', 'minutes'],
  ['half-hour', 'half an hour'],
  ['longer', 'longer'],
]

/** The field that W leads to. */
export const WORDS_ID = 'own-words'

/** One familiar symptom. Choices are recorded as they are made, words when the field is left. */
export function SymptomCard({ examId, symptom, open, locked, onOpen, onDescribe, onRemove }: Props) {
  if (!open) {
    return (
      <button type="button" onClick={onOpen} className="flex w-full items-baseline gap-3 rounded-card border border-edge bg-sheet px-5 py-3 text-left">
        <strong className="figures text-xl">{symptom.id}</strong>
        <span className="italic">{symptom.words ? `“${symptom.words}”` : 'no words yet'}</span>
        <span className="ml-auto text-ash">{symptom.places.length > 0 ? placesWords(symptom.places.slice(0, 2)) : 'no place yet'}</span>
      </button>
    )
  }
  const { stirring } = symptom
  const draft = `story ${examId} ${symptom.id}`
  const hints = [...distributionHints(symptom.places), ...headHints(symptom)]
  const stir = (change: Partial<Stirring>) => onDescribe({ stirring: { stirredBy: null, settles: null, ...stirring, ...change } })
  return (
    <fieldset disabled={locked} className="min-w-0 rounded-card border-2 border-lantern bg-sheet px-4 py-4 sm:px-5">
      <legend className="figures px-2 text-xl font-semibold">{symptom.id}</legend>
      <Words draft={`${draft} words`} label="In their own words" value={symptom.words} onLeave={(words) => onDescribe({ words })} large />
      <Row label="What it feels like">
        <ToggleGroup.Root
          type="multiple"
          aria-label="What it feels like"
          value={[...symptom.qualities]}
          onValueChange={(values) => onDescribe({ qualities: values as Quality[] })}
          onKeyDown={(e) => {
            const quality = STORY_QUALITIES.find((q) => QUALITY_KEYS[q] === e.key)
            if (quality)
              onDescribe({ qualities: symptom.qualities.includes(quality) ? symptom.qualities.filter((q) => q !== quality) : [...symptom.qualities, quality] })
          }}
          className="flex flex-wrap gap-2"
        >
          {STORY_QUALITIES.map((q) => (
            <ToggleGroup.Item key={q} value={q} className={CHIP}>
              {q} <Key mute>{QUALITY_KEYS[q].toUpperCase()}</Key>
            </ToggleGroup.Item>
          ))}
        </ToggleGroup.Root>
      </Row>
      <Strength label="How strong right now" value={symptom.now} onGive={(now) => onDescribe({ now })} />
      <div className="grid gap-x-5 md:grid-cols-2">
        <Strength label="At its worst" value={symptom.worst} onGive={(worst) => onDescribe({ worst })} small />
        <Strength label="As it usually is" value={symptom.usual} onGive={(usual) => onDescribe({ usual })} small />
      </div>
      <div className="grid gap-x-5 sm:grid-cols-2">
        <Words draft={`${draft} brings on`} label="Brings it on" value={symptom.bringsOn} onLeave={(bringsOn) => onDescribe({ bringsOn })} />
        <Words draft={`${draft} eases`} label="Eases it" value={symptom.eases} onLeave={(eases) => onDescribe({ eases })} />
        <Choice label="Provoked by this much activity" options={STIRRED} value={stirring?.stirredBy} onChoose={(stirredBy) => stir({ stirredBy })} />
        <Choice label="Settles within" options={SETTLES} value={stirring?.settles} onChoose={(settles) => stir({ settles })} />
      </div>
      <p className="mt-3 text-ash">
        Irritability: <strong className="text-ink">{IRRITABILITY_WORDS[irritabilityOf(symptom)]}</strong>
        {hints.length > 0 && <span className="ml-3">{hints.join(' ')}</span>}
      </p>
      <p className="mt-1 flex items-center gap-4 text-ash">
        {symptom.places.length > 0 ? capital(placesWords(symptom.places)) : 'No place painted yet.'}
        <span className="ml-auto">
          <InTheNote kind="symptom" id={symptom.id} />
        </span>
        <Button onClick={onRemove} look="quiet">
          Remove {symptom.id}
        </Button>
      </p>
    </fieldset>
  )
}

interface StrengthProps {
  readonly label: string
  readonly value: number | null
  readonly onGive: (value: number | null) => void
  readonly small?: boolean
}

/** A strip from 0 to 10. */
function Strength({ label, value, onGive, small = false }: StrengthProps) {
  return (
    <Row label={small ? label : `${label}, 0 to 10 (T is ten)`}>
      <ToggleGroup.Root
        type="single"
        aria-label={label}
        value={value === null ? '' : String(value)}
        onKeyDown={(e) => {
          // T is ten, which has no digit of its own.
          const given = e.key === 't' ? 10 : /^[0-9]$/.test(e.key) ? Number(e.key) : null
          if (given === null) return
          onGive(given)
          focusNext(e.currentTarget)
        }}
        onValueChange={(given) => onGive(given === '' ? null : Number(given))}
        className="flex"
      >
        {Array.from({ length: 11 }, (_, n) => (
          <ToggleGroup.Item
            key={n}
            value={String(n)}
            aria-label={small ? `${n}, ${label.toLowerCase()}` : String(n)}
            className={`figures -ml-px min-w-6 grow border border-edge first:rounded-l-md last:rounded-r-md data-[state=on]:bg-ink data-[state=on]:font-semibold data-[state=on]:text-dust ${small ? 'min-h-11 text-sm' : 'min-h-11'}`}
          >
            {n}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </Row>
  )
}

const CHIP = 'min-h-11 rounded-full border border-edge px-4 data-[state=on]:border-ink data-[state=on]:bg-ink data-[state=on]:text-dust'

function Row({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <div className="mt-4">
      <p className="mb-1 text-sm text-ash">{label}</p>
      {children}
    </div>
  )
}

interface WordsProps {
  /** Names the field on this device while it is being written. */
  readonly draft: string
  readonly label: string
  readonly value: string
  readonly onLeave: (words: string) => void
  readonly large?: boolean
}

function Words({ draft, label, value, onLeave, large = false }: WordsProps) {
  const id = useId()
  const [text, write, done] = useTextDraft(draft, value)
  return (
    <div className={large ? '' : 'mt-4'}>
      <label htmlFor={large ? WORDS_ID : id} className="mb-1 block text-sm text-ash">
        {label} {large && <Key mute>W</Key>}
      </label>
      <input
        id={large ? WORDS_ID : id}
        value={text}
        maxLength={300}
        autoComplete="off"
        onChange={(e) => write(e.target.value)}
        onBlur={() => {
          const words = text.trim()
          if (words !== value) onLeave(words)
          done()
        }}
        className={`min-h-11 w-full rounded-md border border-edge bg-dust px-3 ${large ? 'text-lg' : ''}`}
      />
    </div>
  )
}

interface ChoiceProps<T extends string> {
  readonly label: string
  readonly options: readonly [T, string][]
  readonly value: T | null | undefined
  readonly onChoose: (value: T) => void
}

function Choice<T extends string>({ label, options, value, onChoose }: ChoiceProps<T>) {
  return (
    <Row label={label}>
      <ToggleGroup.Root
        type="single"
        aria-label={label}
        value={value ?? ''}
        onValueChange={(chosen) => {
          const option = options.find(([id]) => id === chosen)
          if (option) onChoose(option[0])
        }}
        onKeyDown={(e) => {
          const option = options.find(([, words]) => words.startsWith(e.key))
          if (!option) return
          onChoose(option[0])
          focusNext(e.currentTarget)
        }}
        className="flex gap-2"
      >
        {options.map(([id, words]) => (
          <ToggleGroup.Item key={id} value={id} className={CHIP}>
            {words}
          </ToggleGroup.Item>
        ))}
      </ToggleGroup.Root>
    </Row>
  )
}
