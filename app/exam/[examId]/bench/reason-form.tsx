'use client'

import { useState } from 'react'
import { Button } from '@/ui/button'

interface Props<T extends string> {
  /** The button that opens the form. */
  readonly open: string
  /** What the choice and the reason are called. */
  readonly choice: string
  readonly reason: string
  readonly placeholder: string
  readonly options: readonly { readonly id: T; readonly words: string }[]
  /** The option that stands first. */
  readonly first: T
  /** Record it; the form closes when it was taken. */
  readonly onKeep: (id: T, why: string) => boolean
}

/** A choice that needs a reason, behind a quiet button: both stay on the record. A reason has words, not blanks. */
export function ReasonForm<T extends string>({ open, choice, reason, placeholder, options, first, onKeep }: Props<T>) {
  const [chosen, setChosen] = useState<T | null>(null)
  const [why, setWhy] = useState('')
  if (chosen === null) {
    return (
      <Button onClick={() => setChosen(first)} look="quiet" className="ml-2">
        {open}
      </Button>
    )
  }
  const isReason = /\p{L}{2}/u.test(why) && why.trim().length >= 3
  return (
    <form
      className="mt-2 flex flex-wrap gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        if (isReason && onKeep(chosen, why.trim())) setChosen(null)
      }}
    >
      <select
        aria-label={choice}
        value={chosen}
        onChange={(e) => setChosen(options.find((o) => o.id === e.target.value)?.id ?? first)}
        className="min-h-11 rounded-md border border-ash bg-dust px-2"
      >
        {options.map((o) => (
          <option key={o.id} value={o.id}>
            {o.words}
          </option>
        ))}
      </select>
      <input
        autoComplete="off"
        autoFocus
        value={why}
        maxLength={300}
        onChange={(e) => setWhy(e.target.value)}
        aria-label={reason}
        placeholder={placeholder}
        className="min-h-11 min-w-0 grow rounded-md border border-ash bg-dust px-3 placeholder:text-ash"
      />
      <Button type="submit" disabled={!isReason}>
        Keep
      </Button>
    </form>
  )
}
