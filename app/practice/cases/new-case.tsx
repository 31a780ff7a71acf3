'use client'

import { useRouter } from 'next/navigation'
import { useRef, useState } from 'react'
import { v7 } from 'uuid'
import type { CaseFile } from '@/core/trainer/case-file/file'
import type { Problem } from '@/core/vocabulary/problem'
import { act } from '@/ui/act'
import { Button } from '@/ui/button'
import { ProblemNotice } from '@/ui/problem-notice'

/** A new case, empty or from a file that somebody shared. */
export function NewCase() {
  const router = useRouter()
  const chooser = useRef<HTMLInputElement>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const take = async (file: File) => {
    const code = v7()
    let read: CaseFile
    try {
      read = JSON.parse(await file.text()) as CaseFile
    } catch {
      setProblem({ what: `${file.name} is no JSON.`, kept: 'Nothing was taken from it.', do: 'Choose a file that was saved as a case.' })
      return
    }
    const refused = await act<Problem | null>('save-case', v7(), code, read, false).catch(
      (): Problem => ({ what: 'The server did not answer.', kept: 'Nothing was taken.', do: 'Try again.' }),
    )
    setProblem(refused)
    if (!refused) router.push(`/practice/cases/${code}`)
  }
  return (
    <div className="mt-3">
      {problem && <ProblemNotice problem={problem} />}
      <div className="flex flex-wrap gap-3">
        <Button look="main" onClick={() => router.push(`/practice/cases/${v7()}`)}>
          Write a case
        </Button>
        <Button onClick={() => chooser.current?.click()}>Take one from a file</Button>
        <input
          ref={chooser}
          type="file"
          accept="application/json,.json"
          aria-label="File of a case"
          className="sr-only"
          tabIndex={-1}
          onChange={(e) => {
            const [file] = e.target.files ?? []
            if (file) void take(file)
            e.target.value = ''
          }}
        />
      </div>
    </div>
  )
}
