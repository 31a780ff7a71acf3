import type { Metadata } from 'next'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Story, practice' }

export default function PracticeStoryPage() {
  return <PracticeScreen screen="story" />
}
