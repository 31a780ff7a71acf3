import * as yup from 'yup'
import { MOST_EVENTS } from '@/core/record/admit'
import type { ExamEvent } from '@/core/record/event'
import { parseEvent } from '@/core/record/event-schema'
import type { Problem } from '@/core/vocabulary/problem'
import { tellAway } from '../device/away'
import { toldAtDoor } from '../doors/door'
import { type Receipt, receiptIn } from './offer-back'

/** An event that could not join, and why. */
export interface Refused {
  readonly id: string
  readonly problem: Problem
}

/** What came of sending: stored as far as it follows; nothing of it could be read; or not reached yet. */
export type Delivery =
  | { readonly kind: 'stored'; readonly events: readonly ExamEvent[]; readonly refused: readonly Refused[]; readonly receipt?: Receipt }
  /** The server has fewer entries than this window was told it has: an older backup was put back. Nothing was stored. */
  | { readonly kind: 'lacking' }
  | { readonly kind: 'refused'; readonly problem: Problem }
  | { readonly kind: 'unreached' }

const PROBLEM = yup.object({ what: yup.string().required(), kept: yup.string().required(), do: yup.string().required() })
const REFUSED = yup
  .array()
  .of(yup.object({ id: yup.string().defined(), problem: PROBLEM.required() }).required())
  .default([])

/** Events sent at once, and letters: a long offline spell goes out in several requests, each well below what a server takes. */
const MOST_AT_ONCE = 100
const LARGEST = 200_000

/** The first part of a queue that is sent in one request; at least one event, however long it is. */
export function batchOf(queue: readonly ExamEvent[]): readonly ExamEvent[] {
  let size = 0
  const end = queue.slice(0, MOST_AT_ONCE).findIndex((event, i) => {
    size += JSON.stringify(event).length
    return i > 0 && size > LARGEST
  })
  return queue.slice(0, end === -1 ? MOST_AT_ONCE : end)
}

/**
 * Send events and learn what the record holds after the first `after` of them.
 *
 * An unreachable or failing server is `unreached`: try again with the same events, it is safe.
 */
export async function deliver(examId: string, after: number, events: readonly ExamEvent[], place = '/exam'): Promise<Delivery> {
  return answerOf(after, () =>
    fetch(`${place}/${examId}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ after, events }),
    }),
  )
}

/** Learn what the record holds after the first `after` events. */
export async function collect(examId: string, after: number, place = '/exam'): Promise<Delivery> {
  return answerOf(after, () => fetch(`${place}/${examId}/events?after=${after}`, { cache: 'no-store' }))
}

async function answerOf(after: number, ask: () => Promise<Response>): Promise<Delivery> {
  try {
    const response = await ask()
    if (response.status === 503 && (await isLacking(response.clone()))) return { kind: 'lacking' }
    // A closed door is no refusal: what waits is sent once somebody has opened it.
    if (response.status >= 500) tellAway()
    if (response.status >= 500 || response.status === 429 || toldAtDoor(response)) return { kind: 'unreached' }
    const body: unknown = await response.json()
    const refused = readRefused(body)
    const receipt = receiptIn(body)
    if (receipt && after <= MOST_EVENTS && receipt.length < after) return { kind: 'lacking' }
    // Where nothing of it was stored each entry says why, and the record is told all the same: it is not what the window took it for.
    if (response.ok || refused.length > 0) return { kind: 'stored', events: readEvents(body), refused, ...(receipt && { receipt }) }
    return { kind: 'refused', problem: PROBLEM.validateSync(body) }
  } catch {
    tellAway()
    return { kind: 'unreached' }
  }
}

async function isLacking(response: Response): Promise<boolean> {
  const body: unknown = await response.json().catch(() => null)
  return typeof body === 'object' && body !== null && 'lacking' in body
}

function readRefused(body: unknown): readonly Refused[] {
  return typeof body === 'object' && body !== null && 'refused' in body ? REFUSED.validateSync(body.refused) : []
}

function readEvents(body: unknown): readonly ExamEvent[] {
  const list = typeof body === 'object' && body !== null && 'events' in body && Array.isArray(body.events) ? (body.events as unknown[]) : []
  return list.flatMap((item) => {
    const parsed = parseEvent(item)
    return parsed.ok ? [parsed.event] : []
  })
}
