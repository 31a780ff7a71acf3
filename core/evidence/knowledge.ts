import { CLUSTERS } from '../clusters'
import type { Cluster } from '../clusters/cluster'
import { type OwnRule, ownCluster, currentRules } from '../clusters/own-rule'
import type { Accuracy } from './accuracy'
import { type Override, withOverrides } from './override'
import type { OwnError } from './own-error'
import type { OwnPrior } from './prior'
import { REGISTER, type RowFinder, rowFinder } from './register'

/** What a clinic knows beside what ships: every entry with its author and time, oldest first, nothing ever taken out. */
export interface Clinic {
  readonly overrides: readonly Override[]
  readonly priors: readonly OwnPrior[]
  readonly rules: readonly OwnRule[]
  /** Measurement errors of its own series; absent in files written before there were any. */
  readonly errors?: readonly OwnError[]
}

/** A clinic that has changed nothing. */
export const SHIPPED: Clinic = { overrides: [], priors: [], rules: [] }

/** Rules and figures as they are read at one time. */
export interface Knowledge {
  readonly register: readonly Accuracy[]
  readonly find: RowFinder
  readonly clusters: readonly Cluster[]
  readonly priors: readonly OwnPrior[]
  readonly errors: readonly OwnError[]
}

const shipped: Knowledge = { register: REGISTER, find: rowFinder(REGISTER), clusters: CLUSTERS, priors: [], errors: [] }
const READ = new WeakMap<Clinic, Map<number, Knowledge>>()

/**
 * What the clinic knew at that time.
 *
 * A signed examination is read with what stood when it was signed, so that a later change never rewrites its estimates.
 *
 * @param at - milliseconds since 1970; everything counts when it is Infinity
 */
export function knowledgeAt(clinic: Clinic, at: number): Knowledge {
  if (clinic === SHIPPED) return shipped
  const made = READ.get(clinic) ?? new Map<number, Knowledge>()
  READ.set(clinic, made)
  const known = made.get(at)
  if (known) return known
  const before = <T extends { readonly at: number }>(entries: readonly T[]) => entries.filter((e) => e.at <= at)
  const rules = currentRules(before(clinic.rules))
  const register = [...withOverrides(REGISTER, before(clinic.overrides)), ...rules.flatMap(rowOfRule)]
  const knowledge: Knowledge = {
    register,
    find: rowFinder(register),
    clusters: [...CLUSTERS, ...rules.map(ownCluster)],
    priors: before(clinic.priors),
    errors: before(clinic.errors ?? []),
  }
  made.set(at, knowledge)
  return knowledge
}

/** The register's row of an own rule; none without a figure. */
function rowOfRule(rule: OwnRule): readonly Accuracy[] {
  const { figure } = rule
  if (!figure) return []
  return [
    {
      id: rule.id,
      of: rule.id,
      for: rule.source,
      from: {
        id: rule.id,
        cite: figure.source,
        people: 'As its source says',
        reference: 'As its source says',
        n: figure.n,
        cohort: rule.id,
        checkedAgainstPaper: false,
      },
      criterion: rule.name,
      sens: null,
      spec: null,
      ...(figure.lrPositive !== null && { lrPositive: { value: figure.lrPositive } }),
      ...(figure.lrNegative !== null && { lrNegative: { value: figure.lrNegative } }),
      counts: null,
      confidence: 'medium',
      use: { use: 'preferred', because: 'The only figure of this clinic’s own rule' },
      own: { by: rule.by, at: rule.at },
    },
  ]
}
