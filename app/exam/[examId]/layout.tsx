import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import type { ReactNode } from 'react'
import { db } from '@/db'
import { examHead } from '@/db/queries/exams'
import { pageWho } from '@/server/visitor'
import { DoorWatch } from '@/ui/doors/watch'
import { ExamRecord } from './exam-app'

export const dynamic = 'force-dynamic'

interface Props {
  readonly params: Promise<{ examId: string }>
  readonly children: ReactNode
}

/** Each screen's title names the person, so that two windows are told apart. */
export async function generateMetadata({ params }: Pick<Props, 'params'>): Promise<Metadata> {
  const head = examHead(db(), (await params).examId)
  return head ? { title: { template: `%s, ${head.person.name} · Dust Lantern`, default: head.person.name } } : {}
}

export default async function ExamLayout({ params, children }: Props) {
  const { examId } = await params
  const head = examHead(db(), examId)
  if (!head) notFound()
  const who = await pageWho()
  return (
    <>
      <ExamRecord examId={examId} who={who} person={head.person}>
        {children}
      </ExamRecord>
      <DoorWatch who={who} examining />
    </>
  )
}
