import 'server-only'
import { format } from 'date-fns'
import { dayOf } from '@/db/day'
import type { Db } from '@/db/open'
import { type Due, dueBy } from '@/db/queries/episodes'
import { entrustedTo } from '@/db/queries/entrusted'
import { type After, type Overview, overviewsFound, overviewsOf, overviewsOfDay, overviewsOfOtherDays } from '@/db/queries/overviews'
import { caughtUp } from '@/server/projector'
import type { DayRow } from './sheet'

/** Examinations of other days shown at once. */
export const PAGE = 40
/** Examinations a search shows at most. */
const FOUND = 60

/** A page of rows, and where the next one begins; null after the last. */
export interface Rows {
  readonly rows: readonly DayRow[]
  readonly after: After | null
}

/** The day of the clinic's clock that holds this moment, in milliseconds since 1970. */
export function dayAround(now: Date): { readonly from: number; readonly to: number } {
  const day = (offset: number) => new Date(now.getFullYear(), now.getMonth(), now.getDate() + offset).getTime()
  return { from: day(0), to: day(1) }
}

/** Everything booked for this day, by the clock. */
export function rowsOfDay(db: Db, now: Date): readonly DayRow[] {
  const { from, to } = dayAround(now)
  return fresh(() => overviewsOfDay(db, from, to)).map((row) => rowOf(row, true))
}

/** A page of the other days, latest first. */
export function rowsOfOtherDays(db: Db, now: Date, after?: After): Rows {
  const found = fresh(() => overviewsOfOtherDays(db, dayAround(now), PAGE + 1, after))
  const rows = found.slice(0, PAGE)
  const last = rows.at(-1)
  return { rows: rows.map((row) => rowOf(row, false)), after: found.length > PAGE && last ? { at: last.at, examId: last.examId } : null }
}

/** What a search finds, of all days. */
export function rowsFound(db: Db, text: string, now: Date): readonly DayRow[] {
  const { from, to } = dayAround(now)
  return fresh(() => overviewsFound(db, text, FOUND)).map((row) => rowOf(row, row.at >= from && row.at < to))
}

/** People who are asked to come and have not come yet, shown at once; more stand behind their count. */
const MOST_DUE = 12

/** Whoever is due by this day, the longest waiting first. */
export function peopleDue(db: Db, now: Date): readonly Due[] {
  return dueBy(db, dayOf(now.getTime()), MOST_DUE)
}

/** Examinations that are entrusted to a student. */
export function rowsEntrusted(db: Db, student: string, now: Date): readonly DayRow[] {
  const { from, to } = dayAround(now)
  const ids = entrustedTo(db, student)
  return fresh(() => overviewsOf(db, ids)).map((row) => rowOf(row, row.at >= from && row.at < to))
}

/** What is behind is read before it is shown; a list that was caught up is asked for again. */
function fresh(ask: () => readonly Overview[]): readonly Overview[] {
  const rows = ask()
  return caughtUp(rows) ? ask() : rows
}

function rowOf(row: Overview, isToday: boolean): DayRow {
  return {
    examId: row.examId,
    number: row.number,
    name: row.name,
    about: [row.age, row.work].filter(Boolean).join(', '),
    complaint: row.complaint,
    conclusion: row.conclusion,
    progress: row.progress,
    changed: row.changed,
    visit: row.visit,
    finished: row.state === 'signed',
    halted: row.state === 'halted' || row.state === 'unreadable',
    goOn: row.goOn === 'safety' || row.goOn === 'bench' || row.goOn === 'note' ? row.goOn : 'story',
    isToday,
    when: whenOf(row.at, isToday),
  }
}

/** A time no calendar can name is one bad row, never a bad page. */
function whenOf(at: number, isToday: boolean): string {
  return Number.isNaN(new Date(at).getTime()) ? 'no date' : format(at, isToday ? 'HH:mm' : 'd MMM yyyy')
}
