import { RESULT_WORDS } from '@/core/findings/finding'
import { scaleLinear } from 'd3-scale'
import { lrFigure, lrWords } from '@/core/evidence/lr-words'
import { odds, probability } from '@/core/evidence/odds'
import type { JoinedStep, Weighed } from '@/core/evidence/weigh'

/** One row of the ladder: where the probability stood, and where it went. */
export interface Rung {
  readonly kind: 'start' | 'single' | 'alone' | 'together'
  readonly label: string
  /** "LR+ 2.8", or where the pretest probability comes from. */
  readonly says: string
  readonly from: number
  readonly to: number
}

/**
 * The ladder from the pretest odds to now.
 *
 * Correlated findings get a faint rung each, as if they stood alone, and one solid rung together.
 */
export function rungsOf(weighed: Weighed): readonly Rung[] {
  const start: Rung = {
    kind: 'start',
    label: 'Pretest probability',
    says: weighed.prior.assumed ? 'assumed' : 'from a study',
    from: weighed.prior.p,
    to: weighed.prior.p,
  }
  let at = weighed.prior.p
  const rungs = weighed.joined.flatMap((joined) => {
    const before = at
    at = times(before, joined.together)
    return rungsOfJoined(joined, before, at)
  })
  return [start, ...rungs, ...lastRung(weighed)]
}

/** From the model to the estimate, where a rule has a say in it; none while two voices contradict each other, since then none leads. */
function lastRung({ model, estimate, rule, pooled, held, contradiction }: Weighed): readonly Rung[] {
  const by = odds(estimate) / odds(model)
  if (contradiction || Math.abs(Math.log(by)) < 0.005) return []
  const name = rule?.rule.cluster.name ?? ''
  const label = held
    ? 'Taken back towards what the open rule could say'
    : rule?.insteadOf
      ? `Held to ${name} with what else was found`
      : pooled
        ? `Towards ${name}: halfway, ×1.5 at most`
        : `${name} alone, this clinic’s own rule`
  return [{ kind: 'single', label, says: `×${lrFigure(by)}`, from: model, to: estimate }]
}

function rungsOfJoined(joined: JoinedStep, before: number, after: number): readonly Rung[] {
  const single = joined.steps.length === 1
  const members = joined.steps.map((step): Rung => {
    const label =
      step.of === step.test ? `${step.label} ${RESULT_WORDS[step.positive ? 'positive' : 'negative']}` : `${step.label}: ${step.positive ? 'yes' : 'no'}`
    return {
      kind: single ? 'single' : 'alone',
      label: step.row.own ? `${label} (entered by this clinic)` : label,
      says: lrWords(step.lr, step.positive ? 'positive' : 'negative'),
      from: before,
      to: times(before, step.lr),
    }
  })
  if (single) return members
  return [
    ...members,
    {
      kind: 'together',
      label: joined.strongestOnly
        ? `Correlated, ${joined.group?.name ?? 'one structure'}: the strongest alone`
        : `Correlated, ${joined.group?.name ?? 'one structure'}: counted together`,
      says: `LR ${lrFigure(joined.together)} (as if independent: ${lrFigure(joined.multiplied)})`,
      from: before,
      to: after,
    },
  ]
}

function times(p: number, lr: number): number {
  return probability(odds(p) * lr)
}

/** Ticks of the probability axis. */
export const TICKS = [0.02, 0.05, 0.1, 0.2, 0.35, 0.5, 0.65, 0.8, 0.9, 0.95, 0.98] as const

/** Probability to horizontal place: equal factors of the odds are equal lengths. */
export function oddsScale(width: number): (p: number) => number {
  const scale = scaleLinear([Math.log(odds(0.01)), Math.log(odds(0.99))], [0, width]).clamp(true)
  return (p) => scale(Math.log(odds(Math.min(0.99, Math.max(0.01, p)))))
}
