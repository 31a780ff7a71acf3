import Link from 'next/link'
import { Undelivered } from './exam/undelivered'
import { Help } from './help'
import { SkipLink } from './skip-link'
import { ThemeSwitch } from './theme-switch'

interface Props {
  readonly who: { readonly name: string; readonly demo: boolean }
}

/** The top of every page that is not an examination. */
export function SiteHeader({ who }: Props) {
  return (
    <header className="border-b border-hair bg-dust">
      <SkipLink />
      <div className="mx-auto flex max-w-6xl flex-wrap items-center gap-x-6 gap-y-1 px-4 py-3 sm:px-6">
        <Link href="/today" className="font-serif text-xl font-semibold">
          Dust Lantern
        </Link>
        <nav aria-label="Main" className="flex gap-4">
          <Link href="/today" className="px-1 py-2">
            Today
          </Link>
          <Link href="/library" className="px-1 py-2">
            Library
          </Link>
          <Link href="/settings" className="px-1 py-2">
            Settings
          </Link>
        </nav>
        <Undelivered />
        <p className="ml-auto text-ash">
          {who.name}
          {who.demo && (
            <span className="ml-2 rounded border border-lantern px-2 py-0.5 text-sm text-lantern-text">demo clinic, signed in without a password</span>
          )}
        </p>
        <Help />
        <ThemeSwitch />
      </div>
    </header>
  )
}
