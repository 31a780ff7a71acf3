import type { Metadata } from 'next'
import { countExams } from '@/db/queries/exams'
import { page } from '@/server/auth/page'
import { ArchiveButton } from '@/ui/archive-button'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { BringInMany } from './bring-in-many'

export const metadata: Metadata = { title: 'Import and export' }
export const dynamic = 'force-dynamic'

export default page('/exchange', ({ who, db }) => {
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-5xl px-4 py-6 sm:px-6">
        <ScreenTitle className="text-3xl">Import and export</ScreenTitle>
        <BringInMany />
        {who.role === 'lead' && (
          <section aria-labelledby="archive" className="mt-6 rounded-card border border-hair bg-sheet px-5 py-4">
            <h2 id="archive" className="text-xl">
              Everything of everybody
            </h2>
            <p className="mt-1 text-ash">
              {countExams(db)} examinations: exam files, notes as text and PDF, letters, FHIR, and tables with their dictionary, in one archive. It is written
              while it is saved, names people, and stands on the trail. It is no backup: backups are under Settings.
            </p>
            <ArchiveButton href="/exchange/archive" words="Save everything of everybody" />
          </section>
        )}
      </main>
    </>
  )
})
