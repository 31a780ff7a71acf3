import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { titled } from '@/server/exam-title'
import { page } from '@/server/auth/page'
import { TitledScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Note' }

export default page('/exam/[examId]/note', ({ params: { examId }, db }) => {
  const title = titled(db, examId)
  if (!title) notFound()
  return <TitledScreen screen="note" title={title} />
})
