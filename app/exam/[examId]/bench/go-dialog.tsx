'use client'

import { type ExamTest, testTitle } from '@/core/catalogue/exam-test'
import { findTests } from '@/core/catalogue/search'
import { POSTURE_WORDS } from '@/core/vocabulary/posture'
import type { Pair } from '@/core/bench/state'
import type { OpenRule } from '@/core/planner/open-rules'
import type { Side, TestSide } from '@/core/vocabulary/side'
import { Dialog } from '@/ui/dialog'
import { SearchList } from '@/ui/search-list'

interface Props {
  readonly open: boolean
  /** Tests that are still to do in the plan, as "test side", in their order. */
  readonly planned: readonly string[]
  /** The sore side. */
  readonly near: Side
  /** Rules that are still open on the sore side, with the tests that could settle them. */
  readonly rules: readonly OpenRule[]
  readonly onOpenChange: (open: boolean) => void
  readonly onChooseAll: (tests: readonly Pair[]) => void
  readonly onChoose: (test: ExamTest, side: TestSide) => void
}

/** Any test by any of its names, or with “all” those of a rule one after the other; Esc leaves it, and what was typed is gone the next time. */
export function GoDialog({ open, onOpenChange, planned, near, rules, onChoose, onChooseAll }: Props) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Go to a test">
      <SearchList
        label="Name, chip, position, body part or structure; a side at the end; all and a rule"
        placeholder="slr, thigh thrust l, prone, knee; all si joint …"
        none="No test is called that. Try a structure, a body part or a position."
        find={(wanted) => {
          const [first, ...rest] = wanted.trim().toLowerCase().split(/\s+/)
          if (first === 'all')
            return rules
              .filter(({ title }) => rest.every((word) => title.toLowerCase().includes(word)))
              .map((rule) => ({
                key: rule.id,
                words: rule.title,
                kind: `${rule.tests.length} tests, one after the other`,
                choose: () => onChooseAll(rule.tests),
              }))
          return findTests(wanted, { planned, near }).map(({ test, side }) => ({
            key: `${test.id} ${side}`,
            words: testTitle(test, side),
            kind: `${planned.includes(`${test.id} ${side}`) ? 'planned, ' : ''}${POSTURE_WORDS[test.posture].toLowerCase()}`,
            choose: () => onChoose(test, side),
          }))
        }}
        onChoose={({ choose }) => {
          choose()
          onOpenChange(false)
        }}
      />
    </Dialog>
  )
}
