import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { titled } from '@/server/exam-title'
import { page } from '@/server/auth/page'
import { TitledScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Recheck' }

export default page('/exam/[examId]/recheck', ({ params: { examId }, db }) => {
  const title = titled(db, examId)
  if (!title) notFound()
  return <TitledScreen screen="recheck" title={title} />
})
