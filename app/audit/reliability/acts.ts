import 'server-only'
import * as yup from 'yup'
import { seriesChange } from '@/core/audit/series'
import { UUID } from '@/core/record/shapes'
import type { Problem } from '@/core/vocabulary/problem'
import { db } from '@/db'
import { changeSeries } from '@/db/queries/series'
import { action } from '@/server/action'
import { catchUpInPieces } from '@/server/projector'
import type { Who } from '@/server/who'

const ID = yup.string().strict().required().matches(UUID, 'This names nothing here.')

/** Enter something in a reliability series. An own error is chosen by a lead alone, as every figure of the clinic is. */
export const enter = action((who: Who, id: unknown, series: unknown, said: unknown): Problem | null => {
  const change = seriesChange(said)
  if ((change.kind === 'used' || change.kind === 'given-back') && who.role !== 'lead') {
    return { what: 'A lead chooses which error the clinic uses.', kept: 'The series stays as it is.', do: 'Ask a lead to look at it.' }
  }
  const problem = changeSeries(db(), { id: ID.validateSync(id), by: who.name, at: Date.now() }, ID.validateSync(series), change)
  if (!problem && (change.kind === 'used' || change.kind === 'given-back')) catchUpInPieces()
  return problem
})
