'use client'

import { answerScreen } from '@/core/trainer/story-questions'
import { Key } from '@/ui/key'
import { useKeys } from '../exam/use-keys'
import { usePractice } from './context'

interface Props {
  /** The question in hand, and those of its group that are open. */
  readonly item: string
  readonly rest: readonly string[]
}

/** In practice a question of the screen is put to the person; what they say is heard here and written down by hand. */
export function ScreenReply({ item, rest }: Props) {
  const practice = usePractice()
  const isOpen = practice !== null && !practice.over
  const read = new Set(practice?.steps.flatMap((s) => (s.kind === 'screen' ? [s.item] : [])) ?? [])
  const ask = (items: readonly string[]) => {
    for (const one of items) if (!read.has(one)) practice?.note({ kind: 'screen', item: one })
  }
  useKeys(({ key, shift }) => {
    if (key === ',') ask([item])
    else if (key === ';') ask(rest)
    else return false
    return !shift || key === ';'
  }, isOpen)
  if (!practice || !isOpen) return null
  const { patient } = practice
  return (
    <div className="flex basis-full flex-wrap items-center gap-3 border-t border-hair pt-2">
      <button type="button" onClick={() => ask([item])} className="min-h-14 rounded-card border-2 border-lantern bg-glow px-4 font-semibold">
        Ask them <Key>,</Key>
      </button>
      <p aria-live="polite" className="font-serif text-[19px] italic">
        {read.has(item) ? `“${answerScreen(patient, item)}”` : <span className="font-sans text-base not-italic text-ash">Not asked yet.</span>}
      </p>
      {rest.length > 1 && (
        <>
          <button type="button" onClick={() => ask(rest)} className="ml-auto min-h-14 rounded-card border-2 border-edge px-4">
            Ask all {rest.length} of these <Key>;</Key>
          </button>
          {rest.every((one) => read.has(one)) && (
            <p aria-live="polite" className="basis-full text-sm">
              To all of these:{' '}
              {rest.every((one) => patient.screen[one as keyof typeof patient.screen] === 'no')
                ? '“No, none of that.”'
                : '“Well, one of them, yes.” Ask each by itself.'}
            </p>
          )}
        </>
      )}
    </div>
  )
}
