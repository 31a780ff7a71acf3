'use client'

import Link from 'next/link'
import { testTitle } from '@/core/catalogue/exam-test'
import { answerOf } from '@/core/note/answer'
import { adviceOf } from '@/core/planner/advice'
import { routeOf } from '@/core/planner/route'
import { haltsOf } from '@/core/safety/safety'
import { standingOf } from '@/core/standing'
import type { Holding } from '@/core/sensitivity'
import { inSentence } from '@/core/vocabulary/sentence'
import { useExam } from '@/ui/exam/store'
import { holdingWords } from './depends-on'

/** So what? The answer, what would overturn it, and what to do next, before any arithmetic. */
export function InTwoSentences({ holding }: { readonly holding: Holding | undefined }) {
  const { assessment, exam, turns, at } = useExam()
  const [first, ...rest] = answerOf(assessment)
  const standing = standingOf(assessment.sources)
  const halt = haltsOf(exam)[0]
  const next = exam.signed ? null : adviceOf(assessment, routeOf(assessment, { turns }), turns)
  return (
    <section aria-label="The answer" className="max-w-3xl rounded-card border-l-[6px] border-lantern bg-sheet px-5 py-4 print:border print:px-3 print:py-2">
      {halt && (
        <p className="mb-2 text-xl font-semibold text-halt">
          {halt.gate.reason} {halt.gate.do}
        </p>
      )}
      <p className="font-serif text-[22px] leading-snug" role="status">
        {first}
      </p>
      {rest.map((sentence) => (
        <p key={sentence} className="mt-1 text-[17px]">
          {sentence}
        </p>
      ))}
      <dl className="mt-3 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {standing.kind === 'leads' && (
          <>
            <dt className="text-ash">What would overturn it</dt>
            <dd>{holdingWords(holding)}</dd>
          </>
        )}
        {next && (
          <>
            <dt className="text-ash">What next</dt>
            <dd>
              {next.stop ?? next.why}
              <Link href={at('bench')} className="no-print flex min-h-11 w-fit items-center underline underline-offset-4">
                {next.step && !next.stop ? `Go on with ${inSentence(testTitle(next.step.test, next.step.side))}` : 'To the bench'}
              </Link>
            </dd>
          </>
        )}
      </dl>
    </section>
  )
}
