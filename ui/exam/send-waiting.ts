import { batchOf, deliver } from './delivery'
import { browserOutbox } from './outbox'

/** More than any record holds: nothing of the record is asked back. */
const NOTHING_BACK = 1_000_000

/** Send what waits on this device for any examination. @returns what still waits, and what was set aside just now */
export async function sendWaiting(): Promise<{ readonly waiting: number; readonly aside: number }> {
  const box = await browserOutbox()
  let aside = 0
  for (const examId of (await box.waitingExams()).keys()) aside += await sendAll(examId)
  const still = await box.waitingExams()
  return { waiting: [...still.values()].reduce((a, b) => a + b, 0), aside }
}

/**
 * Send everything that waits for one examination. @returns how many entries were set aside
 */
async function sendAll(examId: string): Promise<number> {
  const box = await browserOutbox()
  let aside = 0
  for (;;) {
    const batch = batchOf(await box.waitingOf(examId))
    if (batch.length === 0) return aside
    const result = await deliver(examId, NOTHING_BACK, batch)
    if (result.kind === 'unreached') return aside
    const refused =
      result.kind === 'refused'
        ? batch.map((event) => ({ id: event.id, examId, event, why: result.problem.what }))
        : batch.flatMap((event) => {
            const why = result.refused.find((r) => r.id === event.id)?.problem.what
            return why === undefined ? [] : [{ id: event.id, examId, event, why }]
          })
    await box.setAside(refused)
    aside += refused.length
    const kept = new Set(refused.map((r) => r.id))
    await box.delivered(batch.filter((event) => !kept.has(event.id)).map((event) => event.id))
  }
}
