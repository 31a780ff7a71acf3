import { format } from 'date-fns'
import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { db } from '@/db'
import { eventsOfExam } from '@/db/queries/exam-events'
import { examHead } from '@/db/queries/exams'
import { practitionerById } from '@/db/queries/practitioners'
import { examFrom } from '@/core/record/exam'
import { NoteScreen } from './note-screen'

export const metadata: Metadata = { title: 'Note' }

export default async function NotePage({ params }: { readonly params: Promise<{ examId: string }> }) {
  const { examId } = await params
  const head = examHead(db(), examId)
  const exam = examFrom(eventsOfExam(db(), examId))
  if (!head || !exam) notFound()
  const by = practitionerById(db(), exam.openedBy)?.name ?? exam.openedBy
  const about = [head.person.name, exam.ageYears, head.person.work, `number ${head.person.number}`].filter(Boolean).join(', ')
  return (
    <NoteScreen
      who={`${about}. Examined ${format(head.at, 'd MMMM yyyy, HH:mm')} by ${by}.`}
      fileName={`note-${head.person.number}-${format(head.at, 'yyyy-MM-dd')}.txt`}
    />
  )
}
