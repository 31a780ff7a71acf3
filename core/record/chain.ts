import type { ExamEvent } from './event'

/** What stands before the first event of an examination. */
export const CHAIN_START = '0'.repeat(64)

/** SHA-256 of a text in UTF-8, as 64 hex digits. The server takes Node's, a browser a library's: over plain http it has none of its own. */
export type Sha256 = (text: string) => string

/** A place in a record: how many entries it holds there, and the hash of the last one. */
export interface RecordPoint {
  readonly length: number
  readonly hash: string
}

/** JSON with the keys of every object in order, so that the same event always gives the same text. */
export function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`
  if (typeof value === 'object' && value !== null) {
    const entries = Object.entries(value).filter(([, v]) => v !== undefined)
    entries.sort(([a], [b]) => (a < b ? -1 : 1))
    return `{${entries.map(([k, v]) => `${JSON.stringify(k)}:${canonical(v)}`).join(',')}}`
  }
  return JSON.stringify(value)
}

/** The hash of an entry: of the one before it and of its own text, so that no entry can be changed, moved or left out unnoticed. */
export function chainLink(previousHash: string, eventText: string, sha256: Sha256): string {
  return sha256(`${previousHash}\n${eventText}`)
}

/**
 * The last place of a record.
 *
 * @param from - a place that is known already, with only the entries after it
 */
export function pointOf(events: readonly ExamEvent[], sha256: Sha256, from: RecordPoint = { length: 0, hash: CHAIN_START }): RecordPoint {
  return events.reduce<RecordPoint>(({ length, hash }, event) => ({ length: length + 1, hash: chainLink(hash, canonical(event), sha256) }), from)
}
