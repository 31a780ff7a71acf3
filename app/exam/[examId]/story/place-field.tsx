'use client'

import { useId, useState } from 'react'
import { type NamedPlaces, namePlaces } from '@/core/story/name-places'
import type { Place } from '@/core/vocabulary/body-area'
import type { Side } from '@/core/vocabulary/side'
import { Key } from '@/ui/key'

/** The field that P leads to. */
export const PLACE_FIELD_ID = 'place-by-name'
/** More than these are told by their number. */
const SHOWN = 8

interface Props {
  readonly painted: readonly Place[]
  /** The side that comes first where none is typed. */
  readonly near: Side
  /** These are painted; or wiped, where all of them are painted already. */
  readonly onPaint: (places: readonly Place[], paints: boolean) => void
  /** The field is left by Tab or Esc. */
  readonly disabled: boolean
}

/** A place or a distribution by its name: "l calf", Enter. The chart beside it shows what was meant. */
export function PlaceField({ painted, near, onPaint, disabled }: Props) {
  const [typed, setTyped] = useState('')
  const [at, setAt] = useState(0)
  const [open, setOpen] = useState(false)
  const list = useId()
  const found = open ? namePlaces(typed, near) : []
  const shown = found.slice(0, SHOWN)
  const isPainted = (one: NamedPlaces) => one.places.every((place) => painted.includes(place))
  const take = (one: NamedPlaces | undefined) => {
    if (!one) return
    onPaint(one.places, !isPainted(one))
    setTyped('')
    setAt(0)
  }
  return (
    <div className="relative mb-2">
      <label htmlFor={PLACE_FIELD_ID} className="mb-1 flex items-center gap-2 text-sm text-ash">
        A place by name, or point at the chart <Key mute>P</Key>
      </label>
      <input
        id={PLACE_FIELD_ID}
        role="combobox"
        aria-expanded={shown.length > 0}
        aria-controls={list}
        aria-activedescendant={shown[at] ? `${list} ${at}` : undefined}
        autoComplete="off"
        disabled={disabled}
        value={typed}
        placeholder="l calf, r outer arm to thumb …"
        onFocus={() => setOpen(true)}
        onBlur={() => setOpen(false)}
        onChange={(e) => {
          setTyped(e.target.value)
          setAt(0)
        }}
        onKeyDown={(e) => {
          const by = { ArrowDown: 1, ArrowUp: -1 }[e.key]
          if (by) {
            e.preventDefault()
            setAt(Math.max(0, Math.min(shown.length - 1, at + by)))
          } else if (e.key === 'Enter') {
            e.preventDefault()
            if (typed.trim() !== '' || at > 0) take(shown[at])
          } else if (e.key === 'Escape') {
            if (typed === '') e.currentTarget.blur()
            setTyped('')
          }
        }}
        className="min-h-11 w-full rounded-md border border-edge bg-sheet px-3 placeholder:text-ash"
      />
      <ul
        id={list}
        role="listbox"
        aria-label="Places found"
        className={`absolute inset-x-0 top-full z-10 mt-1 rounded-card border border-edge bg-sheet py-1 ${shown.length === 0 ? 'hidden' : ''}`}
      >
        {shown.map((one, i) => (
          <li
            key={one.words}
            id={`${list} ${i}`}
            role="option"
            aria-selected={i === at}
            // The press must not take the focus first, or the list is gone before it is chosen.
            onPointerDown={(e) => {
              e.preventDefault()
              take(one)
            }}
            className={`flex min-h-11 cursor-pointer items-center gap-3 px-3 ${i === at ? 'bg-glow' : ''}`}
          >
            {one.words}
            {isPainted(one) && <span className="ml-auto text-ink/80">painted: Enter wipes it</span>}
          </li>
        ))}
      </ul>
      <p role="status" className={open && typed.trim() !== '' && found.length === 0 ? 'mt-1 text-sm text-ash' : 'sr-only'}>
        {!open || typed.trim() === ''
          ? ''
          : found.length === 0
            ? 'No place is called that. Point at the chart, or try another word.'
            : `${shown[at]?.words ?? ''}; ${found.length} found`}
      </p>
    </div>
  )
}
