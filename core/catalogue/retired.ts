import { testById } from '.'

/** A test that left the catalogue without a successor: old records still show it under its name. */
export interface RetiredTest {
  readonly id: string
  readonly name: string
  /** The last edition of the catalogue that had it. */
  readonly until: number
  /** Its stages by id, in the words of the ladder. */
  readonly stages: Readonly<Record<string, string>>
}

/** Every test that was ever taken out. Nothing is ever taken out of this list. */
export const RETIRED: readonly RetiredTest[] = []

/** A test's name whether it is still there or not; its id when nobody knows it. */
export function nameOfTest(id: string, retired: readonly RetiredTest[] = RETIRED): string {
  return testById(id)?.name ?? retired.find((test) => test.id === id)?.name ?? id
}
