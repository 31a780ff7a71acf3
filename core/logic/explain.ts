import { counted } from '../vocabulary/sentence'
import type { Evaluated, Openness } from './evaluate'

/** A condition's own words, by its truth. */
export type LeafWords<L> = (node: Extract<Evaluated<L>, { kind: 'leaf' }>) => string

/**
 * Where a rule stands, in the words of the screen.
 *
 * @example "met, 3 of 5"
 * @example "open, needs 1 more of 2"
 * @example "out of reach, 1 of 5 and 1 test left"
 * @example "open, 3 of 9 points, needs 1 more"
 */
export function explain<L>(node: Evaluated<L>, words: LeafWords<L>): string {
  switch (node.kind) {
    case 'leaf':
      return words(node)
    case 'not':
      return `not: ${explain(node.part, words)}`
    case 'at-least': {
      if (node.parts.some((part) => part.kind === 'at-least' || part.kind === 'weighted')) return nestedWords(node)
      const { held, open, of } = tally(node)
      if (node.truth === 'true') return `met, ${held} of ${of}`
      if (node.truth === 'false') return `cannot be met any more, ${held} of ${of}${open > 0 ? ` and ${counted(open, 'test')} left` : ''}`
      return `open, needs ${node.k - held} more of ${open}`
    }
    case 'weighted': {
      const { held, open, of } = tally(node)
      if (node.truth === 'true') return `met, ${held} of ${of} points`
      if (node.truth === 'false') return `cannot be met any more, ${held} of ${of} points${open > 0 ? ` and ${open} left` : ''}`
      return `open, ${held} of ${of} points, needs ${node.points - held} more`
    }
  }
}

/** A rule of rules is told by its state alone: its parts tell the rest. */
function nestedWords<L>(node: Extract<Evaluated<L>, { kind: 'at-least' }>): string {
  const { held, of } = tally(node)
  if (node.truth === 'true') return 'met'
  return node.truth === 'false' ? 'cannot be met any more' : `open, ${held} of ${of} parts met`
}

/** How much of an "at least" holds and is open, of how much: parts, or points where it is weighted. */
export function tally<L>(node: Extract<Evaluated<L>, { kind: 'at-least' | 'weighted' }>): { held: number; open: number; of: number } {
  const parts = node.kind === 'weighted' ? node.parts : node.parts.map((part) => ({ worth: 1, part }))
  const sum = (truth?: 'true' | 'open') => parts.reduce((n, { worth, part }) => n + (truth === undefined || part.truth === truth ? worth : 0), 0)
  return { held: sum('true'), open: sum('open'), of: sum() }
}

/** Why a condition has no answer. */
export function openWords(open: Openness | null): string {
  switch (open) {
    case 'unclear':
      return 'inconclusive'
    case 'not-applicable':
      return 'not applicable'
    case 'untried':
    case null:
      return 'not done'
  }
}
