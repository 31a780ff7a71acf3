import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Commit, practice' }

export default page('/practice/run/[runId]/commit', () => {
  return <PracticeScreen screen="commit" />
})
