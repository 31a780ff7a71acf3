import { randomNormal } from 'd3-random'
import { seededRandom } from '../core/evidence/rng'
import { onsetAt } from '../core/metrology/onset'
import { remember, type Sample } from '../core/metrology/trace'
import { inclinometer, trueAngle } from '../devices/simulated-inclinometer'
import { report, share } from './measure'

/** Error of the angle at onset over synthetic traces of known truth, with people who react differently. */
export function onset(): void {
  const random = seededRandom('onset bench')
  const normal = randomNormal.source(random)(0, 1)
  const errors: number[] = []
  const naive: number[] = []
  let tooFast = 0
  for (let n = 0; n < 1000; n++) {
    const movement = { seed: `bench ${n}`, from: 0, to: 60 + 30 * random(), speed: 8 + 14 * random() }
    const felt = 2500 + 4000 * random()
    const pressed = felt + Math.max(120, 250 + 60 * normal())
    const trace = [...inclinometer(movement)].filter((f) => f.t <= pressed + 100).reduce<readonly Sample[]>(remember, [])
    const found = onsetAt(trace, pressed)
    if (!found) continue
    if (found.tooFast) {
      tooFast++
      continue
    }
    errors.push(Math.abs(found.angle - trueAngle(movement, felt)))
    naive.push(Math.abs((trace.findLast((s) => s.t <= pressed)?.angle ?? 0) - trueAngle(movement, felt)))
  }
  errors.sort((a, b) => a - b)
  naive.sort((a, b) => a - b)
  report('Angle at onset over 1000 synthetic traces (reaction 250 ± 60 ms, 8 to 22° a second)', [
    `error: median ${share(errors, 0.5).toFixed(2)}°, 95th percentile ${share(errors, 0.95).toFixed(2)}°; ${tooFast} marked too fast`,
    `reading the device at the press instead: median ${share(naive, 0.5).toFixed(2)}°, 95th percentile ${share(naive, 0.95).toFixed(2)}°`,
  ])
}
