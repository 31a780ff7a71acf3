import Link from 'next/link'
import { Undelivered } from './exam/undelivered'
import { LockButton } from './doors/lock-button'
import { SignOut } from './doors/sign-out'
import { DoorWatch } from './doors/watch'
import { Help } from './help'
import { PrintFoot } from './print-foot'
import { SkipLink } from './skip-link'
import { ThemeSwitch } from './theme-switch'

interface Props {
  readonly who: { readonly id: string; readonly name: string; readonly demo: boolean; readonly role: string }
}

/** The top of every page that is not an examination. */
export function SiteHeader({ who }: Props) {
  return (
    <header className="no-print border-b border-hair bg-dust">
      <PrintFoot about="" version="" />
      <SkipLink />
      <div className="mx-auto flex max-w-6xl flex-wrap items-center gap-x-6 gap-y-1 px-4 py-3 sm:px-6">
        <Link href="/today" className="flex min-h-11 items-center font-serif text-xl font-semibold">
          Dust Lantern
        </Link>
        <nav aria-label="Main" className="flex gap-3">
          <Link href="/today" className="flex min-h-11 min-w-11 items-center justify-center px-1.5">
            Today
          </Link>
          <Link href="/library" className="flex min-h-11 min-w-11 items-center justify-center px-1.5">
            Library
          </Link>
          <Link href="/practice" className="flex min-h-11 min-w-11 items-center justify-center px-1.5">
            Practice
          </Link>
          {who.role !== 'student' && (
            <Link href="/audit" className="flex min-h-11 min-w-11 items-center justify-center px-1.5">
              Audit
            </Link>
          )}
          <Link href="/settings" className="flex min-h-11 min-w-11 items-center justify-center px-1.5">
            Settings
          </Link>
        </nav>
        <Undelivered />
        <p className="ml-auto text-ash">
          {who.demo ? (
            who.name
          ) : (
            <Link href="/account" className="inline-flex min-h-11 items-center underline decoration-hair underline-offset-4">
              {who.name}
            </Link>
          )}
          {who.role === 'student' && ', student'}
          {who.demo && (
            <span className="ml-2 inline-block rounded border border-lantern px-2 py-0.5 text-sm text-lantern-text">
              demo clinic, signed in without a password
            </span>
          )}
        </p>
        {!who.demo && (
          <>
            <LockButton />
            <SignOut />
          </>
        )}
        <Help />
        <ThemeSwitch />
        <DoorWatch who={who} />
      </div>
    </header>
  )
}
