import 'server-only'
import * as yup from 'yup'
import type { ExamEvent } from '../core/record/event'
import { parseEvent } from '../core/record/event-schema'
import { isPlausibleMoment } from '../core/vocabulary/moment'
import type { Problem } from '../core/vocabulary/problem'
import type { RefusedEvent } from '../db/queries/exam-events'

/** What a window sends: its events, and how many of the record it has seen. */
export interface Sent {
  readonly after: number
  readonly events: readonly ExamEvent[]
  /** Events that are none, or whose time cannot be; the others are not held back by them. */
  readonly refused: readonly RefusedEvent[]
  /** One of those lies ahead of the clock of this server, which may be the one that is wrong. */
  readonly ahead: boolean
}

/** Events one request may bring; a window sends a longer queue in several. */
export const MOST_AT_ONCE = 500

const SENT = yup
  .object({
    after: yup.number().strict().integer().min(0).required(),
    events: yup.array().strict().min(1).max(MOST_AT_ONCE, `events must not be more than ${MOST_AT_ONCE} at once`).required(),
  })
  .noUnknown('fields nobody knows: ${unknown}')
  .strict()

/**
 * Read what a window sent. The author is whoever is signed in, whatever the window says.
 *
 * @param by - id of the practitioner signed in
 * @param now - milliseconds since 1970, by the clock of the server
 */
export function readSent(
  input: unknown,
  by: string,
  now: number,
): { readonly ok: true; readonly sent: Sent } | { readonly ok: false; readonly problem: Problem } {
  try {
    const { after, events } = SENT.validateSync(input, { strict: true })
    const read: ExamEvent[] = []
    const refused: RefusedEvent[] = []
    let ahead = false
    for (const event of events as readonly unknown[]) {
      const parsed = parseEvent(typeof event === 'object' && event !== null ? { ...event, by } : event)
      const id = typeof event === 'object' && event !== null && 'id' in event && typeof event.id === 'string' ? event.id : ''
      if (!parsed.ok) refused.push({ id, problem: parsed.problem })
      else if (!isPlausibleMoment(parsed.event.at, now)) {
        refused.push({ id, problem: WRONG_CLOCK })
        ahead ||= parsed.event.at > now
      } else read.push(parsed.event)
    }
    return { ok: true, sent: { after, events: read, refused, ahead } }
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

const WRONG_CLOCK: Problem = {
  what: 'An entry carries a time that cannot be: before 1900, or more than a day ahead.',
  kept: 'Everything recorded before it is kept; this was not written.',
  do: 'Set the clock of this device, and record it again.',
}
