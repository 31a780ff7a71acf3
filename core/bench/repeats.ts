import type { TestId } from '../catalogue/exam-test'

/** Movements that a stage asks the patient to repeat, by test and stage; the text of the test says so too. */
const REPEATS: Readonly<Partial<Record<TestId, Readonly<Record<string, number>>>>> = {
  'repeated-movement': { flexion: 10, extension: 10, 'press-up': 10 },
}

/** Seconds a counted movement is given: a pace to move by, chosen here and from no study. */
export const PACE_SECONDS = 4

/** How often the movement of a stage is repeated; null where nothing is counted. */
export function repeatsOf(test: TestId, stage: string): number | null {
  return REPEATS[test]?.[stage] ?? null
}
