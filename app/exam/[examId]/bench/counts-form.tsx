'use client'

import { useState } from 'react'
import { CATALOGUE, testById } from '@/core/catalogue'
import { findingsOfRun } from '@/core/findings/findings'
import { resultWords } from '@/core/findings/result-words'
import type { InHand } from '@/core/bench/in-hand'
import { useExam } from '@/ui/exam/store'
import { Button } from '@/ui/button'

const REPERTORY = { testById, all: CATALOGUE }

/** Of several performances of a test, say which one counts, and why: the first was spoiled. All stay on the record. */
export function CountsForm({ inHand, counting }: { readonly inHand: InHand; readonly counting: string }) {
  const { exam, record } = useExam()
  const [run, setRun] = useState<string | null>(null)
  const [why, setWhy] = useState('')
  const told = exam.runs
    .filter((r) => r.test === inHand.test.id && r.side === inHand.side)
    .flatMap((r, i) => {
      const found = findingsOfRun(r, exam, REPERTORY).find((f) => f.test === inHand.test.id)
      return found ? [{ id: r.id, words: `${i + 1}. ${resultWords(inHand.test, found.result)}` }] : []
    })
  const others = told.filter((t) => t.id !== counting)
  const [first] = others
  if (!first) return null
  if (run === null) {
    return (
      <Button onClick={() => setRun(first.id)} look="quiet" className="ml-2">
        Let another performance count
      </Button>
    )
  }
  const isReason = /\p{L}{2}/u.test(why) && why.trim().length >= 3
  return (
    <form
      className="mt-2 flex flex-wrap gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        if (isReason && record([{ type: 'run-chosen', run, why: why.trim() }])) setRun(null)
      }}
    >
      <select
        aria-label="Performance that counts"
        value={run}
        onChange={(e) => setRun(e.target.value)}
        className="min-h-11 rounded-md border border-ash bg-dust px-2"
      >
        {others.map((t) => (
          <option key={t.id} value={t.id}>
            {t.words}
          </option>
        ))}
      </select>
      <input
        autoFocus
        value={why}
        maxLength={300}
        onChange={(e) => setWhy(e.target.value)}
        aria-label="Why that performance counts"
        placeholder="Your reason; all performances stay on the record"
        className="min-h-11 min-w-0 grow rounded-md border border-ash bg-dust px-3 placeholder:text-ash"
      />
      <Button type="submit" disabled={!isReason}>
        Keep
      </Button>
    </form>
  )
}
