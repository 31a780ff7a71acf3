import { asc } from 'drizzle-orm'
import type { OwnRule } from '../../core/clusters/own-rule'
import type { Clinic } from '../../core/evidence/knowledge'
import type { OwnFigures, Override } from '../../core/evidence/override'
import type { OwnPrior } from '../../core/evidence/prior'
import type { PlanMode, Setting } from '../../core/record/event'
import type { OwnTurn } from '../../core/planner/price'
import type { Db, Reads } from '../open'
import { evidenceOverrides, ownPriors, ownRules, settings } from '../schema'

/** How this clinic works: written into every examination it opens, or read while planning. */
export interface House {
  readonly schools: Readonly<Record<string, string>>
  readonly setting: Setting
  readonly mode: PlanMode
  readonly turns: readonly OwnTurn[]
}

/** A clinic that has chosen nothing. */
export const DEFAULT_HOUSE: House = { schools: {}, setting: 'referred', mode: 'full-baseline', turns: [] }

/** Everything this clinic knows beside what ships, oldest first. Shapes were checked when they were written. */
export function clinicKnowledge(db: Reads): Clinic {
  return {
    overrides: db
      .select()
      .from(evidenceOverrides)
      .orderBy(asc(evidenceOverrides.at), asc(evidenceOverrides.id))
      .all()
      .map(({ row, figures, source, by, at }) => ({ row, figures: figures === null ? null : (JSON.parse(figures) as OwnFigures), source, by, at })),
    priors: db
      .select()
      .from(ownPriors)
      .orderBy(asc(ownPriors.at), asc(ownPriors.id))
      .all()
      .map(({ line, setting, p, source, by, at }) => ({ line, setting: setting === 'first-contact' ? 'first-contact' : 'referred', p, source, by, at })),
    rules: db
      .select()
      .from(ownRules)
      .orderBy(asc(ownRules.at), asc(ownRules.id))
      .all()
      .map(({ content, withdrawn, by, at }) => ({ ...(JSON.parse(content) as Omit<OwnRule, 'by' | 'at' | 'withdrawn'>), withdrawn, by, at })),
  }
}

/** The choices of this clinic as they stand. */
export function houseOf(db: Reads): House {
  const rows = db.select().from(settings).orderBy(asc(settings.at), asc(settings.id)).all()
  const latest = Object.fromEntries(rows.map((row) => [row.key, JSON.parse(row.value) as unknown]))
  return { ...DEFAULT_HOUSE, ...(latest as Partial<House>) }
}

/** What every entry carries beside its content. */
export interface Written {
  readonly id: string
  readonly by: string
  readonly at: number
}

/** Add an override of the register. Doing it again with the same id changes nothing. */
export function writeOverride(db: Db, written: Written, { row, figures, source }: Omit<Override, 'by' | 'at'>): void {
  db.insert(evidenceOverrides)
    .values({ ...written, row, figures: figures && JSON.stringify(figures), source })
    .onConflictDoNothing({ target: evidenceOverrides.id })
    .run()
}

/** Add a starting probability. Doing it again with the same id changes nothing. */
export function writePrior(db: Db, written: Written, { line, setting, p, source }: Omit<OwnPrior, 'by' | 'at'>): void {
  db.insert(ownPriors)
    .values({ ...written, line, setting, p, source })
    .onConflictDoNothing({ target: ownPriors.id })
    .run()
}

/** Add a version of an own rule. Doing it again with the same id changes nothing. */
export function writeRule(db: Db, written: Written, { withdrawn, ...content }: Omit<OwnRule, 'by' | 'at'>): void {
  db.insert(ownRules)
    .values({ ...written, rule: content.id, withdrawn, content: JSON.stringify(content) })
    .onConflictDoNothing({ target: ownRules.id })
    .run()
}

/** Choose something for the clinic. Doing it again with the same id changes nothing. */
export function writeSetting<K extends keyof House>(db: Db, written: Written, key: K, value: House[K]): void {
  db.insert(settings)
    .values({ ...written, key, value: JSON.stringify(value) })
    .onConflictDoNothing({ target: settings.id })
    .run()
}
