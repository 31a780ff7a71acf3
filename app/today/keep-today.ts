import { format } from 'date-fns'
import { keepRecord, keptRecords } from '@/ui/device/records'
import { canSeal } from '@/ui/device/seal'
import { toldAtDoor } from '@/ui/doors/door'

/** How many entries a kept record holds. */
function entriesOf(record: unknown): number {
  return typeof record === 'object' && record !== null && 'events' in record && Array.isArray(record.events) ? record.events.length : -1
}

/** Keep today's examinations on this device, sealed, so that they open without the server. What has not grown is not fetched again. */
export async function keepToday(): Promise<void> {
  if (!canSeal()) return
  const kept = await keptRecords()
  const have = Object.fromEntries(kept.map(({ examId, record }) => [examId, entriesOf(record)]))
  const response = await fetch('/today/keep', { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify({ have }) })
  if (toldAtDoor(response) || !response.ok) return
  const { records } = (await response.json()) as { readonly records: readonly { readonly examId: string; readonly record: unknown }[] }
  const day = format(new Date(), 'yyyy-MM-dd')
  for (const { examId, record } of records) await keepRecord(examId, day, record)
}
