'use client'

import type { ReactNode } from 'react'
import { useExam } from '@/ui/exam/store'
import { Key } from '@/ui/key'
import type { Bench } from './use-bench'

/** The answers to the stage in hand, big enough for an elbow, then stop and undo. */
export function AnswerBar({ bench }: { readonly bench: Bench }) {
  const { exam } = useExam()
  const { inHand } = bench
  const off = inHand === null || exam.signed !== null || inHand.barred !== null
  const keeps = inHand?.stage.angle && bench.typed !== '' ? `keeps ${bench.typed}°` : null
  return (
    <div role="group" aria-label="Answers" className="flex gap-3 px-6 py-3">
      {inHand?.stage.kind === 'release' ? (
        <>
          <Answer onGive={() => bench.answer('unchanged')} off={off} words="No change" keyName="Space" wide />
          <Answer onGive={() => bench.answer('eased')} off={off} words="It eases" keyName="Enter" wide main />
        </>
      ) : inHand?.stage.kind === 'return' ? (
        <>
          <Answer onGive={() => bench.answer('stayed-away')} off={off} words="Stays away" keyName="Space" wide />
          <Answer onGive={() => bench.answer('returned')} off={off} words="It comes back" keyName="Enter" wide main />
        </>
      ) : (
        <>
          <Answer onGive={() => bench.answer('nothing')} off={off} words="Nothing" keyName="Space" note={keeps} wide />
          <Answer onGive={() => bench.answer('stretch')} off={off} words="Stretch only" keyName="S" note={keeps} />
          <Answer onGive={() => bench.ask('familiar')} off={off} words="That is my pain" keyName="Enter" note={keeps} wide main />
          <Answer onGive={() => bench.ask('other')} off={off} words="Something else" keyName="E" note={keeps} />
        </>
      )}
      <Answer onGive={bench.stop} off={inHand?.run == null && off} words="Stop" keyName="Esc" stop />
      <Answer onGive={bench.back} off={exam.signed !== null} words="Undo" keyName="⌫" />
    </div>
  )
}

interface AnswerProps {
  readonly onGive: () => void
  readonly off: boolean
  readonly words: string
  readonly keyName: string
  readonly note?: ReactNode
  readonly wide?: boolean
  readonly main?: boolean
  readonly stop?: boolean
}

function Answer({ onGive, off, words, keyName, note, wide = false, main = false, stop = false }: AnswerProps) {
  const look = main ? 'border-ink bg-ink text-dust' : stop ? 'border-halt bg-sheet text-halt' : 'border-hair bg-dust'
  return (
    <button
      type="button"
      disabled={off}
      onClick={(e) => {
        // The next Space or Enter answers the next stage, not this button again.
        e.currentTarget.blur()
        onGive()
      }}
      className={`min-h-[68px] rounded-card border-2 px-4 disabled:opacity-50 ${look} ${main ? 'grow-[2]' : wide ? 'grow-[1.6]' : stop ? 'w-28' : 'grow'}`}
    >
      <span className="block text-lg font-semibold">{words}</span>
      <span className="text-sm">
        {note && <span className="mr-2">{note}</span>}
        <Key>{keyName}</Key>
      </span>
    </button>
  )
}
