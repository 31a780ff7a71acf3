import { CATALOGUE } from '.'
import { sidesOf } from '../record/outline'
import { POSTURE_WORDS } from '../vocabulary/posture'
import type { TestSide } from '../vocabulary/side'
import { type ExamTest, testTitle } from './exam-test'

/** A test on a side that a search found. */
export interface FoundTest {
  readonly test: ExamTest
  readonly side: TestSide
}

/**
 * Tests by any of their names, side or posture: every word has to fit. What is called so comes before what is only also called so, and
 * what may only follow a gentler test comes behind it.
 *
 * @param wanted - as typed; everything in the order of the plan when it is empty
 */
export function findTests(wanted: string): readonly FoundTest[] {
  const needle = wanted.trim().toLowerCase()
  const words = needle.split(/\s+/)
  const named = ({ test, side }: FoundTest) =>
    testTitle(test, side)
      .toLowerCase()
      .startsWith(words[0] ?? '')
  return CATALOGUE.flatMap((test) => sidesOf(test).map((side) => ({ test, side })))
    .filter(({ test, side }) => {
      const text = `${test.name} ${test.alsoCalled.join(' ')} ${side} ${POSTURE_WORDS[test.posture]}`.toLowerCase()
      return words.every((word) => text.includes(word))
    })
    .toSorted((a, b) => Number(followsGentler(a)) - Number(followsGentler(b)) || Number(named(b)) - Number(named(a)))
}

function followsGentler({ test }: FoundTest): boolean {
  return test.notWith.some((c) => 'when' in c && c.when === 'compression-first')
}
