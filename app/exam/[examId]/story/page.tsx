import type { Metadata } from 'next'
import { StoryScreen } from './story-screen'

export const metadata: Metadata = { title: 'Story' }

export default function StoryPage() {
  return <StoryScreen />
}
