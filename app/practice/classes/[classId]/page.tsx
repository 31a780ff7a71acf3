import type { Metadata } from 'next'
import { notFound } from 'next/navigation'
import { altogether } from '@/core/trainer/altogether'
import { twoExaminers } from '@/core/trainer/agreement'
import { meanOf } from '@/core/trainer/curves'
import { SKILL_HEADS, SKILLS } from '@/core/trainer/judge/moment'
import { testById } from '@/core/catalogue'
import { counted } from '@/core/vocabulary/sentence'
import type { Db } from '@/db/open'
import { practitionerById } from '@/db/queries/practitioners'
import { type ListedRun, runsOf, wholeRun } from '@/db/queries/practice'
import { practiceClassesOf, writtenCases } from '@/db/queries/practice-sets'
import { page } from '@/server/auth/page'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { TableHead } from '@/ui/table-head'
import { BeginNamed } from '../../begin-case'
import { RunsTable } from '../../runs-table'
import { ClassForm } from '../class-form'

export const metadata: Metadata = { title: 'Class' }

export default page('/practice/classes/[classId]', ({ who, params: { classId }, db }) => {
  const set = practiceClassesOf(db).find((c) => c.id === classId)
  if (!set || (set.closed && who.role === 'student')) notFound()
  const teaches = who.role !== 'student'
  const runs = runsOf(db, { class: classId })
  const own = runs.filter((run) => run.by === who.id)
  const written = writtenCases(db).map((c) => ({ name: `written ${c.code}`, title: c.file.title }))
  const titles = Object.fromEntries(written.map((w) => [w.name, w.title]))
  const nameOf = (id: string) => practitionerById(db, id)?.name ?? id
  const people = [...new Set(runs.map((run) => run.by))]
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-6xl px-4 py-6 sm:px-6">
        <ScreenTitle className="text-3xl">{set.title}</ScreenTitle>
        <p className="mt-1 text-ash">
          {counted(set.cases.length, 'case')}
          {set.closed && ', closed'}. Each is the same simulated person for everybody.
        </p>
        {!set.closed && (
          <section aria-labelledby="yours" className="mt-5">
            <h2 id="yours" className="text-xl">
              Your cases
            </h2>
            <ol className="mt-2 flex flex-wrap gap-2">
              {set.cases.map((name, i) => {
                const taken = own.some((run) => run.case === name)
                // A student learns the title of a written case after it, since it may give it away.
                const words = teaches ? (titles[name] ?? name) : `Case ${i + 1}`
                return (
                  <li key={name}>
                    {taken ? (
                      <span className="inline-flex min-h-11 items-center px-3 text-ash">{words}: taken</span>
                    ) : (
                      <BeginNamed name={name} klass={set.id} words={`Begin ${words}`} />
                    )}
                  </li>
                )
              })}
            </ol>
          </section>
        )}
        <section aria-labelledby="results" className="mt-8">
          <h2 id="results" className="text-xl">
            {teaches ? 'Results' : 'Your results'}
          </h2>
          {(teaches ? runs : own).length === 0 ? (
            <p className="text-ash">None yet.</p>
          ) : (
            <RunsTable
              runs={(teaches ? runs : own).map((run) => ({ ...run, ...(teaches && { who: nameOf(run.by) }) }))}
              titles={{ of: titles, atOnce: teaches }}
            />
          )}
        </section>
        {teaches && people.length > 0 && <ByPerson people={people} runs={runs} nameOf={nameOf} />}
        {teaches && people.length > 1 && <Agreement people={people} runs={runs} nameOf={nameOf} db={db} />}
        {teaches && (
          <section aria-labelledby="change" className="mt-8">
            <h2 id="change" className="text-xl">
              Change it
            </h2>
            <ClassForm written={written} known={set} />
          </section>
        )}
      </main>
    </>
  )
})

interface TogetherProps {
  readonly people: readonly string[]
  readonly runs: readonly ListedRun[]
  readonly nameOf: (id: string) => string
}

/** The mean of each skill, person by person, and the figure that no skill makes up for. */
function ByPerson({ people, runs, nameOf }: TogetherProps) {
  return (
    <section aria-labelledby="by-person" className="mt-8">
      <h2 id="by-person" className="text-xl">
        By person
      </h2>
      <div className="overflow-x-auto" role="group" aria-label="Means by person" tabIndex={0}>
        <table className="w-full border-collapse text-left">
          <TableHead heads={['who', 'judged', 'passed', ...SKILLS.map((s) => SKILL_HEADS[s]), 'all in all']} />
          <tbody>
            {people.map((id) => {
              const judged = runs.filter((run) => run.by === id).flatMap((run) => run.judged ?? [])
              return (
                <tr key={id} className="border-t border-hair">
                  <th scope="row" className="py-1.5 pr-3 font-normal">
                    {nameOf(id)}
                  </th>
                  <td className="figures-in-text">{judged.length}</td>
                  <td className="figures-in-text">{judged.filter((j) => j.passed).length}</td>
                  {SKILLS.map((skill) => (
                    <td key={skill} className="figures-in-text">
                      {rounded(meanOf(judged, skill))}
                    </td>
                  ))}
                  <td className="figures-in-text font-semibold">{rounded(altogether(judged))}</td>
                </tr>
              )
            })}
          </tbody>
        </table>
      </div>
    </section>
  )
}

/** Every two examiners over the cases both took. */
function Agreement({ people, runs, nameOf, db }: TogetherProps & { readonly db: Db }) {
  const recordsOf = (id: string) =>
    runs
      .filter((run) => run.by === id && run.judged !== null)
      .toReversed()
      .flatMap((run) => {
        const whole = wholeRun(db, run.id)
        return whole ? [{ case: run.case, events: whole.events }] : []
      })
  const pairs = people.flatMap((a, i) => people.slice(i + 1).map((b) => ({ a, b, found: twoExaminers(recordsOf(a), recordsOf(b)) })))
  return (
    <section aria-labelledby="agreement" className="mt-8">
      <h2 id="agreement" className="text-xl">
        Two examiners
      </h2>
      <p className="text-ash">Results of every test both did on the same simulated person, with 95 % intervals. Kappa is agreement beyond chance.</p>
      <table className="mt-1 w-full border-collapse text-left">
        <TableHead heads={['examiners', 'cases', 'tests', 'agreement', 'kappa', 'they differ on']} />
        <tbody>
          {pairs.map(({ a, b, found }) => (
            <tr key={`${a} ${b}`} className="border-t border-hair">
              <th scope="row" className="py-1.5 pr-3 font-normal">
                {nameOf(a)} and {nameOf(b)}
              </th>
              <td className="figures-in-text pr-3">{found.cases}</td>
              <td className="figures-in-text pr-3">{found.tests}</td>
              <td className="figures-in-text pr-3">
                {found.results
                  ? `${percent(found.results.percent.value)} (${percent(found.results.percent.low)} to ${percent(found.results.percent.high)})`
                  : 'no test by both'}
              </td>
              <td className="figures-in-text pr-3">
                {found.results?.kappa
                  ? `${found.results.kappa.value.toFixed(2)} (${found.results.kappa.low.toFixed(2)} to ${found.results.kappa.high.toFixed(2)})`
                  : 'not known yet'}
              </td>
              <td>
                {found.differ
                  .slice(0, 3)
                  .map((d) => `${testById(d.test)?.short ?? d.test}, ${d.differ} of ${d.of}`)
                  .join('; ') || 'nothing'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

function rounded(score: number | null): string {
  return score === null ? '–' : `${Math.round(score)}`
}

function percent(share: number): string {
  return `${Math.round(100 * share)} %`
}
