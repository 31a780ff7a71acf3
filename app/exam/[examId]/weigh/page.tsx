import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { titled } from '@/server/exam-title'
import { TitledScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Weigh' }

export default async function WeighPage({ params }: { readonly params: Promise<{ examId: string }> }) {
  const title = titled((await params).examId)
  if (!title) notFound()
  return <TitledScreen screen="weigh" title={title} />
}
