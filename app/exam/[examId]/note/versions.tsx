'use client'

import { format } from 'date-fns'
import type { Section } from '@/core/note/section'
import { SECTION_HEADINGS } from '@/core/note/section'
import { Choice } from '@/ui/choice'
import { useExam } from '@/ui/exam/store'

/** Which version of a signed note is shown: the latest, or how many addenda stand behind it. */
export type VersionId = 'latest' | `${number}`

/** The note as it stood in a version: with so many addenda, and without what was given out since. */
export function upTo(version: VersionId, sections: readonly Section[]): readonly Section[] {
  if (version === 'latest') return sections
  let addenda = Number(version)
  return sections.filter((section) => section.id !== 'papers' && (section.id !== 'addendum' || addenda-- > 0))
}

/** The versions of the note, and every own word that was ever kept, with its time. */
export function Versions({ chosen, onChoose }: { readonly chosen: VersionId; readonly onChoose: (id: VersionId) => void }) {
  const { exam, entries } = useExam()
  const written = entries().filter((e) => e.type === 'note-written')
  const { signed, addenda } = exam
  return (
    <section aria-labelledby="versions" className="rounded-card border border-hair bg-sheet px-4 py-3">
      <h2 id="versions" className="text-lg">
        Versions
      </h2>
      {signed ? (
        <Choice
          name="Version shown"
          value={chosen}
          stacked
          options={[
            { id: 'latest', words: addenda.length === 0 ? `Version 1, signed ${moment(signed.at)}` : `Version ${addenda.length + 1}, the latest` },
            ...addenda.map((_, n) => ({
              id: `${n}` as const,
              words: n === 0 ? `Version 1, signed ${moment(signed.at)}` : `Version ${n + 1}, addendum of ${moment(addenda[n - 1]?.at ?? 0)}`,
            })),
          ]}
          onChange={onChoose}
        />
      ) : (
        <p className="mt-1 text-ash">A draft: it is written anew from the record until it is signed.</p>
      )}
      {written.length > 0 && (
        <details className="mt-2">
          <summary className="flex min-h-11 cursor-pointer items-center">Own words as they were kept: {written.length}</summary>
          <ol className="space-y-2 text-sm">
            {written.map((event) => (
              <li key={event.id} className="border-t border-hair pt-1">
                <span className="figures text-ash">
                  {moment(event.at)} by {event.by}
                  {event.section === undefined ? '' : `, to “${SECTION_HEADINGS[event.section]}”`}
                </span>
                <p className="whitespace-pre-wrap">{event.text || '(emptied)'}</p>
              </li>
            ))}
          </ol>
        </details>
      )}
    </section>
  )
}

function moment(at: number): string {
  return Number.isNaN(new Date(at).getTime()) ? 'at an unreadable time' : format(at, 'd MMM yyyy, HH:mm')
}
