import { testById } from '../../catalogue'
import type { ExamTest, Stage } from '../../catalogue/exam-test'
import type { ExamEvent, StageAnswered, TestStarted } from '../../record/event'
import type { Attempt, HandsOn, PracticeStep } from '../attempt'
import type { Reach, Step } from '../mechanics/strain'
import { type Response, respond } from '../respond'
import type { SimulatedPatient } from '../simulated-patient'

/** One answer on the record, beside what the hands did and what was truly there. */
export interface Followed {
  readonly started: TestStarted
  readonly written: StageAnswered
  readonly test: ExamTest
  readonly stage: Stage
  /** What the hands did for it; null where it was written without doing anything. */
  readonly hands: HandsOn | null
  readonly truth: Response
  /** What was there where the movement was at its farthest. */
  readonly worst: Response
  /** Steps of this performance before it. */
  readonly before: readonly Step[]
}

/** Events that count: what was taken back is left out. */
export function standing(events: readonly ExamEvent[]): readonly ExamEvent[] {
  const gone = new Set(events.flatMap((e) => (e.type === 'undone' ? [e.target] : [])))
  return events.filter((e) => e.type !== 'undone' && !gone.has(e.id))
}

/** Every stage that was answered, in order, with what was truly there when it was done like this. */
export function follow(patient: SimulatedPatient, { events, steps }: Pick<Attempt, 'events' | 'steps'>): readonly Followed[] {
  const begun = new Map<string, TestStarted>()
  const before = new Map<string, Step[]>()
  const used = new Set<PracticeStep>()
  return standing(events).flatMap((event): Followed[] => {
    if (event.type === 'test-started') begun.set(event.run, event)
    if (event.type !== 'stage-answered') return []
    const started = begun.get(event.run)
    const test = started && testById(started.test)
    const stage = test?.stages.find((s) => s.id === event.stage)
    if (!started || !test || !stage) return []
    const hands = steps.findLast((s): s is HandsOn => isHandsFor(s, started, event) && !used.has(s)) ?? null
    if (hands) used.add(hands)
    const earlier = before.get(event.run) ?? []
    const reach = reachOf(hands, event)
    const step: Step = { stage, reach }
    const at = (taken: Step) => respond(patient, { test, side: started.side, variant: started.variant, before: earlier, step: taken })
    const truth = at(step)
    const worst = hands?.farthest === undefined ? truth : at({ stage, reach: { ...reach, degrees: hands.farthest } })
    before.set(event.run, [...earlier, { stage, reach: gone(stage, reach, truth) }])
    return [{ started, written: event, test, stage, hands, truth, worst, before: earlier }]
  })
}

function isHandsFor(step: PracticeStep, started: TestStarted, { stage, at }: StageAnswered): step is HandsOn {
  return step.kind === 'hands' && step.test === started.test && step.side === started.side && step.stage === stage && step.at <= at
}

/** How far it was taken: as the hands did it; by itself where nothing is known of them. The part let go stands in the answer. */
function reachOf(hands: HandsOn | null, { answer }: StageAnswered): Reach {
  const part = 'part' in answer ? { part: answer.part } : {}
  return { ...hands?.reach, ...part }
}

function gone(stage: Stage, reach: Reach, { answer }: Response): Reach {
  if (!stage.angle || reach.degrees !== undefined) return reach
  const degrees = answer.said === 'familiar' ? answer.onset : 'end' in answer ? answer.end : undefined
  return degrees === undefined ? reach : { ...reach, degrees }
}
