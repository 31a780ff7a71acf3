'use client'

import { testTitle } from '@/core/catalogue/exam-test'
import { spokenWords } from '@/core/note/spoken'
import { standingWords } from '@/core/note/conclusion'
import { asksFor } from '@/core/clusters/asks-for'
import { rulesTold } from '@/core/note/sources'
import { haltsOf } from '@/core/safety/safety'
import { soreSides } from '@/core/story/sore-sides'
import { useExam } from '@/ui/exam/store'
import type { Bench } from './use-bench'

/** The one voice of the bench for screen readers: the answer and what it changed, a hold that is over, a cell, a digit. */
export function Announcer({ bench }: { readonly bench: Bench }) {
  const { exam, assessment, entries } = useExam()
  const last = exam.runs.at(-1)?.test
  // The rule that the test just done belongs to, on the sore side.
  const rule = soreSides(exam)
    .flatMap((side) => assessment.sources.filter((s) => s.side === side).flatMap((s) => rulesTold(s).lead ?? []))
    .find((r) => last !== undefined && asksFor(r.cluster, last))
  const { inHand } = bench
  const next = inHand && (inHand.run ? inHand.stage.label : testTitle(inHand.test, inHand.side))
  const halt = haltsOf(exam)[0]
  const board = halt
    ? `Halt: ${halt.gate.reason.replace(/\.$/, '')}`
    : [standingWords(assessment.sources), rule && `${rule.cluster.name}: ${rule.words}`].filter(Boolean).join('. ')
  return (
    <>
      <p role="status" aria-label="Recorded" className="sr-only">
        {spokenWords(entries(), next, board)}
      </p>
      <p role="status" aria-label="In hand" className="sr-only">
        {handWords(bench)}
      </p>
    </>
  )
}

/** What lies in the hand and is not recorded yet. */
function handWords({ typed, inHand, hold, table, pending }: Bench): string {
  if (hold.left === null && hold.held !== null) return hold.count ? `${hold.count.at} of ${hold.count.of} counted.` : `Held ${hold.held} seconds.`
  if (pending?.confirmed) return `${pending.intensity} of 10.`
  if (typed !== '') return `${typed}${inHand?.stage.angle?.unit ?? (inHand?.stage.angle ? '°' : '')} typed.`
  const cell = table.all[table.at]
  if (!cell) return ''
  const value = table.cells[cell.id]
  return `${cell.row.words}, ${cell.column.words}${value === undefined ? '' : `: ${value}`}`
}
