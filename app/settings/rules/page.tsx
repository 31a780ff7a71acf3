import type { Metadata } from 'next'
import { currentRules } from '@/core/clusters/own-rule'
import { clinicKnowledge } from '@/db/queries/clinic'
import { page } from '@/server/auth/page'
import { LeadOnly } from '@/ui/lead-only'
import { SiteHeader } from '@/ui/site-header'
import { RulesDesk } from '../lazily'
import { ScreenTitle } from '@/ui/screen-title'

export const metadata: Metadata = { title: 'Own rules' }

export default page('/settings/rules', ({ who, db }) => {
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-6xl px-6 py-6">
        <ScreenTitle className="text-3xl">Own rules</ScreenTitle>
        <p className="mt-2 max-w-3xl text-ash">
          Rules of this clinic run in the same engine as the published ones and stand beside them under your name. Without a likelihood ratio and its source a
          rule is a pointer.
        </p>
        <LeadOnly who={who}>
          <RulesDesk rules={currentRules(clinicKnowledge(db).rules)} />
        </LeadOnly>
      </main>
    </>
  )
})
