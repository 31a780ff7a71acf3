import { randomNormal } from 'd3-random'
import { seededRandom } from '../evidence/rng'

/** A seeded source of choices: the same seed makes the same ones on every machine. */
export interface Chance {
  /** In [0, 1). */
  readonly number: () => number
  /** Standard normal. */
  readonly normal: () => number
  readonly happens: (probability: number) => boolean
  readonly oneOf: <const T>(list: readonly [T, ...T[]]) => T
  /** One of these, each as likely as its weight says. */
  readonly weighted: <const T>(list: readonly (readonly [T, number])[]) => T | undefined
  /** Whole number from `low` to `high`, both included. */
  readonly whole: (low: number, high: number) => number
}

/** Choices of one seed. */
export function chanceOf(seed: string): Chance {
  const number = seededRandom(seed)
  const normal = randomNormal.source(number)(0, 1)
  return {
    number,
    normal,
    happens: (probability) => number() < probability,
    oneOf: (list) => list[Math.floor(number() * list.length)] ?? list[0],
    weighted: (list) => {
      let left = number() * list.reduce((sum, [, weight]) => sum + weight, 0)
      for (const [value, weight] of list) {
        left -= weight
        if (left < 0) return value
      }
      return list.at(-1)?.[0]
    },
    whole: (low, high) => low + Math.floor(number() * (high - low + 1)),
  }
}
