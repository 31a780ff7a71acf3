'use client'

import { format, parseISO } from 'date-fns'
import { useTyped } from './use-typed'

/** A person as the server lists them. */
export interface ListedPerson {
  readonly id: string
  readonly number: number
  readonly name: string
  readonly born: string | null
  readonly work: string
  readonly exams: number
  readonly latest: string | null
  /** What speaks for their being the one that is entered; absent in a search. */
  readonly why?: string
}

/** People by name or number. */
export function usePeopleFound(wanted: string): readonly ListedPerson[] {
  return usePeopleRows(wanted, (needle) => `/people/rows?find=${needle}`)
}

/** People who may be the one that is being entered. */
export function usePeopleLike(name: string, born: string): readonly ListedPerson[] {
  return usePeopleRows(name, (needle) => `/people/rows?name=${needle}&born=${encodeURIComponent(born)}`)
}

/** None while nothing is typed, or while the server cannot be reached. */
function usePeopleRows(wanted: string, url: (needle: string) => string): readonly ListedPerson[] {
  const answer = useTyped(wanted, url)
  if (wanted.trim() === '') return []
  return (answer?.value as { readonly people: readonly ListedPerson[] } | undefined)?.people ?? []
}

/** How a person is told from another of the same name. */
export function personWords({ name, number, born, work }: ListedPerson): string {
  return [`${name}, number ${number}`, born === null ? 'date of birth not known' : `born ${format(parseISO(born), 'd MMM yyyy')}`, work]
    .filter(Boolean)
    .join(', ')
}
