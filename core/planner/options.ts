import type { Assessment } from '../assess'
import type { ExamTest } from '../catalogue/exam-test'
import type { Posture } from '../vocabulary/posture'
import type { TestSide } from '../vocabulary/side'
import { sourceOf } from '../vocabulary/source'
import { secondsOf, TURN_SECONDS, type TurnSeconds } from './price'
import { lyingNow, postureOf, type RouteLeg, variantFor } from './route'
import { type TestValue, valueOf } from './value'

/** An open test with its worth and its price. */
export interface Option {
  readonly test: ExamTest
  readonly side: TestSide
  readonly posture: Posture
  readonly seconds: number
  readonly turn: number
  readonly bits: number
  readonly perMinute: number
  /** What it is worth something for, in a few words. */
  readonly reason: string
}

/** Every open test of the route, by what it is worth for its time, turning counted. */
export function optionsOf(assessment: Assessment, route: readonly RouteLeg[], turns: TurnSeconds = TURN_SECONDS): readonly Option[] {
  const { exam } = assessment
  const from = lyingNow(exam)
  return route
    .flatMap((leg) => leg.steps)
    .filter((step) => step.state === 'open' || (step.state === 'changes-nothing' && step.test.provocative < 3))
    .map(({ test, side }) => {
      const variant = variantFor(exam, test)
      const value = valueOf(test, side, variant, assessment)
      const seconds = secondsOf(test, variant)
      const posture = postureOf(test, exam)
      const turn = from === null ? 0 : turns[from][posture]
      return { test, side, posture, seconds, turn, bits: value.total, perMinute: (value.total * 60) / (seconds + turn), reason: reasonOf(value) }
    })
    .toSorted((a, b) => b.perMinute - a.perMinute)
}

function reasonOf({ rule, about, points }: TestValue): string {
  if (rule && about) return `${rule.cluster.name} (${rule.words}) and ${sourceOf(about.source).inWords}`
  if (rule) return `${rule.cluster.name} (${rule.words})`
  if (about) return sourceOf(about.source).inWords
  return points ? 'a pointer only' : 'nothing still in question'
}
