import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { ExamScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Safety' }

export default page('/exam/[examId]/safety', () => {
  return <ExamScreen screen="safety" />
})
