import type { Metadata } from 'next'
import { redirect } from 'next/navigation'
import { environment } from '@/server/environment'
import { clinicHasLead } from '@/server/auth/sign-in'
import { page } from '@/server/auth/page'
import { DoorPage } from '@/ui/doors/door-page'
import { FirstForm } from './first-form'

export const metadata: Metadata = { title: 'The first lead' }

export default page('/first', () => {
  if (environment().demo) redirect('/today')
  if (clinicHasLead()) redirect('/sign-in')
  return (
    <DoorPage
      title="Who leads this clinic?"
      words="Nobody can sign in yet. The first lead invites everybody else, looks after settings and backups, and reads the audit trail."
    >
      <FirstForm />
    </DoorPage>
  )
})
