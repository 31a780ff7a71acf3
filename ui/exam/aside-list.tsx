'use client'

import { format } from 'date-fns'
import { type ReactNode, useState } from 'react'
import { entryWords } from '@/core/note/entry-words'
import type { ExamEvent } from '@/core/record/event'
import { Button } from '../button'
import type { SetAside } from './outbox'

interface Props {
  readonly aside: readonly SetAside[]
  /** The record they did not join, as far as it is known here. */
  readonly record?: readonly ExamEvent[]
  readonly onLetGo: (ids: readonly string[]) => void
  /** What else can be done with them. */
  readonly children?: ReactNode
}

/** What was set aside, in words: to be read, copied and let go of. */
export function AsideList({ aside, record = [], onLetGo, children }: Props) {
  const [copied, setCopied] = useState(false)
  const among = [...record, ...aside.map((a) => a.event)]
  const lines = aside.map(({ event, why }) => ({ id: event.id, at: format(event.at, 'd MMM, HH:mm'), words: entryWords(event, among), why }))
  const copy = () => {
    const text = lines.map((line) => `${line.at}  ${line.words}\n  ${line.why}`).join('\n')
    navigator.clipboard.writeText(text).then(
      () => setCopied(true),
      () => setCopied(false),
    )
  }
  return (
    <>
      <ul className="max-h-48 overflow-y-auto">
        {lines.map((line) => (
          <li key={line.id} className="border-t border-hair py-2">
            <p>
              <span className="figures mr-3 text-ash">{line.at}</span>
              <span className="font-semibold">{line.words}</span>
            </p>
            <p className="text-ash">{line.why}</p>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        {children}
        <Button onClick={copy}>{copied ? 'Copied' : 'Copy'}</Button>
        <Button onClick={() => onLetGo(aside.map((a) => a.id))}>I have read {aside.length === 1 ? 'it' : 'them'}; let go</Button>
      </div>
    </>
  )
}
