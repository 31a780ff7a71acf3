'use client'

import Link from 'next/link'
import { Button } from '@/ui/button'
import { useExam } from '@/ui/exam/store'
import { Key } from '@/ui/key'
import { AskStrip } from './ask-strip'
import type { Bench } from './use-bench'

/** The safety screen on demand: its open questions one by one, in this person's order, whatever is in hand. A yes closes what it closes at once. */
export function QuestionsStrip({ bench }: { readonly bench: Bench }) {
  const { at } = useExam()
  const { groups } = bench.questions
  const back = (
    <button type="button" onClick={() => bench.open(null)} className="min-h-14 rounded-card border-2 border-edge px-4">
      Back <Key>⌫</Key>
    </button>
  )
  if (groups.length === 0) {
    return (
      <div role="group" aria-label="Safety questions" className="flex flex-wrap items-center gap-4 px-6 py-3">
        <p role="status" className="grow">
          Every question is answered. One that was answered otherwise is changed on Safety.
        </p>
        <Button asChild size="large">
          <Link href={at('safety')}>To Safety</Link>
        </Button>
        {back}
      </div>
    )
  }
  return (
    <AskStrip bench={bench} unasked={bench.questions} label="Safety questions" why="open">
      {groups.length > 1 && (
        <button type="button" onClick={() => bench.input({ do: 'turn-group', by: 1 })} className="min-h-14 rounded-card border-2 border-edge px-4">
          Another group <Key>→</Key>
        </button>
      )}
      {back}
    </AskStrip>
  )
}
