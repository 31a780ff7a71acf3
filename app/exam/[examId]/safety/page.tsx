import type { Metadata } from 'next'
import { ExamScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Safety' }

export default function SafetyPage() {
  return <ExamScreen screen="safety" />
}
