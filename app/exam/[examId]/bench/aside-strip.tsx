'use client'

import { useState } from 'react'
import { Key } from '@/ui/key'
import { ASIDE_WORDS, asideChoices } from './aside-choices'
import type { Aside } from '@/core/bench/state'
import type { Bench } from './use-bench'

/** A strip over the answers: why a test is left out, which warning sign was seen, how strong a symptom is now. */
export function AsideStrip({ bench, aside }: { readonly bench: Bench; readonly aside: Aside }) {
  const [own, setOwn] = useState('')
  const title = aside === 'rate' && bench.rated ? `${bench.rated}: ${ASIDE_WORDS.rate}` : ASIDE_WORDS[aside]
  return (
    <div role="group" aria-label={title} className="flex flex-wrap items-center gap-2 px-6 py-3">
      <span className={`mr-1 font-semibold ${aside === 'warning' ? 'text-halt' : ''}`}>{title}</span>
      {asideChoices(aside, bench.rated).map((choice) => (
        <button
          key={choice.words}
          type="button"
          onClick={(e) => {
            e.currentTarget.blur()
            bench.input(choice.input)
          }}
          className={`flex min-h-14 items-center gap-2 rounded-card border-2 px-3.5 ${aside === 'warning' ? 'border-halt text-halt' : 'border-hair bg-dust'}`}
        >
          {choice.words}
          {(aside !== 'rate' || choice.key !== choice.words) && <Key>{choice.key.toUpperCase()}</Key>}
        </button>
      ))}
      {aside === 'skip' && (
        <form
          className="flex grow gap-2"
          onSubmit={(e) => {
            e.preventDefault()
            if (own.trim() !== '') bench.input({ do: 'skip', why: own.trim() })
          }}
        >
          <input
            value={own}
            onChange={(e) => setOwn(e.target.value)}
            maxLength={300}
            aria-label="Another reason"
            placeholder="another reason"
            className="min-h-14 min-w-0 grow rounded-card border border-ash bg-dust px-3 placeholder:text-ash"
          />
        </form>
      )}
      <button type="button" onClick={() => bench.open(null)} className="ml-auto min-h-14 rounded-card border-2 border-hair px-4">
        Back <Key>⌫</Key>
      </button>
    </div>
  )
}
