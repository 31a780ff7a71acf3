import 'server-only'
import * as yup from 'yup'
import type { ExamEvent } from '../core/record/event'
import { parseEvent } from '../core/record/event-schema'
import type { Problem } from '../core/vocabulary/problem'

/** What a window sends: its events, and how many of the record it has seen. */
export interface Sent {
  readonly after: number
  readonly events: readonly ExamEvent[]
}

const SENT = yup
  .object({
    after: yup.number().strict().integer().min(0).required(),
    events: yup.array().strict().min(1).max(500).required(),
  })
  .noUnknown('fields nobody knows: ${unknown}')
  .strict()

/**
 * Read what a window sent. The author is whoever is signed in, whatever the window says.
 *
 * @param by - id of the practitioner signed in
 */
export function readSent(input: unknown, by: string): { readonly ok: true; readonly sent: Sent } | { readonly ok: false; readonly problem: Problem } {
  try {
    const { after, events } = SENT.validateSync(input, { strict: true })
    const read: ExamEvent[] = []
    for (const event of events as readonly unknown[]) {
      const parsed = parseEvent(typeof event === 'object' && event !== null ? { ...event, by } : event)
      if (!parsed.ok) return parsed
      read.push(parsed.event)
    }
    return { ok: true, sent: { after, events: read } }
  } catch (error) {
    const why = yup.ValidationError.isError(error) ? error.errors.join('; ') : 'it has another shape'
    return {
      ok: false,
      problem: {
        what: `What was sent could not be read: ${why}.`,
        kept: 'Everything recorded before it is kept; this was not written.',
        do: 'Reload the page and record it again.',
      },
    }
  }
}
