import type { Metadata } from 'next'
import { ExamScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Story' }

export default function StoryPage() {
  return <ExamScreen screen="story" />
}
