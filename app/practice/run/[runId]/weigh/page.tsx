import type { Metadata } from 'next'
import { PracticeScreen } from '../practice-app'

export const metadata: Metadata = { title: 'Weigh, practice' }

export default function PracticeWeighPage() {
  return <PracticeScreen screen="weigh" />
}
