import { PLAYED, type PlayedSource } from './picture'

const KNOWN: ReadonlySet<string> = new Set(PLAYED)

/** Is this a source that a simulated person can have? */
export function isPlayed(source: string): source is PlayedSource {
  return KNOWN.has(source)
}
