import { normalCdf, normalQuantile } from './normal'
import { NORMAL_NODES, type Node } from './quadrature'

/** One answered test of a group, with its estimates. */
export interface Answered {
  readonly positive: boolean
  readonly sens: number
  readonly spec: number
}

/** Highest correlation the model is asked for. */
export const RHO_MAX = 0.8

/**
 * Likelihood ratio of a group of tests that share a cause.
 *
 * Tests that load one structure succeed and fail together, so multiplying their ratios overstates. Each
 * test is given a shared normal part z; given z they are independent, and z is integrated out:
 * `P(T = 1 | d, z) = Phi(Phi^-1(p_d) * sqrt(1 + b^2) + b z)`, `b = sqrt(rho / (1 - rho))`.
 * With rho 0 this is plain multiplication; a single test's ratio does not depend on rho. One rho with and without the source: two of
 * them would make a further positive lower, and a further negative raise.
 *
 * @example six pelvic tests, all positive: 199.8 at rho 0, 14.83 at rho 0.3
 */
export function groupLikelihoodRatio(answers: readonly Answered[], rho: number, nodes: readonly Node[] = NORMAL_NODES): number {
  const present = patternLikelihood(
    answers.map((a) => ({ p: a.sens, positive: a.positive })),
    rho,
    nodes,
  )
  const absent = patternLikelihood(
    answers.map((a) => ({ p: 1 - a.spec, positive: a.positive })),
    rho,
    nodes,
  )
  return present / absent
}

/** One test's chance of being positive, and whether it was. */
export interface Outcome {
  readonly p: number
  readonly positive: boolean
}

/**
 * Probability of exactly this pattern of answers, given the state.
 *
 * @param rho - 0 to {@link RHO_MAX}
 */
export function patternLikelihood(outcomes: readonly Outcome[], rho: number, nodes: readonly Node[] = NORMAL_NODES): number {
  const tilt = tilted(
    outcomes.map((o) => o.p),
    rho,
  )
  let sum = 0
  for (const { z, weight } of nodes) {
    let product = weight
    outcomes.forEach((o, j) => {
      const q = tilt(j, z)
      product *= o.positive ? q : 1 - q
    })
    sum += product
  }
  return sum
}

/**
 * Probability of 0, 1, 2 ... positives among these tests, given the state.
 *
 * A dynamic programme over the tests inside the quadrature: O(n^2) for each node, never 2^n patterns.
 *
 * @param ps - each test's chance of being positive in this state
 * @returns n + 1 probabilities that sum to 1
 */
export function countDistribution(ps: readonly number[], rho: number, nodes: readonly Node[] = NORMAL_NODES): readonly number[] {
  const tilt = tilted(ps, rho)
  const total = new Array<number>(ps.length + 1).fill(0)
  for (const { z, weight } of nodes) {
    let counts = [1]
    ps.forEach((_, j) => {
      const q = tilt(j, z)
      counts = [...counts, 0].map((c, k) => c * (1 - q) + (counts[k - 1] ?? 0) * q)
    })
    counts.forEach((c, k) => {
      total[k] = (total[k] ?? 0) + weight * c
    })
  }
  return total
}

/** Chance that at least k of these tests are positive, given the state. */
export function chanceOfAtLeast(k: number, ps: readonly number[], rho: number, nodes: readonly Node[] = NORMAL_NODES): number {
  return countDistribution(ps, rho, nodes)
    .slice(k)
    .reduce((a, b) => a + b, 0)
}

/** Each test's chance once the shared part is known, keeping its chance over all z at p. */
function tilted(ps: readonly number[], rho: number): (j: number, z: number) => number {
  const b = Math.sqrt(rho / (1 - rho))
  const stretch = Math.sqrt(1 + b * b)
  const centres = ps.map((p) => normalQuantile(p) * stretch)
  return (j, z) => normalCdf((centres[j] ?? 0) + b * z)
}

/** What each test adds at each node, with the source and without it: for adding up many patterns of the same tests. */
export interface Tilts {
  readonly weights: readonly number[]
  /** Chance of the answer that was given, by answer and node. */
  readonly present: readonly (readonly number[])[]
  readonly absent: readonly (readonly number[])[]
}

/** Chances of these answers at every node. */
export function tiltsOf(answers: readonly Answered[], rho: number, nodes: readonly Node[] = NORMAL_NODES): Tilts {
  const side = (ps: readonly number[]) => {
    const tilt = tilted(ps, rho)
    return answers.map(({ positive }, j) => nodes.map(({ z }) => (positive ? tilt(j, z) : 1 - tilt(j, z))))
  }
  return { weights: nodes.map((n) => n.weight), present: side(answers.map((a) => a.sens)), absent: side(answers.map((a) => 1 - a.spec)) }
}
