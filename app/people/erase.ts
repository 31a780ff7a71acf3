import 'server-only'
import * as yup from 'yup'
import type { DoorAct } from '@/app/doors/acts'
import { UUID } from '@/core/record/shapes'
import { partsOf } from '@/core/vocabulary/same-person'
import { db } from '@/db'
import { listErasures } from '@/db/erasure-list'
import { environment } from '@/server/environment'
import { erasePerson } from '@/db/queries/erase'
import { personById } from '@/db/queries/people'
import { idOf, noteOnTrail } from '@/server/auth/asking'

const ID = yup.string().strict().required().matches(UUID, 'This names nobody here.')
const WHY = yup
  .string()
  .strict()
  .trim()
  .required('Write why; it stays on record.')
  .max(300, 'Up to 300 letters.')
  .matches(/\p{L}{2}/u, 'Write why in words; it stays on record.')
const KEPT = 'Nothing was erased.'

/** Erase a person: the lead types the number, and why. */
export const erase: DoorAct = (asking, id, personId, number, why) => {
  const person = ID.validateSync(personId)
  const there = personById(db(), person)
  const reason = WHY.validateSync(why).trim()
  if (there && String(number).trim() !== String(there.number)) {
    return { came: { what: 'The number does not fit.', kept: KEPT, do: `Type ${there.number} if this is who you mean.` } }
  }
  const name = new Set(partsOf(there?.name ?? ''))
  if (partsOf(reason).some((part) => part.length > 2 && name.has(part))) {
    return { came: { what: 'The reason names the person: it would stay.', kept: KEPT, do: 'Write it without the name.' } }
  }
  const came = erasePerson(db(), { id: ID.validateSync(id), by: idOf(asking.visitor), at: asking.now }, person, reason)
  if (!came.ok) return { came: came.problem }
  listErasures(db(), environment().dataFolder)
  noteOnTrail(asking, 'person-erased', person, `examinations: ${came.erased.exams}, entries: ${came.erased.entries}`)
  return { came: came.erased }
}
