import type { Metadata } from 'next'
import { SafetyScreen } from './safety-screen'

export const metadata: Metadata = { title: 'Safety' }

export default function SafetyPage() {
  return <SafetyScreen />
}
