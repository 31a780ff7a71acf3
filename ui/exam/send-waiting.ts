import { batchOf, deliver } from './delivery'
import { browserOutbox } from './outbox'

/** More than any record holds: nothing of the record is asked back. */
const NOTHING_BACK = 1_000_000

/**
 * Send what waits on this device for any examination.
 *
 * @param except - the examination of this page, which sends its own
 * @returns how many entries still wait, and how many lie aside
 */
export async function sendWaiting(except?: string): Promise<{ readonly waiting: number; readonly aside: number }> {
  const box = await browserOutbox()
  for (const examId of (await box.waitingExams()).keys()) if (examId !== except) await sendAll(examId)
  const sum = (exams: ReadonlyMap<string, number>) => [...exams.values()].reduce((a, b) => a + b, 0)
  return { waiting: sum(await box.waitingExams()), aside: sum(await box.asideExams()) }
}

/** Send everything that waits for one examination; what clashes is set aside. */
async function sendAll(examId: string): Promise<void> {
  const box = await browserOutbox()
  for (;;) {
    const batch = batchOf(await box.waitingOf(examId))
    if (batch.length === 0) return
    const result = await deliver(examId, NOTHING_BACK, batch)
    // What the server lacks is offered back where the record is open, or from Today; until then this waits.
    if (result.kind === 'unreached' || result.kind === 'lacking') return
    const refused =
      result.kind === 'refused'
        ? batch.map((event) => ({ id: event.id, examId, event, why: result.problem.what }))
        : batch.flatMap((event) => {
            const why = result.refused.find((r) => r.id === event.id)?.problem.what
            return why === undefined ? [] : [{ id: event.id, examId, event, why }]
          })
    await box.setAside(refused)
    const kept = new Set(refused.map((r) => r.id))
    await box.delivered(batch.filter((event) => !kept.has(event.id)).map((event) => event.id))
  }
}
