import type { Metadata } from 'next'
import Link from 'next/link'
import { readClinic, readHouse } from '@/db/queries/clinic'
import { page } from '@/server/auth/page'
import { SiteHeader } from '@/ui/site-header'
import { FigureSettings } from './later'
import { HandsSettings } from './hands-settings'
import { NoteSettings, PretestSettings, SchoolsSettings, TurnsSettings } from './lazily'
import { LeadOnly } from '@/ui/lead-only'
import { ScreenTitle } from '@/ui/screen-title'

export const metadata: Metadata = { title: 'Settings' }

/** What only a lead looks after. */
const LEADS = [
  ['/settings/people', 'People who sign in'],
  ['/settings/trail', 'Audit trail'],
  ['/settings/backups', 'Backups'],
] as const

export default page('/settings', ({ who, db }) => {
  const { house, faults: choices } = readHouse(db)
  const { clinic, faults: entries } = readClinic(db)
  const faults = [...choices, ...entries]
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-6xl px-6 py-6">
        <ScreenTitle className="text-3xl">Settings</ScreenTitle>
        <nav aria-label="More settings" className="mt-3 flex flex-wrap gap-x-6">
          <Link href="/settings/evidence" className="flex min-h-11 items-center underline underline-offset-4">
            Evidence register
          </Link>
          <Link href="/settings/rules" className="flex min-h-11 items-center underline underline-offset-4">
            Own rules
          </Link>
          <Link href="/exchange" className="flex min-h-11 items-center underline underline-offset-4">
            Import and export
          </Link>
          <Link href="/check" className="flex min-h-11 items-center underline underline-offset-4">
            Check a signed note
          </Link>
          {LEADS.filter(() => who.role === 'lead').map(([href, words]) => (
            <Link key={href} href={href} className="flex min-h-11 items-center underline underline-offset-4">
              {words}
            </Link>
          ))}
        </nav>
        {faults.length > 0 && (
          <section role="alert" className="mt-4 max-w-3xl rounded-card border-2 border-halt p-4">
            <h2 className="font-semibold">Stored, but not readable here, so not counted</h2>
            <ul className="mt-2 list-disc pl-5">
              {faults.map((fault) => (
                <li key={fault}>{fault}</li>
              ))}
            </ul>
            <p className="mt-2">Nothing was removed. Enter it again, or open the clinic with the version that wrote it.</p>
          </section>
        )}
        <LeadOnly who={who}>
          <SchoolsSettings schools={house.schools} mode={house.mode} />
          <PretestSettings setting={house.setting} own={clinic.priors} />
          <TurnsSettings own={house.turns} />
          <NoteSettings template={house.template} />
        </LeadOnly>
        <HandsSettings />
        <FigureSettings />
      </main>
    </>
  )
})
