import 'server-only'
import type { Db } from '@/db/open'
import { clinicKnowledge, houseOf } from '@/db/queries/clinic'
import { examHead } from '@/db/queries/exams'
import { importedAs } from '@/db/queries/imports'
import { recordOf } from '@/db/queries/ledger'
import { importedWords, titled } from '@/server/exam-title'
import { receiptFor } from '@/server/receipts'
import type { Who } from '@/server/who'

/** Everything a window needs to work on an examination, also where the server is away; null when there is none. */
export function recordToKeep(db: Db, examId: string, who: Who) {
  const head = examHead(db, examId)
  const { events, faults, seq, hash } = recordOf(db, examId)
  if (seq === 0 || !head) return null
  const { turns, schools, setting } = houseOf(db)
  const title = titled(db, examId)
  const imported = importedAs(db, examId)
  return {
    events,
    receipt: receiptFor(examId, { length: seq, hash }),
    faults,
    clinic: clinicKnowledge(db),
    turns,
    house: { schools, setting },
    imported: imported && importedWords(db, imported),
    person: head.person,
    at: head.at,
    title: title && { who: title.who, fileName: `note-${title.stem}.txt`, paper: title },
    who,
  }
}
