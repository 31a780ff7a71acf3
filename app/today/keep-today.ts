import { format } from 'date-fns'
import * as yup from 'yup'
import type { ExamEvent } from '@/core/record/event'
import { parseEvent } from '@/core/record/event-schema'
import { keepRecord, keptRecords } from '@/ui/device/records'
import { canSeal } from '@/ui/device/seal'
import { toldAtDoor } from '@/ui/doors/door'
import { offerBack, receiptIn } from '@/ui/exam/offer-back'

/** How many entries a kept record holds. */
function entriesOf(record: unknown): number {
  return eventsOf(record)?.length ?? -1
}

function eventsOf(record: unknown): readonly unknown[] | null {
  return typeof record === 'object' && record !== null && 'events' in record && Array.isArray(record.events) ? record.events : null
}

const WHOSE = yup.object({
  person: yup
    .object({ id: yup.string().required(), name: yup.string().required(), born: yup.string().nullable().defined(), work: yup.string().defined() })
    .required(),
  at: yup.number().required(),
})

/**
 * Keep today's examinations on this device, sealed, so that they open without the server. What has not grown is not fetched again; what
 * the server lacks, as after an older backup was put back, is offered to it.
 */
export async function keepToday(): Promise<void> {
  if (!canSeal()) return
  const kept = await keptRecords()
  const have = Object.fromEntries(kept.map(({ examId, record }) => [examId, entriesOf(record)]))
  const response = await fetch('/today/keep', { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ have }) })
  if (toldAtDoor(response) || !response.ok) return
  const { records, lacking = [] } = (await response.json()) as {
    readonly records: readonly { readonly examId: string; readonly record: unknown }[]
    readonly lacking?: readonly string[]
  }
  const day = format(new Date(), 'yyyy-MM-dd')
  for (const { examId, record } of records) await keepRecord(examId, day, record)
  for (const { examId, record } of kept) if (lacking.includes(examId)) await offerKept(examId, record)
}

async function offerKept(examId: string, record: unknown): Promise<void> {
  const receipt = receiptIn(record)
  if (!receipt || !WHOSE.isValidSync(record)) return
  const events: ExamEvent[] = (eventsOf(record) ?? []).flatMap((event) => {
    const parsed = parseEvent(event)
    return parsed.ok ? [parsed.event] : []
  })
  if (events.length >= receipt.length) await offerBack(examId, events, receipt, { person: record.person, at: record.at })
}
