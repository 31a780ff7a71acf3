import { asc } from 'drizzle-orm'
import type { OwnRule } from '../../core/clusters/own-rule'
import type { Clinic } from '../../core/evidence/knowledge'
import type { Override } from '../../core/evidence/override'
import type { OwnPrior } from '../../core/evidence/prior'
import { entryIssues, OVERRIDE, OWN_PRIOR } from '../../core/exchange/clinic/entries'
import { type House, houseFrom, isHouseKey, type ReadHouse } from '../../core/exchange/clinic/house'
import type { Issue } from '../../core/exchange/exam-file/file'
import type { TravellingRule } from '../../core/exchange/rule-file/file'
import { ruleIssues } from '../../core/exchange/rule-file/from'
import type { Db, Reads } from '../open'
import { ownErrors } from './series'
import { evidenceOverrides, ownPriors, ownRules, settings } from '../schema'

/** What the clinic knows, and rows of it that could not be read: written by a newer program, or changed by other hands. */
export interface ReadClinic {
  readonly clinic: Clinic
  /** In words, one for each row that does not count. */
  readonly faults: readonly string[]
}

/** Everything this clinic knows beside what ships, oldest first, each row held against its shape. A row that does not fit hides no other. */
export function readClinic(db: Reads): ReadClinic {
  const faults: string[] = []
  /** Whether a row counts; why not is kept. */
  const fits = (kind: string, id: string, issues: readonly Issue[]): boolean => {
    const [first] = issues
    if (first) faults.push(`${kind} ${id}: ${first.pointer.slice(1) || 'it'} ${first.what}`)
    return !first
  }
  const overrides = db.select().from(evidenceOverrides).orderBy(asc(evidenceOverrides.at), asc(evidenceOverrides.id)).all()
  const priors = db.select().from(ownPriors).orderBy(asc(ownPriors.at), asc(ownPriors.id)).all()
  const rules = db.select().from(ownRules).orderBy(asc(ownRules.at), asc(ownRules.id)).all()
  // Each is held against the shape of its type before it is called so.
  const clinic: Clinic = {
    overrides: overrides.flatMap(({ id, row, figures, source, by, at }) => {
      const entry = { row, figures: figures === null ? null : unpacked(figures), source }
      return fits('own figures', id, entryIssues(OVERRIDE, entry)) ? [{ ...(entry as Override), by, at }] : []
    }),
    priors: priors.flatMap(({ id, line, setting, p, source, by, at }) => {
      const entry = { line, setting, p, source }
      return fits('own pretest probabilities', id, entryIssues(OWN_PRIOR, entry)) ? [{ ...(entry as OwnPrior), by, at }] : []
    }),
    rules: rules.flatMap(({ rule, content, withdrawn, by, at }) => {
      const entry = unpacked(content)
      return fits('own rule', rule, ruleIssues(entry)) ? [{ ...(entry as TravellingRule), withdrawn, by, at }] : []
    }),
  }
  const errors = ownErrors(db)
  return { clinic: errors.length === 0 ? clinic : { ...clinic, errors }, faults }
}

/** Everything this clinic knows beside what ships, as far as it can be read. */
export function clinicKnowledge(db: Reads): Clinic {
  return readClinic(db).clinic
}

/** The choices of this clinic as they stand, and what of them cannot be read. */
export function readHouse(db: Reads): ReadHouse {
  const stored: Partial<Record<keyof House, unknown[]>> = {}
  for (const { key, value } of db.select().from(settings).orderBy(asc(settings.at), asc(settings.id)).all()) {
    // A choice that a newer program added is its own.
    if (isHouseKey(key)) stored[key] = [...(stored[key] ?? []), unpacked(value)]
  }
  return houseFrom(stored)
}

/** The choices of this clinic as they stand, as far as they can be read. */
export function houseOf(db: Reads): House {
  return readHouse(db).house
}

/** What a stored text holds; undefined, which fits no shape, when it is no JSON. */
function unpacked(text: string): unknown {
  try {
    return JSON.parse(text) as unknown
  } catch {
    return undefined
  }
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
