import type { Metadata } from 'next'
import { ExamScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Recheck' }

export default function RecheckPage() {
  return <ExamScreen screen="recheck" />
}
