import type { Metadata } from 'next'
import { openCode } from '@/server/pairing'
import { pageAddress } from '@/server/visitor'
import { CodeOver } from '@/ui/code-over'
import { BellScreen } from './bell-screen'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Bell' }

/** The patient's bell: nothing about anybody is shown here, and nothing else can be reached. */
export default async function BellPage({ params }: { readonly params: Promise<{ code: string }> }) {
  const { code } = await params
  return openCode(code, await pageAddress()).ok ? <BellScreen code={code} /> : <CodeOver />
}
