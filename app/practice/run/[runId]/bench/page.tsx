import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Bench, practice' }

export default page('/practice/run/[runId]/bench', () => {
  return <PracticeScreen screen="bench" />
})
