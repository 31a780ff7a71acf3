import { createHash } from 'node:crypto'

/** What stands before the first event of an examination. */
export const CHAIN_START = '0'.repeat(64)

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

/** SHA-256 of an event's text, chained to what stood before it. */
export function link(previousHash: string, eventText: string): string {
  return createHash('sha256').update(previousHash).update('\n').update(eventText).digest('hex')
}
