import { format } from 'date-fns'
import type { Metadata } from 'next'
import { accountById } from '@/db/queries/accounts'
import { signedInBy } from '@/server/identity'
import { noticesFor } from '@/server/auth/notices'
import { page } from '@/server/auth/page'
import { Notices } from './notices'
import { SignOut } from '@/ui/doors/sign-out'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { deviceWords } from './device-words'
import { FactorCard } from './factor-card'
import { PasswordCard, PinCard } from './secret-cards'

export const metadata: Metadata = { title: 'Your account' }

export default page('/account', ({ who, visitor, db, now }) => {
  const account = accountById(db, who.id)
  const sessions = signedInBy(who.id, now)
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-4xl px-6 py-6">
        <ScreenTitle className="text-3xl">Your account</ScreenTitle>
        {!account ? (
          <p className="mt-3">The demo practitioner is signed in without a password and has no account.</p>
        ) : (
          <>
            <p className="mt-2 text-ash">
              {who.name}, {who.role}. You sign in as <strong>{account.login}</strong>.
            </p>
            <Notices notices={noticesFor(db, who.id, now)} />
            <div className="mt-5 grid gap-5 md:grid-cols-2">
              <PasswordCard />
              <PinCard has={account.pin !== null} />
            </div>
            <FactorCard has={account.totp !== null} left={(JSON.parse(account.recovery) as unknown[]).length} />
            <section aria-labelledby="sessions" className="mt-6">
              <h2 id="sessions" className="text-xl">
                Where you are signed in
              </h2>
              <ul className="mt-2">
                {sessions.map((session) => (
                  <li key={session.id} className="flex flex-wrap gap-x-6 border-t border-hair py-2.5">
                    <span className="min-w-56 font-semibold">
                      {deviceWords(session.device)}
                      {visitor.kind === 'open' && visitor.session === session.id && ' (this one)'}
                    </span>
                    <span className="text-ash">from {session.address}</span>
                    <span className="figures text-ash">last seen {format(session.seenAt, 'd MMM, HH:mm')}</span>
                    {session.locked && <span>locked</span>}
                  </li>
                ))}
              </ul>
              <p className="mt-3">
                <SignOut everywhere look="strong" />
              </p>
            </section>
          </>
        )}
      </main>
    </>
  )
})
