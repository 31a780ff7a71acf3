'use client'

import { useSearchParams } from 'next/navigation'
import { useMemo, useState } from 'react'
import { noteOf, noteReadAgain } from '@/core/note/note'
import { arranged, type TemplateId } from '@/core/note/template'
import { saidOf, type Traced, tracedOf } from '@/core/note/trace'
import { REASON_KINDS } from '@/core/record/reason'
import { Choice } from '@/ui/choice'
import { useKeys } from '@/ui/exam/use-keys'
import { ReadAgain } from '@/ui/exam/read-again'
import { useExam } from '@/ui/exam/store'
import { useSignatureProof } from '@/ui/exam/use-signature-proof'
import { ScreenTitle } from '@/ui/screen-title'
import { TEMPLATES } from '@/core/note/template'
import type { Titled } from '../titled'
import { BehindPanel } from './behind-panel'
import { GiveOut } from './give-out'
import { NoteActions } from './note-actions'
import { NoteSections } from './note-sections'
import { upTo, Versions, type VersionId } from './versions'

/** The generated note, each sentence with what it rests on, and the practitioner's own words apart from it. */
export function NoteScreen({ title }: { readonly title: Titled }) {
  const { assessment } = useExam()
  const { signed } = assessment.exam
  const proof = useSignatureProof(title.claimed ?? false)
  const [again, setAgain] = useState(false)
  const [template, setTemplate] = useState<TemplateId>(title.template)
  const [version, setVersion] = useState<VersionId>('latest')
  const sections = useMemo(
    () => (again ? noteReadAgain(assessment, title.who) : upTo(version, noteOf(assessment, title.who, proof))),
    [again, assessment, title.who, version, proof],
  )
  const groups = useMemo(() => arranged(sections, template), [sections, template])
  const sentences = useMemo(() => tracedOf(sections), [sections])
  // Outside the application, as in a test of this screen alone, the address is the window's own.
  const query = (useSearchParams() as ReturnType<typeof useSearchParams> | null) ?? new URLSearchParams(window.location.search)
  const [chosen, setChosen] = useState<string | null>(() => askedSentence(query, sentences))
  const here = sentences.find((s) => s.id === chosen) ?? null
  useKeys(({ key, onControl }) => {
    if (key === 'escape' && chosen !== null) {
      setChosen(null)
      return true
    }
    if (key !== 'l' || onControl) return false
    document.getElementById('to-letter')?.click()
    return true
  }, true)
  return (
    <main className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)] content-start gap-8 overflow-y-auto px-4 py-5 sm:px-6 lg:grid-cols-[minmax(0,46rem)_minmax(18rem,1fr)] print:block print:overflow-visible">
      <article aria-label="Note" className="rounded-card border border-hair bg-sheet px-5 py-5 leading-relaxed sm:px-8 sm:py-6 print:border-0 print:p-0">
        <div className="mb-3 flex flex-wrap items-center gap-x-6 gap-y-2">
          <ScreenTitle className="text-3xl">Note</ScreenTitle>
          <Choice
            name="Layout"
            className="no-print ml-auto"
            value={template}
            options={TEMPLATES.map((t) => ({ id: t.id, words: t.name, says: t.says }))}
            onChange={setTemplate}
          />
        </div>
        {signed && <ReadAgain signed={signed} again={again} onChange={setAgain} />}
        <NoteSections groups={groups} sentences={sentences} chosen={chosen} onChoose={setChosen} />
      </article>
      <aside aria-label="What to do with the note" className="no-print space-y-5">
        {here && <BehindPanel sentence={here} sentences={sentences} onChoose={setChosen} onClose={() => setChosen(null)} />}
        <NoteActions />
        <GiveOut groups={groups} template={template} title={title} />
        <Versions chosen={version} onChoose={setVersion} />
      </aside>
    </main>
  )
}

/** The sentence somebody came back to, "?at=tests-3", or the first that rests on what they came from, "?about=source:sij-pain right". */
function askedSentence(query: Pick<URLSearchParams, 'get'>, sentences: readonly Traced[]): string | null {
  const asked = query.get('at')
  const [kind, ...id] = (query.get('about') ?? '').split(':')
  const reason = REASON_KINDS.find((k) => k === kind)
  const about = reason && saidOf({ kind: reason, id: id.join(':') }, sentences)[0]?.id
  return about ?? sentences.find((s) => s.id === asked)?.id ?? null
}
