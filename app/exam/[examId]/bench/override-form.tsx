'use client'

import { useState } from 'react'
import { type Finding, RESULT_WORDS } from '@/core/findings/finding'
import { useExam } from '@/ui/exam/store'
import { Button } from '@/ui/button'

const RESULTS = ['positive', 'negative', 'inconclusive'] as const

/** Give a finished test another result than the one derived, with a reason. Both stay on the record. */
export function OverrideForm({ finding }: { readonly finding: Finding }) {
  const { record } = useExam()
  const [open, setOpen] = useState(false)
  const [result, setResult] = useState<(typeof RESULTS)[number]>('inconclusive')
  const [why, setWhy] = useState('')
  if (!open) {
    return (
      <Button onClick={() => setOpen(true)} look="quiet" className="ml-2">
        Set another result
      </Button>
    )
  }
  return (
    <form
      className="mt-2 flex flex-wrap gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        if (why.trim().length >= 3 && record([{ type: 'finding-overridden', run: finding.run, about: finding.about, result, why: why.trim() }])) setOpen(false)
      }}
    >
      <select
        aria-label="Result"
        value={result}
        onChange={(e) => setResult(RESULTS.find((r) => r === e.target.value) ?? 'inconclusive')}
        className="min-h-11 rounded-md border border-ash bg-dust px-2"
      >
        {RESULTS.map((r) => (
          <option key={r} value={r}>
            {RESULT_WORDS[r]}
          </option>
        ))}
      </select>
      <input
        autoFocus
        value={why}
        maxLength={300}
        onChange={(e) => setWhy(e.target.value)}
        aria-label="Reason for the other result"
        placeholder="Your reason; both results stay on the record"
        className="min-h-11 min-w-0 grow rounded-md border border-ash bg-dust px-3 placeholder:text-ash"
      />
      <button type="submit" disabled={why.trim().length < 3} className="min-h-11 rounded-card border-2 border-ink px-4 font-semibold disabled:opacity-50">
        Keep
      </button>
    </form>
  )
}
