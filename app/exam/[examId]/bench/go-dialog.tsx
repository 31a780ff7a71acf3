'use client'

import { useState } from 'react'
import { type ExamTest, testTitle } from '@/core/catalogue/exam-test'
import { findTests } from '@/core/catalogue/search'
import { POSTURE_WORDS } from '@/core/vocabulary/posture'
import type { TestSide } from '@/core/vocabulary/side'
import { Dialog } from '@/ui/dialog'

interface Props {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
  readonly onChoose: (test: ExamTest, side: TestSide) => void
}

/** Any test by any of its names; Enter takes the first that fits. */
export function GoDialog({ open, onOpenChange, onChoose }: Props) {
  const [wanted, setWanted] = useState('')
  const found = findTests(wanted)
  const choose = (test: ExamTest, side: TestSide) => {
    onChoose(test, side)
    setWanted('')
    onOpenChange(false)
  }
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Go to a test">
      <input
        autoFocus
        value={wanted}
        onChange={(e) => setWanted(e.target.value)}
        onKeyDown={(e) => {
          const first = found[0]
          if (e.key === 'Enter' && first) choose(first.test, first.side)
        }}
        aria-label="Name, side or posture"
        placeholder="Name, side or posture"
        className="mt-3 min-h-12 w-full rounded-md border border-hair bg-dust px-3 text-lg placeholder:text-ash"
      />
      <ul className="mt-3 max-h-96 overflow-y-auto">
        {found.map(({ test, side }, i) => (
          <li key={`${test.id} ${side}`}>
            <button
              type="button"
              onClick={() => choose(test, side)}
              className={`flex min-h-12 w-full items-center rounded-md px-3 text-left hover:bg-glow ${i === 0 && wanted.trim() !== '' ? 'bg-glow' : ''}`}
            >
              {testTitle(test, side)}
              <span className="ml-auto text-ash">{POSTURE_WORDS[test.posture]}</span>
            </button>
          </li>
        ))}
        {found.length === 0 && <li className="px-3 py-2 text-ash">No test is called that.</li>}
      </ul>
    </Dialog>
  )
}
