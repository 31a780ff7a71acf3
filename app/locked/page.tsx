import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { page } from '@/server/auth/page'
import { ownPath } from '@/ui/doors/door'
import { DoorPage } from '@/ui/doors/door-page'
import { Unlock } from './unlock'

export const metadata: Metadata = { title: 'Locked' }

export default page('/locked', ({ visitor, search }) => {
  const { to } = search
  const next = ownPath(typeof to === 'string' ? to : null)
  if (visitor.kind === 'open') redirect(next)
  if (visitor.kind !== 'locked') redirect('/sign-in')
  return (
    <DoorPage title="Locked" words={`${visitor.who.name} is signed in. Nothing was lost.`}>
      <Unlock pin={visitor.pin} to={next} />
    </DoorPage>
  )
})
