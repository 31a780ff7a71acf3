import type { ExamTest } from './exam-test'
import * as roll from './roll'

/** Every test, in the order a route takes them within one posture when nothing else decides. */
export const CATALOGUE: readonly ExamTest[] = Object.values(roll).sort((a, b) => a.turn - b.turn)

const BY_ID: ReadonlyMap<string, ExamTest> = new Map(CATALOGUE.map((test) => [test.id, test]))

/** The test with this id. */
export function testById(id: string): ExamTest | undefined {
  return BY_ID.get(id)
}
