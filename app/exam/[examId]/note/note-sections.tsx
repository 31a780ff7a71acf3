'use client'

import { Pencil } from 'lucide-react'
import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from 'react'
import { OWN } from '@/core/note/paragraph'
import { type Section, STAGES } from '@/core/note/section'
import type { Group } from '@/core/note/template'
import type { Traced } from '@/core/note/trace'
import { type SectionId, SECTION_IDS } from '@/core/vocabulary/note-section'
import { FoldTitle } from '@/ui/fold-title'
import { Button } from '@/ui/button'
import { useExam } from '@/ui/exam/store'
import { useTextDraft } from '@/ui/exam/use-draft'
import { WordsBox } from '../words-box'

interface Props {
  readonly groups: readonly Group[]
  readonly sentences: readonly Traced[]
  readonly chosen: string | null
  readonly onChoose: (id: string | null) => void
}

/** Sections that can be folded; in them arrows go from sentence to sentence, and Enter shows what is behind one. */
export function NoteSections({ groups, sentences, chosen, onChoose }: Props) {
  const list = useRef<HTMLDivElement>(null)
  const names = useMemo(() => new Map(sentences.map((s) => [s.statement, s.id])), [sentences])
  const shown = groups.flatMap((g) => g.sections.flatMap((s) => s.statements)).filter((s) => s.from.length > 0)
  const first = shown[0] && names.get(shown[0])
  const stop = chosen !== null && shown.some((s) => names.get(s) === chosen) ? chosen : first
  useEffect(() => {
    if (chosen === null) return
    const line = document.getElementById(chosen)
    line?.closest('details')?.setAttribute('open', '')
    line?.scrollIntoView({ block: 'center' })
  }, [chosen])
  const onKeyDown = (event: KeyboardEvent<HTMLElement>) => {
    const by = event.key === 'ArrowDown' ? 1 : event.key === 'ArrowUp' ? -1 : 0
    if (by === 0) return
    const lines = [...(list.current?.querySelectorAll<HTMLElement>('[data-sentence]') ?? [])].filter((line) => line.closest('details:not([open])') === null)
    const next = lines[lines.indexOf(event.currentTarget) + by]
    if (!next) return
    event.preventDefault()
    next.focus()
    if (chosen !== null) onChoose(next.id)
  }
  return (
    <div ref={list}>
      <p id="note-keys" className="no-print mb-2 text-sm text-ash">
        Press a sentence to see what it rests on; with the keyboard, arrows and Enter.
      </p>
      {groups.map((group, n) => (
        <div key={n}>
          {group.title !== null && <h2 className="mb-1 mt-5 border-b border-hair pb-1 text-2xl">{group.title}</h2>}
          {group.sections.map((section, i) => (
            <details key={`${section.id} ${i}`} open className="fold mb-3">
              <FoldTitle className="text-lg font-semibold">
                <h3 className="font-sans text-lg font-semibold">{section.heading}</h3>
              </FoldTitle>
              {section.statements.map((statement, k) => {
                const id = names.get(statement) ?? ''
                // What is urgent stands twice in one layout; only one of them is gone to.
                const twice = section.heading === 'Urgent'
                const behind = statement.from.length > 0
                return (
                  <p
                    key={k}
                    id={twice ? undefined : id}
                    {...(behind && {
                      'data-sentence': true,
                      role: 'button',
                      tabIndex: id === stop && !twice ? 0 : -1,
                      'aria-pressed': id === chosen,
                      'aria-describedby': 'note-keys',
                      onClick: () => onChoose(id === chosen ? null : id),
                      onKeyDown: (event: KeyboardEvent<HTMLElement>) => {
                        if (event.key === 'Enter') {
                          event.preventDefault()
                          onChoose(id === chosen ? null : id)
                        } else onKeyDown(event)
                      },
                    })}
                    className={`rounded px-2 py-0.5 print:px-0 ${behind ? 'cursor-pointer hover:bg-glow aria-pressed:bg-glow aria-pressed:outline aria-pressed:outline-2 aria-pressed:outline-lantern' : ''} ${
                      statement.text.startsWith('- ') ? 'pl-7 -indent-3' : statement.text.startsWith(STAGES) ? 'pl-7 text-sm text-ash' : ''
                    }`}
                  >
                    {statement.text}
                  </p>
                )
              })}
              <SectionWords section={section} />
            </details>
          ))}
        </div>
      ))}
    </div>
  )
}

function isWritable(id: Section['id']): id is SectionId {
  return (SECTION_IDS as readonly string[]).includes(id) && id !== 'words' && id !== 'about'
}

/** The practitioner's own words to one section, kept apart from what is generated. */
function SectionWords({ section }: { readonly section: Section }) {
  const { exam } = useExam()
  const [writing, setWriting] = useState(false)
  const { id } = section
  if (exam.signed || !isWritable(id)) return section.own === undefined ? null : <Own text={section.own} />
  if (writing) return <WordsField section={id} heading={section.heading} onDone={() => setWriting(false)} />
  return (
    <>
      {section.own !== undefined && <Own text={section.own} />}
      <Button look="quiet" className="no-print px-2 text-sm text-ash" onClick={() => setWriting(true)}>
        <Pencil size={15} aria-hidden="true" /> {section.own === undefined ? 'Own words' : 'Change own words'} to “{section.heading}”
      </Button>
    </>
  )
}

function Own({ text }: { readonly text: string }) {
  return (
    <div className="mx-2 mt-1 border-l-4 border-ash pl-3">
      <p className="text-sm text-ash">{OWN}</p>
      <p className="whitespace-pre-wrap">{text}</p>
    </div>
  )
}

function WordsField({ section, heading, onDone }: { readonly section: SectionId; readonly heading: string; readonly onDone: () => void }) {
  const { exam, record } = useExam()
  const kept = exam.sectionWords[section] ?? ''
  const [text, write, done] = useTextDraft(`own words ${exam.id} ${section}`, kept)
  return (
    <form
      className="no-print mx-2 mt-2"
      onSubmit={(event) => {
        event.preventDefault()
        if (text === kept || record([{ type: 'note-written', text, section }])) {
          done()
          onDone()
        }
      }}
    >
      <WordsBox label={`Own words to “${heading}”`} labelled="text-sm" autoFocus value={text} rows={3} maxLength={20000} onWords={write} />
      <div className="mt-2 flex gap-3">
        <Button type="submit" look="main">
          Keep
        </Button>
        <Button
          onClick={() => {
            done()
            onDone()
          }}
        >
          Leave it
        </Button>
      </div>
    </form>
  )
}
