import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { clinicHasLead } from '@/server/auth/sign-in'
import { page } from '@/server/auth/page'
import { ownPath } from '@/ui/doors/door'
import { DoorPage } from '@/ui/doors/door-page'
import { SignIn } from './sign-in'

export const metadata: Metadata = { title: 'Sign in' }

export default page('/sign-in', ({ visitor, search }) => {
  const { to } = search
  const next = ownPath(typeof to === 'string' ? to : null)
  if (visitor.kind === 'open') redirect(next)
  if (visitor.kind === 'stranger' && !clinicHasLead()) redirect('/first')
  return (
    <DoorPage title="Sign in" words={visitor.kind === 'half' ? 'The password fits.' : 'For those who work in this clinic.'}>
      <SignIn owes={visitor.kind === 'half'} to={next} />
    </DoorPage>
  )
})
