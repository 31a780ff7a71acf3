import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Safety, practice' }

export default page('/practice/run/[runId]/safety', () => {
  return <PracticeScreen screen="safety" />
})
