import type { Assessment } from '../assess'
import { type ClosedGate, closedGates, haltsOf } from '../safety/safety'
import { routeOf } from './route'

/** Where an examination stands, and where to go on with it. */
export interface Progress {
  readonly at: 'not-begun' | 'story' | 'halted' | 'testing' | 'tested' | 'signed'
  /** "5 of 8 tests, one under way" */
  readonly words: string
  readonly goOn: 'story' | 'safety' | 'bench' | 'note'
}

/** Tell how far an examination has come. Left-out and spare tests count as settled. */
export function progressOf(assessment: Assessment): Progress {
  const { exam } = assessment
  const halts = exam.late.length > 0 ? haltsOf(exam) : []
  if (exam.signed && halts[0]) return { at: 'halted', words: `signed; halted since: ${haltWords(halts[0])}`, goOn: 'note' }
  if (exam.signed) return { at: 'signed', words: 'signed', goOn: 'note' }
  if (exam.symptoms.length === 0) return { at: 'not-begun', words: 'not begun', goOn: 'story' }
  const halt = closedGates(exam).find((c) => c.gate.strength === 'halt' && c.opened === null)
  if (halt) return { at: 'halted', words: `halted: ${haltWords(halt)}`, goOn: 'safety' }
  const steps = routeOf(assessment).flatMap((leg) => leg.steps)
  const done = steps.filter((step) => step.state === 'done').length
  const underWay = steps.some((step) => step.state === 'under-way')
  if (done === 0 && !underWay) return { at: 'story', words: exam.consent === 'not-asked' ? 'story told, consent not asked' : 'story told', goOn: 'bench' }
  const open = steps.filter((step) => step.state === 'open' || step.state === 'under-way').length
  if (open === 0) return { at: 'tested', words: `all tests settled, ${done} done, not signed`, goOn: 'note' }
  return { at: 'testing', words: `${done} of ${done + open} tests${underWay ? ', one under way' : ''}`, goOn: 'bench' }
}

/** What a halt asks for, in a few words. */
function haltWords({ gate }: ClosedGate): string {
  return gate.do.split('. ').at(-1)?.replace(/\.$/, '').toLowerCase() ?? ''
}
