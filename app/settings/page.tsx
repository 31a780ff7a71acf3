import type { Metadata } from 'next'
import { connection } from 'next/server'
import { who } from '@/server/who'
import { SiteHeader } from '@/ui/site-header'
import { HandsSettings } from './hands-settings'

export const metadata: Metadata = { title: 'Settings' }

export default async function SettingsPage() {
  // Every page gets a nonce of its own, so none is made ahead of a request.
  await connection()
  return (
    <>
      <SiteHeader who={who()} />
      <main className="mx-auto max-w-3xl px-6 py-6">
        <h1 className="text-3xl">Settings</h1>
        <HandsSettings />
      </main>
    </>
  )
}
