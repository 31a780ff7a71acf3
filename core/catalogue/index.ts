import { placedAfter } from '../vocabulary/placed-after'
import { POSTURES } from '../vocabulary/posture'
import type { ExamTest, TestId } from './exam-test'
import { PHASES } from './phase'
import * as roll from './roll'

/** Every test, in the order a route takes them when nothing else decides: posture, phase, gentler first. */
export const CATALOGUE: readonly ExamTest[] = inOrder(Object.values(roll))

const BY_ID: ReadonlyMap<string, ExamTest> = new Map(CATALOGUE.map((test) => [test.id, test]))

/** The test with this id; undefined for one that nobody knows, or that left the catalogue. */
export function testById(id: string): ExamTest | undefined {
  return BY_ID.get(id)
}

/** Is this the id of a test? */
export function isTestId(id: string): id is TestId {
  return BY_ID.has(id)
}

/** The tests that share this cause or purpose. */
export function testsSharing(what: string): readonly TestId[] {
  return CATALOGUE.filter((test) => test.shares.includes(what)).map((test) => test.id)
}

/** Sorted by posture, phase and gentleness, each behind the one it says it comes after. */
export function inOrder(tests: readonly ExamTest[]): readonly ExamTest[] {
  return placedAfter(
    tests.toSorted(
      (a, b) =>
        POSTURES.indexOf(a.posture) - POSTURES.indexOf(b.posture) ||
        PHASES.indexOf(a.phase) - PHASES.indexOf(b.phase) ||
        a.provocative - b.provocative ||
        (a.id < b.id ? -1 : 1),
    ),
  )
}
