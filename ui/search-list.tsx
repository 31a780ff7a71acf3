'use client'

import { type ReactNode, useId, useState } from 'react'
import { bringIntoView } from './bring-into-view'

/** One thing that a search found. */
export interface Hit {
  readonly key: string
  readonly words: string
  /** What it is, at the end of its line. */
  readonly kind: ReactNode
}

interface Props<H extends Hit> {
  readonly label: string
  readonly placeholder: string
  /** What is said where nothing fits. */
  readonly none: string
  readonly find: (wanted: string) => readonly H[]
  readonly onChoose: (hit: H) => void
  /** Told of what is typed, for whoever looks further. */
  readonly onType?: (wanted: string) => void
}

/** A field and what fits it: arrows choose, Enter takes the one that is lit, a press takes any. */
export function SearchList<H extends Hit>({ label, placeholder, none, find, onChoose, onType }: Props<H>) {
  const [wanted, setWanted] = useState('')
  const [at, setAt] = useState(0)
  const list = useId()
  const found = find(wanted)
  const move = (to: number) => {
    const next = Math.max(0, Math.min(found.length - 1, to))
    setAt(next)
    bringIntoView(document.getElementById(`${list} ${next}`), document.getElementById(list))
  }
  return (
    <>
      <input
        autoFocus
        role="combobox"
        aria-expanded="true"
        aria-controls={list}
        aria-activedescendant={found[at] ? `${list} ${at}` : undefined}
        aria-label={label}
        placeholder={placeholder}
        autoComplete="off"
        value={wanted}
        onChange={(e) => {
          setWanted(e.target.value)
          setAt(0)
          onType?.(e.target.value)
        }}
        onKeyDown={(e) => {
          const one = found[at]
          if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
            e.preventDefault()
            move(at + (e.key === 'ArrowDown' ? 1 : -1))
          } else if (e.key === 'Enter') {
            e.preventDefault()
            if (one) onChoose(one)
          }
        }}
        className="mt-3 min-h-14 w-full rounded-md border border-edge bg-dust px-3 text-lg placeholder:text-ash"
      />
      <ul id={list} role="listbox" aria-label={`${label}: found`} className="mt-3 max-h-96 overflow-y-auto">
        {found.map((hit, i) => (
          <li
            key={hit.key}
            id={`${list} ${i}`}
            role="option"
            aria-selected={i === at}
            onClick={() => onChoose(hit)}
            className={`flex min-h-14 cursor-pointer items-center gap-3 rounded-md px-3 hover:bg-glow ${i === at ? 'bg-glow outline-2 -outline-offset-2 outline-lantern' : ''}`}
          >
            {hit.words}
            <span className="ml-auto shrink-0 text-ink/80">{hit.kind}</span>
          </li>
        ))}
      </ul>
      <p role="status" className={found.length === 0 ? 'px-3 py-2 text-ash' : 'sr-only'}>
        {found.length === 0 ? none : `${found.length} found`}
      </p>
    </>
  )
}
