'use client'

import { useTyped } from './use-typed'

/** A person as a list names them, with the examination that opens. */
export interface FoundPerson {
  readonly examId: string
  readonly name: string
  readonly words: string
}

interface Rows {
  readonly rows: readonly { readonly examId: string; readonly name: string; readonly complaint: string }[]
}

/** People by name, number or complaint, as the server knows them; none while nothing is typed or it cannot be reached. */
export function usePeople(wanted: string): readonly FoundPerson[] {
  const answer = useTyped(wanted, (needle) => `/today/rows?find=${needle}`)
  if (wanted.trim() === '') return []
  return (answer?.value as Rows | undefined)?.rows.map((row) => ({ examId: row.examId, name: row.name, words: `${row.name}: ${row.complaint}` })) ?? []
}
