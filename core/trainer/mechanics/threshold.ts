import type { ExamTest, TestId } from '../../catalogue/exam-test'
import type { TestSide } from '../../vocabulary/side'
import type { HiddenSource, SimulatedPatient } from '../simulated-patient'
import { readinessOf } from './readiness'
import { isStaged } from './strain'
import { STEPS, TAKES } from './steps'

/** A staged test in which the anchor of its family ends, as a share of a full slump. */
const FAMILY_FULL: Readonly<Partial<Record<TestId, number>>> = {
  'femoral-stretch': 0.95,
  'crossed-femoral-stretch': 0.95,
  'ulnt-1': 0.92,
  'ulnt-2a': 0.92,
  'ulnt-2b': 0.92,
  'ulnt-3': 0.92,
}
const SCIATIC_FULL = 0.85

const NERVES: readonly HiddenSource['source'][] = ['root-lumbar-low', 'root-lumbar-mid', 'root-cervical', 'neural-peripheral']

/** What nothing in a test reaches. */
const NEVER = 9

/**
 * The strain at which this source begins to hurt in this test; more than any test gives where it stays silent.
 *
 * The readier, the earlier: at its threshold it begins near the end, two standard deviations beyond it at about half the way.
 */
export function thresholdOf(patient: SimulatedPatient, source: HiddenSource, test: ExamTest, side: TestSide, variant: string): number {
  const margin = readinessOf(patient, source, test, side, variant)
  if (!isStaged(test)) return margin > 0 ? Math.max(0.4, 0.97 - 0.2 * margin) : NEVER
  // Nerves are as tight in one test as in another: the tests of a family share the threshold, and differ by what they tighten.
  if (NERVES.includes(source.source)) {
    const full = FAMILY_FULL[test.id] ?? SCIATIC_FULL
    return Math.max(0.24, full * (0.86 - 0.19 * margin)) + (margin > 0 ? 0 : full * 0.2)
  }
  return margin > 0 ? Math.max(0.3, 0.95 - 0.2 * margin) * mostStrain(test, source.source) * shortness(patient, source) : NEVER
}

/** A muscle that hurts hurts before its own end, which comes sooner than other people's. */
function shortness({ build }: SimulatedPatient, { source, side }: HiddenSource): number {
  return source === 'hamstring' ? build.hamstrings[side] / 85 : 1
}

/** What this test can put on a tissue at all: every step to its end. */
function mostStrain(test: ExamTest, source: HiddenSource['source']): number {
  const takes = TAKES[source] ?? {}
  return Object.values(STEPS[test.id] ?? {}).reduce((sum, { part, share }) => sum + share * Math.max(0, takes[part] ?? 0), 0)
}
