import { type TestId, type ExamTest } from '../catalogue/exam-test'
import type { Ground } from '../clusters/ask'
import { type Cluster, mayMove } from '../clusters/cluster'
import { type Item, itemKey, testOf } from '../clusters/item'
import { speaksHere } from '../clusters/school-rules'
import type { RuleVerdict } from '../clusters/verdict'
import { couldShow } from '../findings/could-show'
import type { Finding } from '../findings/finding'
import { leavesOf } from '../logic/rule'
import type { Exam } from '../record/exam'
import type { Side } from '../vocabulary/side'
import type { Accuracy } from './accuracy'
import { CENTRALISERS, centralises } from './centralisation'
import type { Answered } from './dependence'
import { groupOf } from './groups'
import { likelihoodRatios, ratesOf } from './likelihood-ratio'
import { posterior } from './odds'
import type { WeighedSource } from './prior'
import type { RowFinder } from './register'

/** What a decided rule says by itself. */
export interface RuleFigure {
  readonly rule: RuleVerdict
  readonly row: Accuracy
  readonly lr: number
  /** Which of the row's two ratios speaks. */
  readonly speaks: 'positive' | 'negative'
  /** Of the rule alone, without what lies outside it. */
  readonly postTest: number
  /** The published ratio, where what else was found calls for another one. */
  readonly insteadOf: { readonly row: Accuracy; readonly lr: number; readonly postTest: number; readonly why: string } | null
}

/** What looking a rule's figures up needs. */
export interface Shelf {
  readonly source: WeighedSource
  readonly side: Side
  readonly prior: number
  readonly ground: Ground
  readonly find: RowFinder
  readonly testById: (id: string) => ExamTest | undefined
}

/**
 * The figure of a rule as it stands; null while it is open, where its state says nothing, where no ratio is known, and where it is out of
 * reach only through tests that had nothing to bring on.
 */
export function figureOf(rule: RuleVerdict, shelf: Shelf): RuleFigure | null {
  const speaks = speaksOf(rule)
  return speaks && !(speaks === 'negative' && isIdle(rule, shelf)) ? figureIn(rule, rule.positives, speaks, shelf) : null
}

function isIdle({ cluster }: RuleVerdict, { side, ground, testById }: Shelf): boolean {
  const tests = new Set(itemsOf(cluster).flatMap((item) => (item.kind === 'positive' ? [testOf(item) ?? item.test] : [])))
  const quiet = ground.findings.filter((f) => f.about === side && f.result === 'negative' && tests.has(f.test))
  return quiet.length > 0 && quiet.every((f) => isOutOfPlace(f, testById(f.test), ground.exam))
}

/** Is it quiet in a test that had nothing to bring on where the complaint lay when it was done? */
export function isOutOfPlace({ result, about, run }: Finding, test: ExamTest | undefined, { symptoms, runs }: Pick<Exam, 'symptoms' | 'runs'>): boolean {
  if (result !== 'negative' || test === undefined) return false
  const told = runs.find((r) => r.id === run)?.story ?? symptoms
  return !couldShow(test.reading, about, { symptoms: told })
}

/** What a rule would say once met, and once broken; null where it would say nothing. */
export function decidedFigures(rule: RuleVerdict, shelf: Shelf): { readonly met: RuleFigure | null; readonly broken: RuleFigure | null } {
  const { cluster } = rule
  if (!mayMove(cluster) || cluster.rulesOut) return { met: null, broken: null }
  return {
    met: figureIn(rule, rule.tree.kind === 'at-least' ? rule.tree.k : rule.positives, 'positive', shelf),
    broken: cluster.failingSaysNothing ? null : figureIn(rule, 0, 'negative', shelf),
  }
}

function figureIn(rule: RuleVerdict, positives: number, speaks: 'positive' | 'negative', { source, side, prior, ground, find }: Shelf): RuleFigure | null {
  const row = find(registerNameOf({ cluster: rule.cluster, positives }), source, side)
  const lr = row && likelihoodRatios(row)?.[speaks]
  if (!row || lr === null || lr === undefined) return null
  const published = { row, lr, postTest: posterior(prior, lr) }
  const other = speaks === 'positive' && source === 'sij-pain' ? afterMovement(rule, ground.findings, side, find) : null
  const otherLr = other && likelihoodRatios(other.row)?.positive
  if (!other || otherLr === null || otherLr === undefined) return { rule, speaks, ...published, insteadOf: null }
  return { rule, speaks, row: other.row, lr: otherLr, postTest: posterior(prior, otherLr), insteadOf: { ...published, why: other.why } }
}

/** A met pelvic rule is worth less once the pain centralised, and the thrust rule more once it did not. */
function afterMovement(rule: RuleVerdict, findings: readonly Finding[], side: Side, find: RowFinder): { row: Accuracy; why: string } | null {
  const seen = centralises(findings, side)
  if (seen === 'yes')
    return {
      row: CENTRALISERS,
      why: 'The pain centralised, and a disc fakes positive pelvic tests: of nine such people none had sacroiliac pain and four met the rule.',
    }
  const row = seen === 'no' && rule.cluster.id === 'pelvic-five-thrust' ? find('pelvic-five-thrust-no-centralisation', 'sij-pain', side) : undefined
  return row ? { row, why: 'The pain did not centralise; the study counted such people apart.' } : null
}

/** Which ratio a rule's state calls for; null while it is open, where its failing says nothing, or where it is no rule of a study. */
export function speaksOf(rule: Pick<RuleVerdict, 'state' | 'cluster'>): 'positive' | 'negative' | null {
  if (rule.state === 'open' || !mayMove(rule.cluster)) return null
  if (rule.cluster.rulesOut) return rule.state === 'met' ? 'negative' : null
  if (rule.cluster.failingSaysNothing && rule.state !== 'met') return null
  return rule.state === 'met' ? 'positive' : 'negative'
}

/** The register's name for what this rule says now: its own, or that of a count with a figure of its own. */
export function registerNameOf(rule: Pick<RuleVerdict, 'cluster' | 'positives'>): string {
  return rule.cluster.figures?.[rule.positives] ?? rule.cluster.figure ?? rule.cluster.id
}

/** The rules of one source by what they may do: lead, cap, or only stand beside. */
export interface Rules {
  /** The one rule in: the chosen school's where schools differ, else the first with figures; it leads once it is decided. */
  readonly main: RuleVerdict | undefined
  /** Rules of this clinic, in their order; one that is decided leads while the main rule is open. */
  readonly own: readonly RuleVerdict[]
  /** Rules of quiet tests: once met, the source is no likelier than they say, unless the main rule is met. */
  readonly clear: readonly RuleVerdict[]
  /** Decided rules that neither lead nor cap: those of other schools. */
  readonly beside: readonly RuleVerdict[]
}

/** Sort the rules of one source on one side by what they may do here. */
export function rulesOf(all: readonly RuleVerdict[], { source, side, ground }: Pick<Shelf, 'source' | 'side' | 'ground'>): Rules {
  const here = all.filter((r) => r.side === side && r.cluster.source === source && mayMove(r.cluster))
  const own = here.filter((r) => r.cluster.basis === 'own')
  const published = here.filter((r) => r.cluster.basis === 'published')
  const leading = published.filter((r) => !r.cluster.rulesOut && speaksHere(r.cluster, ground.exam))
  const clear = published.filter((r) => r.cluster.rulesOut && !r.cluster.neverLeads)
  const [main] = leading
  return { main, own, clear, beside: published.filter((r) => r !== main && !clear.includes(r)) }
}

/** Is this step counted by the rule? */
export function isInside(step: { readonly of: string; readonly test: string }, cluster: Pick<Cluster, 'holds'>): boolean {
  return itemsOf(cluster).some((item) => (item.kind === 'positive' ? item.test === step.test && step.of === step.test : itemKey(item) === step.of))
}

/** Every condition of a rule. */
export function itemsOf(cluster: Pick<Cluster, 'holds'>): readonly Item[] {
  return leavesOf(cluster.holds)
}

/**
 * The rule's own tests of one group, answered as they are where the rule is only just met, or only just broken: what is known of the
 * shared cause by then, whichever of them it was. The first of the rule's list stand for any.
 */
export function asDecided(
  cluster: Pick<Cluster, 'holds'>,
  groupId: string,
  speaks: 'positive' | 'negative',
  { find, source, side, testById }: Pick<Shelf, 'find' | 'source' | 'side' | 'testById'>,
): readonly Answered[] {
  const items = itemsOf(cluster)
  const tests = [...new Set(items.flatMap((item): readonly TestId[] => (item.kind === 'positive' ? [testOf(item) ?? item.test] : [])))]
  const inGroup = tests.flatMap((id) => {
    const test = testById(id)
    const row = test && groupOf(test.shares)?.id === groupId ? find(id, source, side, test.variants[0]?.id) : undefined
    const rates = row && ratesOf(row)
    return rates ? [rates] : []
  })
  const asked = cluster.holds.kind === 'at-least' ? cluster.holds.k : 1
  const share = (speaks === 'positive' ? asked : Math.max(0, asked - 1)) / Math.max(1, items.length)
  const positives = Math.round(share * inGroup.length)
  return inGroup.map((rates, i) => ({ ...rates, positive: i < positives }))
}
