'use client'

import { Upload } from 'lucide-react'
import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import type { Problem } from '@/core/vocabulary/problem'
import { toldAtDoor } from '@/ui/doors/door'
import { ProblemNotice } from '@/ui/problem-notice'
import type { Choose } from './whose-file'
import { fetched } from '@/ui/fetched'

// Asked once in a hundred files.
const WhoseFile = fetched(() => import('./whose-file').then((m) => m.WhoseFile))

/** What the server answers: the examination, whose it is, or why not. */
type Came = { readonly examId: string } | (Problem & { readonly choose?: Choose })

/** Brings an examination file in and opens it. */
export function BringIn() {
  const router = useRouter()
  const input = useRef<HTMLInputElement>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const [asked, setAsked] = useState<{ readonly file: File; readonly choose: Choose } | null>(null)
  const bring = async (file: File, person?: string) => {
    setProblem(null)
    setAsked(null)
    try {
      const response = await fetch(`/exchange/import${person === undefined ? '' : `?person=${encodeURIComponent(person)}`}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: await file.text(),
      })
      const came = (await response.json()) as Came
      toldAtDoor(response)
      if ('examId' in came) router.push(`/exam/${came.examId}/weigh`)
      else if (came.choose) setAsked({ file, choose: came.choose })
      else setProblem(came)
    } catch {
      setProblem({
        what: 'The server did not answer.',
        kept: 'The file is where it was; nothing was imported.',
        do: 'Choose it again; it is taken once only.',
      })
    }
    if (input.current) input.current.value = ''
  }
  return (
    <>
      <label className="flex min-h-11 cursor-pointer items-center gap-2 rounded-card border border-ash bg-sheet px-4 focus-within:outline-3 focus-within:outline-lantern">
        <Upload size={18} aria-hidden="true" /> Import an exam file
        <input
          ref={input}
          type="file"
          accept="application/json,.json"
          className="sr-only"
          onChange={(e) => {
            const file = e.target.files?.[0]
            if (file) void bring(file)
          }}
        />
      </label>
      {asked && <WhoseFile choose={asked.choose} onChoose={(person) => void bring(asked.file, person)} onClose={() => setAsked(null)} />}
      {problem && (
        <div className="w-full">
          <ProblemNotice problem={problem} onClose={() => setProblem(null)} />
        </div>
      )}
    </>
  )
}
