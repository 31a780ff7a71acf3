'use client'

import { Check } from 'lucide-react'
import { useState } from 'react'
import { useExam } from '@/ui/exam/store'
import { Key } from '@/ui/key'
import { ASIDE_WORDS, asideChoices, OWN_REASON_ID, OWN_REASON_KEY } from './aside-choices'
import type { BenchInput } from '@/core/bench/input'
import type { Aside } from '@/core/bench/state'
import type { Bench } from './use-bench'
import { focusCard } from '@/ui/exam/give-focus'

/** A strip over the answers: why a test is left out, which warning sign was seen, how strong a symptom is now. */
export function AsideStrip({ bench, aside }: { readonly bench: Bench; readonly aside: Aside }) {
  const [own, setOwn] = useState('')
  const { exam } = useExam()
  /** What is so already. */
  const isNow = (input: BenchInput) =>
    (input.do === 'change-variant' && input.variant === bench.inHand?.variant) || (input.do === 'plan' && input.mode === exam.mode)
  const title = aside === 'rate' && bench.rated ? `${bench.rated}: ${ASIDE_WORDS.rate}` : ASIDE_WORDS[aside]
  return (
    <div
      role="group"
      aria-label={title}
      className={
        aside === 'technique' ? 'grid grid-cols-2 items-stretch gap-2 px-6 py-3 text-base lg:grid-cols-4' : 'flex flex-wrap items-center gap-2 px-6 py-3'
      }
    >
      <span className={`mr-1 self-center font-semibold ${aside === 'warning' ? 'text-halt' : ''}`}>{title}</span>
      {asideChoices(aside, bench.rated, bench.inHand).map((choice) => (
        <button
          key={choice.words}
          type="button"
          onClick={() => {
            focusCard()
            bench.input(choice.input)
          }}
          className={`flex min-h-14 items-center gap-2 rounded-card border-2 px-3 text-left leading-tight ${aside === 'warning' ? 'border-halt text-halt' : 'border-edge bg-dust'} ${isNow(choice.input) ? 'font-semibold' : ''}`}
        >
          {isNow(choice.input) && <Check size={16} aria-label="now" />}
          {choice.words}
          {(aside !== 'rate' || choice.key !== choice.words) && <Key>{choice.key.toUpperCase()}</Key>}
        </button>
      ))}
      {aside === 'skip' && (
        <form
          className="flex grow gap-2"
          onSubmit={(e) => {
            e.preventDefault()
            if (own.trim() === '') return
            focusCard()
            bench.input({ do: 'skip', why: own.trim() })
          }}
        >
          <label htmlFor={OWN_REASON_ID} className="self-center">
            Another reason <Key>{OWN_REASON_KEY}</Key>
          </label>
          <input
            autoComplete="off"
            id={OWN_REASON_ID}
            value={own}
            onChange={(e) => setOwn(e.target.value)}
            maxLength={300}
            className="min-h-14 min-w-0 grow rounded-card border border-ash bg-dust px-3 placeholder:text-ash"
          />
        </form>
      )}
      <button type="button" onClick={() => bench.open(null)} className="ml-auto min-h-14 rounded-card border-2 border-edge px-4">
        Back <Key>⌫</Key>
      </button>
    </div>
  )
}
