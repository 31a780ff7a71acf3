'use client'

import { EDITION } from '@/core/edition'
import type { Exam } from '@/core/record/exam'
import { editionWords, isSameEdition } from '@/core/vocabulary/edition'
import { Button } from '../button'

interface Props {
  readonly signed: NonNullable<Exam['signed']>
  /** Shown as it would be read today, instead of as it was signed. */
  readonly again: boolean
  readonly onChange: (again: boolean) => void
}

/** Says whether this is what was signed or a reading with today's rules, and changes between the two. */
export function ReadAgain({ signed, again, onChange }: Props) {
  const { frozen } = signed
  if (!frozen) {
    return (
      <p role="note" className={BOX}>
        Signed before readings were kept. What stands here is read with {editionWords(EDITION)}.
      </p>
    )
  }
  const same = isSameEdition(frozen.edition, EDITION)
  return (
    <div role="note" className={`${BOX} ${again ? 'border-l-[6px] border-l-halt' : ''}`}>
      <p className="font-semibold">
        {again ? 'Read again with today’s rules. This is not what was signed.' : `As it was signed, with ${editionWords(frozen.edition)}.`}
      </p>
      {again && <p>{same ? 'Today’s rules are the same edition.' : `Signed with ${editionWords(frozen.edition)}; read now with ${editionWords(EDITION)}.`}</p>}
      <Button onClick={() => onChange(!again)} look="quiet" className="no-print mt-1">
        {again ? 'Show what was signed' : 'Read again with today’s rules'}
      </Button>
    </div>
  )
}

const BOX = 'mb-4 rounded-card border border-hair bg-dust px-4 py-3'
