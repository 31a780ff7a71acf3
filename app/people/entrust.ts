import 'server-only'
import * as yup from 'yup'
import type { DoorAct } from '@/app/doors/acts'
import { UUID } from '@/core/record/shapes'
import { db } from '@/db'
import { accountById } from '@/db/queries/accounts'
import { writeEntrusted } from '@/db/queries/entrusted'
import { examHead } from '@/db/queries/exams'
import { idOf, noteOnTrail } from '@/server/auth/asking'

const ID = yup.string().strict().required().matches(UUID, 'This names nothing here.')

/** Entrust an examination to a student, or end that. What they record is theirs by name; a practitioner signs it. */
export const entrust: DoorAct = (asking, id, examId, student, ended) => {
  const exam = examHead(db(), ID.validateSync(examId))
  const account = accountById(db(), yup.string().strict().required().validateSync(student))
  if (!exam || account?.role !== 'student' || !account.open) {
    return { came: { what: 'There is no such student, or no such examination.', kept: 'Nothing was changed.', do: 'Reload the page and choose again.' } }
  }
  const over = yup.boolean().strict().required().validateSync(ended)
  writeEntrusted(db(), { id: ID.validateSync(id), by: idOf(asking.visitor), at: asking.now }, { exam: exam.id, student: account.id, ended: over })
  noteOnTrail(asking, over ? 'entrusting-ended' : 'entrusted', exam.id, account.id)
  return { came: null }
}
