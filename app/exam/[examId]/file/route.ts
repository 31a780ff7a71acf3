import { toExamFile } from '@/core/exchange/exam-file/to'
import { dayOf } from '@/db/day'
import { clinicKnowledge } from '@/db/queries/clinic'
import { examHead } from '@/db/queries/exams'
import { recordOf } from '@/db/queries/ledger'
import { problemResponse, route } from '@/server/route'

/** The whole examination as an open file (dust-lantern-exam, version 1). */
export const GET = route('/exam/[examId]/file', ({ params: { examId }, db }) => {
  const head = examHead(db, examId)
  const { exam, events, faults } = recordOf(db, examId)
  if (!head || !exam) {
    return problemResponse(404, {
      what: 'There is no examination with this number here.',
      kept: 'Nothing was changed.',
      do: 'Go to Today and open it from there.',
    })
  }
  if (faults.length > 0) {
    return problemResponse(409, {
      what: `Entry ${faults[0]?.seq ?? 0} of this examination cannot be read, so a file would not be whole.`,
      kept: 'Nothing was changed.',
      do: 'Run npm run verify, or restore a backup, and save it then.',
    })
  }
  const { name, born, work, number } = head.person
  const file = toExamFile(exam, events, { name, born, work }, head.at, clinicKnowledge(db))
  return new Response(`${JSON.stringify(file, null, 2)}\n`, {
    headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="exam-${number}-${dayOf(head.at)}.json"` },
  })
})
