import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { ExamScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Bench' }

export default page('/exam/[examId]/bench', () => {
  return <ExamScreen screen="bench" />
})
