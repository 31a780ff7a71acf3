'use client'

import { useState } from 'react'
import { eventWords } from '@/core/record/event-words'
import { useExam } from './store'
import { Button } from '../button'

/** Entries that could not join the record: what they said, why they could not, and what can be done with them. Nothing is lost. */
export function SetAsidePanel() {
  const { link, answerAgain, letGo } = useExam()
  const [copied, setCopied] = useState(false)
  const { aside } = link
  if (aside.length === 0) return null
  const lines = aside.map(({ event, why }) => ({ id: event.id, words: eventWords(event), why }))
  const ids = aside.map((a) => a.id)
  const copy = () => {
    const text = lines.map((line) => `${line.words}\n  ${line.why}`).join('\n')
    navigator.clipboard.writeText(text).then(
      () => setCopied(true),
      () => setCopied(false),
    )
  }
  return (
    <section aria-label="Set aside" className="no-print mx-6 mt-3 rounded-card border-l-[6px] border-halt bg-sheet px-4 py-3">
      <h2 className="text-lg font-semibold">Set aside on this device: {aside.length === 1 ? '1 entry' : `${aside.length} entries`}</h2>
      <p className="text-ash">They could not join the record as it stands, and are kept here until you have dealt with them.</p>
      <ul className="mt-2 max-h-48 overflow-y-auto">
        {lines.map((line) => (
          <li key={line.id} className="border-t border-hair py-2">
            <p className="font-semibold">{line.words}</p>
            <p className="text-ash">{line.why}</p>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap gap-3">
        <Button onClick={() => void answerAgain(ids)}>Record them again</Button>
        <Button onClick={copy}>{copied ? 'Copied' : 'Copy'}</Button>
        <Button onClick={() => void letGo(ids)}>I have read them; let go</Button>
      </div>
    </section>
  )
}
