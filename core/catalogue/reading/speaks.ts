import type { SourceId } from '../../vocabulary/source'
import type { Reading } from './reading'

/**
 * The sources that a result of this reading speaks about with figures, where the register has some: on the bench, in a case given as
 * results, and when what a test is worth is asked.
 *
 * @param result - either answer when absent
 */
export function speaksWithFigures(reading: Reading, result?: 'positive' | 'negative'): readonly SourceId[] {
  switch (reading.kind) {
    case 'differentiation':
    case 'range':
      return []
    case 'nerves':
      return result === 'negative' ? [] : [reading.source]
    case 'table': {
      const lines = [...reading.lines, reading.otherwise, ...(reading.sideLoss ? [reading.sideLoss] : [])]
      const fitting = lines.filter((line) => (result === undefined ? line.result === 'positive' || line.result === 'negative' : line.result === result))
      return [...new Set(fitting.flatMap((line) => line.points.flatMap((p) => (p.strength === 'quantified' ? [p.source] : []))))]
    }
    case 'provocation':
    case 'tension':
    case 'staged-tension':
    case 'crossed':
      return [reading.source]
  }
}
