import type { Metadata } from 'next'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Safety, practice' }

export default function PracticeSafetyPage() {
  return <PracticeScreen screen="safety" />
}
