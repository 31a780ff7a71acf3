import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { db } from '@/db'
import { examHead } from '@/db/queries/exams'
import { who } from '@/server/who'
import { ExamRecord } from './exam-app'

export const dynamic = 'force-dynamic'

interface Props {
  readonly params: Promise<{ examId: string }>
  readonly children: ReactNode
}

export default async function ExamLayout({ params, children }: Props) {
  const { examId } = await params
  const head = examHead(db(), examId)
  if (!head) notFound()
  const { id, demo } = who()
  return (
    <ExamRecord examId={examId} by={id} name={head.person.name} work={head.person.work} demo={demo}>
      {children}
    </ExamRecord>
  )
}
