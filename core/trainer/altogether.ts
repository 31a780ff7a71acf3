import { type Judged, meanOf } from './curves'
import { SKILLS } from './judge/moment'

/** What a skill at nought counts as, so that the figure still tells how the others are. */
const LEAST = 1

/**
 * One figure for several attempts, 0 to 100; null where there are none.
 *
 * The geometric mean of the skills' means: a skill at nought is made up for by no other. Certainty is judged here and
 * not for a single attempt, since one case cannot tell whether 70 % was well said. Safety is the share that passed.
 */
export function altogether(attempts: readonly Pick<Judged, 'scores' | 'brier'>[]): number | null {
  if (attempts.length === 0) return null
  const means = SKILLS.flatMap((skill) => meanOf(attempts, skill) ?? [])
  const logs = means.map((m) => Math.log(Math.max(LEAST, m)))
  return Math.round(10 * Math.exp(logs.reduce((sum, l) => sum + l, 0) / Math.max(1, logs.length))) / 10
}
