import type { Metadata } from 'next'
import { allAccounts } from '@/db/queries/accounts'
import { signedInBy } from '@/server/identity'
import { isFresh } from '@/server/auth/fresh'
import { page } from '@/server/auth/page'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { PeopleDesk, type SomebodyShown } from './people-desk'

export const metadata: Metadata = { title: 'People who sign in' }

export default page('/settings/people', ({ who, db, visitor, now }) => {
  const people = allAccounts(db).map(
    (account): SomebodyShown => ({
      id: account.id,
      name: account.name,
      login: account.login,
      role: account.role,
      open: account.open,
      factor: account.totp !== null,
      state: account.password !== null ? 'chosen' : (account.invitedUntil ?? 0) > now ? 'invited' : 'over',
      sessions: signedInBy(account.id, now).length,
    }),
  )
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-5xl px-6 py-6">
        <ScreenTitle className="text-3xl">People who sign in</ScreenTitle>
        <p className="mt-2 max-w-3xl text-ash">
          A practitioner examines. A lead does that too, and looks after settings, backups, this page and the audit trail. A student practises, and works on
          examinations a practitioner entrusts to them and signs.
        </p>
        <PeopleDesk people={people} own={who.id} fresh={isFresh({ visitor, now })} />
      </main>
    </>
  )
})
