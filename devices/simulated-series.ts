import { randomNormal } from 'd3-random'
import { seededRandom } from '../core/evidence/rng'
import { endRange } from '../core/metrology/end-range'
import type { AngleLimits } from '../core/vocabulary/degrees'
import { inclinometer, timesOf } from './simulated-inclinometer'

/** How far simulated people differ from each other, and how far one of them from trial to trial, in degrees: made for practice, from no study. */
const BETWEEN_SD = 11
const WITHIN_SD = 2.5
/** A second simulated examiner reads so much higher. */
const BIAS = 2

interface Asked {
  readonly limits: AngleLimits
  /** Names the series, so that the same person is the same again. */
  readonly series: string
  readonly person: number
  readonly examiner: number
  readonly trials: number
}

/** Ends of range of a simulated person, measured with the simulated inclinometer: the same seed gives the same figures. */
export function simulatedTrials({ limits, series, person, examiner, trials }: Asked): readonly number[] {
  const whose = randomNormal.source(seededRandom(`${series} person ${person}`))(0, 1)
  const hand = randomNormal.source(seededRandom(`${series} person ${person} examiner ${examiner}`))(0, 1)
  const from = limits.rest ?? 0
  const [low, high] = limits.usual
  const truth = (low + high) / 2 + whose() * BETWEEN_SD
  return Array.from({ length: trials }, (_, trial) => {
    const to = Math.min(limits.max, Math.max(limits.min, truth + hand() * WITHIN_SD + (examiner - 1) * BIAS))
    const movement = { seed: `${series} ${person} ${examiner} ${trial}`, from, to, speed: 15 }
    const { heldUntil } = timesOf(movement)
    const trace = []
    for (const { t, value } of inclinometer(movement)) {
      if (t > heldUntil) break
      trace.push({ t, angle: value })
    }
    return Math.round(endRange(trace, to < from ? -1 : 1) ?? to)
  })
}

/** A simulated yes or no: two examiners see the same person, and are each wrong now and then. */
export function simulatedResults({ series, person, examiner, trials }: Omit<Asked, 'limits'>): readonly ('positive' | 'negative')[] {
  const truth = seededRandom(`${series} person ${person}`)() < 0.45
  const chance = seededRandom(`${series} person ${person} examiner ${examiner}`)
  const WRONG = 0.15
  return Array.from({ length: trials }, () => ((chance() < WRONG ? !truth : truth) ? 'positive' : 'negative'))
}
