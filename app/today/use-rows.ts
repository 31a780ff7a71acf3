'use client'

import { useEffect, useState } from 'react'
import type { DayRow } from './day-book'
import type { Rows } from './day-rows'

/** Wait after the last letter before the server is asked, in milliseconds. */
const TYPED_MS = 120

/** What a search found so far, and whether it is the server's answer or what this page could find by itself. */
export interface Found {
  readonly rows: readonly DayRow[]
  readonly complete: boolean
}

/** What fits the words among the rows at hand, at once; and among all examinations, as soon as the server has answered. */
export function useFound(wanted: string, atHand: readonly DayRow[]): Found | null {
  const [answer, setAnswer] = useState<{ readonly wanted: string; readonly rows: readonly DayRow[] } | null>(null)
  const needle = wanted.trim().toLowerCase()
  useEffect(() => {
    if (needle === '') return
    const going = new AbortController()
    const timer = setTimeout(() => {
      fetch(`/today/rows?find=${encodeURIComponent(needle)}`, { signal: going.signal })
        .then(async (response) => {
          if (response.ok) setAnswer({ wanted: needle, rows: ((await response.json()) as Rows).rows })
        })
        .catch(() => undefined)
    }, TYPED_MS)
    return () => {
      clearTimeout(timer)
      going.abort()
    }
  }, [needle])
  if (needle === '') return null
  if (answer?.wanted === needle) return { rows: answer.rows, complete: true }
  return { rows: atHand.filter((row) => `${row.name} ${row.number} ${row.complaint} ${row.conclusion}`.toLowerCase().includes(needle)), complete: false }
}

/** The pages of other days that were asked for so far, and the way to the next one. */
export function usePages(first: Rows): { readonly rows: readonly DayRow[]; readonly more: (() => Promise<void>) | null; readonly failed: boolean } {
  const [pages, setPages] = useState<readonly Rows[]>([])
  const [failed, setFailed] = useState(false)
  const { after } = pages.at(-1) ?? first
  const more = async (from: NonNullable<Rows['after']>) => {
    try {
      const response = await fetch(`/today/rows?at=${from.at}&exam=${from.examId}`)
      if (!response.ok) throw new Error('refused')
      const page = (await response.json()) as Rows
      setPages((known) => [...known, page])
      setFailed(false)
    } catch {
      setFailed(true)
    }
  }
  return { rows: [first, ...pages].flatMap((page) => page.rows), more: after ? () => more(after) : null, failed }
}
