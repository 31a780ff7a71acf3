'use client'

import { Copy, Download, FileJson, Printer, Scale } from 'lucide-react'
import Link from 'next/link'
import { useState } from 'react'
import { noteOf, noteReadAgain } from '@/core/note/note'
import { plainText } from '@/core/note/paragraph'
import { useExam } from '@/ui/exam/store'
import { ScreenTitle } from '@/ui/screen-title'
import { ReadAgain } from '@/ui/exam/read-again'
import { NoteActions } from './note-actions'
import { Button } from '@/ui/button'

interface Props {
  readonly who: string
  readonly fileName: string
}

/** The generated note, and the practitioner's own words apart from it. */
export function NoteScreen({ who, fileName }: Props) {
  const { assessment } = useExam()
  const [copied, setCopied] = useState<string | null>(null)
  const { signed } = assessment.exam
  const [again, setAgain] = useState(false)
  const paragraphs = again ? noteReadAgain(assessment, who) : noteOf(assessment, who)
  const text = plainText(paragraphs)
  const copy = () => {
    navigator.clipboard.writeText(text).then(
      () => setCopied('Copied.'),
      () => setCopied('The browser did not allow copying. Save it as text instead.'),
    )
  }
  const save = () => {
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([text], { type: 'text/plain' }))
    link.download = fileName
    link.click()
    URL.revokeObjectURL(link.href)
  }
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] content-start gap-8 overflow-y-auto px-6 py-5 lg:grid-cols-[minmax(0,46rem)_minmax(18rem,1fr)] print:block print:overflow-visible">
      <article aria-label="Note" className="rounded-card border border-hair bg-sheet px-5 py-5 leading-relaxed sm:px-8 sm:py-6 print:border-0">
        <ScreenTitle className="mb-4 text-3xl">Note</ScreenTitle>
        {signed && <ReadAgain signed={signed} again={again} onChange={setAgain} />}
        {paragraphs.map((p, i) => (
          <section key={i} className="mb-5">
            <h2 className="text-lg font-semibold">{p.heading}</h2>
            {p.lines.map((line, n) => (
              <p key={n} className={line.startsWith('- ') ? 'pl-5 -indent-3' : ''}>
                {line}
              </p>
            ))}
          </section>
        ))}
      </article>
      <aside aria-label="What to do with the note" className="no-print space-y-5">
        <NoteActions />
        <div className="flex flex-wrap gap-3">
          <Button onClick={copy}>
            <Copy size={18} aria-hidden="true" /> Copy the text
          </Button>
          <Button onClick={save}>
            <Download size={18} aria-hidden="true" /> Save as text
          </Button>
          <Button asChild>
            <a href={`/exam/${assessment.exam.id}/file`} download>
              <FileJson size={18} aria-hidden="true" /> Save as exam file
            </a>
          </Button>
          <Button onClick={() => window.print()}>
            <Printer size={18} aria-hidden="true" /> Print
          </Button>
          {assessment.sources.some((source) => source.weighed) && (
            <Button asChild>
              <Link href={`/exam/${assessment.exam.id}/weigh`}>
                <Scale size={18} aria-hidden="true" /> How the figures were computed
              </Link>
            </Button>
          )}
        </div>
        <p role="status" className="text-ash">
          {copied}
        </p>
      </aside>
    </main>
  )
}
