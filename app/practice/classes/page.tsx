import type { Metadata } from 'next'
import Link from 'next/link'
import { counted } from '@/core/vocabulary/sentence'
import { practiceClassesOf, writtenCases } from '@/db/queries/practice-sets'
import { page } from '@/server/auth/page'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { ClassForm } from './class-form'

export const metadata: Metadata = { title: 'Classes' }

export default page('/practice/classes', ({ who, db }) => {
  const classes = practiceClassesOf(db).filter((c) => who.role !== 'student' || !c.closed)
  const written = writtenCases(db).map((c) => ({ name: `written ${c.code}`, title: c.file.title }))
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-4xl px-4 py-6 sm:px-6">
        <ScreenTitle className="text-3xl">Classes and two examiners</ScreenTitle>
        <p className="mt-1 text-ash">Several people take the same simulated people, so that what differs is the examiner.</p>
        {classes.length === 0 ? (
          <p className="mt-4">No class is set.</p>
        ) : (
          <ul className="mt-4 divide-y divide-hair rounded-card border border-hair bg-sheet">
            {classes.map((c) => (
              <li key={c.id} className="flex flex-wrap items-baseline gap-x-4 px-3">
                <Link href={`/practice/classes/${c.id}`} className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4">
                  {c.title}
                </Link>
                <span className="text-ash">
                  {counted(c.cases.length, 'case')}
                  {c.closed && ', closed'}
                </span>
              </li>
            ))}
          </ul>
        )}
        {who.role !== 'student' && (
          <section aria-labelledby="set" className="mt-8">
            <h2 id="set" className="text-xl">
              Set a class
            </h2>
            <ClassForm written={written} known={null} />
          </section>
        )}
      </main>
    </>
  )
})
