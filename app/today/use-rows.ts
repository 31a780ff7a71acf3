'use client'

import { useState } from 'react'
import { useTyped } from '@/ui/use-typed'
import type { DayRow } from './sheet'
import type { Rows } from './day-rows'

/** What a search found so far, and whether it is the server's answer or what this page could find by itself. */
export interface Found {
  readonly rows: readonly DayRow[]
  readonly complete: boolean
}

/** What fits the words among the rows at hand, at once; and among all examinations, as soon as the server has answered. */
export function useFound(wanted: string, atHand: readonly DayRow[]): Found | null {
  const answer = useTyped(wanted, (typed) => `/today/rows?find=${typed}`)
  const needle = wanted.trim().toLowerCase()
  if (needle === '') return null
  if (answer?.wanted === needle) return { rows: (answer.value as Rows).rows, complete: true }
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
