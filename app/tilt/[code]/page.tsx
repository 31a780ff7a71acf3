import type { Metadata } from 'next'
import { openCode } from '@/server/pairing'
import { pageAddress } from '@/server/visitor'
import { CodeOver } from '@/ui/code-over'
import { TiltScreen } from './tilt-screen'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Tilt' }

/** A phone strapped to a limb sends its tilt: nothing about anybody is shown here, and nothing else can be reached. */
export default async function TiltPage({ params }: { readonly params: Promise<{ code: string }> }) {
  const { code } = await params
  return openCode(code, await pageAddress()).ok ? <TiltScreen code={code} /> : <CodeOver />
}
