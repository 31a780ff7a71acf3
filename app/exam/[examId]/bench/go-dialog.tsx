'use client'

import { useId, useState } from 'react'
import { type ExamTest, testTitle } from '@/core/catalogue/exam-test'
import { findTests } from '@/core/catalogue/search'
import { POSTURE_WORDS } from '@/core/vocabulary/posture'
import type { Side, TestSide } from '@/core/vocabulary/side'
import { Dialog } from '@/ui/dialog'

interface Props {
  readonly open: boolean
  /** Tests of the plan as "test side", in their order. */
  readonly planned: readonly string[]
  /** The sore side. */
  readonly near: Side
  readonly onOpenChange: (open: boolean) => void
  readonly onChoose: (test: ExamTest, side: TestSide) => void
}

/** Any test by any of its names; arrows choose, Enter takes, Esc leaves it and clears what was typed. */
export function GoDialog({ open, onOpenChange, ...rest }: Props) {
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Go to a test">
      {/* Drawn anew each time: old words never stand there. */}
      {open && <Search {...rest} onDone={() => onOpenChange(false)} />}
    </Dialog>
  )
}

function Search({ planned, near, onChoose, onDone }: Pick<Props, 'planned' | 'near' | 'onChoose'> & { readonly onDone: () => void }) {
  const [wanted, setWanted] = useState('')
  const [at, setAt] = useState(0)
  const list = useId()
  const found = findTests(wanted, { planned, near })
  const choose = (index: number) => {
    const one = found[index]
    if (!one) return
    onChoose(one.test, one.side)
    onDone()
  }
  const move = (to: number) => {
    const next = Math.max(0, Math.min(found.length - 1, to))
    setAt(next)
    document.getElementById(`${list} ${next}`)?.scrollIntoView({ block: 'nearest' })
  }
  return (
    <>
      <input
        autoFocus
        role="combobox"
        aria-expanded="true"
        aria-controls={list}
        aria-activedescendant={found[at] ? `${list} ${at}` : undefined}
        autoComplete="off"
        value={wanted}
        onChange={(e) => {
          setWanted(e.target.value)
          setAt(0)
        }}
        onKeyDown={(e) => {
          if (e.key === 'ArrowDown' || e.key === 'ArrowUp') {
            e.preventDefault()
            move(at + (e.key === 'ArrowDown' ? 1 : -1))
          } else if (e.key === 'Enter') {
            e.preventDefault()
            choose(at)
          }
        }}
        aria-label="Name, chip, position, body part or structure; a side at the end"
        placeholder="slr, thigh thrust l, prone, knee …"
        className="mt-3 min-h-14 w-full rounded-md border border-edge bg-dust px-3 text-lg placeholder:text-ash"
      />
      <ul id={list} role="listbox" aria-label="Tests found" className="mt-3 max-h-96 overflow-y-auto">
        {found.map(({ test, side }, i) => (
          <li
            key={`${test.id} ${side}`}
            id={`${list} ${i}`}
            role="option"
            aria-selected={i === at}
            onClick={() => choose(i)}
            className={`flex min-h-14 cursor-pointer items-center gap-3 rounded-md px-3 hover:bg-glow ${i === at ? 'bg-glow outline-2 -outline-offset-2 outline-lantern' : ''}`}
          >
            {testTitle(test, side)}
            <span className="ml-auto shrink-0 text-ink/80">
              {planned.includes(`${test.id} ${side}`) ? 'planned, ' : ''}
              {POSTURE_WORDS[test.posture].toLowerCase()}
            </span>
          </li>
        ))}
      </ul>
      <p role="status" className={found.length === 0 ? 'px-3 py-2 text-ash' : 'sr-only'}>
        {found.length === 0 ? 'No test is called that. Try a structure, a body part or a position.' : `${found.length} found`}
      </p>
    </>
  )
}
