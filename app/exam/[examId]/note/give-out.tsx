'use client'

import { Copy, Download, FileText, Mail, Printer, Scale, User } from 'lucide-react'
import Link from 'next/link'
import { useState } from 'react'
import { toMarkdown } from '@/core/exchange/markdown/to'
import { toText } from '@/core/exchange/text/to'
import type { Group, TemplateId } from '@/core/note/template'
import { Button } from '@/ui/button'
import { useExam } from '@/ui/exam/store'
import { Key } from '@/ui/key'
import { saveHere } from '@/ui/save-here'
import type { Titled } from '../titled'
import { AppointmentForm } from './appointment-form'

interface Props {
  readonly groups: readonly Group[]
  readonly template: TemplateId
  readonly title: Titled
}

/** Ways out of the house: letter and summary, files for people, files for other programs, the calendar. */
export function GiveOut({ groups, template, title }: Props) {
  const { assessment, link } = useExam()
  const [copied, setCopied] = useState<string | null>(null)
  const { id, papers } = assessment.exam
  const out = (file: string) => `/exam/${id}/out/${file}`
  const copy = () => {
    navigator.clipboard.writeText(toText(groups)).then(
      () => setCopied('Copied.'),
      () => setCopied('The browser did not allow copying. Save it as text instead.'),
    )
  }
  return (
    <section aria-labelledby="give-out" className="rounded-card border border-hair bg-sheet px-4 py-3">
      <h2 id="give-out" className="text-lg">
        Give it out
      </h2>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button asChild look="strong">
          <Link id="to-letter" href={`/exam/${id}/letter`}>
            <Mail size={18} aria-hidden="true" /> Referral letter <Key>L</Key>
          </Link>
        </Button>
        <Button asChild look="strong">
          <Link href={`/exam/${id}/summary`}>
            <User size={18} aria-hidden="true" /> Summary for the person
          </Link>
        </Button>
      </div>
      {papers.length > 0 && (
        <p className="mt-1 text-sm text-ash">
          Kept with this examination: {papers.filter((p) => p.type === 'letter-written').length} letters,{' '}
          {papers.filter((p) => p.type === 'summary-given').length} summaries.
        </p>
      )}
      <h3 className="mt-4 font-sans text-base text-ash">The note, in this layout</h3>
      <div className="mt-1 flex flex-wrap gap-2">
        <Button asChild>
          <a href={out(`note.pdf?layout=${template}`)} download>
            <FileText size={18} aria-hidden="true" /> PDF
          </a>
        </Button>
        <Button onClick={() => saveHere(toText(groups), 'text/plain', `note-${title.stem}.txt`)}>
          <Download size={18} aria-hidden="true" /> Text
        </Button>
        <Button onClick={() => saveHere(toMarkdown(groups, `Note: ${title.about}, ${title.when}`), 'text/markdown', `note-${title.stem}.md`)}>
          <Download size={18} aria-hidden="true" /> Markdown
        </Button>
        <Button onClick={copy}>
          <Copy size={18} aria-hidden="true" /> Copy the text
        </Button>
        <Button onClick={() => window.print()}>
          <Printer size={18} aria-hidden="true" /> Print
        </Button>
      </div>
      <h3 className="mt-4 font-sans text-base text-ash">For other programs</h3>
      <div className="mt-1 flex flex-wrap gap-2">
        <Button asChild>
          <a href={out('fhir.json')} download>
            FHIR R4
          </a>
        </Button>
        <Button asChild>
          <a href={out('tables.zip')} download>
            Tables (CSV)
          </a>
        </Button>
        <Button asChild>
          <a href={`/exam/${id}/file`} download>
            Exam file (JSON)
          </a>
        </Button>
        {assessment.sources.some((source) => source.weighed) && (
          <Button asChild>
            <Link href={`/exam/${id}/weigh`}>
              <Scale size={18} aria-hidden="true" /> How the figures were computed
            </Link>
          </Button>
        )}
      </div>
      {link.waiting > 0 && (
        <p className="mt-2 border-l-4 border-lantern pl-3 text-sm">
          {link.waiting} {link.waiting === 1 ? 'entry is' : 'entries are'} not on the server yet: PDF, FHIR, tables and exam file are made there and lack{' '}
          {link.waiting === 1 ? 'it' : 'them'}. Text, Markdown and print hold everything.
        </p>
      )}
      <p role="status" className="text-ash">
        {copied}
      </p>
      <AppointmentForm examId={id} />
    </section>
  )
}
