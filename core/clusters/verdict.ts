import { findingFor } from '../findings/findings'
import type { Finding } from '../findings/finding'
import { counted } from '../vocabulary/sentence'
import { type Evaluated, evaluate, type Known } from '../logic/evaluate'
import { explain, tally } from '../logic/explain'
import { openTests, spareTests } from '../logic/open-tests'
import type { Side } from '../vocabulary/side'
import type { Truth } from '../vocabulary/truth'
import type { Cluster } from './cluster'

/** Where a rule stands: met, out of reach, or still open. */
export type RuleState = 'met' | 'out-of-reach' | 'open'

/** A rule read for one side. */
export interface RuleVerdict {
  readonly cluster: Cluster
  readonly side: Side
  readonly state: RuleState
  /** Items in it that brought the own pain on. */
  readonly positives: number
  /** How many more items must come true to meet it; 0 once decided. */
  readonly needs: number
  /** Tests that could still change it. */
  readonly open: readonly string[]
  /** Tests without an answer that can no longer change it. */
  readonly spare: readonly string[]
  readonly tree: Extract<Evaluated, { kind: 'at-least' }>
  /** "open, needs 1 more of 2" */
  readonly words: string
}

/** Read one rule for one side from the findings so far. */
export function ruleVerdict(cluster: Cluster, side: Side, findings: readonly Finding[]): RuleVerdict {
  const node = evaluate(cluster.holds, side, (test, asked, about) => known(findingFor(findings, test, asked, about)))
  // A cluster's root is an "at least" by its type, and evaluate keeps the kind.
  const tree = node as RuleVerdict['tree']
  const { held } = tally(tree)
  return {
    cluster,
    side,
    state: STATE[tree.truth],
    positives: positivesIn(tree),
    needs: tree.truth === 'open' ? tree.k - held : 0,
    open: openTests(tree).map((t) => t.test),
    spare: spareTests(tree).map((t) => t.test),
    tree,
    words: cluster.rulesOut ? quietWords(tree) : explain(tree),
  }
}

function positivesIn(node: Evaluated): number {
  switch (node.kind) {
    case 'positive':
      return node.truth === 'true' ? 1 : 0
    case 'not':
      return positivesIn(node.part)
    case 'at-least':
      return node.parts.reduce((sum, part) => sum + positivesIn(part), 0)
  }
}

/** A rule of quiet tests in its own words: nothing comes true in it by being felt. */
function quietWords(tree: RuleVerdict['tree']): string {
  const { held, of } = tally(tree)
  if (tree.truth === 'true') return `met, all ${of} quiet`
  if (tree.truth === 'false') return `out of reach, ${positivesIn(tree)} reproduced`
  return `open, ${counted(of - held, 'more test')} must stay quiet`
}

const STATE: Record<Truth, RuleState> = { true: 'met', false: 'out-of-reach', open: 'open' }

function known(finding: Finding | undefined): Known {
  if (!finding) return { truth: 'open', open: 'untried' }
  switch (finding.result) {
    case 'positive':
      return { truth: 'true' }
    case 'negative':
      return { truth: 'false' }
    case 'inconclusive':
      return { truth: 'open', open: 'unclear' }
    case 'not-applicable':
      return { truth: 'open', open: 'not-applicable' }
  }
}
