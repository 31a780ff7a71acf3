import type { Assessment } from '../assess'
import { CATALOGUE, testById } from '../catalogue'
import { testTitle } from '../catalogue/exam-test'
import { findingsOfRun } from '../findings/findings'
import { RESULT_WORDS } from '../findings/finding'
import { routeOf } from '../planner/route'
import { inSentence } from '../vocabulary/sentence'
import { type Statement, say } from './section'

const REPERTORY = { testById, all: CATALOGUE }

/** Performances beside the one that counts, each with what it showed: a repeat never replaces, and is told. */
export function repeatsOf({ exam, findings }: Assessment): readonly Statement[] {
  const counting = new Set(findings.map((f) => f.run))
  return exam.runs.flatMap((run) => {
    const test = testById(run.test)
    // What was measured after a treatment is told as change.
    if (!test || counting.has(run.id) || run.moment > 0) return []
    const told = findingsOfRun(run, exam, REPERTORY).filter((f) => f.test === run.test)
    const best = told.find((f) => f.result === 'positive') ?? told[0]
    const chosen = exam.chosen.find((c) => exam.runs.find((r) => r.id === c.run)?.test === run.test)
    const reason = chosen ? ` Another counts: ${chosen.why.replace(/[.]?$/, '.')}` : ''
    return best
      ? [say(`Also done, read as change only: ${testTitle(test, run.side)}: ${RESULT_WORDS[best.result]}. ${best.why}${reason}`, { kind: 'run', id: run.id })]
      : []
  })
}

/** Planned tests that a gate kept back, by its reason: withheld is not “not done”. */
export function withheldOf(assessment: Assessment): readonly Statement[] {
  const withheld = routeOf(assessment)
    .flatMap((leg) => leg.steps)
    .filter((step) => step.state === 'withheld')
  return [...new Set(withheld.map((step) => step.why))].map((why) => {
    const steps = withheld.filter((step) => step.why === why)
    const names = steps.map((step, i) => (i === 0 ? testTitle(step.test, step.side) : inSentence(testTitle(step.test, step.side))))
    return say(`Withheld: ${names.join('; ')}. ${why}`, ...steps.map((step) => ({ kind: 'step', id: `${step.test.id} ${step.side}` }) as const))
  })
}
