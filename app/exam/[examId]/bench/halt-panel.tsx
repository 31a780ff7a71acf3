'use client'

import Link from 'next/link'
import { testTitle } from '@/core/catalogue/exam-test'
import type { InHand } from '@/core/bench/in-hand'
import { CALL_WORDS, URGENCY_WORDS } from '@/core/safety/gate'
import type { ClosedGate } from '@/core/safety/safety'
import { CommandKey } from '@/ui/exam/command-key'
import { Causes, OpenGate } from '@/ui/exam/gate-panel'
import { useExam } from '@/ui/exam/store'
import { Button } from '@/ui/button'
import { Key } from '@/ui/key'
import type { Bench } from './use-bench'

interface Props {
  readonly bench: Bench
  readonly halts: readonly ClosedGate[]
  readonly inHand: InHand | null
}

/** A halt takes the bench: what to do with the person now, how soon, whom to call, and what stopped it. Nothing is suggested beyond it. */
export function HaltPanel({ bench, halts, inHand }: Props) {
  const { at } = useExam()
  const [first] = halts
  if (first?.gate.strength !== 'halt') return null
  const { gate } = first
  return (
    <section role="alert" aria-labelledby="halted" className="lg:col-span-3 lg:overflow-y-auto border-t-[10px] border-halt bg-sheet px-4 py-6 sm:px-8">
      <h2 id="halted" className="text-[34px] leading-tight text-halt">
        Stop. {gate.reason}
      </h2>
      <div className="mt-5 grid gap-x-10 gap-y-5 lg:grid-cols-3">
        <div>
          <h3 className="font-sans text-base text-ash">Now, with the person</h3>
          <p className="mt-1 text-[21px] font-semibold leading-snug">{gate.person}</p>
        </div>
        <div>
          <h3 className="font-sans text-base text-ash">How soon</h3>
          <p className="mt-1 text-[21px] font-semibold leading-snug text-halt">{URGENCY_WORDS[gate.urgency]}</p>
          <p className="mt-1">{CALL_WORDS[gate.urgency]}</p>
        </div>
        <div>
          <h3 className="font-sans text-base text-ash">Then</h3>
          <p className="mt-1 text-[19px] leading-snug">{gate.do}</p>
          <p className="mt-2 flex flex-wrap gap-3">
            <Button asChild size="large">
              <Link href={at('safety')}>Safety questions</Link>
            </Button>
            <Button asChild size="large" look="main">
              <Link id="to-letter" href={at('letter')}>
                Referral letter <CommandKey of="lean" />
              </Link>
            </Button>
            <Button asChild size="large">
              <Link href={at('note')}>Note</Link>
            </Button>
          </p>
        </div>
      </div>
      {inHand?.run && (
        <button
          type="button"
          onClick={() => bench.input({ do: 'end-halted' })}
          className="mt-6 min-h-14 rounded-card border-2 border-halt bg-halt px-5 text-lg font-semibold text-sheet"
        >
          End {testTitle(inHand.test, inHand.side)} <Key>Enter</Key>
        </button>
      )}
      <h3 className="mt-6 font-sans text-base text-ash">What stopped it</h3>
      <ul className="mt-1 space-y-3">
        {halts.map((closed) => (
          <li key={closed.gate.id} className="border-l-[6px] border-halt pl-4">
            <p className="font-semibold">{closed.gate.reason}</p>
            <Causes of={closed.standing} />
            <OpenGate closed={closed} />
          </li>
        ))}
      </ul>
      <p className="mt-5 text-ash">
        Nothing is suggested from here. A test that this leaves free can still be chosen by its name <CommandKey of="go" />; opening the halt needs your reason
        and stays on the record.
      </p>
    </section>
  )
}
