'use client'

import { Printer } from 'lucide-react'
import Link from 'next/link'
import { useMemo, useState } from 'react'
import { LETTER_URGENCY_WORDS, type LetterHead, letterBody, letterLines, letterText, urgencyOf } from '@/core/note/letter'
import type { LetterWritten } from '@/core/record/paper-events'
import { LETTER_URGENCIES, type LetterUrgency } from '@/core/vocabulary/note-section'
import { momentInZone } from '@/core/vocabulary/zone'
import { Button } from '@/ui/button'
import { Choice } from '@/ui/choice'
import { endOf } from '@/ui/exam/record-point'
import { useExam } from '@/ui/exam/store'
import { useTextDraft } from '@/ui/exam/use-draft'
import { saveHere } from '@/ui/save-here'
import { ScreenTitle } from '@/ui/screen-title'
import { KeptPapers } from '../kept-papers'
import type { Titled } from '../titled'
import { WordsBox } from '../words-box'

const URGENCY_NAMES: Readonly<Record<LetterUrgency, string>> = { emergency: 'Emergency', 'same-day': 'Same day', urgent: 'Urgent', routine: 'Routine' }
/** How a line of the letter looks; on paper the same. */
const LINE_LOOK = {
  urgency: 'text-xl font-semibold text-halt',
  heading: 'font-semibold',
  item: 'pl-5 before:-ml-4 before:mr-2 before:content-["–"]',
  text: '',
  gap: 'h-3',
} as const

const AGREED = [
  { id: 'yes', words: 'Agreed' },
  { id: 'no', words: 'Not agreed, sent for safety' },
  { id: 'not-asked', words: 'Not asked' },
] as const

/** A referral letter: urgency first, written from the record, changed at will, and kept with the examination as it was sent. */
export function LetterScreen({ title }: { readonly title: Titled }) {
  const { exam, assessment, record, link, entries } = useExam()
  const zone = useMemo(() => Intl.DateTimeFormat().resolvedOptions().timeZone, [])
  // Until another is chosen it is the record's own: a halt that comes while the letter is open counts.
  const [chosen, setUrgency] = useState<LetterUrgency | null>(null)
  const urgency = chosen ?? urgencyOf(assessment)
  const [agreed, setAgreed] = useState<LetterWritten['agreed']>('not-asked')
  const [to, writeTo, toDone] = useTextDraft(`letter to ${exam.id}`, '')
  const head: LetterHead = useMemo(
    () => ({
      about: title.about,
      born: title.born,
      examinedAt: exam.openedAt,
      by: title.by,
      when: (at) => momentInZone(at, zone),
    }),
    [title, exam.openedAt, zone],
  )
  const generated = useMemo(() => letterBody(assessment, head), [assessment, head])
  const [body, write, done] = useTextDraft(`letter ${exam.id}`, generated)
  const isLess = LETTER_URGENCIES.indexOf(urgency) > LETTER_URGENCIES.indexOf(urgencyOf(assessment))
  const text = letterText({ to, urgency, agreed }, head, body)
  const keep = () => {
    const edited = body.trim() !== generated.trim()
    if (!record([{ type: 'letter-written', to: to.trim(), urgency, agreed, text, of: endOf(entries()), zone, edited }])) return
    done()
    toDone()
  }
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] content-start gap-8 overflow-y-auto px-4 py-5 sm:px-6 lg:grid-cols-2 print:block print:overflow-visible">
      <div className="no-print space-y-4">
        <div className="flex flex-wrap items-center gap-4">
          <ScreenTitle className="text-3xl">Referral letter</ScreenTitle>
          <Button asChild className="ml-auto">
            <Link href={`/exam/${exam.id}/note`}>To the note</Link>
          </Button>
        </div>
        <label className="block">
          <span className="mb-1 block">To (may stay blank)</span>
          <input
            autoComplete="off"
            value={to}
            maxLength={300}
            onChange={(e) => writeTo(e.target.value)}
            className="min-h-11 w-full rounded-card border border-edge bg-sheet px-3"
          />
        </label>
        <div>
          <p className="mb-1">How soon</p>
          <Choice
            name="How soon"
            value={urgency}
            options={LETTER_URGENCIES.map((id) => ({ id, words: URGENCY_NAMES[id], says: LETTER_URGENCY_WORDS[id] }))}
            onChange={setUrgency}
          />
          {urgency !== urgencyOf(assessment) && (
            <p className={`mt-1 text-sm ${isLess ? 'font-semibold text-halt' : 'text-ash'}`}>
              The record asks for: {URGENCY_NAMES[urgencyOf(assessment)].toLowerCase()}.
              {isLess && ' A letter that asks for less is not kept, saved or printed; open the halt with a reason first.'}
            </p>
          )}
        </div>
        <div>
          <p className="mb-1">The person, about sending it</p>
          <Choice name="The person, about sending it" value={agreed} options={AGREED} onChange={setAgreed} />
        </div>
        <WordsBox
          label="The letter, written from the record; change what you like"
          value={body}
          rows={18}
          maxLength={55_000}
          onWords={write}
          className="text-[15px] leading-relaxed"
        />
        {body !== generated && (
          <Button onClick={done} look="quiet">
            Write it anew from the record
          </Button>
        )}
        <div className="flex flex-wrap gap-2">
          <Button look="main" onClick={keep} disabled={body.trim() === '' || isLess}>
            Keep it with the examination
          </Button>
          <Button disabled={isLess} onClick={() => saveHere(`${text}\n`, 'text/plain', `letter-${title.stem}.txt`)}>
            Text
          </Button>
          <Button disabled={isLess} onClick={() => window.print()}>
            <Printer size={18} aria-hidden="true" /> Print
          </Button>
        </div>
        <p className="text-sm text-ash">
          Kept, it stands on the record word for word, and is offered as PDF. Changed later, it is kept again beside the first.
        </p>
        <KeptPapers papers={exam.papers} kind="letter-written" examId={exam.id} waiting={link.waiting > 0} />
      </div>
      <article
        aria-label="The letter as it will be"
        className="whitespace-pre-wrap rounded-card border border-hair bg-sheet px-5 py-5 leading-relaxed sm:px-8 print:border-0 print:p-0"
      >
        {letterLines(text).map((line, i) => (
          <p key={i} className={LINE_LOOK[line.as === 'urgency' && urgency === 'routine' ? 'heading' : line.as]}>
            {line.text}
          </p>
        ))}
      </article>
    </main>
  )
}
