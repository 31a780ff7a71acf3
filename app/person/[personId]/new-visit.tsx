'use client'

import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { v7 } from 'uuid'
import type { Problem } from '@/core/vocabulary/problem'
import { act } from '@/ui/act'
import { Button } from '@/ui/button'
import { ProblemNotice } from '@/ui/problem-notice'

interface Props {
  readonly personId: string
  readonly episode: string
}

/** Opens the next visit of an episode and goes there. */
export function NewVisit({ personId, episode }: Props) {
  const router = useRouter()
  // Made once, so that pressing twice opens one.
  const [examId] = useState(() => v7())
  const [problem, setProblem] = useState<Problem | null>(null)
  const [asking, setAsking] = useState(false)
  const open = async () => {
    setAsking(true)
    try {
      const came = await act<Problem | null>('start-visit', examId, personId, episode)
      setProblem(came)
      if (!came) router.push(`/exam/${examId}/story`)
    } catch {
      setProblem({ what: 'The server did not answer.', kept: 'Nothing was opened twice: pressing again opens the same visit.', do: 'Try again in a moment.' })
    } finally {
      setAsking(false)
    }
  }
  return (
    <div className="no-print">
      {problem && <ProblemNotice problem={problem} />}
      <Button look="main" disabled={asking} onClick={() => void open()}>
        Open the next visit
      </Button>
    </div>
  )
}
