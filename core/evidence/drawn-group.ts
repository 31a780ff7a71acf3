import { normalCdf, normalQuantile } from './normal'
import { NORMAL_NODES } from './quadrature'
import { ratesDraws, type RatesInput, ratioDraws, type RowInput } from './row-draws'

/** Every so many of the nodes of the figure itself: a step of three quarters is exact to 1e-3 at the strongest correlation, far finer than draws are. */
const EVERY = 3
const NODES = NORMAL_NODES.filter((node, i) => i % EVERY === 0 && Math.abs(node.z) <= 5)
const TOTAL = NODES.reduce((sum, node) => sum + node.weight, 0)

/** The normal distribution as a table, straight between its points: within 2e-7, and many times as fast. */
const REACH = 9
const PER_ONE = 512
const TABLE = Float64Array.from({ length: 2 * REACH * PER_ONE + 2 }, (_, i) => normalCdf(i / PER_ONE - REACH))

function tableCdf(x: number): number {
  if (x <= -REACH) return 0
  if (x >= REACH) return 1
  const at = (x + REACH) * PER_ONE
  const i = at | 0
  const low = TABLE[i] ?? 0
  return low + ((TABLE[i + 1] ?? 1) - low) * (at - i)
}

/**
 * Draws of the ratio of answers that may share a cause.
 *
 * As the figure itself is made: those with rates by the model, beside the strongest of those with a ratio alone, whichever says more.
 */
export function drawnGroup(
  {
    rho,
    answers,
    ordered,
  }: { readonly rho: number | null; readonly answers: readonly { readonly row: RowInput; readonly positive: boolean }[]; readonly ordered: number },
  draws: number,
): Float64Array {
  const alone = (of: typeof answers) => of.map(({ row, positive }) => ratioDraws(row, positive, draws))
  if (rho === null || answers.length === 1) return product(alone(answers), draws)
  const rated = answers.flatMap(({ row, positive }) => (row.kind === 'rates' ? [{ row, positive }] : []))
  const together = modelled(rated, rho, draws)
  const rest = alone(answers.filter((a) => a.row.kind === 'ratio'))
  return together.map((lr, i) => rest.reduce((best, of) => further(best, of[i] ?? 1), lr * ordered))
}

function further(a: number, b: number): number {
  return Math.abs(Math.log(b)) > Math.abs(Math.log(a)) ? b : a
}

function product(of: readonly Float64Array[], draws: number): Float64Array {
  const all = new Float64Array(draws).fill(1)
  for (const one of of) for (let i = 0; i < draws; i++) all[i] = (all[i] ?? 1) * (one[i] ?? 1)
  return all
}

/** The shared-cause model over all draws at once: node by node, answer by answer. */
function modelled(answers: readonly { readonly row: RatesInput; readonly positive: boolean }[], rho: number, draws: number): Float64Array {
  if (answers.length === 0) return new Float64Array(draws).fill(1)
  const b = Math.sqrt(rho / (1 - rho))
  const stretch = Math.sqrt(1 + b * b)
  // A negative answer is a positive one of the opposite chance, and of the opposite share in the cause.
  const centres = answers.map(({ row, positive }) => {
    const { sens, spec } = ratesDraws(row, draws)
    const sign = positive ? stretch : -stretch
    return { there: sens.map((p) => normalQuantile(p) * sign), without: spec.map((p) => normalQuantile(1 - p) * sign), slope: positive ? b : -b }
  })
  const there = new Float64Array(draws)
  const without = new Float64Array(draws)
  const up = new Float64Array(draws)
  const down = new Float64Array(draws)
  for (const { z, weight } of NODES) {
    up.fill(weight / TOTAL)
    down.fill(weight / TOTAL)
    for (const centre of centres) {
      const shift = centre.slope * z
      for (let i = 0; i < draws; i++) {
        up[i] = (up[i] ?? 0) * tableCdf((centre.there[i] ?? 0) + shift)
        down[i] = (down[i] ?? 0) * tableCdf((centre.without[i] ?? 0) + shift)
      }
    }
    for (let i = 0; i < draws; i++) {
      there[i] = (there[i] ?? 0) + (up[i] ?? 0)
      without[i] = (without[i] ?? 0) + (down[i] ?? 0)
    }
  }
  return there.map((p, i) => p / (without[i] ?? 1))
}
