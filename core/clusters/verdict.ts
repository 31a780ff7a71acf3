import type { TestId } from '../catalogue/exam-test'
import { counted } from '../vocabulary/sentence'
import { type Evaluated, evaluate } from '../logic/evaluate'
import { explain, tally } from '../logic/explain'
import { openLeaves, partsOf, settledLeaves } from '../logic/open-leaves'
import type { Side } from '../vocabulary/side'
import type { Truth } from '../vocabulary/truth'
import { askItem, type Ground } from './ask'
import type { Cluster } from './cluster'
import { type Item, itemKey, testOf } from './item'
import { leafWords } from './item-words'

/** Where a rule stands: met, out of reach, or still open. */
export type RuleState = 'met' | 'out-of-reach' | 'open'

/** A rule with the truth of every part. */
export type RuleTree = Evaluated<Item>

/** A rule read for one side. */
export interface RuleVerdict {
  readonly cluster: Cluster
  readonly side: Side
  readonly state: RuleState
  /** Conditions in it that hold as written: for tests, those that brought the own pain on. */
  readonly positives: number
  /** How many more conditions must come true to meet it, at least; 0 once decided. */
  readonly needs: number
  /** How many more answers against it would put it out of reach, at least; 0 once decided. */
  readonly breaks: number
  /** Tests that could still change it, each once, in the order they are written. */
  readonly open: readonly TestId[]
  /** Questions of the story that could still change it. */
  readonly asks: readonly string[]
  /** Tests without an answer that can no longer change it. */
  readonly changeNothing: readonly TestId[]
  readonly tree: Extract<RuleTree, { kind: 'at-least' | 'weighted' }>
  /** The highest grade that holds, where the rule has grades. */
  readonly grade: string | null
  /** "open, needs 1 more of 2" */
  readonly words: string
}

/** Read one rule for one side from what is known so far. */
export function ruleVerdict(cluster: Cluster, side: Side, ground: Ground): RuleVerdict {
  const ask = (item: Item) => askItem(item, side, ground)
  const node = evaluate(cluster.holds, ask)
  // A cluster's root is a sum by its type, and evaluate keeps the kind.
  const tree = node as RuleVerdict['tree']
  const open = openLeaves(tree).map((o) => o.leaf)
  const testsIn = (items: readonly Item[]) => [...new Set(items.flatMap((item) => testOf(item) ?? []))]
  const openTests = testsIn(open)
  const grade = (cluster.grades ?? []).findLast((g) => evaluate(g.holds, ask).truth === 'true')?.name ?? null
  return {
    cluster,
    side,
    state: STATE[tree.truth],
    positives: positivesIn(tree),
    ...stillNeeded(tree),
    open: openTests,
    asks: [...new Set(open.filter((item) => testOf(item) === null).map(itemKey))],
    changeNothing: testsIn(settledLeaves(tree, itemKey).map((o) => o.leaf)).filter((test) => !openTests.includes(test)),
    tree,
    grade,
    words: [cluster.rulesOut ? quietWords(tree) : explain(tree, leafWords), ...(grade ? [grade] : [])].join('; '),
  }
}

/** Fewest further answers that would meet an open sum, and that would break it; the dearest parts first. */
function stillNeeded(tree: RuleVerdict['tree']): { needs: number; breaks: number } {
  if (tree.truth !== 'open') return { needs: 0, breaks: 0 }
  const asked = tree.kind === 'weighted' ? tree.points : tree.k
  const { held, open } = tally(tree)
  const worths = (tree.kind === 'weighted' ? tree.parts : tree.parts.map((part) => ({ worth: 1, part })))
    .filter(({ part }) => part.truth === 'open')
    .map(({ worth }) => worth)
    .toSorted((a, b) => b - a)
  return { needs: fewest(worths, asked - held), breaks: fewest(worths, held + open - asked + 1) }
}

function fewest(worths: readonly number[], sum: number): number {
  let left = sum
  const at = worths.findIndex((worth) => (left -= worth) <= 0)
  return at === -1 ? worths.length : at + 1
}

function positivesIn(node: RuleTree): number {
  return node.kind === 'leaf' ? (node.truth === 'true' ? 1 : 0) : partsOf(node).reduce((sum, part) => sum + positivesIn(part), 0)
}

/** A rule of quiet tests in its own words: nothing comes true in it by being felt. */
function quietWords(tree: RuleVerdict['tree']): string {
  const { held, of } = tally(tree)
  if (tree.truth === 'true') return `met, all ${of} negative`
  if (tree.truth === 'false') return `cannot be met any more, ${positivesIn(tree)} positive`
  return `open, ${counted(of - held, 'more test')} must be negative`
}

const STATE: Record<Truth, RuleState> = { true: 'met', false: 'out-of-reach', open: 'open' }
