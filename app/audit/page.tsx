import type { Metadata } from 'next'
import Link from 'next/link'
import { format, subYears } from 'date-fns'
import { publishedRules } from '@/core/audit/published'
import { CATALOGUE } from '@/core/catalogue'
import { GATES } from '@/core/safety'
import { SCREEN } from '@/core/story/screen'
import { sourceOf, type SourceId } from '@/core/vocabulary/source'
import { clinicKnowledge } from '@/db/queries/clinic'
import { clinicDay } from '@/server/clinic-day'
import { page } from '@/server/auth/page'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { Textures } from '@/ui/textures'
import { AuditScreen } from './audit-screen'

export const metadata: Metadata = { title: 'Audit' }

export default page('/audit', ({ who, db }) => {
  const today = clinicDay()
  const rules = publishedRules(clinicKnowledge(db))
  const names = {
    tests: Object.fromEntries(CATALOGUE.map((test) => [test.id, test.name])),
    rules: Object.fromEntries(Object.entries(rules).map(([id, rule]) => [id, { ...rule, sourceName: sourceOf(rule.source as SourceId).name }])),
    gates: Object.fromEntries(GATES.map((gate) => [gate.id, gate.reason])),
    groups: Object.fromEntries(SCREEN.map((group) => [group.id, group.name])),
  }
  return (
    <>
      <SiteHeader who={who} />
      <Textures />
      <main className="mx-auto max-w-6xl px-4 py-6 sm:px-6">
        <ScreenTitle className="text-3xl">Audit</ScreenTitle>
        <p className="mt-1 max-w-3xl text-ash">
          What was done, what the rules said, and what it turned out to be. An examiner alone is told only to themselves; everybody together only to a lead. A
          confirmed source is entered on the page of a person.
        </p>
        <p>
          <Link href="/audit/reliability" className="inline-flex min-h-11 items-center underline underline-offset-4">
            Reliability: your own measurement error
          </Link>
        </p>
        <AuditScreen names={names} lead={who.role === 'lead'} year={{ from: format(subYears(new Date(`${today}T12:00:00`), 1), 'yyyy-MM-dd'), to: today }} />
      </main>
    </>
  )
})
