import { format } from 'date-fns'
import type { Metadata } from 'next'
import Link from 'next/link'
import { errorsWith } from '@/core/change/errors'
import { notUsable } from '@/core/audit/series'
import { CATALOGUE, testById } from '@/core/catalogue'
import { allSeries } from '@/db/queries/series'
import { page } from '@/server/auth/page'
import { ScreenTitle } from '@/ui/screen-title'
import { SiteHeader } from '@/ui/site-header'
import { NewSeries } from './new-series'
import { SeriesCard } from './series-card'

export const metadata: Metadata = { title: 'Reliability' }

export default page('/audit/reliability', ({ who, db }) => {
  const tests = CATALOGUE.map((test) => ({
    id: test.id,
    name: test.name,
    sides: test.sides,
    variants: test.variants.filter((v) => !v.retired).map(({ id, name }) => ({ id, name })),
    stages: test.stages.flatMap((stage) =>
      stage.angle ? [{ id: stage.id, name: stage.label }] : stage.holdSeconds > 0 ? [{ id: stage.id, name: `${stage.label}: seconds borne` }] : [],
    ),
  }))
  const published = errorsWith()
  return (
    <>
      <SiteHeader who={who} />
      <main className="mx-auto max-w-6xl px-4 py-6 sm:px-6">
        <p>
          <Link href="/audit" className="inline-flex min-h-11 items-center underline underline-offset-4">
            Audit
          </Link>
        </p>
        <ScreenTitle className="text-3xl">Reliability</ScreenTitle>
        <p className="mt-1 max-w-3xl text-ash">
          How far two measurements differ by themselves, in your hands: the same test, side and technique, several times on several people. People are numbers
          of the series and nobody else. From five people with two trials each a lead may let the error found here replace the published one.
        </p>
        <NewSeries tests={tests} />
        {allSeries(db).map((series) => {
          const { setup } = series
          const test = testById(setup.test)
          const stage = test?.stages.find((s) => s.id === setup.stage)
          const known = setup.stage === null ? null : published(setup.test, setup.side, setup.stage)
          return (
            <SeriesCard
              key={series.id}
              series={series}
              begun={format(series.at, 'd MMM yyyy')}
              usedSince={series.used && format(series.used.at, 'd MMM yyyy')}
              title={`${test?.name ?? setup.test}${setup.side === 'none' ? '' : `, ${setup.side}`}`}
              measure={stage?.angle?.joint ?? (stage ? 'seconds borne' : null)}
              limits={stage?.angle ?? null}
              unit={stage && !stage.angle ? ' s' : (stage?.angle?.unit ?? '°')}
              technique={test?.variants.find((v) => v.id === setup.variant)?.name ?? setup.variant}
              published={known ? `${known.value}${known.unit}, ${known.words}` : 'not known'}
              against={notUsable(series)}
              lead={who.role === 'lead'}
            />
          )
        })}
      </main>
    </>
  )
})
