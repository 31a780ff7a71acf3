import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { ExamScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Story' }

export default page('/exam/[examId]/story', () => {
  return <ExamScreen screen="story" />
})
