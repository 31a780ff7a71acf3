import { createHash } from 'node:crypto'
import { chainLink } from '../core/record/chain'

export { canonical, CHAIN_START } from '../core/record/chain'

/** SHA-256 of a text, in hex. */
export function sha256(text: string): string {
  return createHash('sha256').update(text).digest('hex')
}

/** SHA-256 of an event's text, chained to what stood before it. */
export function link(previousHash: string, eventText: string): string {
  return chainLink(previousHash, eventText, sha256)
}
