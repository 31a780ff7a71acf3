import type { Metadata } from 'next'
import { openCode } from '@/server/pairing'
import { page } from '@/server/auth/page'
import { CodeOver } from '@/ui/code-over'
import { TiltScreen } from './tilt-screen'

export const dynamic = 'force-dynamic'
export const metadata: Metadata = { title: 'Tilt' }

/** A phone strapped to a limb sends its tilt: nothing about anybody is shown here, and nothing else can be reached. */
export default page('/tilt/[code]', ({ address, params: { code } }) => {
  return openCode(code, address).ok ? <TiltScreen code={code} /> : <CodeOver />
})
