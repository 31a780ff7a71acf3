import * as yup from 'yup'
import type { ExamEvent } from '@/core/record/event'

/** The server's word for where a record ended when it acknowledged it. */
export interface Receipt {
  readonly length: number
  readonly hash: string
  readonly mac: string
}

const RECEIPT = yup.object({ length: yup.number().required(), hash: yup.string().required(), mac: yup.string().required() }).nullable().default(null)

/** The receipt of an answer; null where there is none, as in practice. */
export function receiptIn(body: unknown): Receipt | null {
  const found: unknown = typeof body === 'object' && body !== null && 'receipt' in body ? body.receipt : null
  return RECEIPT.isValidSync(found) ? found : null
}

/** What a server needs to take an examination back of which it has nothing left. */
export interface OpenedExam {
  readonly person: { readonly id: string; readonly name: string; readonly born: string | null; readonly work: string }
  readonly at: number
}

/** Offer a server that was restored from an older backup what this device has of an examination and it lacks. */
export async function offerBack(
  examId: string,
  events: readonly ExamEvent[],
  receipt: Receipt,
  opened: OpenedExam,
): Promise<'taken' | 'refused' | 'unreached'> {
  try {
    const { id, name, born, work } = opened.person
    const response = await fetch(`/exam/${examId}/offered`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ events: events.slice(0, receipt.length), receipt, person: { id, name, born, work }, at: opened.at }),
    })
    if (response.ok) return 'taken'
    return response.status >= 500 || response.status === 401 || response.status === 423 || response.status === 429 ? 'unreached' : 'refused'
  } catch {
    return 'unreached'
  }
}
