import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Weigh, practice' }

export default page('/practice/run/[runId]/weigh', () => {
  return <PracticeScreen screen="weigh" />
})
