import { chanceOfAtLeast, patternLikelihood } from '../core/evidence/dependence'
import { ratio, report, share, timed } from './measure'

const PS = [0.6, 0.69, 0.88, 0.53, 0.5, 0.63, 0.7, 0.55, 0.8, 0.65]

/** The count distribution by dynamic programme against adding up all patterns of ten tests. */
export function dependence(): void {
  const brute = () => {
    let sum = 0
    for (let bits = 0; bits < 2 ** PS.length; bits++) {
      const outcomes = PS.map((p, j) => ({ p, positive: ((bits >> j) & 1) === 1 }))
      if (outcomes.filter((o) => o.positive).length >= 5) sum += patternLikelihood(outcomes, 0.3)
    }
    return sum
  }
  const clever = () => chanceOfAtLeast(5, PS, 0.3)
  const fast = timed(200, clever)
  const slow = timed(10, brute)
  report('At least 5 of 10 tests that share a cause', [
    `brute force over ${2 ** PS.length} patterns takes ${ratio(share(slow, 0.5), share(fast, 0.5))} as long`,
    `the two differ by ${Math.abs(brute() - clever()).toExponential(1)}`,
  ])
}
