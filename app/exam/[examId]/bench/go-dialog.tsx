'use client'

import { Dialog } from 'radix-ui'
import { useState } from 'react'
import { CATALOGUE } from '@/core/catalogue'
import { type ExamTest, testTitle } from '@/core/catalogue/exam-test'
import { sidesOf } from '@/core/record/outline'
import { POSTURE_WORDS } from '@/core/vocabulary/posture'
import type { TestSide } from '@/core/vocabulary/side'

interface Props {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
  readonly onChoose: (test: ExamTest, side: TestSide) => void
}

/** Any test by any of its names; Enter takes the first that fits. */
export function GoDialog({ open, onOpenChange, onChoose }: Props) {
  const [wanted, setWanted] = useState('')
  const needle = wanted.trim().toLowerCase()
  const found = CATALOGUE.flatMap((test) => sidesOf(test).map((side) => ({ test, side })))
    .filter(({ test, side }) =>
      needle.split(/\s+/).every((word) => `${test.name} ${test.alsoCalled.join(' ')} ${side} ${POSTURE_WORDS[test.posture]}`.toLowerCase().includes(word)),
    )
    // What is called so comes before what is only also called so.
    .sort((a, b) => Number(isCalled(b, needle)) - Number(isCalled(a, needle)))
  const choose = (test: ExamTest, side: TestSide) => {
    onChoose(test, side)
    setWanted('')
    onOpenChange(false)
  }
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-ink/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed left-1/2 top-24 w-[36rem] max-w-[92vw] -translate-x-1/2 rounded-card border border-hair bg-sheet p-5"
        >
          <Dialog.Title className="text-2xl">Go to a test</Dialog.Title>
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
                  className={`flex min-h-12 w-full items-center rounded-md px-3 text-left hover:bg-glow ${i === 0 && needle ? 'bg-glow' : ''}`}
                >
                  {testTitle(test, side)}
                  <span className="ml-auto text-ash">{POSTURE_WORDS[test.posture]}</span>
                </button>
              </li>
            ))}
            {found.length === 0 && <li className="px-3 py-2 text-ash">No test is called that.</li>}
          </ul>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}

function isCalled({ test, side }: { readonly test: ExamTest; readonly side: TestSide }, needle: string): boolean {
  return testTitle(test, side)
    .toLowerCase()
    .startsWith(needle.split(' ')[0] ?? '')
}
