import type { Assessment } from '../assess'
import { testById } from '../catalogue'
import { testTitle } from '../catalogue/exam-test'
import type { Exam } from '../record/exam'
import { signKey } from '../record/visit'
import { TREATMENTS, type TreatmentKind } from '../record/visit-events'
import { counted } from '../vocabulary/sentence'
import type { TestSide } from '../vocabulary/side'
import { type ErrorOf, errorsWith } from './errors'
import type { Verdict } from './measure-change'
import { compare, type SignChange } from './pair'
import { type SignRun, signRunOf, validOf } from './sign-run'
import { comparableSigns } from './signs'

/** What two performances are compared over: since the baseline of the episode, since the last visit, or since the treatment of this one. */
export type Span = 'baseline' | 'lastVisit' | 'treatment'
export const SPANS: readonly Span[] = ['treatment', 'lastVisit', 'baseline']

/** A sign through the episode, as this visit knows it. */
export interface SignHistory {
  readonly key: string
  readonly test: string
  readonly side: TestSide
  readonly title: string
  /** On the list of comparable signs. */
  readonly listed: boolean
  /** What it is compared with; null where nothing was complete yet. */
  readonly baseline: SignRun | null
  /** Every performance, oldest first. */
  readonly runs: readonly SignRun[]
  /** Measured in the moment that this visit has come to. */
  readonly done: boolean
  readonly since: Readonly<Partial<Record<Span, SignChange>>>
}

/** How many signs did what; what could not be compared is counted by itself, and nothing is averaged. */
export type Tally = Readonly<Record<Verdict | 'not-comparable', number>>

/** What changed in an episode, as one visit tells it. */
export interface Changes {
  readonly visit: number
  /** The moment this visit has come to: 0, or the number of its last treatment. */
  readonly moment: number
  readonly signs: readonly SignHistory[]
  readonly tallies: Readonly<Partial<Record<Span, Tally>>>
  readonly alerts: readonly SignChange[]
  /** What keeps a reader from taking too much from it; null where nothing has to be said. */
  readonly guard: string | null
}

/** Treatments by which hands, or needles, load what is tested after. */
const HANDS_ON: readonly TreatmentKind[] = TREATMENTS.filter((kind) => kind === 'manual' || kind === 'needling')

/**
 * What changed: each sign against its baseline, against the last visit, and against the beginning of this visit where something was
 * treated in it.
 *
 * @param errorOf - how far two measurements differ by themselves; while absent as published, or as the clinic chose from a series of its own
 */
export function changesOf(assessment: Assessment, errorOf: ErrorOf = errorsWith(assessment.weights.knowledge.errors)): Changes {
  const { exam } = assessment
  const visit = exam.episode?.visit ?? 1
  const moment = exam.treatments.length
  const listed = new Set(comparableSigns(assessment).flatMap((s) => (s.as === 'dropped' ? [] : [signKey({ test: s.test.id, side: s.side })])))
  const bySign = signRuns(exam)
  for (const key of listed) if (!bySign.has(key)) bySign.set(key, [])
  const order = new Map([...listed].map((key, at) => [key, at]))
  const signs = [...bySign]
    .flatMap(([key, runs]) => historyOf(key, runs, { exam, visit, moment, listed: listed.has(key), errorOf }) ?? [])
    .filter((sign) => sign.listed || Object.keys(sign.since).length > 0)
    .toSorted((a, b) => (order.get(a.key) ?? order.size) - (order.get(b.key) ?? order.size))
  const tallies = Object.fromEntries(
    SPANS.flatMap((span) => {
      const changes = signs.flatMap((sign) => sign.since[span] ?? [])
      return changes.length === 0 ? [] : [[span, tallyOf(changes)]]
    }),
  )
  const alerts = [
    ...new Map(signs.flatMap((s) => SPANS.flatMap((span) => s.since[span] ?? [])).flatMap((c) => (c.alert ? [[c.after.run.id, c]] : []))).values(),
  ]
  return { visit, moment, signs, tallies, alerts, guard: guardOf(signs, visit, exam) }
}

/** Everything that was performed of each sign in this episode, oldest first. */
function signRuns(exam: Exam): Map<string, readonly SignRun[]> {
  const bySign = new Map<string, readonly SignRun[]>()
  for (const run of [...(exam.episode?.earlier ?? []), ...exam.runs]) {
    const read = signRunOf(run, exam)
    if (!read) continue
    const key = signKey(run)
    bySign.set(key, [...(bySign.get(key) ?? []), read])
  }
  return bySign
}

interface About {
  readonly exam: Exam
  readonly visit: number
  readonly moment: number
  readonly listed: boolean
  readonly errorOf: ErrorOf
}

function historyOf(key: string, runs: readonly SignRun[], about: About): SignHistory | null {
  const [id = '', side = 'none'] = key.split(' ')
  const test = testById(id)
  if (!test) return null
  const { exam, visit, moment, listed } = about
  const here = runs.filter((r) => r.when.visit === visit)
  const first = validOf(
    here.filter((r) => r.when.moment === 0),
    exam,
  )
  const treated = here.filter((r) => r.when.moment > 0)
  const after = validOf(
    treated.filter((r) => r.when.moment === Math.max(...treated.map((t) => t.when.moment))),
    exam,
  )
  const now = first ?? after
  // Before this visit where there is anything: what is done for the first time today is the baseline of later visits.
  const earlier = runs.filter((r) => r.when.visit < visit)
  const baseline = baselineOf(earlier.length > 0 ? earlier : runs, now?.run.variant, exam)
  const last = validOf(
    runs.filter((r) => r.when.visit === visit - 1 && r.when.moment === 0),
    exam,
  )
  const pair = (before: SignRun | null, then: SignRun | null) =>
    before && then && before.run.id !== then.run.id ? compare(before, then, { errorOf: about.errorOf, handsOn: handsBetween(before, then, exam) }) : null
  const since = {
    treatment: pair(first, after),
    lastVisit: visit > 1 ? pair(last, now) : null,
    baseline: visit > 1 ? pair(baseline, now) : null,
  }
  return {
    key,
    test: id,
    side: side as TestSide,
    title: testTitle(test, side as TestSide),
    listed,
    baseline,
    runs,
    done: here.some((r) => r.when.moment === moment),
    since: Object.fromEntries(Object.entries(since).filter(([, change]) => change !== null)),
  }
}

/** What a performance is compared with: the one that was pinned, else the first complete one of the same variant, else of any. */
function baselineOf(runs: readonly SignRun[], variant: string | undefined, { baselines }: Exam): SignRun | null {
  const complete = runs.filter((r) => r.complete)
  const mine = variant === undefined ? complete : complete.filter((r) => r.run.variant === variant)
  const pinned = baselines.findLast((b) => mine.some((r) => r.run.id === b.run))
  return mine.find((r) => r.run.id === pinned?.run) ?? mine[0] ?? complete[0] ?? null
}

/** Did somebody lay hands on between two performances? */
function handsBetween(before: SignRun, after: SignRun, exam: Exam): boolean {
  const handsOn = (some: readonly { readonly kind: TreatmentKind }[]) => some.some((t) => HANDS_ON.includes(t.kind))
  const { moment, exam: then, at } = before.when
  // Within a visit the moments tell, whatever the clocks of two devices say.
  if (then === after.when.exam) return handsOn(exam.treatments.slice(moment, after.when.moment))
  const earlier = exam.episode?.treated ?? []
  const thatDay = earlier.filter((t) => t.exam === then).slice(moment)
  const between = earlier.filter((t) => t.exam !== then && t.at >= at)
  return handsOn([...thatDay, ...between, ...exam.treatments.slice(0, after.when.moment)])
}

function tallyOf(changes: readonly SignChange[]): Tally {
  const count = (verdict: keyof Tally) => changes.filter((c) => c.verdict === verdict).length
  return { better: count('better'), same: count('same'), worse: count('worse'), 'not-comparable': count('not-comparable') }
}

/** One sign measured once more may have changed by chance, and by hope. */
function guardOf(signs: readonly SignHistory[], visit: number, { treatments }: Exam): string | null {
  const compared = signs.filter((s) => SPANS.some((span) => s.since[span] && s.since[span].verdict !== 'not-comparable'))
  const firstRecheck = visit === 2 || (visit === 1 && treatments.length > 0)
  return compared.length === 1 && firstRecheck
    ? 'One sign, one visit: a single change may be chance, and extreme values tend to come back towards the usual.'
    : null
}

/** A tally in words: "2 better, 1 same, 0 worse". */
export function tallyWords(tally: Tally): string {
  const not = tally['not-comparable']
  return `${tally.better} better, ${tally.same} same, ${tally.worse} worse${not > 0 ? `, ${counted(not, 'sign')} not comparable` : ''}`
}
