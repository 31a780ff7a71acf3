import type { Metadata } from 'next'
import { page } from '@/server/auth/page'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Story, practice' }

export default page('/practice/run/[runId]/story', () => {
  return <PracticeScreen screen="story" />
})
