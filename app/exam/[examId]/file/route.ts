import { format } from 'date-fns'
import { toExamFile } from '@/core/exchange/exam-file/to'
import { examFrom } from '@/core/record/exam'
import { db } from '@/db'
import { clinicKnowledge } from '@/db/queries/clinic'
import { eventsOfExam } from '@/db/queries/exam-events'
import { examHead } from '@/db/queries/exams'
import { problemResponse } from '@/server/route'

/** The whole examination as an open file (dust-lantern-exam, version 1). */
export async function GET(_request: Request, { params }: { readonly params: Promise<{ examId: string }> }): Promise<Response> {
  const { examId } = await params
  const head = examHead(db(), examId)
  const events = eventsOfExam(db(), examId)
  const exam = examFrom(events)
  if (!head || !exam) {
    return problemResponse(404, {
      what: 'There is no examination with this number here.',
      kept: 'Nothing was changed.',
      do: 'Go to Today and open it from there.',
    })
  }
  const { name, born, work, number } = head.person
  const file = toExamFile(exam, events, { name, born, work }, head.at, clinicKnowledge(db()))
  return new Response(`${JSON.stringify(file, null, 2)}\n`, {
    headers: { 'content-type': 'application/json', 'content-disposition': `attachment; filename="exam-${number}-${format(head.at, 'yyyy-MM-dd')}.json"` },
  })
}
