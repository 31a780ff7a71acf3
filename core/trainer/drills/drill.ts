import type { Figure } from '../../figure/figure'

/** The short exercises, each two to five minutes: a set of so many questions. */
export const DRILLS = {
  'angle-eye': { name: 'Angle eye', what: 'Estimate the joint angle of a drawn pose.', minutes: 2, questions: 12 },
  'load-feel': { name: 'Load feel', what: 'Follow a force band on the simulated pad.', minutes: 3, questions: 6 },
  'stage-order': { name: 'Stage order', what: 'Put the stages of a test in order, as one school does them.', minutes: 4, questions: 6 },
  'true-positive': { name: 'True positive?', what: 'Short answers: does it count?', minutes: 4, questions: 20 },
  'place-reading': { name: 'Place reading', what: 'Which place do they mean?', minutes: 3, questions: 15 },
  'cluster-count': { name: 'Cluster count', what: 'Is the rule met, still open, or can it not be met any more? Tests are missing.', minutes: 3, questions: 9 },
  'figure-meaning': { name: 'What a figure means', what: 'Out of a hundred people who test positive, how many have it?', minutes: 5, questions: 6 },
  'red-flags': { name: 'Red flags in a story', what: 'Go on, or refer, and how soon?', minutes: 4, questions: 8 },
  'side-sense': { name: 'Side sense', what: 'Which side of the person is it?', minutes: 2, questions: 12 },
} as const satisfies Record<string, { readonly name: string; readonly what: string; readonly minutes: 2 | 3 | 4 | 5; readonly questions: number }>

export type DrillId = keyof typeof DRILLS
export const DRILL_IDS = Object.keys(DRILLS) as readonly DrillId[]

/** Is this a drill? */
export function isDrill(id: string): id is DrillId {
  return Object.hasOwn(DRILLS, id)
}

/** Difficulty, 1 easiest to 5. */
export type Level = 1 | 2 | 3 | 4 | 5

interface AnyItem {
  /** What it trains: what is asked again later. */
  readonly topic: string
  readonly ask: string
}

/** A figure is estimated. */
export interface EstimateItem extends AnyItem {
  readonly kind: 'estimate'
  readonly figure: Figure | null
  /** Further lines of the question. */
  readonly lines: readonly string[]
  readonly unit: string
  readonly min: number
  readonly max: number
  readonly truth: number
  /** An answer so far off, or nearer, is right. */
  readonly within: number
}

/** One of a few is chosen. */
export interface ChoiceItem extends AnyItem {
  readonly kind: 'choice'
  readonly figure: Figure | null
  readonly lines: readonly string[]
  readonly choices: readonly { readonly id: string; readonly words: string }[]
  readonly truth: string
}

/** Things are put in order. */
export interface OrderItem extends AnyItem {
  readonly kind: 'order'
  readonly lines: readonly string[]
  /** As they are shown at first. */
  readonly shown: readonly { readonly id: string; readonly words: string }[]
  readonly truth: readonly string[]
}

/** A press is given on the pad. */
export interface PressItem extends AnyItem {
  readonly kind: 'press'
  readonly lines: readonly string[]
  readonly band: readonly [number, number]
  readonly holdSeconds: number
}

/** One question of a drill, with its truth and why. */
export type DrillItem = (EstimateItem | ChoiceItem | OrderItem | PressItem) & {
  /** Told after the answer. */
  readonly why: string
}

/** What was answered. */
export type DrillAnswer =
  | { readonly kind: 'estimate'; readonly value: number }
  | { readonly kind: 'choice'; readonly choice: string }
  | { readonly kind: 'order'; readonly order: readonly string[] }
  | { readonly kind: 'press'; readonly inBand: number; readonly overshoot: number; readonly heldSeconds: number; readonly smoothness: number }

/** How an answer was. */
export interface DrillScore {
  readonly right: boolean
  /** 0 to 1. */
  readonly share: number
  /** Signed error of an estimate, in its unit; null elsewhere. */
  readonly error: number | null
  readonly told: string
}
