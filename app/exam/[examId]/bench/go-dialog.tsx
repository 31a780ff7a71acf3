'use client'

import { type ExamTest, testTitle } from '@/core/catalogue/exam-test'
import { findTests } from '@/core/catalogue/search'
import { POSTURE_WORDS } from '@/core/vocabulary/posture'
import type { Side, TestSide } from '@/core/vocabulary/side'
import { Dialog } from '@/ui/dialog'
import { SearchList } from '@/ui/search-list'

interface Props {
  readonly open: boolean
  /** Tests that are still to do in the plan, as "test side", in their order. */
  readonly planned: readonly string[]
  /** The sore side. */
  readonly near: Side
  readonly onOpenChange: (open: boolean) => void
  readonly onChoose: (test: ExamTest, side: TestSide) => void
}

/** Any test by any of its names; Esc leaves it, and what was typed is gone the next time. */
export function GoDialog({ open, onOpenChange, planned, near, onChoose }: Props) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Go to a test">
      <SearchList
        label="Name, chip, position, body part or structure; a side at the end"
        placeholder="slr, thigh thrust l, prone, knee …"
        none="No test is called that. Try a structure, a body part or a position."
        find={(wanted) =>
          findTests(wanted, { planned, near }).map(({ test, side }) => ({
            key: `${test.id} ${side}`,
            words: testTitle(test, side),
            kind: `${planned.includes(`${test.id} ${side}`) ? 'planned, ' : ''}${POSTURE_WORDS[test.posture].toLowerCase()}`,
            test,
            side,
          }))
        }
        onChoose={({ test, side }) => {
          onChoose(test, side)
          onOpenChange(false)
        }}
      />
    </Dialog>
  )
}
