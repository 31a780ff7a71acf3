import type { Metadata } from 'next'
import Link from 'next/link'
import { casesWith } from '@/core/trainer/generate'
import { type TrapId, TRAPS, trapOf } from '@/core/trainer/trap'
import { practitionerById } from '@/db/queries/practitioners'
import { writtenCases } from '@/db/queries/practice-sets'
import { page } from '@/server/auth/page'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { TableHead } from '@/ui/table-head'
import { BeginNamed } from '../begin-case'
import { NewCase } from './new-case'

export const metadata: Metadata = { title: 'Written cases' }

export default page('/practice/cases', ({ who, db }) => {
  const cases = writtenCases(db)
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-6xl px-4 py-6 sm:px-6">
        <ScreenTitle className="text-3xl">Cases written here, and the list of traps</ScreenTitle>
        <p className="mt-1 max-w-3xl text-ash">For whoever teaches. Students see neither the titles nor this list.</p>
        <NewCase />
        {cases.length > 0 && (
          <ul className="mt-4 divide-y divide-hair rounded-card border border-hair bg-sheet">
            {cases.map(({ code, file, by }) => (
              <li key={code} className="flex flex-wrap items-center gap-x-4 px-3 py-1">
                <Link href={`/practice/cases/${code}`} className="inline-flex min-h-11 grow items-center font-semibold underline underline-offset-4">
                  {file.title}
                </Link>
                <span className="text-ash">
                  {file.region}, by {practitionerById(db, by)?.name ?? by}
                </span>
                <a href={`/practice/cases/${code}/file`} download className="inline-flex min-h-11 items-center underline underline-offset-4">
                  Save as JSON
                </a>
                <BeginNamed name={`written ${code}`} klass={null} words="Try it" />
              </li>
            ))}
          </ul>
        )}
        <section aria-labelledby="traps" className="mt-8">
          <h2 id="traps" className="text-xl">
            Traps among the numbered cases
          </h2>
          <div className="overflow-x-auto" role="group" aria-label="Traps" tabIndex={0}>
            <table className="w-full border-collapse text-left">
              <TableHead heads={['trap', 'tempts to', 'what tells', 'numbers']} />
              <tbody>
                {(Object.keys(TRAPS) as TrapId[]).map((id) => (
                  <tr key={id} className="border-t border-hair align-top">
                    <th scope="row" className="py-1.5 pr-3 text-left font-semibold">
                      {trapOf(id).name}
                    </th>
                    <td className="py-1.5 pr-3">{trapOf(id).tempts}</td>
                    <td className="py-1.5 pr-3">{trapOf(id).parts}</td>
                    <td className="figures-in-text whitespace-nowrap py-1.5">
                      {trapOf(id).region} {casesWith(id, 5).join(', ')} …
                    </td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </section>
      </main>
    </>
  )
})
