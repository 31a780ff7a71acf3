import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { db } from '@/db'
import { clinicKnowledge, houseOf } from '@/db/queries/clinic'
import { eventsOfExam } from '@/db/queries/exam-events'
import { examHead } from '@/db/queries/exams'
import { who } from '@/server/who'
import { ExamHeader } from '@/ui/exam/exam-header'
import { ExamProblem } from '@/ui/exam/exam-problem'
import { ExamProvider } from '@/ui/exam/store'

export const dynamic = 'force-dynamic'

interface Props {
  readonly params: Promise<{ examId: string }>
  readonly children: ReactNode
}

export default async function ExamLayout({ params, children }: Props) {
  const { examId } = await params
  const head = examHead(db(), examId)
  if (!head) notFound()
  const practitioner = who()
  const { turns, schools, setting } = houseOf(db())
  return (
    <ExamProvider
      examId={examId}
      by={practitioner.id}
      stored={eventsOfExam(db(), examId)}
      clinic={clinicKnowledge(db())}
      ownTurns={turns}
      house={{ schools, setting }}
    >
      <div className="flex h-dvh flex-col print:h-auto">
        <ExamHeader examId={examId} name={head.person.name} work={head.person.work} demo={practitioner.demo} />
        <ExamProblem />
        {children}
      </div>
    </ExamProvider>
  )
}
