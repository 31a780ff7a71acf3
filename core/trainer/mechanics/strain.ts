import type { ExamTest, Stage, Variant } from '../../catalogue/exam-test'
import { otherSide, type Side, type TestSide } from '../../vocabulary/side'
import type { HiddenSource } from '../simulated-patient'
import { type Part, reachOf, STEPS, TAKES } from './steps'
import { directness } from './structures'

/** How far a step was taken: what the trainee's hands really did. Absent means to the end of what the stage asks. */
export interface Reach {
  readonly degrees?: number
  readonly newtons?: number
  /** Seconds it was held. */
  readonly held?: number
  /** The part that was let go, where it could be chosen. */
  readonly part?: string
}

/** One step of a performance. */
export interface Step {
  readonly stage: Stage
  readonly reach: Reach
}

/** A performance so far, and the step that is being done. */
export interface Doing {
  readonly test: ExamTest
  readonly side: TestSide
  readonly variant: string
  /** Steps before this one, oldest first. */
  readonly before: readonly Step[]
  readonly step: Step
}

const LIGHT = 0.68
/** What a neck bent towards the side takes off, as a share of a full tension. */
const NECK_SLACK = 0.1

/** Stages of one test that load less than its last one, as a share of that. */
const STAGE_SHARES: Readonly<Record<string, Readonly<Record<string, number>>>> = {
  'neck-compression': {
    neutral: 0.66,
    'extension-in': 0.45,
    extension: 0.84,
    'bend-left-in': 0.5,
    'bend-left': 0.92,
    'bend-right-in': 0.5,
    'bend-right': 0.92,
    'quarter-left-in': 0.6,
    'quarter-left': 1,
    'quarter-right-in': 0.6,
    'quarter-right': 1,
  },
  'lumbar-quadrant': { reach: 0.85, guided: 1, seated: 0.92 },
  'elevated-arm-stress': { up: 0.45, hold: 1 },
  piriformis: { stretch: 0.85, resist: 1, 'stretch-side': 0.85, 'resist-side': 1 },
}
const GRADED: Readonly<Record<string, number>> = { light: LIGHT, hold: 0.92, presses: 1.02 }

/**
 * How much of what its last stage loads reaches a source at this step; 1 is the full load, tension of a full slump.
 *
 * Staged tests add up what each step tightened; others load by their stage, their grade and the force that was used.
 */
export function strainAt(doing: Doing, source: HiddenSource, tension = tensionOf(doing)): number {
  const { test, variant, step } = doing
  if (!isStaged(test))
    return (
      sideShare(doing, source) *
      pressed(
        doing,
        test.variants.find((v) => v.id === variant),
        step,
      )
    )
  const takes = TAKES[source.source] ?? {}
  const sum = [...tension].reduce((all, [part, share]) => all + share * (takes[part] ?? 0), 0)
  return sum * reachOf(test.id, source.level) * sideShare(doing, source)
}

/** Is its tension built up in steps? */
export function isStaged(test: Pick<ExamTest, 'id'>): boolean {
  return STEPS[test.id] !== undefined
}

/** What each part puts on now: steps done before, and this one as far as it was taken; parts let go are off. */
export function tensionOf({ test, variant, before, step }: Doing): ReadonlyMap<Part, number> {
  const on = new Map<Part, number>()
  for (const [part, share] of presetIn(test, variant)) on.set(part, share)
  const off = new Map<Part, number>()
  for (const { stage, reach } of [...before, step]) {
    const load = STEPS[test.id]?.[stage.id]
    if (stage.kind === 'load' && load) on.set(load.part, (on.get(load.part) ?? 0) + load.share * fractionOf(stage, reach))
    if (stage.kind === 'release') {
      const part = partLetGo(stage, reach)
      off.set(part, on.get(part) ?? 0)
      // Bent towards the side, the neck slackens what it did not even tighten.
      on.set(part, stage.id === 'neck-towards' ? -NECK_SLACK : 0)
    }
    if (stage.kind === 'return') {
      for (const [part, share] of off) on.set(part, share)
      off.clear()
    }
  }
  return on
}

/** What a way of doing the test tightens before its first step. */
function presetIn(test: Pick<ExamTest, 'id'>, variant: string): readonly (readonly [Part, number])[] {
  if (test.id === 'leg-raise-ankle')
    return [
      ['leg', 0.6],
      ['ankle', 0.14],
    ]
  if (test.id !== 'leg-raise') return []
  if (variant === 'ankle-preset') return [['ankle', 0.14]]
  return variant === 'inward-bias' ? [['leg', 0.08]] : []
}

/** The part a release lets go: the one that was chosen, or the one the stage names. */
export function partLetGo(stage: Pick<Stage, 'id' | 'letsGo' | 'parts'>, reach: Reach): Part {
  const named = reach.part ?? stage.parts?.[0]?.id ?? (stage.letsGo ?? stage.id).replace('the ', '')
  const parts: Readonly<Record<string, Part>> = { hand: 'wrist', knee: 'leg', 'let-go': 'ankle', 'ankle-go': 'ankle' }
  return parts[named] ?? (named as Part)
}

/** Share of a movement that was made, by its angle; all of it where none is measured. */
export function fractionOf(stage: Pick<Stage, 'angle'>, { degrees }: Reach): number {
  if (degrees === undefined || !stage.angle) return 1
  const { rest = 0, freer, usual } = stage.angle
  const far = freer === 'less' ? usual[0] : usual[1]
  return far === rest ? 1 : Math.max(0, Math.min(1.15, (degrees - rest) / (far - rest)))
}

/** The angle at which a movement has gone this share of its way, in degrees. */
export function degreesAt(stage: Pick<Stage, 'angle'>, fraction: number): number | null {
  if (!stage.angle) return null
  const { rest = 0, freer, usual } = stage.angle
  const far = freer === 'less' ? usual[0] : usual[1]
  return Math.round(rest + fraction * (far - rest))
}

/** Load of a test that is not built up in steps. */
function pressed({ test }: Doing, variant: Variant | undefined, { stage, reach }: Step): number {
  const byStage = STAGE_SHARES[test.id]?.[stage.id] ?? (stage.force || GRADED[stage.id] !== undefined ? (GRADED[stage.id] ?? 1) : 1)
  const byGrade = variant?.grade === 'light' && byStage === 1 ? LIGHT : 1
  const force = stage.force && reach.newtons !== undefined ? reach.newtons / ((stage.force[0] + stage.force[1]) / 2) : 1
  return byStage * byGrade * force
}

/** How much of a load on one side reaches a source on its side: all of it, some across the midline, or nothing. */
function sideShare({ test, side, step }: Doing, source: HiddenSource): number {
  if (test.reading.kind === 'crossed') return side === otherSide(source.side) ? 0.62 : 0
  const on = loadedSide(step.stage, side)
  if (on === 'none' || on === source.side) return 1
  if (test.loadsBoth) return 0.75
  // What is not made for the source moves the whole region, whichever side is held.
  return directness(test, source.source) === 0 && !isStaged(test) ? 0.9 : 0
}

/** The side a stage loads: its own where it names one, else that of the test. */
function loadedSide({ id }: Pick<Stage, 'id'>, side: TestSide): TestSide {
  const named = /(^|-)(left|right)(-|$)/.exec(id)?.[2] as Side | undefined
  return named ?? side
}
