'use client'

import { ArrowRight, Scale } from 'lucide-react'
import { useListLinks } from './use-list-links'

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
  /** What changed since the last visit, in a few words; empty where nothing was compared. */
  readonly changed: string
  /** Which visit of its episode. */
  readonly visit: number
  readonly finished: boolean
  readonly goOn: 'story' | 'safety' | 'bench' | 'note'
  readonly halted: boolean
  readonly isToday: boolean
  readonly when: string
}

/** Where a row goes on. */
export function placeOf(row: DayRow): string {
  return `/exam/${row.examId}/${row.goOn}`
}

/** The signs of the rows, drawn once a page: a list is as long as a clinic is old. */
export function SheetSigns() {
  return (
    <svg width="0" height="0" className="absolute" aria-hidden="true">
      <symbol id="row-go" viewBox="0 0 24 24">
        <ArrowRight />
      </symbol>
      <symbol id="row-how" viewBox="0 0 24 24">
        <Scale />
      </symbol>
    </svg>
  )
}

interface SheetProps {
  readonly rows: readonly DayRow[]
  readonly heading: string
  readonly empty: string
  /** The row that is chosen, counted over all sheets of the page; none where rows are not chosen. */
  readonly at: number | null
  /** Rows that stand on the sheets before. */
  readonly offset: number
}

/** Examinations one under the other, each with where it goes on and the way to how its figure was computed. */
export function Sheet({ rows, heading, empty, at, offset }: SheetProps) {
  const links = useListLinks()
  return (
    <section aria-label={heading} className="mt-5">
      <h2 className="mb-2 text-lg text-ash">{heading}</h2>
      {rows.length === 0 && <p className="rounded-card border border-dashed border-hair px-5 py-4 text-ash">{empty}</p>}
      <ul {...links} className="divide-y divide-hair overflow-hidden rounded-card border border-hair bg-sheet empty:hidden">
        {rows.map((row, i) => (
          <li key={row.examId} className={i + offset === at ? 'bg-glow' : ''} aria-current={i + offset === at ? 'true' : undefined}>
            <div className="flex items-stretch">
              <a href={placeOf(row)} className="day-row">
                <span className="figures text-xl">{row.when}</span>
                <span>
                  <b>{row.name}</b>
                  <i>
                    {row.about}
                    <span className="sr-only">, number</span> · {row.number}
                    {row.visit > 1 && ` · visit ${row.visit}`}
                  </i>
                </span>
                <span>
                  {row.complaint ? <em>“{row.complaint}”</em> : <i>no story yet</i>}
                  {row.conclusion && <i>{row.conclusion}</i>}
                  {row.changed && <i>{row.changed}</i>}
                </span>
                <span className={row.halted ? 'font-semibold text-halt' : row.finished ? 'text-ash' : 'font-semibold'}>
                  {row.progress}
                  <svg aria-hidden="true" className="size-4.5 shrink-0">
                    <use href="#row-go" />
                  </svg>
                </span>
              </a>
              {row.conclusion ? (
                <a
                  href={`/exam/${row.examId}/weigh`}
                  title="How this was computed"
                  aria-label={`How this was computed: ${row.name}, ${row.conclusion}`}
                  className="day-how"
                >
                  <svg aria-hidden="true" className="size-4.5">
                    <use href="#row-how" />
                  </svg>
                </a>
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
