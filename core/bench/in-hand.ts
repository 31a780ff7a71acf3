import { testById } from '../catalogue'
import { type ExamTest, type IntimateRegion, type Stage, stageAs } from '../catalogue/exam-test'
import { lastRun, postureOf, variantFor } from '../planner/route'
import { sideGuard } from '../planner/side-guard'
import type { Exam, Run } from '../record/exam'
import { nextStage } from '../record/ladder'
import { effectOf } from '../record/outline'
import { asksAgain } from '../safety/consent'
import { type Unasked, unaskedBefore } from '../safety/gate-zero'
import { contraindicationOf, type ClosedGate, heeding } from '../safety/safety'
import type { Posture } from '../vocabulary/posture'
import type { TestSide } from '../vocabulary/side'

/** What is in hand: one test on one side, and how far it has come. */
export interface InHand {
  readonly test: ExamTest
  readonly side: TestSide
  readonly posture: Posture
  /** The performance under way; null before its first answer. */
  readonly run: Run | null
  /** The stage that waits for an answer. */
  readonly stage: Stage
  /** Performed before, and shown again: answering repeats it. */
  readonly repeats: boolean
  /** The moment of the visit an answer now belongs to. */
  readonly moment: number
  /** The way it is done: under way, chosen, the same as last time, or the first. */
  readonly variant: string
  /** The gate that keeps it from starting; null when it may. */
  readonly contraindicated: ClosedGate | null
  /** The record would take an answer: no gate is closed, or the stage only lets go of what an open test has loaded. */
  readonly mayAnswer: boolean
  /** Cautions to heed before its first step. */
  readonly heed: readonly ClosedGate[]
  /** What has to be asked before it may start: consent, and the questions that concern it; null when nothing has. */
  readonly unasked: Unasked | null
  /** Consent has to be asked again for this region first. */
  readonly asksFor: IntimateRegion | null
  /** This is not the side that was said to be sore, where only the sore side is read. */
  readonly guard: string | null
}

/** The test in hand as it stands: its stage, its way, and what keeps it from being answered. */
export function inHandOf(pair: { test: string; side: TestSide } | null, exam: Exam, chosen: Readonly<Record<string, string>>): InHand | null {
  const test = pair && testById(pair.test)
  if (!test) return null
  const last = lastRun(exam, test.id, pair.side)
  const open = last && nextStage(last, test)
  // Compared results must be done the same way, so the last way is kept until another is chosen.
  const variant = (open ? last.variant : chosen[test.id]) ?? variantFor(exam, test)
  const waits = open ?? nextStage({ answers: [], stopped: null, variant }, test)
  const plain = test.stages.find((s) => s.id === waits?.id)
  if (!plain) return null
  const whole = stageAs(test, variant, plain)
  const contraindicated = contraindicationOf(exam, test.id, variant) ?? null
  return {
    test,
    side: pair.side,
    posture: test.variants.find((v) => v.id === variant)?.posture ?? postureOf(test, exam),
    run: open ? last : null,
    stage: whole,
    repeats: last !== undefined && !open,
    moment: open ? last.moment : exam.treatments.length,
    variant,
    contraindicated,
    mayAnswer: contraindicated === null || (open !== null && open !== undefined && effectOf(whole) !== 'adds'),
    heed: heeding(exam, test.id, variant),
    unasked: open ? null : unaskedBefore(exam, test.id, variant),
    asksFor: open ? null : asksAgain(test, exam),
    guard: sideGuard(test, pair.side, exam),
  }
}
