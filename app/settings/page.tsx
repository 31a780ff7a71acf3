import type { Metadata } from 'next'
import Link from 'next/link'
import { connection } from 'next/server'
import { db } from '@/db'
import { clinicKnowledge, houseOf } from '@/db/queries/clinic'
import { who } from '@/server/who'
import { SiteHeader } from '@/ui/site-header'
import { HandsSettings } from './hands-settings'
import { OddsSettings, SchoolsSettings, TurnsSettings } from './lazily'

export const metadata: Metadata = { title: 'Settings' }

export default async function SettingsPage() {
  // Every page gets a nonce of its own, so none is made ahead of a request.
  await connection()
  const house = houseOf(db())
  return (
    <>
      <SiteHeader who={who()} />
      <main className="mx-auto max-w-6xl px-6 py-6">
        <h1 className="text-3xl">Settings</h1>
        <nav aria-label="More settings" className="mt-3 flex gap-6">
          <Link href="/settings/evidence" className="py-2 underline underline-offset-4">
            Evidence register
          </Link>
          <Link href="/settings/rules" className="py-2 underline underline-offset-4">
            Own rules
          </Link>
        </nav>
        <SchoolsSettings schools={house.schools} mode={house.mode} />
        <OddsSettings setting={house.setting} own={clinicKnowledge(db()).priors} />
        <TurnsSettings own={house.turns} />
        <HandsSettings />
      </main>
    </>
  )
}
