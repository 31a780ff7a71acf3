import { counted } from '../vocabulary/sentence'
import type { Evaluated } from './evaluate'

/**
 * Where a rule stands, in the words of the screen.
 *
 * @example "met, 3 of 5"
 * @example "open, needs 1 more of 2"
 * @example "out of reach, 1 of 5 and 1 left"
 */
export function explain(node: Evaluated): string {
  switch (node.kind) {
    case 'positive':
      return node.truth === 'true' ? 'reproduced' : node.truth === 'false' ? 'not reproduced' : openWords(node.open)
    case 'not':
      return `not: ${explain(node.part)}`
    case 'at-least': {
      const { held, open, of } = tally(node)
      if (node.truth === 'true') return `met, ${held} of ${of}`
      if (node.truth === 'false') return `out of reach, ${held} of ${of}${open > 0 ? ` and ${counted(open, 'test')} left` : ''}`
      return `open, needs ${node.k - held} more of ${open}`
    }
  }
}

/** How many parts of an "at least" hold and are open, of how many. */
export function tally(node: Extract<Evaluated, { kind: 'at-least' }>): { held: number; open: number; of: number } {
  return {
    held: node.parts.filter((p) => p.truth === 'true').length,
    open: node.parts.filter((p) => p.truth === 'open').length,
    of: node.parts.length,
  }
}

function openWords(open: 'untried' | 'unclear' | 'not-applicable' | null): string {
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
