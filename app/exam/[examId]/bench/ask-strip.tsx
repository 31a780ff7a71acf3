'use client'

import { useState } from 'react'
import { isToldOtherwise } from '@/core/story/told-otherwise'
import { asksNow } from '@/core/bench/asks-now'
import type { Unasked } from '@/core/safety/gate-zero'
import { counted } from '@/core/vocabulary/sentence'
import { useExam } from '@/ui/exam/store'
import { Button } from '@/ui/button'
import { Key } from '@/ui/key'
import { CONSENT_WORDS } from '@/ui/exam/consent-words'
import type { Bench } from './use-bench'
import { focusCard } from '@/ui/exam/give-focus'

/** What has to be asked before the test in hand may start, one key each; then the bench goes on where it was. */
export function AskStrip({ bench, unasked }: { readonly bench: Bench; readonly unasked: Unasked }) {
  const { exam } = useExam()
  const [elsewhere, setElsewhere] = useState<string | null>(null)
  const now = asksNow(unasked)
  const left = unasked.groups.reduce((n, g) => n + g.items.length, 0)
  if (now.kind === 'consent') {
    return (
      <div role="group" aria-label="Consent to testing" className="flex flex-wrap items-center gap-3 px-6 py-3">
        <p className="mr-2 max-w-2xl grow">
          <span className="block font-semibold">
            {exam.consent === 'withdrawn' ? 'Consent was withdrawn: no test can start.' : 'Consent to testing is not recorded yet.'} Say:
          </span>
          <span className="font-serif italic">“{CONSENT_WORDS}”</span>
        </p>
        <Big onGive={() => bench.input({ do: 'consent', form: 'verbal', explained: CONSENT_WORDS })} keyName="Enter" main>
          Agreed, verbally
        </Big>
        <Big onGive={() => bench.input({ do: 'consent', form: 'written', explained: CONSENT_WORDS })} keyName="W">
          In writing
        </Big>
      </div>
    )
  }
  const { group, item, rest } = now
  return (
    <div role="group" aria-label="Ask first" className="flex flex-wrap items-center gap-3 px-6 py-3">
      <p className="mr-2 min-w-72 grow basis-96" aria-live="polite">
        <span className="block text-sm text-ash">
          {group.name}. {counted(left, 'question')} before this test.
          {isToldOtherwise(item.id, exam) && ' The story speaks of it: ask once more.'}
        </span>
        <span className="font-serif text-[20px] italic">“{item.ask}”</span>
      </p>
      <Big onGive={() => bench.input({ do: 'screen', item: item.id, answer: 'no' })} keyName="N">
        No
      </Big>
      <Big onGive={() => bench.input({ do: 'screen', item: item.id, answer: 'yes' })} keyName="Y" stop>
        Yes
      </Big>
      {!group.singly && rest.length > 1 && (
        <Big onGive={() => bench.input({ do: 'screen-rest', group: group.id, items: rest })} keyName="R">
          No to these {rest.length}
        </Big>
      )}
      {elsewhere === group.id ? (
        <form
          className="flex grow basis-72 gap-2"
          onSubmit={(e) => {
            e.preventDefault()
            const why = new FormData(e.currentTarget).get('why')
            if (typeof why === 'string' && why.trim().length >= 3) {
              bench.input({ do: 'elsewhere', group: group.id, why: why.trim() })
              setElsewhere(null)
            }
          }}
        >
          <input
            autoFocus
            name="why"
            maxLength={300}
            aria-label="Where it was asked, and by whom"
            placeholder="where, and by whom"
            className="min-h-14 min-w-0 grow rounded-card border border-ash bg-dust px-3 placeholder:text-ash"
          />
          <Button type="submit">Keep</Button>
        </form>
      ) : (
        <Button onClick={() => setElsewhere(group.id)} look="quiet">
          Asked elsewhere
        </Button>
      )}
      {group.items.length > 1 && !group.singly && rest.length > 1 && (
        <ul className="basis-full text-sm text-ash">
          {group.items
            .filter((i) => rest.includes(i.id))
            .slice(1)
            .map((i) => (
              <li key={i.id} className="mr-3 inline">
                {i.ask}
              </li>
            ))}
        </ul>
      )}
    </div>
  )
}

interface BigProps {
  readonly onGive: () => void
  readonly keyName: string
  readonly main?: boolean
  readonly stop?: boolean
  readonly children: React.ReactNode
}

function Big({ onGive, keyName, main = false, stop = false, children }: BigProps) {
  const look = main ? 'border-ink bg-ink text-dust' : stop ? 'border-halt text-halt' : 'border-ink'
  return (
    <button
      type="button"
      onClick={() => {
        focusCard()
        onGive()
      }}
      className={`min-h-[68px] min-w-32 rounded-card border-2 px-4 text-lg font-semibold ${look}`}
    >
      {children} <Key>{keyName}</Key>
    </button>
  )
}
