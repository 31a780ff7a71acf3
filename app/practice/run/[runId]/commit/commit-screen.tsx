'use client'

import Link from 'next/link'
import { useState } from 'react'
import type { Commitment } from '@/core/trainer/attempt'
import { isSideless } from '@/core/trainer/sideless'
import { CASE_REGIONS, PICTURES, PLAYED, type PlayedSource } from '@/core/trainer/picture'
import { URGENCY_WORDS, type Urgency } from '@/core/safety/gate'
import type { Problem } from '@/core/vocabulary/problem'
import type { Side } from '@/core/vocabulary/side'
import { SOURCES } from '@/core/vocabulary/source'
import { act } from '@/ui/act'
import { Choice } from '@/ui/choice'
import { DoorForm } from '@/ui/doors/door-form'
import { BOX, Field, Select } from '@/ui/field'
import { useExam } from '@/ui/exam/store'
import { usePractice } from '@/ui/practice/context'
import { ScreenTitle } from '@/ui/screen-title'
import { LevelField, SideField } from '../../../source-fields'

interface Held {
  readonly source: PlayedSource | ''
  readonly side: Side | ''
  readonly level: string
}

const NONE: Held = { source: '', side: '', level: '' }
/** What stands for the side of what has none. */
const NO_SIDE: Side = 'right'

/** The end of a case: what is held for true, how surely, and what is done next. Then the truth is shown. */
export function CommitScreen() {
  const practice = usePractice()
  const { at, link } = useExam()
  const [held, setHeld] = useState<readonly [Held, Held]>([NONE, NONE])
  const [certainty, setCertainty] = useState('')
  const [next, setNext] = useState<Commitment['next'] | ''>('')
  const [urgency, setUrgency] = useState<Urgency | ''>('')
  if (!practice) return null
  if (practice.over) {
    return (
      <main className="p-6">
        <ScreenTitle className="text-2xl">Commit</ScreenTitle>
        <p className="mt-2">
          This case is committed. <Link href={at('replay')}>See the replay</Link>
        </p>
      </main>
    )
  }
  const commit = async (): Promise<Problem | null> => {
    if (link.waiting > 0 || !(await practice.settled()))
      return { what: 'Some of what you recorded is not on disk yet.', kept: 'It is in this window.', do: 'Wait a moment and press again.' }
    const kept = 'What you chose is still here.'
    if (held.some(({ source, side }) => source !== '' && side === '' && !isSideless(source)))
      return { what: 'Say which side.', kept, do: 'Choose left or right.' }
    if (certainty === '') return { what: 'Say how sure you are.', kept, do: 'Type a figure from 0 to 100.' }
    if (next === '') return { what: 'Say what is done next.', kept, do: 'Choose to treat or to refer.' }
    if (next === 'refer' && urgency === '') return { what: 'Say how soon it is referred.', kept, do: 'Choose one.' }
    const said: Commitment = {
      sources: held.flatMap(({ source, side, level }) =>
        source === '' ? [] : [{ source, side: side === '' ? NO_SIDE : side, level: level === '' ? null : level }],
      ),
      certainty: Number(certainty),
      next,
      urgency: next === 'refer' && urgency !== '' ? urgency : null,
    }
    const problem = await act<Problem | null>('commit-practice', practice.runId, said)
    // Opened anew, so that the truth comes with it.
    if (!problem) window.location.assign(at('replay'))
    return problem
  }
  return (
    <main className="min-h-0 flex-1 overflow-y-auto px-6 py-5">
      <ScreenTitle className="text-2xl">What do you hold for true?</ScreenTitle>
      <p className="mt-1 max-w-3xl text-ash">
        Nothing of this case can be changed afterwards. Then you see what the person truly had, and each moment that was right or wrong.
      </p>
      <DoorForm label="Commit" submit="Commit, and see the truth" className="mt-4 max-w-3xl" onSend={commit}>
        {([0, 1] as const).map((i) => (
          <HeldSource
            key={i}
            n={i}
            held={held[i]}
            onChange={(change) => setHeld(i === 0 ? [{ ...held[0], ...change }, held[1]] : [held[0], { ...held[1], ...change }])}
          />
        ))}
        <Field
          label="How sure are you of the first, or that there is none? 0 to 100 %"
          hint="50 is a coin. You are scored by how well this fits over many cases."
        >
          {(tie) => (
            <input
              autoComplete="off"
              {...tie}
              type="number"
              min={0}
              max={100}
              step={1}
              inputMode="numeric"
              value={certainty}
              onChange={(e) => setCertainty(e.target.value)}
              className={`${BOX} max-w-32`}
            />
          )}
        </Field>
        <fieldset>
          <legend>What is done next</legend>
          <Choice
            name="next"
            value={next}
            onChange={setNext}
            options={[
              { id: 'treat', words: 'Treat, and recheck' },
              { id: 'refer', words: 'Refer' },
            ]}
          />
        </fieldset>
        {next === 'refer' && (
          <Field label="How soon">
            {(tie) => (
              <Select {...tie} value={urgency} onChange={(e) => setUrgency(e.target.value as Urgency | '')}>
                <option value="">Choose</option>
                {(Object.keys(URGENCY_WORDS) as Urgency[]).map((id) => (
                  <option key={id} value={id}>
                    {URGENCY_WORDS[id]}
                  </option>
                ))}
              </Select>
            )}
          </Field>
        )}
      </DoorForm>
    </main>
  )
}

interface HeldProps {
  readonly n: 0 | 1
  readonly held: Held
  readonly onChange: (change: Partial<Held>) => void
}

function HeldSource({ n, held, onChange }: HeldProps) {
  return (
    <div className="flex flex-wrap items-end gap-3">
      <Field label={n === 0 ? 'The source' : 'A second source, if there is one'} className="min-w-64 grow">
        {(tie) => (
          <Select {...tie} value={held.source} onChange={(e) => onChange({ source: e.target.value as Held['source'], level: '' })}>
            <option value="">{n === 0 ? 'None that a test here could find' : 'None'}</option>
            {CASE_REGIONS.map((region) => (
              <optgroup key={region} label={region}>
                {PLAYED.filter((source) => PICTURES[source].region === region).map((source) => (
                  <option key={source} value={source}>
                    {SOURCES[source].name}
                  </option>
                ))}
              </optgroup>
            ))}
          </Select>
        )}
      </Field>
      {held.source !== '' && !isSideless(held.source) && <SideField value={held.side} none="Choose" onChange={(side) => onChange({ side })} />}
      {held.source !== '' && <LevelField source={held.source} value={held.level} none="not said" onChange={(level) => onChange({ level })} />}
    </div>
  )
}
