import type { Side } from '../vocabulary/side'
import type { Evaluated, Openness } from './evaluate'

/** A test a rule asks about that has no answer yet. */
export interface OpenTest {
  readonly test: string
  readonly side: Side
  readonly open: Openness
}

/** The open tests that could still change this rule; none once it is decided. */
export function openTests(node: Evaluated): readonly OpenTest[] {
  if (node.truth !== 'open') return []
  switch (node.kind) {
    case 'positive':
      return node.open === null ? [] : [{ test: node.rule.test, side: node.side, open: node.open }]
    case 'not':
      return openTests(node.part)
    case 'at-least':
      return node.parts.flatMap(openTests)
  }
}

/** The open tests that can no longer change this rule: they lie under a part that is decided. */
export function spareTests(node: Evaluated): readonly OpenTest[] {
  const useful = new Set(openTests(node).map((t) => `${t.test} ${t.side}`))
  return unanswered(node).filter((t) => !useful.has(`${t.test} ${t.side}`))
}

function unanswered(node: Evaluated): readonly OpenTest[] {
  switch (node.kind) {
    case 'positive':
      return node.open === null ? [] : [{ test: node.rule.test, side: node.side, open: node.open }]
    case 'not':
      return unanswered(node.part)
    case 'at-least':
      return node.parts.flatMap(unanswered)
  }
}
