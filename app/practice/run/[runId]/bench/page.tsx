import type { Metadata } from 'next'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Bench, practice' }

export default function PracticeBenchPage() {
  return <PracticeScreen screen="bench" />
}
