import { randomLcg } from 'd3-random'
import { fullBattery, type Outcome, planned } from './arm'
import { generate, type Tendency } from './case'
import { type Agreement, agreement, type Forecast, forecasts, sameLeader } from './score'

/** What a part of the cases is made from. */
export interface Task {
  readonly seed: number
  readonly from: number
  readonly to: number
  readonly tendency: Tendency
  /** Also follow the planner's own ways, not the full battery alone. */
  readonly arms: boolean
}

export const ARMS = ['full-baseline', 'fewest-turns', 'quickest-answer'] as const

/** One way of planning a case, held against the full battery. */
export interface ArmResult {
  readonly tests: number
  readonly turns: number
  readonly seconds: number
  readonly agreement: Agreement
  readonly sameLeader: boolean
  readonly forecasts: readonly Forecast[]
}

/** One case: the full battery and, where asked for, each of the planner's ways. */
export interface CaseResult {
  readonly full: Pick<ArmResult, 'tests' | 'turns' | 'seconds' | 'forecasts'>
  readonly arms: readonly ArmResult[]
}

/** Run a part of the cases; each case has a seed of its own, so that parts can be run in any order. */
export function runPart({ seed, from, to, tendency, arms }: Task): readonly CaseResult[] {
  return Array.from({ length: to - from }, (_, i) => {
    const random = randomLcg((((seed + (from + i) * 7919) % 1_000_003) + 0.5) / 1_000_003)
    // The first draws of neighbouring seeds are alike.
    for (let k = 0; k < 20; k++) random()
    const made = generate(random, tendency)
    const full = fullBattery(made)
    const held = (outcome: Outcome): ArmResult => ({
      tests: outcome.tests,
      turns: outcome.turns,
      seconds: outcome.seconds,
      agreement: agreement(full.assessment, outcome.assessment),
      sameLeader: sameLeader(full.assessment, outcome.assessment),
      forecasts: forecasts(outcome, made),
    })
    return {
      full: { tests: full.tests, turns: full.turns, seconds: full.seconds, forecasts: forecasts(full, made) },
      arms: arms ? ARMS.map((mode) => held(planned(made, mode))) : [],
    }
  })
}
