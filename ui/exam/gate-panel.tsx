'use client'

import { useState } from 'react'
import type { ClosedGate } from '@/core/safety/safety'
import { useExam } from './store'
import { Button } from '../button'

const WORDS = { halt: 'Halt', block: 'Blocked', before: 'First', caution: 'Caution' } as const

/** A closed gate: why, what to do now, and a way through that needs a reason and stays on the record. */
export function GatePanel({ closed }: { readonly closed: ClosedGate }) {
  const { record } = useExam()
  const [why, setWhy] = useState('')
  const [asking, setAsking] = useState(false)
  const { gate } = closed
  const stops = gate.strength !== 'caution'
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
      {closed.opened !== null && <p className="mt-1">Opened with a reason: {closed.opened}</p>}
      {stops &&
        closed.opened === null &&
        (asking ? (
          <form
            className="mt-3 flex flex-wrap gap-3"
            onSubmit={(e) => {
              e.preventDefault()
              if (why.trim().length >= 3 && record([{ type: 'gate-opened', gate: gate.id, why: why.trim() }])) setAsking(false)
            }}
          >
            <label className="grow">
              <span className="sr-only">Reason for going on all the same</span>
              <input
                autoFocus
                value={why}
                maxLength={300}
                onChange={(e) => setWhy(e.target.value)}
                placeholder="Your reason; it stays on the record"
                className="min-h-12 w-full rounded-md border border-ash bg-dust px-3 placeholder:text-ash"
              />
            </label>
            <Button type="submit" disabled={why.trim().length < 3} look="stop">
              Open it with this reason
            </Button>
            <Button onClick={() => setAsking(false)}>Leave it closed</Button>
          </form>
        ) : (
          <Button onClick={() => setAsking(true)} look="quiet" className="mt-2">
            Open it with a reason
          </Button>
        ))}
    </section>
  )
}
