'use client'

import { useState } from 'react'
import { causeWords } from '@/core/safety/cause-words'
import type { ClosedGate } from '@/core/safety/safety'
import { InTheNote } from './from-note'
import { useExam } from './store'
import { Button } from '../button'

const WORDS = { halt: 'Halt', block: 'Blocked', before: 'First', caution: 'Caution' } as const

/** A closed gate: why, what closed it, what to do now, and a way through that needs a reason and stays on the record. */
export function GatePanel({ closed }: { readonly closed: ClosedGate }) {
  const { gate } = closed
  const stops = gate.strength !== 'caution'
  const causes = closed.because.filter((cause) => cause !== 'anyone')
  return (
    <section
      role={stops ? 'alert' : 'note'}
      aria-label={WORDS[gate.strength]}
      className={`mt-2 rounded-card border-l-[6px] bg-sheet px-4 py-3 ${stops ? 'border-halt' : 'border-ash'}`}
    >
      <p className={`text-xl font-semibold ${stops ? 'text-halt' : ''}`}>
        {WORDS[gate.strength]}: {gate.reason}
      </p>
      <p className="text-lg">{gate.do}</p>
      <Causes of={causes} className="mt-1 text-base text-ash" />
      <p>
        <InTheNote kind="gate" id={gate.id} />
      </p>
      {closed.opened !== null && <p className="mt-1">Opened with a reason: {closed.opened}</p>}
      {stops && closed.opened === null && <OpenGate closed={closed} />}
    </section>
  )
}

/** What closed a gate, a line each: questions and their answers run into one another otherwise. */
export function Causes({ of, className }: { readonly of: readonly string[]; readonly className?: string }) {
  if (of.length === 0) return null
  return (
    <ul className={className}>
      {of.map((cause) => (
        <li key={cause}>{causeWords(cause)}</li>
      ))}
    </ul>
  )
}

/** The way through a closed gate: a reason in words, for what closes it now. */
export function OpenGate({ closed }: { readonly closed: ClosedGate }) {
  const { record, exam } = useExam()
  const [why, setWhy] = useState('')
  const [asking, setAsking] = useState(false)
  const { gate, standing, changed } = closed
  if (exam.signed) return null
  const taken = standing.filter((cause) => changed.includes(cause))
  return (
    <>
      {taken.length > 0 && (
        <p className="mt-1 text-base">
          {taken.length === standing.length ? 'This' : 'A part of this'} was changed or taken back since. It stays closed until you say why it no longer holds.
        </p>
      )}
      {asking ? (
        <form
          className="mt-3 flex flex-wrap gap-3"
          onSubmit={(e) => {
            e.preventDefault()
            if (isReason(why) && record([{ type: 'gate-opened', gate: gate.id, why: why.trim(), causes: standing }])) setAsking(false)
          }}
        >
          <label className="grow">
            <span className="sr-only">Reason for going on all the same</span>
            <input
              autoComplete="off"
              autoFocus
              value={why}
              maxLength={300}
              onChange={(e) => setWhy(e.target.value)}
              placeholder="Your reason; it stays on the record"
              className="min-h-12 w-full rounded-md border border-ash bg-dust px-3 placeholder:text-ash"
            />
          </label>
          <Button type="submit" disabled={!isReason(why)} look="stop">
            Open it with this reason
          </Button>
          <Button onClick={() => setAsking(false)}>Leave it closed</Button>
        </form>
      ) : (
        <Button onClick={() => setAsking(true)} look="quiet" size="large" className="mt-2">
          Open it with a reason
        </Button>
      )}
    </>
  )
}

/** Words, as the record asks for. */
function isReason(why: string): boolean {
  return why.trim().length >= 3 && /\p{L}{2}/u.test(why)
}
