'use client'

import { type ReactNode, useEffect, useState } from 'react'
import { v7 } from 'uuid'
import { assess } from '@/core/assess'
import { SHIPPED } from '@/core/evidence/knowledge'
import { parseEvent } from '@/core/record/event-schema'
import type { ExamEvent } from '@/core/record/event'
import type { Commitment, PracticeStep } from '@/core/trainer/attempt'
import type { SimulatedPatient } from '@/core/trainer/simulated-patient'
import type { Problem } from '@/core/vocabulary/problem'
import { Button } from '@/ui/button'
import { collect, deliver } from '@/ui/exam/delivery'
import { ExamProblem } from '@/ui/exam/exam-problem'
import { memoryOutbox } from '@/ui/exam/outbox'
import { createSession } from '@/ui/exam/session'
import { ExamProvider, type Lies, type Opened } from '@/ui/exam/store'
import { Opening } from '@/ui/opening'
import { type Practice, PracticeProvider } from '@/ui/practice/context'
import { ProblemNotice } from '@/ui/problem-notice'
import { Textures } from '@/ui/textures'
import { PracticeHeader } from './practice-header'
import { StoryAsks } from './story-asks'

interface Loaded extends Pick<Practice, 'judged' | 'teaches'> {
  readonly case: string
  readonly events: readonly ExamEvent[]
  readonly steps: readonly PracticeStep[]
  readonly patient: SimulatedPatient
  readonly hidden?: boolean
  readonly commitment: { readonly said: Commitment; readonly at: number } | null
}

interface Ready extends Loaded {
  readonly opened: Opened
}

interface Props {
  readonly runId: string
  readonly who: { readonly id: string; readonly name: string; readonly demo: boolean }
  /** Whoever took it; null where it is the one who looks. */
  readonly takenBy: string | null
  readonly children: ReactNode
}

/** Opens a run: the same record and the same bench as everywhere, kept in tables of its own. */
export function PracticeRecord({ runId, who, takenBy, children }: Props) {
  const [ready, setReady] = useState<Ready | null>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const [tries, setTries] = useState(0)
  useEffect(() => {
    let gone = false
    load(runId, who.id).then(
      (came) => {
        if (gone) return
        if ('what' in came) setProblem(came)
        else setReady(came)
      },
      () => {
        if (!gone) setProblem({ what: 'The server did not answer.', kept: 'What was sent is kept.', do: 'Try again.' })
      },
    )
    return () => {
      gone = true
    }
  }, [runId, who.id, tries])
  const [lies] = useState<Lies>(() => ({ at: (screen) => `/practice/run/${runId}/${COMMITS.includes(screen) ? 'commit' : screen}`, heard: false }))
  if (problem && !ready) {
    return (
      <main className="p-6">
        <ProblemNotice problem={problem} />
        <Button
          className="mt-4"
          onClick={() => {
            setProblem(null)
            setTries(tries + 1)
          }}
        >
          Try again
        </Button>
      </main>
    )
  }
  if (!ready) return <Opening words="The person is coming in" />
  return (
    <ExamProvider examId={runId} by={who.id} stored={ready.events} demo={false} opened={ready.opened} lies={lies}>
      <PracticeProvider
        runId={runId}
        patient={ready.patient}
        hidden={ready.hidden ?? false}
        steps={ready.steps}
        over={ready.commitment !== null || takenBy !== null}
        judged={ready.judged}
        commitment={ready.commitment}
        teaches={ready.teaches}
      >
        <Textures />
        <div className="flex h-[calc(100dvh-var(--band,0px))] flex-col print:h-auto">
          <PracticeHeader name={ready.case} over={ready.commitment !== null} takenBy={takenBy} />
          <ExamProblem />
          <StoryAsks />
          {children}
        </div>
      </PracticeProvider>
    </ExamProvider>
  )
}

/** Screens that an examination leaves by: here what is held for true is committed. */
const COMMITS: readonly string[] = ['note', 'letter', 'summary', 'recheck']

async function load(runId: string, by: string): Promise<Ready | Problem> {
  const response = await fetch(`/practice/run/${runId}/record`, { cache: 'no-store' })
  const body = (await response.json()) as Loaded | Problem
  if ('what' in body) return body
  const events = body.events.flatMap((event) => {
    const parsed = parseEvent(event)
    return parsed.ok ? [parsed.event] : []
  })
  const session = createSession(runId, events, {
    // Practice is worth no place among what waits for a real person: it is in this window until it is sent.
    outbox: Promise.resolve(memoryOutbox()),
    deliver: (after, sent) => deliver(runId, after, sent, '/practice/run'),
    collect: (after) => collect(runId, after, '/practice/run'),
    stamp: (content) => ({ ...content, id: v7(), at: Date.now(), by }),
  })
  const { exam } = session.state()
  return { ...body, events, opened: { session, assessment: exam && assess(exam, { clinic: SHIPPED }) } }
}
