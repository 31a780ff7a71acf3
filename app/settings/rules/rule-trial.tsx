'use client'

import { format } from 'date-fns'
import { useState } from 'react'
import { type RuleDraft, ruleOfDraft } from '@/core/clusters/draft'
import type { Problem } from '@/core/vocabulary/problem'
import { tryRule } from '../actions'
import type { TrialLine } from '../acts'
import { Button } from '@/ui/button'

/** Runs the rule, as it stands, over the clinic's earlier examinations; nothing is stored. */
export function RuleTrial({ draft }: { readonly draft: RuleDraft }) {
  const [lines, setLines] = useState<readonly TrialLine[] | null>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const run = async () => {
    const tried = await tryRule(ruleOfDraft(draft))
    setLines(tried.ok ? tried.lines : null)
    setProblem(tried.ok ? null : tried.problem)
  }
  return (
    <section aria-label="Trial" className="mt-5 border-t border-hair pt-3">
      <Button onClick={() => void run()}>Try it on earlier examinations</Button>
      {problem && (
        <p role="alert" className="mt-2 text-halt">
          {problem.what} {problem.do}
        </p>
      )}
      {lines && (
        <>
          <p role="status" className="mt-2">
            Met in {lines.filter((l) => l.met).length} of {lines.length} readings.
          </p>
          <table className="mt-1 w-full max-w-3xl text-left text-[15px]">
            <tbody>
              {lines.map((line) => (
                <tr key={`${line.examId} ${line.side}`} className="border-t border-hair">
                  <th scope="row" className="py-1 pr-4 font-normal">
                    {line.name}, {format(line.at, 'd MMM')}
                  </th>
                  <td className="py-1 pr-4">{line.side}</td>
                  <td className={`py-1 ${line.met ? 'font-semibold' : 'text-ash'}`}>{line.words}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </>
      )}
    </section>
  )
}
