import type { Confirmation } from '../change/episode-change'
import { type Accuracy, accuracyOf } from '../metrology/reliability/accuracy'
import type { Estimate } from '../metrology/reliability/estimate'
import { proportion } from '../metrology/reliability/proportion'
import type { Side } from '../vocabulary/side'
import type { AuditFacts } from './facts'

/** One examination in an audit, with what its episode turned out to be. */
export interface Audited {
  readonly exam: string
  /** The person's number. */
  readonly person: number
  readonly facts: AuditFacts
  /** The first visit of its episode. Later ones are the same person again, treated, and no second answer to the same question. */
  readonly firstVisit: boolean
  readonly confirmed: readonly Pick<Confirmation, 'source' | 'side' | 'holds'>[]
}

/** Below so many confirmed answers own figures are shown in grey: they say next to nothing. */
export const FEW = 20

/** How often each whole number came up: a second, a minute. It can be added to another, and its median is exact. */
export type Counts = Readonly<Record<string, number>>

/** Sums that can be added to others, one stretch of time after the other: plain data, so that they can cross to a page. */
export interface Pooled {
  readonly exams: number
  /** Numbers of the people, each once, smallest first. */
  readonly people: readonly number[]
  readonly signs: { readonly better: number; readonly same: number; readonly worse: number; readonly alerts: number }
  /** Whole minutes of examinations, and whole seconds of each test. */
  readonly minutes: Counts
  readonly tests: Readonly<Record<string, Counts>>
  readonly rules: Readonly<Record<string, RuleCount>>
  readonly plan: { readonly done: number; readonly skipped: number; readonly open: number; readonly beside: number; readonly ownOrder: number }
  readonly overrides: readonly { readonly exam: string; readonly test: string; readonly result: string; readonly why: string }[]
  readonly halts: Readonly<Record<string, HaltCount>>
  readonly unasked: Counts
  /** Estimates beside what turned out, for calibration. */
  readonly told: readonly { readonly exam: string; readonly p: number; readonly holds: boolean; readonly leading: boolean }[]
}

/** A halt: in which examinations, and what it was opened for where it was. */
export interface HaltCount {
  readonly exams: readonly string[]
  readonly opened: readonly string[]
}

/** How often a rule stood where, and its two-by-two against what turned out. */
export interface RuleCount {
  readonly source: string
  readonly met: number
  readonly not: number
  readonly open: number
  readonly truePositive: number
  readonly falsePositive: number
  readonly falseNegative: number
  readonly trueNegative: number
  /** Examinations behind each of the four cells. */
  readonly exams: Readonly<Record<'truePositive' | 'falsePositive' | 'falseNegative' | 'trueNegative', readonly string[]>>
}

const NO_RULE: Omit<RuleCount, 'source'> = {
  met: 0,
  not: 0,
  open: 0,
  truePositive: 0,
  falsePositive: 0,
  falseNegative: 0,
  trueNegative: 0,
  exams: { truePositive: [], falsePositive: [], falseNegative: [], trueNegative: [] },
}

/**
 * Add up examinations.
 *
 * A rule that is met or cannot be met any more, on a side whose source was confirmed or ruled out, is a cell of its two-by-two; an open one
 * is none, since it said nothing.
 */
export function poolOf(audited: readonly Audited[]): Pooled {
  const sum = new Sum()
  for (const one of audited) sum.add(one)
  return sum.pooled(audited)
}

/** Adds up in place: a year is tens of thousands of examinations. */
class Sum {
  private readonly minutes: Record<string, number> = {}
  private readonly tests: Record<string, Record<string, number>> = {}
  private readonly rules: Record<string, Writable<RuleCount>> = {}
  private readonly halts: Record<string, { exams: string[]; opened: string[] }> = {}
  private readonly unasked: Record<string, number> = {}
  private readonly plan = { done: 0, skipped: 0, open: 0, beside: 0, ownOrder: 0 }
  private readonly signs = { better: 0, same: 0, worse: 0, alerts: 0 }
  private readonly overrides: Pooled['overrides'][number][] = []
  private readonly told: Pooled['told'][number][] = []

  add({ exam, facts, firstVisit, confirmed: all }: Audited): void {
    const confirmed = firstVisit ? all : []
    if (facts.seconds !== null) more(this.minutes, String(Math.round(facts.seconds / 60)))
    for (const { test, seconds } of facts.tests) more((this.tests[test] ??= {}), String(seconds))
    for (const rule of facts.rules) count((this.rules[rule.rule] ??= noRule(rule.source)), rule, exam, confirmed)
    for (const key of ['done', 'skipped', 'open', 'beside'] as const) this.plan[key] += facts.plan[key]
    if (facts.plan.ownOrder) this.plan.ownOrder++
    for (const key of ['better', 'same', 'worse', 'alerts'] as const) this.signs[key] += facts.changed[key]
    this.overrides.push(...facts.overrides.map((o) => ({ exam, ...o })))
    for (const { gate, opened } of facts.halts) {
      const halt = (this.halts[gate] ??= { exams: [], opened: [] })
      halt.exams.push(exam)
      if (opened !== null) halt.opened.push(opened)
    }
    for (const [group, n] of Object.entries(facts.unasked)) more(this.unasked, group, n)
    if (confirmed.length === 0) return
    for (const [i, { source, side, p }] of facts.estimates.entries()) {
      const holds = turnedOut(source, side, confirmed)
      if (holds !== null) this.told.push({ exam, p, holds, leading: i === 0 })
    }
  }

  pooled(audited: readonly Audited[]): Pooled {
    const { minutes, tests, rules, halts, unasked, plan, signs, overrides, told } = this
    const people = [...new Set(audited.map((a) => a.person))].toSorted((a, b) => a - b)
    return { exams: audited.length, people, signs, minutes, tests, rules, plan, overrides, halts, unasked, told }
  }
}

type Writable<T> = { -readonly [K in keyof T]: T[K] }

function more(counts: Record<string, number>, key: string, n = 1): void {
  counts[key] = (counts[key] ?? 0) + n
}

function noRule(source: string): Writable<RuleCount> {
  return { ...NO_RULE, source, exams: { truePositive: [], falsePositive: [], falseNegative: [], trueNegative: [] } }
}

function count(sum: Writable<RuleCount>, rule: AuditFacts['rules'][number], exam: string, confirmed: Audited['confirmed']): void {
  const state = rule.state === 'met' ? 'met' : rule.state === 'open' ? 'open' : 'not'
  sum[state]++
  const holds = turnedOut(rule.source, rule.side, confirmed)
  if (holds === null || state === 'open') return
  const cell = state === 'met' ? (holds ? 'truePositive' : 'falsePositive') : holds ? 'falseNegative' : 'trueNegative'
  sum[cell]++
  sum.exams = { ...sum.exams, [cell]: [...sum.exams[cell], exam] }
}

/** What turned out of a source on a side; the latest entry counts, and null where nobody said. */
function turnedOut(source: string, side: Side, confirmed: Audited['confirmed']): boolean | null {
  return confirmed.findLast((c) => c.source === source && (c.side === side || c.side === 'both'))?.holds ?? null
}

/** Two stretches of time as one. */
export function together(a: Pooled, b: Pooled): Pooled {
  return {
    exams: a.exams + b.exams,
    people: [...new Set([...a.people, ...b.people])].toSorted((x, y) => x - y),
    signs: sums(a.signs, b.signs),
    minutes: merged(a.minutes, b.minutes, plus),
    tests: merged(a.tests, b.tests, (x, y) => merged(x, y, plus)),
    rules: merged(a.rules, b.rules, addRules),
    plan: sums(a.plan, b.plan),
    overrides: [...a.overrides, ...b.overrides],
    halts: merged(a.halts, b.halts, (x, y) => ({ exams: [...x.exams, ...y.exams], opened: [...x.opened, ...y.opened] })),
    unasked: merged(a.unasked, b.unasked, plus),
    told: [...a.told, ...b.told],
  }
}

const plus = (x: number, y: number) => x + y

function merged<V>(one: Readonly<Record<string, V>>, two: Readonly<Record<string, V>>, add: (x: V, y: V) => V): Record<string, V> {
  const all: Record<string, V> = { ...one }
  for (const [key, value] of Object.entries(two)) {
    const known = all[key]
    all[key] = known === undefined ? value : add(known, value)
  }
  return all
}

function sums<K extends string>(one: Readonly<Record<K, number>>, two: Readonly<Record<K, number>>): Record<K, number> {
  return Object.fromEntries((Object.keys(one) as K[]).map((key) => [key, one[key] + two[key]])) as Record<K, number>
}

/** The middle one of everything that was counted; null where nothing was. */
export function medianOf(counts: Counts): number | null {
  const entries = Object.entries(counts)
    .map(([key, n]) => [Number(key), n] as const)
    .toSorted((a, b) => a[0] - b[0])
  const all = entries.reduce((sum, [, n]) => sum + n, 0)
  let seen = 0
  for (const [value, n] of entries) {
    seen += n
    if (seen * 2 >= all) return value
  }
  return null
}

/** How many were counted. */
export function howMany(counts: Counts): number {
  return Object.values(counts).reduce(plus, 0)
}

function addRules(x: RuleCount, y: RuleCount): RuleCount {
  const cells = ['truePositive', 'falsePositive', 'falseNegative', 'trueNegative'] as const
  return {
    source: x.source,
    met: x.met + y.met,
    not: x.not + y.not,
    open: x.open + y.open,
    truePositive: x.truePositive + y.truePositive,
    falsePositive: x.falsePositive + y.falsePositive,
    falseNegative: x.falseNegative + y.falseNegative,
    trueNegative: x.trueNegative + y.trueNegative,
    exams: Object.fromEntries(cells.map((cell) => [cell, [...x.exams[cell], ...y.exams[cell]]])) as unknown as RuleCount['exams'],
  }
}

/** Own figures of a rule against what turned out, and whether there are too few to say much. */
export function ownAccuracy(rule: RuleCount): Accuracy & { readonly few: boolean } {
  const accuracy = accuracyOf(rule)
  return { ...accuracy, few: accuracy.n < FEW }
}

/** Estimates of one stretch of the scale, and how often they held. */
export interface CalibrationBin {
  readonly from: number
  readonly to: number
  readonly n: number
  /** Mean of what was said, and the share that held with Wilson's interval; null where nobody is in it. */
  readonly said: number | null
  readonly held: Estimate | null
}

const BINS = 5

/** The leading estimate of each examination beside what turned out, in fifths of the scale, with the Brier score of all. */
export function calibrationOf({ told }: Pick<Pooled, 'told'>): { readonly bins: readonly CalibrationBin[]; readonly brier: number | null; readonly n: number } {
  const leading = told.filter((t) => t.leading)
  const bins = Array.from({ length: BINS }, (_, i): CalibrationBin => {
    const [from, to] = [i / BINS, (i + 1) / BINS]
    const mine = leading.filter((t) => t.p >= from && (t.p < to || (i === BINS - 1 && t.p <= 1)))
    const n = mine.length
    return { from, to, n, said: n === 0 ? null : mine.reduce((sum, t) => sum + t.p, 0) / n, held: proportion(mine.filter((t) => t.holds).length, n) }
  })
  const n = leading.length
  return { bins, brier: n === 0 ? null : leading.reduce((sum, t) => sum + (t.p - Number(t.holds)) ** 2, 0) / n, n }
}
