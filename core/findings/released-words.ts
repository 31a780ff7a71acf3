import type { ExamTest } from '../catalogue/exam-test'
import type { Run } from '../record/exam'
import type { Finding } from './finding'

/** What the ankle did where the raise has its own stages for it: words beside the result, and what it points to. No figure fits. */
export function releasedWords({ reading }: Pick<ExamTest, 'reading'>, run: Pick<Run, 'answers'>): Pick<Finding, 'checks' | 'readings'> {
  const answer = run.answers.find(({ answer: a }) => a.said === 'eased' || a.said === 'unchanged')?.answer
  if (reading.kind !== 'tension' || !reading.released || !answer) return { checks: [], readings: [] }
  const returned = run.answers.some(({ answer: a }) => a.said === 'returned')
  if (answer.said === 'eased') {
    const why = `Eased when the ankle was let go${returned ? ' and returned when it was bent up' : ''}.`
    return { checks: [why], readings: [{ source: reading.source, direction: 'for', strength: 'pointer', why }] }
  }
  const { source, because } = reading.released.otherwise
  const why = 'Letting the ankle go changed nothing: not shown to be neural.'
  return { checks: [why], readings: [{ source, direction: 'for', strength: 'pointer', why: `${because.charAt(0).toUpperCase()}${because.slice(1)}.` }] }
}
