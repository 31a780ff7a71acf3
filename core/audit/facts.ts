import type { Assessment } from '../assess'
import type { Changes } from '../change/changes'
import { estimateOf, standingOf } from '../standing'
import { routeOf } from '../planner/route'
import { closedGates } from '../safety/safety'
import { askedItems, SCREEN } from '../story/screen'
import { areaOf, bodyArea, type BodyArea } from '../vocabulary/body-area'
import type { Side } from '../vocabulary/side'

/** How far an examination counts for its region: where the first complaint lies. */
export type AuditRegion = BodyArea['zone'] | 'none'

/** Where a rule stood on one side. */
export interface RuleFact {
  readonly rule: string
  readonly source: string
  readonly side: Side
  readonly state: 'met' | 'out-of-reach' | 'open'
}

/** What an examination adds to an audit: plain data, kept beside it, and never a source of anything clinical. */
export interface AuditFacts {
  readonly region: AuditRegion
  /** Seconds from the first answer to the last; null where fewer than two were given. */
  readonly seconds: number | null
  /** Each finished performance, with the seconds from its start to its last answer. */
  readonly tests: readonly { readonly test: string; readonly seconds: number }[]
  readonly rules: readonly RuleFact[]
  /** The estimate of each source that anything moved, 0 to 1, the highest first; and whether one led. */
  readonly estimates: readonly { readonly source: string; readonly side: Side; readonly p: number }[]
  readonly leads: boolean
  readonly plan: {
    /** Planned tests that were done, left out with a reason, and neither. */
    readonly done: number
    readonly skipped: number
    readonly open: number
    /** Performances of tests that the plan did not name. */
    readonly beside: number
    /** The practitioner put the tests into another order. */
    readonly ownOrder: boolean
  }
  readonly overrides: readonly { readonly test: string; readonly result: string; readonly why: string }[]
  /** Halts that closed, with the reason each was opened for; null where it stands. */
  readonly halts: readonly { readonly gate: string; readonly opened: string | null }[]
  /** Questions of the safety screen left unasked, by group. */
  readonly unasked: Readonly<Record<string, number>>
  /** Signs that changed since the last visit or the treatment, and alerts. */
  readonly changed: { readonly better: number; readonly same: number; readonly worse: number; readonly alerts: number }
}

/** A test that was left and gone on with much later tells nothing of how long it takes, in seconds. */
const LONGEST_TEST = 1800

/**
 * What an examination adds to an audit.
 *
 * What was signed is audited as it was signed.
 */
export function auditFacts(assessment: Assessment, changes: Changes): AuditFacts {
  const { exam } = assessment
  const [told] = exam.symptoms
  const answers = exam.runs.flatMap((run) => run.answers)
  const steps = routeOf(assessment).flatMap((leg) => leg.steps)
  const named = new Set(steps.map((step) => `${step.test.id} ${step.side}`))
  const skipped = new Set(exam.skips.map((s) => `${s.test} ${s.side}`))
  const isDone = (key: string) => exam.runs.some((run) => `${run.test} ${run.side}` === key)
  const spans = (['treatment', 'lastVisit'] as const).flatMap((span) => changes.tallies[span] ?? [])
  const sum = (of: 'better' | 'same' | 'worse') => spans.reduce((n, tally) => n + tally[of], 0)
  return {
    region: told?.places[0] ? bodyArea(areaOf(told.places[0])).zone : 'none',
    seconds: answers.length < 2 ? null : Math.round(((answers.at(-1)?.at ?? 0) - (exam.runs[0]?.startedAt ?? 0)) / 1000),
    tests: exam.runs.flatMap((run) => {
      const last = run.answers.at(-1)
      const seconds = last ? Math.round((last.at - run.startedAt) / 1000) : -1
      return seconds >= 0 && seconds <= LONGEST_TEST ? [{ test: run.test, seconds }] : []
    }),
    rules: rulesOf(assessment),
    ...estimatesOf(assessment),
    plan: {
      done: [...named].filter(isDone).length,
      skipped: [...named].filter((key) => !isDone(key) && skipped.has(key)).length,
      open: [...named].filter((key) => !isDone(key) && !skipped.has(key)).length,
      beside: exam.runs.filter((run) => run.moment === 0 && !named.has(`${run.test} ${run.side}`)).length,
      ownOrder: exam.order.length > 0,
    },
    overrides: exam.overrides.flatMap(({ run, result, why }) => {
      const of = exam.runs.find((r) => r.id === run)
      return of ? [{ test: of.test, result, why }] : []
    }),
    halts: closedGates(exam).flatMap((c) => (c.gate.strength === 'halt' ? [{ gate: c.gate.id, opened: c.opened }] : [])),
    unasked: unaskedByGroup(assessment),
    changed: { better: sum('better'), same: sum('same'), worse: sum('worse'), alerts: changes.alerts.length },
  }
}

function rulesOf({ exam, rules, sources }: Assessment): readonly RuleFact[] {
  const { frozen } = exam.signed ?? {}
  if (frozen) {
    const sourceOf = new Map<string, string>(rules.map((r) => [r.cluster.id, r.cluster.source]))
    return frozen.rules.flatMap((r) => {
      const source = sourceOf.get(r.id)
      return source ? [{ rule: r.id, source, side: r.side, state: r.state }] : []
    })
  }
  // A rule speaks where its source is listed; on the other side nobody asked.
  const listed = new Set(sources.map((s) => `${s.source} ${s.side}`))
  return rules.flatMap(({ cluster, side, state }) =>
    listed.has(`${cluster.source} ${side}`) ? [{ rule: cluster.id, source: cluster.source, side, state }] : [],
  )
}

function estimatesOf({ exam, sources }: Assessment): Pick<AuditFacts, 'estimates' | 'leads'> {
  const { frozen } = exam.signed ?? {}
  const told = frozen
    ? frozen.estimates.flatMap((e) => (e.moved ? [{ source: e.id, side: e.side, p: e.estimate ?? e.model }] : []))
    : sources.flatMap((s) => {
        const p = estimateOf(s)
        return p === null ? [] : [{ source: s.source, side: s.side, p }]
      })
  return { estimates: told.toSorted((a, b) => b.p - a.p), leads: standingOf(sources).kind === 'leads' }
}

function unaskedByGroup({ exam }: Assessment): Readonly<Record<string, number>> {
  const open = new Set(askedItems(exam.screen).flatMap((item) => (exam.screen[item.id] === undefined ? [item.id as string] : [])))
  return Object.fromEntries(
    SCREEN.flatMap((group) => {
      const n = group.items.filter((item) => open.has(item.id)).length
      return n > 0 && exam.elsewhere[group.id] === undefined ? [[group.id, n]] : []
    }),
  )
}
