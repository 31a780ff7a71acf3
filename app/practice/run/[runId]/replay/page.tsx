import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Replay, practice' }

export default page('/practice/run/[runId]/replay', () => {
  return <PracticeScreen screen="replay" />
})
