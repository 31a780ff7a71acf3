'use client'

import type { ReactNode } from 'react'
import { CommandKey } from '@/ui/exam/command-key'
import type { Command } from '@/ui/exam/commands'
import { useHands } from '@/ui/exam/hands'
import { useExam } from '@/ui/exam/store'
import { Key } from '@/ui/key'
import type { InHand } from '@/core/bench/in-hand'
import type { Bench } from './use-bench'
import { focusCard } from '@/ui/exam/give-focus'

/** The answers to the stage in hand, big enough for an elbow, then stop and undo. */
export function AnswerBar({ bench }: { readonly bench: Bench }) {
  const { exam } = useExam()
  const { inHand } = bench
  const off = inHand === null || exam.signed !== null || !inHand.mayAnswer
  return (
    <div role="group" aria-label="Answers" data-skip-to="" className="flex flex-wrap gap-2 sm:gap-3 px-6 py-3">
      {inHand ? <ForStage bench={bench} inHand={inHand} off={off} /> : <ForLoad bench={bench} keeps={null} off={off} />}
      <Answer onGive={bench.stop} off={inHand?.run == null && off} words="Stop" keyName="." stop />
      <Answer onGive={bench.back} off={exam.signed !== null} words="Undo" keyName="⌫" least />
      <button
        type="button"
        onClick={() => bench.open('more')}
        disabled={exam.signed !== null}
        className="min-h-[68px] rounded-card border-2 border-edge bg-dust px-4 text-lg font-semibold disabled:opacity-50"
      >
        More …
      </button>
    </div>
  )
}

interface StageProps {
  readonly bench: Bench
  readonly inHand: InHand
  readonly off: boolean
}

function ForStage({ bench, inHand, off }: StageProps) {
  const unit = inHand.stage.angle?.unit ?? '°'
  const keeps = inHand.stage.angle && bench.typed !== '' ? `keeps ${bench.typed}${unit}` : null
  const level = bench.typed === '' ? 'digits: how strong now' : `${bench.typed} of 10 now`
  switch (inHand.stage.kind) {
    case 'load':
      return <ForLoad bench={bench} keeps={keeps} off={off} />
    case 'release':
      return (
        <>
          <Answer onGive={() => bench.answer('unchanged')} off={off} words="No change" keyName="Space" wide />
          <Answer onGive={() => bench.answer('eased')} off={off} words="It eases" keyName="Enter" note={level} wide main />
        </>
      )
    case 'return':
      return (
        <>
          <Answer onGive={() => bench.answer('stayed-away')} off={off} words="Stays away" keyName="Space" wide />
          <Answer onGive={() => bench.answer('returned')} off={off} words="It comes back" keyName="Enter" wide main />
        </>
      )
    case 'relief':
      return (
        <>
          <Answer onGive={() => bench.answer('unchanged')} off={off} words="No change" keyName="Space" wide />
          <Answer onGive={() => bench.answer('eased')} off={off} words="It eases" keyName="Enter" note={level} wide main />
          <Answer onGive={() => bench.answer('worse')} off={off} words="More of it" command="worse" />
          <Answer onGive={() => bench.answer('nothing-to-relieve')} off={off} words="Nothing was there" command="nothing-to-relieve" />
        </>
      )
    case 'observe':
      return (inHand.stage.choices ?? []).map((choice, i) => (
        <Answer
          key={choice.id}
          onGive={() => bench.observe(choice.id)}
          off={off}
          words={choice.words}
          keyName={/^[0-9]$/.test(choice.id) ? choice.id : i === 0 ? 'Space' : i === 1 ? 'Enter' : String(i + 1)}
          wide={i === 0}
          small={(inHand.stage.choices?.length ?? 0) > 3}
        />
      ))
    case 'measure':
      return (
        <>
          <Answer
            onGive={() => (bench.typed === '' && bench.live === null ? bench.measure() : bench.addTrial())}
            off={off}
            words={bench.typed === '' && bench.live === null ? 'Measure' : 'Another trial'}
            keyName="Space"
            note={bench.trials.length > 0 ? `${bench.trials.length} of 3` : null}
            wide
          />
          <Answer onGive={() => bench.keepMeasured()} off={off} words="Keep" keyName="Enter" note={keeps} wide main />
          <Answer onGive={() => bench.keepMeasured('own-pain')} off={off} words="Keep: familiar pain stopped it" command="pain-stopped" small />
        </>
      )
    case 'grid': {
      const left = bench.table.all.length - Object.keys(bench.table.cells).length
      return (
        <>
          <Answer
            onGive={() => bench.table.move('rest-usual')}
            off={off || left === 0}
            words="The rest is usual"
            command="rest-usual"
            note={left > 0 ? `${left} open` : null}
            wide
          />
          <Answer
            onGive={bench.keepTable}
            off={off}
            words={left === 0 ? 'Keep the table' : 'Keep it as it is'}
            {...(left === 0 ? { keyName: 'Space' } : { command: 'keep-as-is' })}
            wide
            main
          />
        </>
      )
    }
  }
}

function ForLoad({ bench, keeps, off }: { readonly bench: Bench; readonly keeps: string | null; readonly off: boolean }) {
  return (
    <>
      <Answer onGive={() => bench.answer('nothing')} off={off} words="Nothing" keyName="Space" note={keeps} wide />
      <Answer onGive={() => bench.answer('stretch')} off={off} words="Stretch only" command="stretch" note={keeps} />
      <Answer onGive={() => bench.ask('familiar')} off={off} words="That is my pain" keyName="Enter" note={keeps} wide main />
      <Answer onGive={() => bench.ask('other')} off={off} words="Something else" command="other" note={keeps} />
    </>
  )
}

interface AnswerProps {
  readonly onGive: () => void
  readonly off: boolean
  readonly words: string
  readonly keyName?: string
  /** In place of a key that has a name: the command whose letter it is. */
  readonly command?: Command
  readonly note?: ReactNode
  readonly wide?: boolean
  readonly main?: boolean
  readonly stop?: boolean
  readonly small?: boolean
  /** Takes no more room than its word: what is left is for answers. */
  readonly least?: boolean
}

function Answer({ onGive, off, words, keyName, command, note, wide = false, main = false, stop = false, small = false, least = false }: AnswerProps) {
  const [{ big }] = useHands()
  // Many answers share one line, their words on two: a second line of answers would take the place of the drawing.
  const room = small ? 'min-w-30 grow basis-0' : main ? 'grow-[2]' : wide ? 'grow-[1.6]' : stop ? 'w-28 shrink-0' : least ? 'min-w-20 shrink-0' : 'grow'
  const look = main ? 'border-ink bg-ink text-dust' : stop ? 'border-halt bg-sheet text-halt' : 'border-edge bg-dust'
  return (
    <button
      type="button"
      disabled={off}
      onClick={() => {
        // The next Space or Enter answers the next stage, not this button again.
        focusCard()
        onGive()
      }}
      className={`${big ? 'min-h-[112px]' : 'min-h-[68px]'} rounded-card border-2 px-3 disabled:opacity-50 ${look} ${room}`}
    >
      <span className={`block font-semibold leading-tight ${big ? 'text-2xl' : small ? 'text-base' : 'text-lg'}`}>{words}</span>
      <span className="text-sm">
        {note && <span className="mr-2">{note}</span>}
        {keyName !== undefined && <Key>{keyName}</Key>}
        {command && <CommandKey of={command} />}
      </span>
    </button>
  )
}
