import type { Metadata } from 'next'
import { BenchScreen } from './bench-screen'

export const metadata: Metadata = { title: 'Bench' }

export default function BenchPage() {
  return <BenchScreen />
}
