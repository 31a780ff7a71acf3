import pino, { type Logger } from 'pino'
import { environment } from './environment'

const held = globalThis as typeof globalThis & { dustLanternLog?: Logger }

/**
 * The log of this server: one line of JSON an entry, on standard output.
 *
 * Holds what happened to requests and never what they held: no names, no story, no answers. An error is told by its kind and where
 * it was thrown, since its message may quote what was sent.
 */
export function log(): Logger {
  return (held.dustLanternLog ??= pino({ level: environment().logLevel, base: null, timestamp: pino.stdTimeFunctions.isoTime }))
}

/** An error as it may stand in the log. */
export function loggable(error: unknown): { readonly kind: string; readonly at: readonly string[] } {
  if (!(error instanceof Error)) return { kind: typeof error, at: [] }
  const at = (error.stack ?? '')
    .split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 6)
  return { kind: error.name, at: at.map((line) => line.trim()) }
}
