import type { Metadata } from 'next'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Replay, practice' }

export default function PracticeReplayPage() {
  return <PracticeScreen screen="replay" />
}
