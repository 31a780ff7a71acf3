import type { Metadata } from 'next'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Commit, practice' }

export default function PracticeCommitPage() {
  return <PracticeScreen screen="commit" />
}
