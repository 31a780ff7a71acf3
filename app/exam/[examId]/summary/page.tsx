import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { titled } from '@/server/exam-title'
import { page } from '@/server/auth/page'
import { TitledScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Summary' }

export default page('/exam/[examId]/summary', ({ params: { examId }, db }) => {
  const title = titled(db, examId)
  if (!title) notFound()
  return <TitledScreen screen="summary" title={title} />
})
