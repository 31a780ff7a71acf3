import { PUBLISHED_ERRORS } from '../evidence/reliability/errors'
import { RELIABILITY } from '../evidence/reliability'
import type { TestSide } from '../vocabulary/side'
import type { ErrorUsed } from './measure-change'

/** An error that the clinic measured itself and chose to use, by test, side and stage. */
export interface OwnError {
  readonly test: string
  readonly side: TestSide
  readonly stage: string
  /** MDC95 in the unit of the stage. */
  readonly mdc: number
  readonly unit: string
  /** People and trials of the series it comes from. */
  readonly people: number
  readonly trials: number
}

/** Gives the error of a measured stage; null where none is known. */
export type ErrorOf = (test: string, side: TestSide, stage: string) => ErrorUsed | null

/** Errors as published, replaced by those a clinic chose of its own. */
export function errorsWith(own: readonly OwnError[] = []): ErrorOf {
  return (test, side, stage) => {
    const mine = own.find((o) => o.test === test && o.stage === stage && o.side === side)
    if (mine) {
      const words = `own series, ${mine.people} people, ${mine.trials} trials each`
      return { value: mine.mdc, unit: mine.unit, from: 'own', words }
    }
    const published = PUBLISHED_ERRORS.find((p) => p.test === test && (p.stage === undefined || p.stage === stage))
    if (!published) return null
    const row = RELIABILITY.find((r) => r.id === published.row)
    return { value: published.mdc, unit: '°', from: 'published', words: `published, ${published.row}, ${row?.confidence ?? 'low'} confidence, unverified here` }
  }
}
