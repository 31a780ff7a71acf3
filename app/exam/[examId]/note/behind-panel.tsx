'use client'

import { X } from 'lucide-react'
import Link from 'next/link'
import { format } from 'date-fns'
import { entryWords } from '@/core/note/entry-words'
import { behind, type Behind, saidOf, type Traced } from '@/core/note/trace'
import { nameOfTest } from '@/core/catalogue/retired'
import { RESULT_WORDS } from '@/core/findings/finding'
import { sourceTitle, type SourceId } from '@/core/vocabulary/source'
import { Button } from '@/ui/button'
import { useExam } from '@/ui/exam/store'

interface Props {
  readonly sentence: Traced
  readonly sentences: readonly Traced[]
  readonly onChoose: (id: string) => void
  readonly onClose: () => void
}

const SCREEN_NAMES: Readonly<Record<Behind['screen'], string>> = {
  story: 'Story',
  safety: 'Safety',
  bench: 'Bench',
  weigh: 'Weigh',
  recheck: 'Recheck',
  note: 'Note',
}

/** So many reasons are shown in full; a sentence about everything rests on everything. */
const SHOWN = 12

/** What a sentence rests on: findings, entries with their time, where they are seen, and what else is said from them. */
export function BehindPanel({ sentence, sentences, onChoose, onClose }: Props) {
  const { exam, assessment, entries } = useExam()
  const events = entries()
  const all = behind(sentence, events, assessment.findings)
  return (
    <section aria-label="What is behind the sentence" aria-live="polite" className="rounded-card border border-lantern bg-sheet px-4 py-3">
      <div className="flex items-start gap-3">
        <h2 className="grow text-lg">What is behind it</h2>
        <Button onClick={onClose} aria-label="Close what is behind it" className="min-w-11 px-2">
          <X size={18} aria-hidden="true" />
        </Button>
      </div>
      <p className="mt-1 border-l-4 border-lantern pl-3 text-sm">{sentence.text}</p>
      <ul className="mt-3 space-y-3">
        {all.slice(0, SHOWN).map((one) => (
          <li key={`${one.reason.kind} ${one.reason.id}`} className="border-t border-hair pt-2">
            <p className="flex flex-wrap items-center gap-x-3">
              <span className="font-semibold">{nameOf(one, exam)}</span>
              {one.screen !== 'note' && (
                <Link href={placeOf(one, sentence, exam)} className="ml-auto inline-flex min-h-11 items-center underline underline-offset-4">
                  See it on {SCREEN_NAMES[one.screen === 'bench' && exam.signed ? 'weigh' : one.screen]}
                </Link>
              )}
            </p>
            {one.findings.map((f) => (
              <p key={`${f.side} ${f.about}`} className="text-sm">
                Finding, {f.side}: {RESULT_WORDS[f.result]}. {f.why}
              </p>
            ))}
            <ul className="text-sm text-ash">
              {one.entries.map((event) => (
                <li key={event.id}>
                  <span className="figures">{Number.isNaN(new Date(event.at).getTime()) ? '' : format(event.at, 'd MMM, HH:mm:ss')}</span>{' '}
                  {entryWords(event, events)}
                  <span> ({event.by})</span>
                </li>
              ))}
            </ul>
            <Elsewhere one={one} sentence={sentence} sentences={sentences} onChoose={onChoose} />
          </li>
        ))}
      </ul>
      {all.length > SHOWN && <p className="mt-2 text-sm text-ash">And {all.length - SHOWN} more.</p>}
    </section>
  )
}

/** Other sentences that rest on the same thing. */
function Elsewhere({ one, sentence, sentences, onChoose }: { readonly one: Behind } & Pick<Props, 'sentence' | 'sentences' | 'onChoose'>) {
  const also = saidOf(one.reason, sentences).filter((s) => s.id !== sentence.id)
  if (also.length === 0) return null
  return (
    <details className="mt-1 text-sm">
      <summary className="flex min-h-11 cursor-pointer items-center">Also said from it: {also.length}</summary>
      <ul>
        {also.map((s) => (
          <li key={s.id}>
            <button type="button" onClick={() => onChoose(s.id)} className="min-h-11 text-left underline decoration-hair underline-offset-4">
              {s.text.length > 90 ? `${s.text.slice(0, 90)}…` : s.text}
            </button>
          </li>
        ))}
      </ul>
    </details>
  )
}

/** Where a reason is seen, and the sentence to come back to. A signed examination has nothing on the bench any more. */
function placeOf({ reason, screen }: Behind, sentence: Traced, exam: ReturnType<typeof useExam>['exam']): string {
  const run = exam.runs.find((r) => r.id === reason.id)
  const where = screen === 'bench' && exam.signed ? 'weigh' : screen
  const at =
    reason.kind === 'source'
      ? `#${encodeURIComponent(reason.id)}`
      : reason.kind === 'question'
        ? `#${reason.id}`
        : run && where === 'bench'
          ? `#recheck=${run.test}.${run.side}`
          : ''
  return `/exam/${exam.id}/${where}?from=${encodeURIComponent(sentence.id)}${at}`
}

function nameOf({ reason: { kind, id }, entries }: Behind, exam: ReturnType<typeof useExam>['exam']): string {
  switch (kind) {
    case 'run': {
      const run = exam.runs.find((r) => r.id === id) ?? exam.episode?.earlier.find((r) => r.id === id)
      return run ? `${nameOfTest(run.test)}${run.side === 'none' ? '' : `, ${run.side}`}` : 'A performance of an earlier visit'
    }
    case 'step': {
      const [test = '', side = ''] = id.split(' ')
      return `${nameOfTest(test)}${side === 'none' ? '' : `, ${side}`}`
    }
    case 'source': {
      const [source = '', side] = id.split(' ')
      return sourceTitle({ source: source as SourceId, side: side === 'right' ? 'right' : 'left' })
    }
    case 'symptom':
      return id
    case 'rule':
      return 'A cluster rule'
    case 'gate':
      return 'A safety gate'
    case 'question':
    case 'group':
      return 'The safety screen'
    case 'warning':
      return 'A warning sign'
    case 'fact':
      return 'The history'
    case 'consent':
      return 'Consent'
    case 'choice':
      return entries.length > 0 ? 'What was chosen' : 'Chosen nowhere: the default'
    case 'correction':
      return 'A correction'
    case 'treatment':
      return 'A treatment'
    case 'entry':
      return 'An entry'
  }
}
