'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { v7 } from 'uuid'
import type { Problem } from '@/core/vocabulary/problem'
import { startPerson } from '@/app/today/actions'
import { Button } from '@/ui/button'
import { ProblemNotice } from '@/ui/problem-notice'

/** Begins the first examination of somebody who came in by a file. */
export function FirstExam({
  person: { id, name, born, work },
}: {
  readonly person: { readonly id: string; readonly name: string; readonly born: string | null; readonly work: string }
}) {
  const router = useRouter()
  const [examId] = useState(() => v7())
  const [problem, setProblem] = useState<Problem | null>(null)
  const start = async () => {
    const came = await startPerson({ personId: id, examId }, { name, born: born ?? '', work })
    if (came) setProblem(came)
    else router.push(`/exam/${examId}/story`)
  }
  return (
    <div className="mt-3">
      <Button look="main" onClick={() => void start()}>
        Begin an examination
      </Button>
      {problem && <ProblemNotice problem={problem} onClose={() => setProblem(null)} />}
    </div>
  )
}
