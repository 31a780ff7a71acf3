import { format } from 'date-fns'
import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { examTitle } from '@/server/exam-title'
import { NoteScreen } from './note-screen'

export const metadata: Metadata = { title: 'Note' }

export default async function NotePage({ params }: { readonly params: Promise<{ examId: string }> }) {
  const title = examTitle((await params).examId)
  if (!title) notFound()
  return <NoteScreen who={title.who} fileName={`note-${title.number}-${format(title.at, 'yyyy-MM-dd')}.txt`} />
}
