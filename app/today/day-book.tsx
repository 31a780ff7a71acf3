'use client'

import { ArrowRight, Scale, Search } from 'lucide-react'
import Link from 'next/link'
import { useRouter } from 'next/navigation'
import { useEffect, useState } from 'react'
import { useKeys } from '@/ui/exam/use-keys'
import { ScreenTitle } from '@/ui/screen-title'
import { Key } from '@/ui/key'
import { BringIn } from './bring-in'
import type { Rows } from './day-rows'
import { NewPersonForm } from './new-person'
import { useAsItIs } from './use-as-it-is'
import { useFound, usePages } from './use-rows'
import { Button } from '@/ui/button'

/** One examination as a row of the day's sheet. */
export interface DayRow {
  readonly examId: string
  readonly number: number
  readonly name: string
  readonly about: string
  readonly complaint: string
  /** What stands out, in a few words; empty while nothing moved any source. */
  readonly conclusion: string
  readonly progress: string
  readonly finished: boolean
  readonly goOn: 'story' | 'safety' | 'bench' | 'note'
  readonly halted: boolean
  readonly isToday: boolean
  readonly when: string
}

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
  const open = () => {
    const row = shown[at]
    if (row) router.push(placeOf(row))
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
      <p className="mt-4 flex gap-2 text-sm text-ash">
        <Key>↑</Key>
        <Key>↓</Key> choose <Key>Enter</Key> start or go on <Key>P</Key> new person
      </p>
    </>
  )
}

function placeOf(row: DayRow): string {
  return `/exam/${row.examId}/${row.goOn}`
}

interface SheetProps {
  readonly rows: readonly DayRow[]
  readonly heading: string
  readonly empty: string
  readonly at: number
  readonly offset: number
}

function Sheet({ rows, heading, empty, at, offset }: SheetProps) {
  return (
    <section aria-label={heading} className="mt-5">
      <h2 className="mb-2 text-lg text-ash">{heading}</h2>
      {rows.length === 0 && <p className="rounded-card border border-dashed border-hair px-5 py-4 text-ash">{empty}</p>}
      <ul className="divide-y divide-hair overflow-hidden rounded-card border border-hair bg-sheet empty:hidden">
        {rows.map((row, i) => (
          <li key={row.examId} className={i + offset === at ? 'bg-glow' : ''} aria-current={i + offset === at ? 'true' : undefined}>
            <div className="flex items-stretch">
              <Link
                href={placeOf(row)}
                className="grid grow grid-cols-[3.5rem_minmax(0,1fr)] items-center gap-x-3 gap-y-1 px-4 py-3 hover:bg-glow sm:gap-x-4 sm:px-5 md:grid-cols-[4.5rem_16rem_minmax(0,1fr)_auto]"
              >
                <span className="figures text-xl">{row.when}</span>
                <span className="min-w-0 break-words">
                  <span className="block text-lg font-semibold">{row.name}</span>
                  <span className="text-ash">
                    {row.about}
                    <span className="sr-only">, number</span> · {row.number}
                  </span>
                </span>
                <span className="col-start-2 min-w-0 break-words italic md:col-start-auto">
                  {row.complaint ? `“${row.complaint}”` : <span className="not-italic text-ash">no story yet</span>}
                  {row.conclusion && <span className="block not-italic text-ash">{row.conclusion}</span>}
                </span>
                <span
                  className={`col-start-2 flex items-center gap-3 md:col-start-auto md:text-right ${row.halted ? 'font-semibold text-halt' : row.finished ? 'text-ash' : 'font-semibold'}`}
                >
                  {row.progress}
                  <ArrowRight size={18} aria-hidden="true" />
                </span>
              </Link>
              {row.conclusion ? (
                <Link
                  href={`/exam/${row.examId}/weigh`}
                  title="How this was computed"
                  aria-label={`How this was computed: ${row.name}, ${row.conclusion}`}
                  className="flex w-12 shrink-0 items-center justify-center border-l border-hair text-ash hover:bg-glow hover:text-ink"
                >
                  <Scale size={18} aria-hidden="true" />
                </Link>
              ) : (
                <span className="w-12 shrink-0" />
              )}
            </div>
          </li>
        ))}
      </ul>
    </section>
  )
}
