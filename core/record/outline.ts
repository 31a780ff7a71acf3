import type { AngleLimits } from '../vocabulary/degrees'
import type { TestSide } from '../vocabulary/side'

/**
 * What a stage does to the patient.
 *
 * - `load`: something is added; the patient says what it brings on.
 * - `release`: the examiner takes one distant part away; does the symptom ease?
 * - `return`: the examiner puts it back; does the symptom come again?
 */
export type StageKind = 'load' | 'release' | 'return'

/** As much of a stage as the record needs in order to check an answer. */
export interface StageOutline {
  readonly id: string
  readonly kind: StageKind
  /** Asked only when the part that was let go eased the symptom: what did not ease cannot return. */
  readonly ifEased?: true
  /** Whether the patient leans back or props on the hands is watched here. */
  readonly leanWatched?: true
  /** Present when an angle can be recorded at this stage. */
  readonly angle?: AngleLimits
}

/** One school's way of doing a test. */
export interface VariantOutline {
  readonly id: string
  readonly name: string
  /** Its stages in its own order; all stages in their usual order when absent. */
  readonly stages?: readonly string[]
}

/** As much of a test as the record needs; the catalogue's definitions satisfy it. */
export interface TestOutline {
  readonly id: string
  readonly name: string
  readonly sides: 'each' | 'none'
  readonly variants: readonly VariantOutline[]
  readonly stages: readonly StageOutline[]
  /** A test that only makes sense after another one reproduced the symptom on the same side. */
  readonly follows?: string
}

/** The stages of one way of doing a test, in its order. */
export function stagesOf<S extends StageOutline>(
  test: { readonly stages: readonly S[]; readonly variants: readonly VariantOutline[] },
  variant: string,
): readonly S[] {
  const order = test.variants.find((v) => v.id === variant)?.stages
  return order ? order.flatMap((id) => test.stages.filter((stage) => stage.id === id)) : test.stages
}

/** The sides a test can be performed on. */
export function sidesOf(test: Pick<TestOutline, 'sides'>): readonly TestSide[] {
  return test.sides === 'each' ? ['left', 'right'] : ['none']
}
