import type { Metadata } from 'next'
import { coverage } from '@/core/evidence/coverage'
import { knowledgeAt } from '@/core/evidence/knowledge'
import { RELIABILITY } from '@/core/evidence/reliability'
import { clinicKnowledge } from '@/db/queries/clinic'
import { page } from '@/server/auth/page'
import { LeadWords } from '@/ui/lead-only'
import { SiteHeader } from '@/ui/site-header'
import { CoverageTable } from './coverage-table'
import { RegisterTable } from '../lazily'
import { ReliabilityTable } from './reliability-table'
import { ScreenTitle } from '@/ui/screen-title'

export const metadata: Metadata = { title: 'Evidence register' }

export default page('/settings/evidence', ({ who, db }) => {
  const { register } = knowledgeAt(clinicKnowledge(db), Infinity)
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-6xl px-6 py-6">
        <ScreenTitle className="text-3xl">Evidence register</ScreenTitle>
        <p className="mt-2 max-w-3xl text-ash">
          Every published accuracy that is known here, with its doubt. None has been checked against its paper yet. One row for each test and source changes the
          estimate; the others stand beside it with the reason. An accuracy of your own needs a source and carries your name; the published one can always be
          restored.
        </p>
        {who.role !== 'lead' && <LeadWords />}
        <RegisterTable rows={register} mayChange={who.role === 'lead'} />
        <CoverageTable
          lines={coverage(register).map(({ test, rows, moving, state }) => ({
            id: test.id,
            name: test.name,
            rows,
            state,
            moving: moving.map((row) => `${row.id}, ${row.from.cite}`),
          }))}
        />
        <ReliabilityTable rows={RELIABILITY} />
      </main>
    </>
  )
})
