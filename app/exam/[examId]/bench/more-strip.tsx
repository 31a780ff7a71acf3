'use client'

import type { Aside } from '@/core/bench/state'
import { CommandKey } from '@/ui/exam/command-key'
import type { Command } from '@/ui/exam/commands'
import { focusCard } from '@/ui/exam/give-focus'
import { Key } from '@/ui/key'
import type { Bench } from './use-bench'

/** What can be done beside an answer, for a hand without keys. A warning sign comes first: it stops what has to be stopped. */
const MORE = [
  ['warning', 'Warning sign'],
  ['questions', 'Safety question'],
  ['skip', 'Leave it out'],
  ['rate', 'How strong now?'],
  ['technique', 'Technique'],
  ['plan', 'Plan'],
] as const satisfies readonly (readonly [Aside & Command, string])[]

/** Everything that a letter opens over the answers, to be pressed. */
export function MoreStrip({ bench }: { readonly bench: Bench }) {
  return (
    <div role="group" aria-label="More" className="flex flex-wrap items-center gap-2 px-6 py-3">
      {MORE.map(([aside, words]) => (
        <button
          key={aside}
          type="button"
          onClick={() => {
            focusCard()
            bench.open(aside)
          }}
          className={`min-h-14 rounded-card border-2 px-3 ${aside === 'warning' ? 'border-halt font-semibold text-halt' : 'border-edge bg-dust'}`}
        >
          {words} <CommandKey of={aside} />
        </button>
      ))}
      <button
        type="button"
        onClick={() => {
          focusCard()
          bench.input({ do: 'recheck' })
        }}
        className="min-h-14 rounded-card border-2 border-edge bg-dust px-3"
      >
        Recheck <CommandKey of="recheck" />
      </button>
      <button type="button" onClick={() => bench.open('treatment')} className="min-h-14 rounded-card border-2 border-edge bg-dust px-3">
        Treatment
      </button>
      <button type="button" onClick={() => bench.open(null)} className="ml-auto min-h-14 rounded-card border-2 border-edge px-4">
        Back <Key>⌫</Key>
      </button>
    </div>
  )
}
