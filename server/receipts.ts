import type { RecordPoint } from '../core/record/chain'
import { isMac, macOf } from './auth/clinic-key'

/**
 * What a window is given with every answer: the place the record ended at then, and this clinic's word for it. A device that offers back
 * what a restored server lacks shows it, so that nothing is taken back that was not here once.
 */
export interface Receipt extends RecordPoint {
  readonly mac: string
}

export function receiptFor(examId: string, { length, hash }: RecordPoint): Receipt {
  return { length, hash, mac: macOf('receipt', examId, String(length), hash) }
}

export function isReceipt(examId: string, { length, hash, mac }: Receipt): boolean {
  return isMac(mac, 'receipt', examId, String(length), hash)
}
