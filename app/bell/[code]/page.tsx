import type { Metadata } from 'next'
import { openCode } from '@/server/pairing'
import { page } from '@/server/auth/page'
import { CodeOver } from '@/ui/code-over'
import { BellScreen } from './bell-screen'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Bell' }

/** The patient's bell: nothing about anybody is shown here, and nothing else can be reached. */
export default page('/bell/[code]', ({ address, params: { code } }) => {
  return openCode(code, address).ok ? <BellScreen code={code} /> : <CodeOver />
})
