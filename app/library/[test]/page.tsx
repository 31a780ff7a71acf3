import Link from 'next/link'
import { notFound } from 'next/navigation'
import { testById } from '@/core/catalogue'
import { contraindicationWords, precautionWords } from '@/core/catalogue/condition'
import { asksFor } from '@/core/clusters/asks-for'
import { knowledgeAt } from '@/core/evidence/knowledge'
import { rowsOf } from '@/core/evidence/register'
import { STATEMENT, UNCHECKED } from '@/core/note/statement'
import { capital, listWords } from '@/core/vocabulary/sentence'
import { clinicKnowledge } from '@/db/queries/clinic'
import { page, pageMetadata } from '@/server/auth/page'
import { SiteHeader } from '@/ui/site-header'
import { EvidenceTable } from './evidence-table'
import { StageStepper } from '../lazily'
import { ScreenTitle } from '@/ui/screen-title'

export const generateMetadata = pageMetadata('/library/[test]', ({ params: { test } }) => ({ title: testById(test)?.name ?? 'Library' }))

export default page('/library/[test]', ({ who, params, db }) => {
  const test = testById(params.test)
  if (!test) notFound()
  const { register, clusters } = knowledgeAt(clinicKnowledge(db), Infinity)
  const rules = clusters.filter((cluster) => asksFor(cluster, test.id))
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-6xl px-6 pb-16 pt-6">
        <p>
          <Link href="/library" className="inline-flex min-h-11 items-center text-ash underline underline-offset-4">
            Library
          </Link>
        </p>
        <ScreenTitle className="mt-1 text-3xl">{test.name}</ScreenTitle>
        <p className="text-ash">Also called {test.alsoCalled.join(', ')}</p>
        <p className="mt-2 max-w-3xl text-lg">
          {test.purpose} Loads {listWords(test.structures)}.
        </p>
        <StageStepper testId={test.id} />
        <div className="mt-8 grid gap-x-10 gap-y-6 md:grid-cols-2">
          {test.anchors && <List title="Usual" items={test.anchors} />}
          <List title="Does not count" items={test.doesNotCount} />
          <List title="Common faults" items={test.faults} />
          <List title="Not with" items={test.notWith.map(contraindicationWords)} />
          <List title="With care" items={test.careWith.map(precautionWords)} />
        </div>
        {rules.length > 0 && (
          <section className="mt-8">
            <h2 className="text-xl">Counts in</h2>
            <ul className="mt-1">
              {rules.map((rule) => (
                <li key={rule.id}>
                  <strong>{rule.name}.</strong> {rule.note}
                </li>
              ))}
            </ul>
          </section>
        )}
        <EvidenceTable rows={rowsOf(test.id, register)} />
        <p className="mt-6 max-w-3xl text-sm text-ash">
          {UNCHECKED} {STATEMENT}
        </p>
      </main>
    </>
  )
})

function List({ title, items }: { readonly title: string; readonly items: readonly string[] }) {
  if (items.length === 0) return null
  return (
    <section>
      <h2 className="text-xl">{title}</h2>
      <ul className="mt-1 list-disc pl-5">
        {items.map((item) => (
          <li key={item}>{capital(item)}</li>
        ))}
      </ul>
    </section>
  )
}
