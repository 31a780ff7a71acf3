/** Draws the generators share, all from one stream of uniform numbers. */
export interface Draws {
  readonly uniform: () => number
  readonly normal: () => number
  /** A choice with these weights, by index. */
  readonly weighted: (weights: readonly number[]) => number
  readonly oneOf: <T>(of: readonly T[]) => T
}

/** @throws {Error} when something is drawn from nothing: the script is wrong */
export function drawsFrom(random: () => number): Draws {
  return {
    uniform: random,
    normal: () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random()),
    weighted: (weights) => {
      const at = random() * weights.reduce((sum, w) => sum + w, 0)
      let sum = 0
      const found = weights.findIndex((w) => (sum += w) > at)
      return found === -1 ? weights.length - 1 : found
    },
    oneOf: (of) => {
      const drawn = of[Math.floor(random() * of.length)]
      if (drawn === undefined) throw new Error('Nothing to draw from.')
      return drawn
    },
  }
}

export function expit(x: number): number {
  return 1 / (1 + Math.exp(-x))
}

export function logit(p: number): number {
  return Math.log(p / (1 - p))
}

/** Kept off 0 and 1, where odds end. */
export function clamp(p: number): number {
  return Math.min(0.98, Math.max(0.02, p))
}

/** A chance moved about on the scale of log odds. */
export function moved(p: number, by: number): number {
  return expit(logit(clamp(p)) + by)
}
