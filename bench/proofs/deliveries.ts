import { randomLcg } from 'd3-random'
import { v7 } from 'uuid'
import type { ExamEvent } from '../../core/record/event'
import { openDb } from '../../db/open'
import { recordOf } from '../../db/queries/ledger'
import { verifyFile } from '../../db/verify'
import { report } from '../measure'
import { proofClinic } from './clinic'

/** What may happen to one delivery. */
const MISHAPS = ['killed', 'offline', 'duplicate', 'reordered', 'none'] as const
type Mishap = (typeof MISHAPS)[number]

/**
 * So many deliveries, each with something going wrong: the server killed while it is under way, the line cut before the answer, the same
 * sent twice at once, an earlier one arriving again behind a later one.
 *
 * @param deliveries - how many
 * @param kills - how many of them kill the server
 */
export async function deliveries(count: number, kills: number): Promise<boolean> {
  const clinic = await proofClinic(true)
  const random = randomLcg(0.613)
  let server = await clinic.start()
  const url = `${server.url}/exam/${clinic.examId}/events`
  const made: string[] = []
  const acknowledged = new Set<string>()
  const counts: Record<Mishap, number> = { killed: 0, offline: 0, duplicate: 0, reordered: 0, none: 0 }
  const sent: ExamEvent[][] = []
  const post = async (events: readonly ExamEvent[], signal?: AbortSignal) => {
    const response = await fetch(url, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ after: 1_000_000, events }),
      ...(signal && { signal }),
    })
    await response.text()
    if (response.status === 200) for (const event of events) acknowledged.add(event.id)
    return response.status
  }
  const untilTaken = async (events: readonly ExamEvent[]) => {
    for (;;) {
      const status = await post(events).catch(() => 0)
      if (status === 200) return
      if (status === 422) throw new Error('A delivery was refused.')
      if (status === 0) await new Promise((resolve) => setTimeout(resolve, 50))
    }
  }
  try {
    for (let n = 0; n < count; n++) {
      const batch = Array.from(
        { length: 1 + Math.floor(random() * 4) },
        (): ExamEvent => ({ type: 'symptom-rated', symptom: 'S1', now: Math.floor(random() * 11), id: v7(), at: Date.now(), by: 'maren-oake' }),
      )
      made.push(...batch.map((event) => event.id))
      const mishap: Mishap = n % Math.ceil(count / kills) === 1 ? 'killed' : (MISHAPS[1 + Math.floor(random() * 4)] ?? 'none')
      counts[mishap]++
      if (mishap === 'killed') {
        const under = post(batch).catch(() => 0)
        await new Promise((resolve) => setTimeout(resolve, random() * 12))
        await server.kill()
        await under
        server = await clinic.start()
      } else if (mishap === 'offline') {
        const line = new AbortController()
        const under = post(batch, line.signal).catch(() => 0)
        setTimeout(() => line.abort(), random() * 6)
        await under
      } else if (mishap === 'duplicate') await Promise.all([post(batch), post(batch), post(batch)].map((one) => one.catch(() => 0)))
      await untilTaken(batch)
      if (mishap === 'reordered') for (const earlier of sent.slice(-3)) await untilTaken(earlier)
      sent.push(batch)
    }
  } finally {
    await server.stop()
  }
  const db = openDb(clinic.file)
  const stored = recordOf(db, clinic.examId).events.map((event) => event.id)
  db.$client.close()
  const places = new Map(stored.map((id, place) => [id, place]))
  const lost = [...acknowledged].filter((id) => !places.has(id)).length + made.filter((id) => !places.has(id)).length
  const doubled = stored.length - new Set(stored).size
  const order = made.map((id) => places.get(id) ?? -1)
  const disordered = order.filter((place, i) => i > 0 && place <= (order[i - 1] ?? -1)).length
  const { ok } = verifyFile(clinic.file)
  clinic.remove()
  report(
    `${count} deliveries with something going wrong (${Object.entries(counts)
      .map(([name, n]) => `${n} ${name}`)
      .join(', ')})`,
    [
      `${made.length} entries, ${acknowledged.size} acknowledged: ${lost} lost, ${doubled} doubled, ${disordered} out of order; the chain is ${ok ? 'whole' : 'broken'}`,
    ],
  )
  return lost === 0 && doubled === 0 && disordered === 0 && ok
}
