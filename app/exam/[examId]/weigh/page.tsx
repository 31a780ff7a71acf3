import type { Metadata } from 'next'
import { WeighScreen } from './weigh-screen'

export const metadata: Metadata = { title: 'Weigh' }

export default function WeighPage() {
  return <WeighScreen />
}
