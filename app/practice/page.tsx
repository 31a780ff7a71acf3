import { format } from 'date-fns'
import type { Metadata } from 'next'
import Link from 'next/link'
import { altogether } from '@/core/trainer/altogether'
import { curveOf, type Judged } from '@/core/trainer/curves'
import { DRILL_IDS, DRILLS } from '@/core/trainer/drills/drill'
import { type Drilled, dueOf, levelOf } from '@/core/trainer/drills/schedule'
import { eyeError } from '@/core/trainer/drills/score'
import { SKILL_WORDS, SKILLS } from '@/core/trainer/judge/moment'
import { CASE_REGIONS } from '@/core/trainer/picture'
import { counted } from '@/core/vocabulary/sentence'
import { drillAnswersOf } from '@/db/queries/drills'
import { type ListedRun, runsOf } from '@/db/queries/practice'
import { practiceClassesOf, writtenCases } from '@/db/queries/practice-sets'
import { page } from '@/server/auth/page'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { BeginCase } from './begin-case'
import { CurveChart } from './curve-chart'
import { RunsTable, runTitle, type Titles } from './runs-table'

export const metadata: Metadata = { title: 'Practice' }

export default page('/practice', ({ who, db }) => {
  const runs = runsOf(db, { by: who.id })
  const judged = runs.flatMap((run) => run.judged ?? [])
  const answers = drillAnswersOf(db, who.id)
  const due = dueNow(answers)
  const written = writtenCases(db)
  const open = practiceClassesOf(db).filter((c) => !c.closed)
  const teaches = who.role !== 'student'
  const titles = { of: Object.fromEntries(written.map((c) => [`written ${c.code}`, c.file.title])), atOnce: teaches }
  const next = Object.fromEntries(
    CASE_REGIONS.map((region) => [
      region,
      nextNumber(
        runs.map((r) => r.case),
        region,
      ),
    ]),
  ) as Record<(typeof CASE_REGIONS)[number], number>
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-6xl px-4 py-6 sm:px-6">
        <ScreenTitle className="text-3xl">Practice</ScreenTitle>
        <p className="mt-1 max-w-3xl text-ash">
          Simulated people answer like people, on the same bench. Nothing of it comes near a real record, the audit or the search. It trains; it certifies
          nothing.
        </p>
        <div className="mt-5 grid gap-8 lg:grid-cols-2">
          <section aria-labelledby="a-case">
            <h2 id="a-case" className="text-xl">
              A case
            </h2>
            <p className="mb-3 text-ash">Take the story by asking, screen, test, read the answers, and commit. Then each moment is judged.</p>
            <BeginCase next={next} />
            <GoOn runs={runs} titles={titles} />
            {open.length > 0 && (
              <>
                <h3 className="mt-6 text-lg">Set for you</h3>
                <ul>
                  {open.map(({ id, title, cases }) => {
                    const left = cases.filter((name) => !runs.some((run) => run.class === id && run.case === name)).length
                    return (
                      <li key={id}>
                        <Link href={`/practice/classes/${id}`} className="inline-flex min-h-11 items-center underline underline-offset-4">
                          {title}: {left === 0 ? 'all taken' : `${left} of ${counted(cases.length, 'case')} left`}
                        </Link>
                      </li>
                    )
                  })}
                </ul>
              </>
            )}
          </section>
          <section aria-labelledby="drills">
            <h2 id="drills" className="text-xl">
              Drills
            </h2>
            <ul className="mt-2 divide-y divide-hair rounded-card border border-hair bg-sheet">
              {DRILL_IDS.map((id) => {
                const mine = answers.filter((a) => a.drill === id)
                const waiting = due.filter((d) => d.drill === id).length
                const eye = id === 'angle-eye' ? eyeError(mine) : null
                return (
                  <li key={id} className="grid grid-cols-[10.5rem_minmax(0,1fr)] items-baseline gap-x-3 px-3 py-1">
                    <Link href={`/practice/drill/${id}`} className="inline-flex min-h-11 items-center font-semibold underline underline-offset-4">
                      {DRILLS[id].name}
                    </Link>
                    <span className="text-ash">
                      {DRILLS[id].what}{' '}
                      <span className="text-sm text-ink">
                        {mine.length === 0 ? `${DRILLS[id].minutes} min` : `level ${levelOf(mine)} of 5${waiting > 0 ? `, ${waiting} due` : ''}`}
                        {eye && `; your eye: bias ${signed(eye.bias)}°, SEM ${eye.sem.toFixed(1)}°`}
                      </span>
                    </span>
                  </li>
                )
              })}
            </ul>
          </section>
        </div>
        <section aria-labelledby="curves" className="mt-8">
          <h2 id="curves" className="text-xl">
            Your curves
          </h2>
          <p className="text-ash">Running mean of up to eight attempts with its 95 % interval. Below five attempts it says little.</p>
          <div className="mt-2 grid gap-3 sm:grid-cols-2 lg:grid-cols-4">
            {SKILLS.map((skill) => (
              <CurveChart key={skill} title={SKILL_WORDS[skill]} points={curveOf(judged, skill)} />
            ))}
            <AllInAll judged={judged} />
          </div>
        </section>
        <section aria-labelledby="history" className="mt-8">
          <div className="flex flex-wrap items-baseline gap-x-6">
            <h2 id="history" className="text-xl">
              Attempts
            </h2>
            {runs.length > 0 && (
              <>
                <a href="/practice/history?as=csv" download className="inline-flex min-h-11 items-center underline underline-offset-4">
                  Save as CSV
                </a>
                <a href="/practice/history?as=json" download className="inline-flex min-h-11 items-center underline underline-offset-4">
                  Save as JSON
                </a>
              </>
            )}
          </div>
          {runs.length === 0 ? <p className="text-ash">None yet.</p> : <RunsTable runs={runs} titles={titles} />}
        </section>
        <section aria-labelledby="together" className="mt-8">
          <h2 id="together" className="text-xl">
            Together
          </h2>
          <p className="flex flex-wrap gap-x-6">
            <Link href="/practice/classes" className="inline-flex min-h-11 items-center underline underline-offset-4">
              Classes and two examiners{open.length > 0 && `, ${counted(open.length, 'class').replace('classs', 'classes')} open`}
            </Link>
            {teaches && (
              <Link href="/practice/cases" className="inline-flex min-h-11 items-center underline underline-offset-4">
                Cases written here, and the list of traps
              </Link>
            )}
          </p>
        </section>
      </main>
    </>
  )
})

/** Cases under way that are listed at most. */
const UNDER_WAY = 4

/** Cases that were begun and not committed. */
function GoOn({ runs, titles }: { readonly runs: readonly ListedRun[]; readonly titles: Titles }) {
  const waiting = runs.filter((run) => run.judged === null).slice(0, UNDER_WAY)
  if (waiting.length === 0) return null
  return (
    <>
      <h3 className="mt-6 text-lg">Go on with</h3>
      <ul className="flex flex-wrap gap-x-6">
        {waiting.map((run) => (
          <li key={run.id}>
            <Link href={`/practice/run/${run.id}/story`} className="inline-flex min-h-11 items-center underline underline-offset-4">
              {runTitle(run, titles)}, begun {format(run.at, 'd MMM, HH:mm')}
            </Link>
          </li>
        ))}
      </ul>
    </>
  )
}

/** Attempts that the figure rests on at most. */
const LATEST = 8

/** One figure over the latest attempts. */
function AllInAll({ judged }: { readonly judged: readonly Judged[] }) {
  const latest = judged.toSorted((a, b) => b.at - a.at).slice(0, LATEST)
  const figure = altogether(latest)
  return (
    <div className="rounded-card border border-hair bg-sheet p-3">
      <h3 className="font-semibold">All in all</h3>
      {figure === null ? (
        <p className="text-ash">None yet.</p>
      ) : (
        <>
          <p className="figures text-4xl">{Math.round(figure)}</p>
          <p className="text-sm text-ash">
            of 100, over {latest.length === 1 ? 'the last attempt' : `the last ${latest.length} attempts`}. A skill at nought is made up for by no other.
          </p>
        </>
      )}
    </div>
  )
}

/** Topics that are due again by now. */
function dueNow(answers: readonly Drilled[]) {
  const now = Date.now()
  return dueOf(answers).filter((d) => d.at <= now)
}

/** The lowest number of a region that was not taken yet. */
function nextNumber(taken: readonly string[], region: string): number {
  const known = new Set(taken)
  let number = 1
  while (known.has(`${region} ${number}`)) number++
  return number
}

function signed(n: number): string {
  return `${n > 0 ? '+' : ''}${n.toFixed(1)}`
}
