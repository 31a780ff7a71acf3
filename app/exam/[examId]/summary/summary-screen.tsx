'use client'

import { Printer } from 'lucide-react'
import Link from 'next/link'
import { useMemo, useState } from 'react'
import { figureOf } from '@/core/figure/figure'
import { summaryOf, summaryText, type Telling } from '@/core/note/summary'
import { Button } from '@/ui/button'
import { endOf } from '@/ui/exam/record-point'
import { useExam } from '@/ui/exam/store'
import { useTextDraft } from '@/ui/exam/use-draft'
import { PoseFigure } from '@/ui/figure/pose-figure'
import { ScreenTitle } from '@/ui/screen-title'
import { KeptPapers } from '../kept-papers'
import type { Titled } from '../titled'
import { WordsBox } from '../words-box'

/** What the person takes home: plain words, the movements drawn, what was agreed, and when to seek help. */
export function SummaryScreen({ title }: { readonly title: Titled }) {
  const { exam, assessment, record, link, entries } = useExam()
  const [agreed, write, done] = useTextDraft(`summary ${exam.id}`, exam.papers.findLast((p) => p.type === 'summary-given')?.agreed ?? '')
  const [figures, setFigures] = useState(false)
  const summary = useMemo(() => summaryOf(assessment, { agreed, figures }), [assessment, agreed, figures])
  const keep = () => {
    const kept = { agreed: agreed.trim(), figures }
    const text = summaryText(summaryOf(assessment, kept))
    if (record([{ type: 'summary-given', ...kept, text, of: endOf(entries()) }])) done()
  }
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] content-start gap-8 overflow-y-auto px-4 py-5 sm:px-6 lg:grid-cols-[minmax(0,44rem)_minmax(18rem,1fr)] print:block print:overflow-visible">
      <article
        aria-label="The summary as it will be"
        className="rounded-card border border-hair bg-sheet px-5 py-5 text-[18px] leading-relaxed sm:px-8 print:border-0 print:p-0 print:text-[12pt]"
      >
        <h2 className="mb-3 text-3xl">For {title.name}</h2>
        {summary.parts.map((part) => (
          <section key={part.heading} className="mb-4 print:mb-2">
            <h3 className="font-sans text-xl font-semibold print:text-[13pt]">{part.heading}</h3>
            <Lines lines={part.lines} movements={part.heading === 'What we found' ? summary.movements : []} />
            {part.list && (
              <ul className="list-disc pl-6">
                {part.list.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            )}
          </section>
        ))}
      </article>
      <div className="no-print space-y-4">
        <div className="flex flex-wrap items-center gap-4">
          <ScreenTitle className="text-3xl">Summary</ScreenTitle>
          <Button asChild className="ml-auto">
            <Link href={`/exam/${exam.id}/note`}>To the note</Link>
          </Button>
        </div>
        <p className="text-ash">For the person to take home. Plain words, one page, no percentages unless you ask for them.</p>
        <WordsBox label="What you agreed, in words for the person" value={agreed} rows={5} maxLength={2000} onWords={write} />
        <label className="flex min-h-11 items-center gap-3">
          <input type="checkbox" checked={figures} onChange={(e) => setFigures(e.target.checked)} className="size-5 accent-ink" />
          Say in numbers how likely it is
        </label>
        <div className="flex flex-wrap gap-2">
          <Button look="main" onClick={keep}>
            Keep it with the examination
          </Button>
          <Button onClick={() => window.print()}>
            <Printer size={18} aria-hidden="true" /> Print
          </Button>
        </div>
        <p className="text-sm text-ash">Kept, it stands on the record as it was given, and is offered as PDF.</p>
        <KeptPapers papers={exam.papers} kind="summary-given" examId={exam.id} waiting={link.waiting > 0} />
      </div>
    </main>
  )
}

/** The lines of a part; what stands under a drawing stands there alone, at its place among the others. */
function Lines({ lines, movements }: { readonly lines: readonly string[]; readonly movements: readonly Telling[] }) {
  const at = lines.findIndex((line) => movements.some((m) => m.says === line))
  const others = (some: readonly string[]) => some.filter((line) => !movements.some((m) => m.says === line)).map((line, i) => <p key={i}>{line}</p>)
  if (at === -1) return others(lines)
  return (
    <>
      {others(lines.slice(0, at))}
      <div className="my-2 grid grid-cols-1 gap-4 sm:grid-cols-2 print:grid-cols-2">
        {movements.map((m) => (
          <figure key={m.run}>
            <PoseFigure figure={{ ...figureOf(m.stage.pose, m.side), joint: null }} describes={m.says} className="h-44 w-full print:h-28" />
            <figcaption>{m.says}</figcaption>
          </figure>
        ))}
      </div>
      {others(lines.slice(at))}
    </>
  )
}
