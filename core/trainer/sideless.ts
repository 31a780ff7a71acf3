import { SOURCES } from '../vocabulary/source'
import type { Side } from '../vocabulary/side'
import type { PlayedSource } from './picture'

const IN_THE_MIDDLE: ReadonlySet<string> = new Set<PlayedSource>([
  'cord',
  'laxity-upper-neck',
  'instability-lumbar',
  'disc-annulus',
  'pubic-symphysis',
  'inflammatory',
])

/** Does this source lie in the middle, though its pain may be on one side? Then no side is asked for, and none is wrong. */
export function isSideless(source: string): boolean {
  return IN_THE_MIDDLE.has(source)
}

/** A source as practice names it: with its side, where it has one. */
export function playedTitle({ source, side }: { readonly source: PlayedSource; readonly side: Side }): string {
  return isSideless(source) ? SOURCES[source].name : `${SOURCES[source].name}, ${side}`
}
