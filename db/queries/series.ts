import { asc, eq, sql } from 'drizzle-orm'
import { testById } from '../../core/catalogue'
import { type Series, type SeriesChange, type SeriesEntry, seriesObjection, seriesOf } from '../../core/audit/series'
import type { OwnError } from '../../core/evidence/own-error'
import type { Problem } from '../../core/vocabulary/problem'
import type { Db, Reads } from '../open'
import { overviews, reliabilitySeries } from '../schema'

/** Who writes an entry, when, and its number. */
interface Written {
  readonly id: string
  readonly by: string
  readonly at: number
}

/** Entries of one series, oldest first. */
export function seriesEntries(db: Reads, series: string): readonly SeriesEntry[] {
  return db
    .select()
    .from(reliabilitySeries)
    .where(eq(reliabilitySeries.series, series))
    .orderBy(asc(reliabilitySeries.at), asc(reliabilitySeries.id))
    .all()
    .map(entryOf)
}

function entryOf({ id, by, at, kind, content }: typeof reliabilitySeries.$inferSelect): SeriesEntry {
  return { id, by, at, change: { kind, ...(JSON.parse(content) as object) } as SeriesChange }
}

/** Every series of the clinic, the latest begun first. */
export function allSeries(db: Reads): readonly (Series & { readonly id: string })[] {
  const rows = db.select().from(reliabilitySeries).orderBy(asc(reliabilitySeries.at), asc(reliabilitySeries.id)).all()
  const ids = [...new Set(rows.map((row) => row.series))].toReversed()
  return ids.flatMap((id) => {
    const series = seriesOf(rows.filter((row) => row.series === id).map(entryOf))
    return series ? [{ id, ...series }] : []
  })
}

/**
 * Enter something in a series. The same id again changes nothing.
 *
 * Where an own error begins or ends to count, everything is read anew with it, and whoever is signed keeps what was signed.
 */
export function changeSeries(db: Db, written: Written, series: string, change: SeriesChange): Problem | null {
  return db.transaction(
    (tx) => {
      const { kind, ...content } = change
      const text = JSON.stringify(content)
      const done = tx.select().from(reliabilitySeries).where(eq(reliabilitySeries.id, written.id)).get()
      if (done)
        return done.series === series && done.kind === kind && done.content === text ? null : against('Something else was entered under this number already.')
      const what = seriesObjection(seriesOf(seriesEntries(tx, series)), change)
      if (what) return against(what)
      tx.insert(reliabilitySeries)
        .values({ ...written, series, kind, content: text })
        .run()
      if (kind === 'used' || kind === 'given-back') tx.update(overviews).set({ covers: sql`-1` }).run()
      return null
    },
    { behavior: 'immediate' },
  )
}

function against(what: string): Problem {
  return { what, kept: 'Nothing was changed; what you typed is still here.', do: 'Correct it and try again.' }
}

/** Errors that the clinic chose of its own, oldest choice first. */
export function ownErrors(db: Reads): readonly OwnError[] {
  const chosen = db.selectDistinct({ series: reliabilitySeries.series }).from(reliabilitySeries).where(eq(reliabilitySeries.kind, 'used')).all()
  return chosen
    .flatMap(({ series }) => {
      const entries = seriesEntries(db, series)
      return entries.flatMap((entry, i): readonly OwnError[] => {
        if (entry.change.kind !== 'used' && entry.change.kind !== 'given-back') return []
        // As the series stood when it was chosen: what was measured since changes nothing that was chosen then.
        const then = seriesOf(entries.slice(0, i + 1))
        const { setup, figures } = then ?? {}
        if (setup?.stage == null || !figures?.error) return []
        const angle = testById(setup.test)?.stages.find((s) => s.id === setup.stage)?.angle
        // A stage without an angle is timed.
        const unit = angle ? (angle.unit ?? '°') : ' s'
        const mdc = entry.change.kind === 'used' ? Math.round(figures.error.mdc95.value * 10) / 10 : null
        const of = { test: setup.test, side: setup.side, stage: setup.stage, unit, people: figures.people, trials: setup.trials * setup.examiners }
        return [{ ...of, mdc, by: entry.by, at: entry.at }]
      })
    })
    .toSorted((a, b) => a.at - b.at)
}
