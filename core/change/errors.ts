import { PUBLISHED_ERRORS } from '../evidence/reliability/errors'
import { RELIABILITY } from '../evidence/reliability'
import { type OwnError, ownErrorOf } from '../evidence/own-error'
import type { TestSide } from '../vocabulary/side'
import type { ErrorUsed } from './measure-change'

/** Gives the error of a measured stage; null where none is known. */
export type ErrorOf = (test: string, side: TestSide, stage: string) => ErrorUsed | null

/** Errors as published, replaced by those a clinic chose of its own. */
export function errorsWith(own: readonly OwnError[] = []): ErrorOf {
  return (test, side, stage) => {
    const mine = ownErrorOf(own, test, side, stage)
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
