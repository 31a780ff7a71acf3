import type { Assessment } from '../assess'
import { nameOfTest } from '../catalogue/retired'
import { routeOf } from '../planner/route'
import type { Exam } from '../record/exam'
import type { FrozenNotDone } from '../record/frozen'

/** Tests that were left out with a reason, kept back by a gate, or planned and not reached, as today's plan has it. */
export function notDoneNow(assessment: Assessment): readonly FrozenNotDone[] {
  const steps = routeOf(assessment)
    .flatMap((leg) => leg.steps)
    .flatMap(({ test, side, state, why }): readonly FrozenNotDone[] =>
      state === 'withheld' || state === 'open' ? [{ test: test.id, name: test.name, side, as: state, why: state === 'open' ? '' : why }] : [],
    )
  return [...leftOut(assessment.exam), ...steps]
}

/** Tests that were left out with a reason: all that a record knows by itself. */
export function leftOut({ skips }: Pick<Exam, 'skips'>): readonly FrozenNotDone[] {
  return skips.map(({ test, side, why }) => ({ test, name: nameOfTest(test), side, as: 'left-out', why }))
}
