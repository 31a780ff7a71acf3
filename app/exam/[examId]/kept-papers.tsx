'use client'

import { format } from 'date-fns'
import { numberedPapers, type PaperEvent } from '@/core/record/paper-events'
import { Button } from '@/ui/button'

interface Props {
  readonly papers: readonly PaperEvent[]
  readonly kind: PaperEvent['type']
  readonly examId: string
  /** Something is not on the server yet, which makes the PDF. */
  readonly waiting: boolean
}

/** Letters or summaries that were kept, the latest first, each as PDF and as text. */
export function KeptPapers({ papers, kind, examId, waiting }: Props) {
  const mine = numberedPapers(papers).filter(({ paper }) => paper.type === kind)
  if (mine.length === 0) return null
  return (
    <section aria-labelledby="kept-papers">
      <h2 id="kept-papers" className="text-lg">
        Kept
      </h2>
      {waiting && <p className="text-sm text-ash">Not everything is on the server yet: the PDF can be made once it is.</p>}
      <ol className="mt-1">
        {mine.toReversed().map(({ paper, kind: name, n }) => (
          <li key={paper.id} className="flex flex-wrap items-center gap-2 border-t border-hair py-2">
            <span className="grow">
              {kind === 'letter-written' ? 'Letter' : 'Summary'} {n}
              {paper.type === 'letter-written' ? `, ${paper.urgency.replace('-', ' ')}${paper.to === '' ? '' : `, to ${paper.to}`}` : ''}
              <span className="figures ml-2 text-ash">{Number.isNaN(new Date(paper.at).getTime()) ? '' : format(paper.at, 'd MMM yyyy, HH:mm')}</span>
            </span>
            <Button asChild>
              <a href={`/exam/${examId}/out/${name}-${n}.pdf`} download>
                PDF
              </a>
            </Button>
            <Button asChild>
              <a href={`/exam/${examId}/out/${name}-${n}.txt`} download>
                Text
              </a>
            </Button>
          </li>
        ))}
      </ol>
    </section>
  )
}
