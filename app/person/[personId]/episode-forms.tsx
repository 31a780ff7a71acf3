'use client'

import { useRouter } from 'next/navigation'
import { type ReactNode, useRef, useState } from 'react'
import { v7 } from 'uuid'
import { CONFIRMED_BY, CONFIRMED_WORDS } from '@/core/change/confirmed-by'
import type { EpisodeChange } from '@/core/change/episode-change'
import type { Problem } from '@/core/vocabulary/problem'
import { listWords } from '@/core/vocabulary/sentence'
import { SOURCES, type SourceId, sourceOf } from '@/core/vocabulary/source'
import { act } from '@/ui/act'
import { Button } from '@/ui/button'
import { DoorForm } from '@/ui/doors/door-form'
import { BOX, Field, Select } from '@/ui/field'

interface Name {
  readonly personId: string
  readonly episode: string
}

type Which = 'due' | 'discharged' | 'confirmed' | 'reopened'

interface FormsProps extends Name {
  readonly open: boolean
  readonly due: string | null
  /** YYYY-MM-DD on the clinic's clock. */
  readonly today: string
}

/** Nothing of what turned out is chosen beforehand: an entry that nobody meant would count in the audit. */
const CHOSEN = [
  ['source', 'the source'],
  ['side', 'the side'],
  ['holds', 'whether it was that'],
  ['how', 'by what'],
] as const

/** What can be said of an episode, one form at a time. */
export function EpisodeForms({ personId, episode, open, due, today }: FormsProps) {
  const [which, setWhich] = useState<Which | null>(null)
  const router = useRouter()
  const send = (change: EpisodeChange) => act<Problem | null>('change-episode', id.current, personId, episode, change)
  const id = useRef(v7())
  const keep = async (change: EpisodeChange): Promise<Problem | null> => {
    const problem = await send(change)
    if (problem) return problem
    id.current = v7()
    setWhich(null)
    router.refresh()
    return null
  }
  const choices: readonly (readonly [Which, string])[] = open
    ? [
        ['due', due === null ? 'Ask to come again' : 'Another day'],
        ['confirmed', 'Enter a confirmed source'],
        ['discharged', 'Discharge'],
      ]
    : [
        ['confirmed', 'Enter a confirmed source'],
        ['reopened', 'Open the episode again'],
      ]
  return (
    <div className="no-print">
      <div className="flex flex-wrap gap-2">
        {choices.map(([one, words]) => (
          <Button key={one} aria-expanded={which === one} onClick={() => setWhich(which === one ? null : one)}>
            {words}
          </Button>
        ))}
      </div>
      {which === 'due' && (
        <Form label="Ask to come again" submit="Keep the day" onSend={(typed) => keep({ kind: 'due', on: typed('on') })}>
          <Field label="Day" className="w-48">
            {(tie) => <input autoComplete="off" {...tie} type="date" name="on" min={today} defaultValue={due ?? ''} className={BOX} />}
          </Field>
          {due !== null && (
            <Button className="self-end" onClick={() => void keep({ kind: 'due', on: null })}>
              Nobody is asked
            </Button>
          )}
        </Form>
      )}
      {which === 'discharged' && (
        <Form label="Discharge" submit="Discharge" onSend={(typed) => keep({ kind: 'discharged', summary: typed('summary') })}>
          <Field label="Summary" hint="What was found, what changed, what was agreed. It stays on record." className="grow">
            {(tie) => <textarea autoComplete="off" {...tie} name="summary" maxLength={2000} rows={3} className={`${BOX} py-2`} />}
          </Field>
        </Form>
      )}
      {which === 'reopened' && (
        <Form label="Open the episode again" submit="Open again" onSend={(typed) => keep({ kind: 'reopened', why: typed('why') })}>
          <Field label="Why" className="grow">
            {(tie) => <input autoComplete="off" {...tie} name="why" maxLength={300} className={BOX} />}
          </Field>
        </Form>
      )}
      {which === 'confirmed' && (
        <Form
          label="Confirmed source"
          submit="Keep it"
          onSend={async (typed) => {
            const open = CHOSEN.filter(([name]) => typed(name) === '').map(([, words]) => words)
            if (open.length > 0)
              return {
                what: `Still to choose: ${listWords(open)}.`,
                kept: 'Nothing is stored yet; what you typed is still here.',
                do: 'Choose, and keep it again.',
              }
            return keep({
              kind: 'confirmed',
              source: typed('source') as SourceId,
              side: typed('side') as 'left' | 'right' | 'both',
              holds: typed('holds') === 'yes',
              how: typed('how') as (typeof CONFIRMED_BY)[number],
              on: typed('on'),
              words: typed('words'),
            })
          }}
        >
          <p className="w-full text-ash">It feeds the audit, and never a finding or an estimate.</p>
          <Pick label="Source" name="source" className="w-72" options={(Object.keys(SOURCES) as SourceId[]).map((source) => [source, sourceOf(source).name])} />
          <Pick
            label="Side"
            name="side"
            options={[
              ['left', 'left'],
              ['right', 'right'],
              ['both', 'both sides'],
            ]}
          />
          <Pick
            label="Was it that?"
            name="holds"
            options={[
              ['yes', 'confirmed'],
              ['no', 'ruled out'],
            ]}
          />
          <Pick label="By" name="how" options={CONFIRMED_BY.map((how) => [how, CONFIRMED_WORDS[how]])} />
          <Field label="Day" className="w-44">
            {(tie) => <input autoComplete="off" {...tie} type="date" name="on" max={today} defaultValue={today} className={BOX} />}
          </Field>
          <Field label="In words, if you like" className="min-w-64 grow">
            {(tie) => <input autoComplete="off" {...tie} name="words" maxLength={1000} className={BOX} />}
          </Field>
        </Form>
      )}
    </div>
  )
}

function Form({
  children,
  ...rest
}: {
  readonly label: string
  readonly submit: string
  readonly onSend: (typed: (name: string) => string) => Promise<Problem | null>
  readonly children: ReactNode
}) {
  return (
    <DoorForm {...rest} className="mt-3 rounded-card border border-hair bg-sheet p-4">
      <div className="flex flex-wrap items-start gap-3">{children}</div>
    </DoorForm>
  )
}

interface PickProps {
  readonly label: string
  readonly name: string
  readonly options: readonly (readonly [string, string])[]
  readonly className?: string
}

function Pick({ label, name, options, className = 'w-40' }: PickProps) {
  return (
    <Field label={label} className={className}>
      {(tie) => (
        <Select {...tie} name={name} defaultValue="">
          <option value="">choose</option>
          {options.map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </Select>
      )}
    </Field>
  )
}

/** A confirmation that was entered wrongly is withdrawn, with a reason; both stay on record. */
export function Withdraw({ personId, episode, entry }: Name & { readonly entry: string }) {
  const [open, setOpen] = useState(false)
  const router = useRouter()
  const id = useRef(v7())
  if (!open)
    return (
      <Button look="quiet" className="no-print" onClick={() => setOpen(true)}>
        Withdraw
      </Button>
    )
  return (
    <Form
      label="Withdraw"
      submit="Withdraw"
      onSend={async (typed) => {
        const problem = await act<Problem | null>('change-episode', id.current, personId, episode, { kind: 'withdrawn', entry, why: typed('why') })
        if (!problem) router.refresh()
        return problem
      }}
    >
      <Field label="Why" className="grow">
        {(tie) => <input autoComplete="off" {...tie} name="why" maxLength={300} className={BOX} />}
      </Field>
    </Form>
  )
}
