import * as yup from 'yup'
import type { ExamEvent } from '@/core/record/event'
import { parseEvent } from '@/core/record/event-schema'
import type { Problem } from '@/core/vocabulary/problem'

/** What came of sending: stored, refused for good, or not reached yet. */
export type Delivery =
  | { readonly kind: 'stored'; readonly events: readonly ExamEvent[] }
  | { readonly kind: 'refused'; readonly problem: Problem }
  | { readonly kind: 'unreached' }

const PROBLEM = yup.object({ what: yup.string().required(), kept: yup.string().required(), do: yup.string().required() })

/**
 * Send events and learn what the record holds after the first `after` of them.
 *
 * An unreachable or failing server is `unreached`: try again with the same events, it is safe.
 */
export async function deliver(examId: string, after: number, events: readonly ExamEvent[]): Promise<Delivery> {
  return answerOf(() =>
    fetch(`/exam/${examId}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ after, events }),
    }),
  )
}

/** Learn what the record holds after the first `after` events. */
export async function collect(examId: string, after: number): Promise<Delivery> {
  return answerOf(() => fetch(`/exam/${examId}/events?after=${after}`, { cache: 'no-store' }))
}

async function answerOf(ask: () => Promise<Response>): Promise<Delivery> {
  try {
    const response = await ask()
    if (response.status >= 500 || response.status === 429) return { kind: 'unreached' }
    const body: unknown = await response.json()
    if (!response.ok) return { kind: 'refused', problem: PROBLEM.validateSync(body) }
    return { kind: 'stored', events: readEvents(body) }
  } catch {
    return { kind: 'unreached' }
  }
}

function readEvents(body: unknown): readonly ExamEvent[] {
  const list = typeof body === 'object' && body !== null && 'events' in body && Array.isArray(body.events) ? (body.events as unknown[]) : []
  return list.flatMap((item) => {
    const parsed = parseEvent(item)
    return parsed.ok ? [parsed.event] : []
  })
}
