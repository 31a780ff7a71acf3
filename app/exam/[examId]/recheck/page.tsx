import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { examTitle } from '@/server/exam-title'
import { TitledScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Recheck' }

export default async function RecheckPage({ params }: { readonly params: Promise<{ examId: string }> }) {
  const title = examTitle((await params).examId)
  if (!title) notFound()
  return <TitledScreen screen="recheck" who={title.who} fileName={`note-${title.number}-${title.day}.txt`} />
}
