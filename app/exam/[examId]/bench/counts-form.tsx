'use client'

import { CATALOGUE, testById } from '@/core/catalogue'
import { findingsOfRun } from '@/core/findings/findings'
import { RESULT_WORDS } from '@/core/findings/finding'
import type { InHand } from '@/core/bench/in-hand'
import { useExam } from '@/ui/exam/store'
import { ReasonForm } from './reason-form'

const REPERTORY = { testById, all: CATALOGUE }

/** Of several performances of a test, say which one counts, and why: the first was spoiled. All stay on the record. */
export function CountsForm({ inHand, counting }: { readonly inHand: InHand; readonly counting: string }) {
  const { exam, record } = useExam()
  const told = exam.runs
    .filter((r) => r.test === inHand.test.id && r.side === inHand.side)
    .flatMap((r, i) => {
      const found = findingsOfRun(r, exam, REPERTORY).find((f) => f.test === inHand.test.id)
      return found ? [{ id: r.id, words: `${i + 1}. ${RESULT_WORDS[found.result]}` }] : []
    })
  const others = told.filter((t) => t.id !== counting)
  const [first] = others
  if (!first) return null
  return (
    <ReasonForm
      open="Let another performance count"
      choice="Performance that counts"
      reason="Why that performance counts"
      placeholder="Your reason; all performances stay on the record"
      options={others}
      first={first.id}
      onKeep={(run, why) => record([{ type: 'run-chosen', run, why }])}
    />
  )
}
