import { sha256 } from '@noble/hashes/sha2.js'
import { bytesToHex, utf8ToBytes } from '@noble/hashes/utils.js'
import { pointOf, type RecordPoint } from '@/core/record/chain'
import { checkCode } from '@/core/record/check-code'
import type { ExamEvent } from '@/core/record/event'

/** SHA-256 in hex, also where a page has no cryptography of its own, as over plain http. */
export function sha256Hex(text: string): string {
  return bytesToHex(sha256(utf8ToBytes(text)))
}

/** The place a record ends at, as the server counts it. */
export function endOf(events: readonly ExamEvent[]): RecordPoint {
  return pointOf(events, sha256Hex)
}

/** The check code of a signed record; null while it is not signed. */
export function codeOf(events: readonly ExamEvent[]): string | null {
  const at = events.findLastIndex((event) => event.type === 'exam-signed')
  return at === -1 ? null : checkCode(endOf(events.slice(0, at + 1)).hash)
}
