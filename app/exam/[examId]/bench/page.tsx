import type { Metadata } from 'next'
import { ExamScreen } from '../exam-app'

export const metadata: Metadata = { title: 'Bench' }

export default function BenchPage() {
  return <ExamScreen screen="bench" />
}
