'use client'

import { Search } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { useKeys } from '@/ui/exam/use-keys'
import { ScreenTitle } from '@/ui/screen-title'
import { Key } from '@/ui/key'
import Link from 'next/link'
import { BringIn } from './bring-in'
import type { Rows } from './day-rows'
import { NewPersonForm } from './new-person'
import { type DayRow, placeOf, Sheet, SheetSigns } from './sheet'
import { useAsItIs } from './use-as-it-is'
import { useFound, usePages } from './use-rows'
import { Button } from '@/ui/button'

interface Props {
  readonly today: readonly DayRow[]
  readonly earlier: Rows
  readonly title: string
  /** YYYY-MM-DD on the clinic's clock. */
  readonly day: string
  /** Names this rendering by the server. */
  readonly made: string
}

/** The page itself is drawn and awake by then, in milliseconds. */
const KEEP_AFTER_MS = 3000

/** Today's examinations are kept on this device while nobody waits, so that they open without the server. */
function useKeptToday(made: string): void {
  useEffect(() => {
    const timer = setTimeout(() => void import('./keep-today').then(({ keepToday }) => keepToday()).catch(() => undefined), KEEP_AFTER_MS)
    return () => clearTimeout(timer)
  }, [made])
}

/** The day's people, found by name, number or complaint. Up and down choose a row, Enter opens it. */
export function DayBook({ today, earlier, title, day, made }: Props) {
  const router = useRouter()
  useAsItIs(made)
  useKeptToday(made)
  const [wanted, setWanted] = useState('')
  const [chosen, setChosen] = useState(0)
  const [adding, setAdding] = useState(false)
  const pages = usePages(earlier)
  const all = [...today, ...pages.rows]
  const found = useFound(wanted, all)
  const shown = found ? [...found.rows.filter((row) => row.isToday), ...found.rows.filter((row) => !row.isToday)] : all
  const at = Math.min(chosen, Math.max(0, shown.length - 1))
  const move = (by: number) => setChosen(Math.max(0, Math.min(shown.length - 1, at + by)))
  const current = shown[at]
  const place = current ? placeOf(current) : null
  useEffect(() => {
    if (place !== null) router.prefetch(place)
  }, [place, router])
  const open = () => {
    if (place !== null) router.push(place)
  }
  /** Up, down and Enter do the same beside the search field and in it. */
  const hear = (key: string): boolean => {
    if (key !== 'arrowdown' && key !== 'arrowup' && key !== 'enter') return false
    if (key === 'enter') open()
    else move(key === 'arrowdown' ? 1 : -1)
    return true
  }
  useKeys(({ key, onControl }) => {
    if (key === 'p') setAdding(true)
    return key === 'p' || (!adding && !(key === 'enter' && onControl) && hear(key))
  }, true)
  const todays = shown.filter((row) => row.isToday)
  const others = shown.filter((row) => !row.isToday)
  return (
    <>
      <div className="mb-5 mt-7 flex flex-wrap items-end gap-4">
        <ScreenTitle className="mr-auto text-3xl">{title}</ScreenTitle>
        <label className="flex min-h-11 min-w-0 items-center gap-2 rounded-card border border-edge bg-sheet px-3">
          <Search size={18} aria-hidden="true" className="text-ash" />
          <span className="sr-only">Find by name, number or complaint</span>
          <input
            autoComplete="off"
            value={wanted}
            onChange={(e) => setWanted(e.target.value)}
            onKeyDown={(e) => {
              if (hear(e.key.toLowerCase())) e.preventDefault()
            }}
            placeholder="Name, number or complaint"
            className="quiet-focus w-56 min-w-0 bg-transparent sm:w-64 py-2 placeholder:text-ash"
          />
        </label>
        <BringIn />
        <Button onClick={() => setAdding(!adding)} aria-expanded={adding} look="main">
          New person <span className="ml-1 opacity-80">P</span>
        </Button>
      </div>
      {adding && <NewPersonForm today={day} onClose={() => setAdding(false)} />}
      <SheetSigns />
      <Sheet
        rows={todays}
        heading="Today"
        empty={found ? 'Nobody today fits that.' : 'Nobody yet today. New person (P) starts an examination: story, safety questions, consent, then the bench.'}
        at={at}
        offset={0}
      />
      <Sheet
        rows={others}
        heading="Earlier"
        empty={
          found ? 'Nobody earlier fits that.' : 'No earlier examination. Those of other days stand here, and search finds them by name, number or complaint.'
        }
        at={at}
        offset={todays.length}
      />
      {!found && pages.more && (
        <Button onClick={() => void pages.more?.()} className="mt-3">
          Show earlier ones
        </Button>
      )}
      {pages.failed && (
        <p role="alert" className="mt-2 text-halt">
          The server did not answer. What is shown stays; try again.
        </p>
      )}
      <p className="mt-4 flex flex-wrap items-center gap-2 text-sm text-ash">
        <Key>↑</Key>
        <Key>↓</Key> choose <Key>Enter</Key> start or go on <Key>P</Key> new person
        <Link href="/exchange" className="ml-auto inline-flex min-h-11 items-center underline decoration-hair underline-offset-4">
          Import and export many files
        </Link>
      </p>
    </>
  )
}
