import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { connection } from 'next/server'
import { db } from '@/db'
import { hasLead } from '@/db/queries/accounts'
import { environment } from '@/server/environment'
import { DoorPage } from '@/ui/doors/door-page'
import { FirstForm } from './first-form'

export const metadata: Metadata = { title: 'The first lead' }

export default async function FirstPage() {
  await connection()
  if (environment().demo) redirect('/today')
  if (hasLead(db())) redirect('/sign-in')
  return (
    <DoorPage
      title="Who leads this clinic?"
      words="Nobody can sign in yet. The first lead invites everybody else, looks after settings and backups, and reads the audit trail."
    >
      <FirstForm />
    </DoorPage>
  )
}
