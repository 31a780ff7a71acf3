import type { Evaluated, Openness } from './evaluate'

/** A condition a rule asks about that has no answer yet. */
export interface OpenLeaf<L> {
  readonly leaf: L
  readonly open: Openness
}

/** The open conditions that could still change this rule; none once it is decided. */
export function openLeaves<L>(node: Evaluated<L>): readonly OpenLeaf<L>[] {
  if (node.truth !== 'open') return []
  return node.kind === 'leaf' ? own(node) : partsOf(node).flatMap((part) => openLeaves(part))
}

/**
 * The open conditions that can no longer change this rule: they lie under a part that is decided.
 *
 * @param key - two conditions with the same key are the same question
 */
export function settledLeaves<L>(node: Evaluated<L>, key: (leaf: L) => string): readonly OpenLeaf<L>[] {
  const useful = new Set(openLeaves(node).map((o) => key(o.leaf)))
  return unanswered(node).filter((o) => !useful.has(key(o.leaf)))
}

function unanswered<L>(node: Evaluated<L>): readonly OpenLeaf<L>[] {
  return node.kind === 'leaf' ? own(node) : partsOf(node).flatMap((part) => unanswered(part))
}

function own<L>(node: Extract<Evaluated<L>, { kind: 'leaf' }>): readonly OpenLeaf<L>[] {
  return node.open === null ? [] : [{ leaf: node.leaf, open: node.open }]
}

/** The parts of a node that is no single condition. */
export function partsOf<L>(node: Evaluated<L>): readonly Evaluated<L>[] {
  switch (node.kind) {
    case 'leaf':
      return []
    case 'not':
      return [node.part]
    case 'at-least':
      return node.parts
    case 'weighted':
      return node.parts.map(({ part }) => part)
  }
}

/** Every condition of a rule with its truth, in the order they are written. */
export function allLeaves<L>(node: Evaluated<L>): readonly Extract<Evaluated<L>, { kind: 'leaf' }>[] {
  return node.kind === 'leaf' ? [node] : partsOf(node).flatMap((part) => allLeaves(part))
}
