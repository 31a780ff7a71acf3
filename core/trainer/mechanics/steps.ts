import type { TestId } from '../../catalogue/exam-test'
import type { PlayedSource } from '../picture'

/** Parts of the body whose position tightens or slackens a nerve, one after the other. */
export const PARTS = ['trunk', 'neck', 'leg', 'knee', 'hip', 'ankle', 'girdle', 'shoulder', 'forearm', 'elbow', 'wrist'] as const
export type Part = (typeof PARTS)[number]

/** What one step of a test puts on: which part, and how much of a full tension that is. */
export interface StepLoad {
  readonly part: Part
  readonly share: number
}

const step = (part: Part, share: number): StepLoad => ({ part, share })

const NECK_STEPS = { 'neck-away': step('neck', 0.12), 'neck-placed': step('neck', 0.12), 'neck-passive': step('neck', 0.18) }

/**
 * What each step of the staged tests tightens. A full slump is 1.
 *
 * The order of size is the anatomy's (the leg does most of it, the neck least); the figures themselves are made for practice and come
 * from no study.
 */
export const STEPS: Readonly<Partial<Record<TestId, Readonly<Record<string, StepLoad>>>>> = {
  slump: {
    slump: step('trunk', 0.16),
    chin: step('neck', 0.14),
    press: step('neck', 0.04),
    knee: step('leg', 0.46),
    ankle: step('ankle', 0.14),
    'ankle-press': step('ankle', 0.06),
  },
  'seated-leg-raise': { knee: step('leg', 0.56), fold: step('trunk', 0.16), ankle: step('ankle', 0.16) },
  'leg-raise': { raise: step('leg', 0.85) },
  'side-lying-leg-raise': { raise: step('leg', 0.85) },
  // Begins with the leg held where it hurt.
  'leg-raise-ankle': {},
  'crossed-leg-raise': { raise: step('leg', 0.85) },
  'femoral-stretch': { knee: step('knee', 0.6), hip: step('hip', 0.35) },
  'crossed-femoral-stretch': { knee: step('knee', 0.6) },
  'ulnt-1': {
    girdle: step('girdle', 0.1),
    abduct: step('shoulder', 0.14),
    'turn-out': step('shoulder', 0.08),
    supinate: step('forearm', 0.05),
    'wrist-first': step('wrist', 0.16),
    elbow: step('elbow', 0.32),
    wrist: step('wrist', 0.16),
    ...NECK_STEPS,
  },
  'ulnt-2a': {
    girdle: step('girdle', 0.14),
    elbow: step('elbow', 0.16),
    'turn-out': step('shoulder', 0.1),
    hand: step('wrist', 0.18),
    abduct: step('shoulder', 0.28),
    ...NECK_STEPS,
  },
  'ulnt-2b': {
    girdle: step('girdle', 0.14),
    elbow: step('elbow', 0.16),
    'turn-in': step('shoulder', 0.1),
    hand: step('wrist', 0.18),
    abduct: step('shoulder', 0.28),
    ...NECK_STEPS,
  },
  'ulnt-3': {
    hand: step('wrist', 0.2),
    pronate: step('forearm', 0.06),
    elbow: step('elbow', 0.18),
    'turn-out': step('shoulder', 0.08),
    girdle: step('girdle', 0.12),
    abduct: step('shoulder', 0.22),
    ...NECK_STEPS,
  },
}

/** How much of what a part puts on reaches a tissue; a part that is left out reaches it not at all. */
type Takes = Readonly<Partial<Record<Part, number>>>

const SCIATIC: Takes = { trunk: 1, neck: 1, leg: 1, ankle: 1 }

/** What each tissue takes of the tension, by the test it is tightened in. Roots lie at the neck's end, a nerve of the arm at the hand's. */
export const TAKES: Readonly<Partial<Record<PlayedSource, Takes>>> = {
  'root-lumbar-low': SCIATIC,
  'root-lumbar-mid': { knee: 1, hip: 1, trunk: 0.4, neck: 0.4 },
  'root-cervical': { neck: 1.3, girdle: 1.1, shoulder: 1, elbow: 1, forearm: 1, wrist: 0.9 },
  'neural-peripheral': { neck: 0.05, girdle: 0.3, shoulder: 0.7, elbow: 1.1, forearm: 1.2, wrist: 1.4 },
  outlet: { neck: 0.5, girdle: 1.4, shoulder: 1, elbow: 0.4 },
  cord: { neck: 1 },
  hamstring: { leg: 1.1 },
  piriformis: { leg: 0.5 },
  'disc-annulus': { trunk: 1.6, leg: 0.35, neck: 0.3 },
  'muscle-back': { trunk: 1.2, leg: 0.3 },
  'muscle-neck': { neck: 1.4, girdle: 1 },
  'facet-cervical': { neck: 0.6 },
}

/** How well each arm test reaches a root or a nerve: the median tests the upper roots, the ulnar one the lowest. */
const REACHES: Readonly<Partial<Record<TestId, Readonly<Record<string, number>>>>> = {
  'ulnt-1': { C5: 0.95, C6: 1, C7: 1, C8: 0.75, median: 1, ulnar: 0.5 },
  'ulnt-2a': { C5: 0.95, C6: 1, C7: 1, C8: 0.85, median: 1, ulnar: 0.5 },
  'ulnt-2b': { C5: 0.95, C6: 1, C7: 0.95, C8: 0.75, median: 0.4, ulnar: 0.4 },
  'ulnt-3': { C5: 0.6, C6: 0.6, C7: 0.75, C8: 1.05, median: 0.4, ulnar: 1.1 },
}

/** Share of a test's tension that reaches this level; 1 where the test says nothing of levels. */
export function reachOf(test: TestId, level: string | null): number {
  return level === null ? 1 : (REACHES[test]?.[level] ?? 1)
}
