import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { db } from '@/db'
import { hasLead } from '@/db/queries/accounts'
import { pageVisitor } from '@/server/visitor'
import { ownPath } from '@/ui/doors/door'
import { DoorPage } from '@/ui/doors/door-page'
import { SignIn } from './sign-in'

export const metadata: Metadata = { title: 'Sign in' }

export default async function SignInPage({ searchParams }: { readonly searchParams: Promise<{ readonly to?: string | string[] }> }) {
  const { to } = await searchParams
  const next = ownPath(typeof to === 'string' ? to : null)
  const visitor = await pageVisitor()
  if (visitor.kind === 'open') redirect(next)
  if (visitor.kind === 'stranger' && !hasLead(db())) redirect('/first')
  return (
    <DoorPage title="Sign in" words={visitor.kind === 'half' ? 'The password fits.' : 'For those who work in this clinic.'}>
      <SignIn owes={visitor.kind === 'half'} to={next} />
    </DoorPage>
  )
}
