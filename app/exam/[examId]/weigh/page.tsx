import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { examTitle } from '@/server/exam-title'
import { WeighScreen } from './weigh-screen'

export const metadata: Metadata = { title: 'Weigh' }

export default async function WeighPage({ params }: { readonly params: Promise<{ examId: string }> }) {
  const title = examTitle((await params).examId)
  if (!title) notFound()
  return <WeighScreen who={title.who} />
}
