import type { Assessment } from '../assess'
import { testTitle } from '../catalogue/exam-test'
import { adviceOf } from '../planner/advice'
import { PLAN_MODES } from '../planner/modes'
import { type RouteStep, routeOf, type StepState } from '../planner/route'
import { inSentence } from '../vocabulary/sentence'
import { type Section, say, section } from './section'

const CHOICE = { kind: 'choice', id: 'choice' } as const

/** What was planned, what of it is left, and why nothing more would tell where that is so. */
export function planSection(assessment: Assessment): Section {
  const { exam } = assessment
  const route = routeOf(assessment)
  const steps = route.flatMap((leg) => leg.steps)
  const named = (state: StepState) => steps.filter((s) => s.state === state).map(title)
  const line = (words: string, names: readonly string[]) => (names.length === 0 ? [] : [say(`${words}: ${names.join('; ')}.`, CHOICE)])
  const { stop, why, step } = adviceOf(assessment, route)
  return section('plan', [
    say(
      `Plan: ${inSentence(PLAN_MODES.find((m) => m.id === exam.mode)?.name ?? exam.mode)}${exam.order.length > 0 ? ', in an order of the examiner’s own' : ''}.`,
      CHOICE,
    ),
    ...line('Planned and not done', named('open')),
    ...line('Would change nothing now', named('changes-nothing')),
    ...(stop !== null ? [say(stop, CHOICE)] : step ? [say(`Suggested next: ${inSentence(why)}`, CHOICE)] : [say(why, CHOICE)]),
  ])
}

function title({ test, side }: RouteStep): string {
  return inSentence(testTitle(test, side))
}
