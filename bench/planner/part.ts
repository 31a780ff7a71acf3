import { randomLcg } from 'd3-random'
import { fixedOrder, fullBattery, type Moment, type Outcome, planned } from './arm'
import { type Forecast, forecasts } from './forecast'
import { oracle } from './oracle'
import { WORLDS, type WorldName } from './people/worlds'
import { type Agreement, agreement, sameLeader } from './score'
import { leaderOf } from '../../core/sensitivity'

/** What a part of the people is made from. */
export interface Task {
  readonly seed: number
  readonly from: number
  readonly to: number
  readonly world: WorldName
  /** Also follow the shorter ways, not the full battery alone. */
  readonly arms: boolean
}

export const ARMS = ['full-baseline', 'fewest-turns', 'quickest-answer', 'fixed order', 'oracle'] as const

/** One way of planning a person's examination, held against the full battery. */
export interface ArmResult {
  readonly tests: number
  readonly turns: number
  readonly seconds: number
  readonly agreement: Agreement
  readonly sameLeader: boolean
  readonly path: readonly Moment[]
  readonly forecasts: readonly Forecast[]
}

/** One person: the full battery and, where asked for, each of the shorter ways. */
export interface PersonResult {
  readonly full: Pick<ArmResult, 'tests' | 'turns' | 'seconds' | 'forecasts'> & { readonly leader: string | null }
  readonly arms: readonly ArmResult[]
}

/** Run a part of the people; each has a seed of their own, so that parts can be run in any order. */
export function runPart({ seed, from, to, world, arms }: Task): readonly PersonResult[] {
  return Array.from({ length: to - from }, (_, i) => {
    const random = randomLcg((((seed + (from + i) * 7919) % 1_000_003) + 0.5) / 1_000_003)
    // The first draws of neighbouring seeds are alike.
    for (let k = 0; k < 20; k++) random()
    const made = WORLDS[world].make(random)
    const full = fullBattery(made)
    const held = (outcome: Outcome): ArmResult => ({
      tests: outcome.tests,
      turns: outcome.turns,
      seconds: outcome.seconds,
      agreement: agreement(full.assessment, outcome.assessment),
      sameLeader: sameLeader(full.assessment, outcome.assessment),
      path: outcome.path,
      forecasts: forecasts(outcome, made),
    })
    return {
      full: {
        tests: full.tests,
        turns: full.turns,
        seconds: full.seconds,
        forecasts: forecasts(full, made),
        leader: leaderOf(full.assessment),
      },
      arms: arms ? ARMS.map((arm) => held(arm === 'fixed order' ? fixedOrder(made) : arm === 'oracle' ? oracle(made) : planned(made, arm))) : [],
    }
  })
}
