'use client'

import { format } from 'date-fns'
import { type ReactNode, useEffect, useState } from 'react'
import type { Clinic } from '@/core/evidence/knowledge'
import type { OwnTurn } from '@/core/planner/price'
import { parseEvent } from '@/core/record/event-schema'
import type { ExamEvent } from '@/core/record/event'
import { versionWords } from '@/core/note/version'
import type { Problem } from '@/core/vocabulary/problem'
import { ExamHeader } from '@/ui/exam/exam-header'
import { ExamProblem } from '@/ui/exam/exam-problem'
import { breath } from '@/ui/breath'
import { FromNote } from '@/ui/exam/from-note'
import type { OpenedExam, Receipt } from '@/ui/exam/offer-back'
import { ExamProvider, type House, type Opened, openRecord, useExam } from '@/ui/exam/store'
import type { NamedPerson } from '@/ui/exam/whose-dialog'
import { Opening } from '@/ui/opening'
import { useSignatureProof } from '@/ui/exam/use-signature-proof'
import { PrintFoot } from '@/ui/print-foot'
import { keepRecord, keptRecord } from '@/ui/device/records'
import { onOpened, toldAtDoor } from '@/ui/doors/door'
import { Textures } from '@/ui/textures'
import { TourStep } from '@/ui/tour'
import { ProblemNotice } from '@/ui/problem-notice'
import { Button } from '@/ui/button'
import type { Titled } from './titled'

interface Props {
  readonly examId: string
  readonly who: { readonly id: string; readonly name: string; readonly role: string; readonly demo: boolean }
  readonly person: NamedPerson
  readonly children: ReactNode
}

/** What the server holds of one examination, and what the clinic knows beside what ships. */
export interface Loaded {
  readonly events: readonly ExamEvent[]
  /** Entries that cannot be read, by their place. */
  readonly faults: readonly { readonly seq: number; readonly what: string }[]
  readonly clinic: Clinic
  readonly turns: readonly OwnTurn[]
  readonly house: House
  /** How it came here, when it came as a file; in words. */
  readonly imported?: string | null
  /** The server's word for these entries, and whose they are: offered back to a server that lost them. */
  readonly receipt?: Receipt | null
  readonly person?: OpenedExam['person']
  readonly at?: number
  /** Whose it is and what it is called on paper, for a device that keeps it. */
  readonly title?: { readonly who: string; readonly fileName: string; readonly paper?: Titled } | null
}

/** The same once it is folded and read. */
interface Ready extends Loaded {
  readonly opened: Opened
  /** As it came, to be kept on this device. */
  readonly asCame: Loaded
}

/** Fetches the record once and gives it to the screens; from then on the session keeps it. */
export function ExamRecord({ examId, who, person, children }: Props) {
  const { id: by, demo } = who
  const [loaded, setLoaded] = useState<Ready | null>(null)
  const [problem, setProblem] = useState<Problem | null>(null)
  const [tries, setTries] = useState(0)
  useEffect(() => {
    let gone = false
    load(examId, by).then(
      (came) => {
        if (gone) return
        if ('what' in came) setProblem(came)
        else setLoaded(came)
      },
      () => {
        if (!gone)
          setProblem({
            what: 'The server did not answer.',
            kept: 'Everything recorded is kept.',
            do: 'Try again; answers given before are sent by themselves.',
          })
      },
    )
    return () => {
      gone = true
    }
  }, [examId, by, tries])
  // What a closed door kept back is asked for once it is open.
  useEffect(
    () =>
      onOpened(() => {
        setProblem(null)
        setTries((n) => n + 1)
      }),
    [],
  )
  useKept(examId, loaded)
  if (problem && !loaded) {
    return (
      <main className="p-6">
        <ProblemNotice problem={problem} />
        <Button
          onClick={() => {
            setProblem(null)
            setTries(tries + 1)
          }}
          className="mt-4"
        >
          Try again
        </Button>
      </main>
    )
  }
  if (!loaded) return <Opening words="Opening the examination" />
  return (
    <ExamProvider
      examId={examId}
      by={by}
      stored={loaded.events}
      clinic={loaded.clinic}
      ownTurns={loaded.turns}
      house={loaded.house}
      demo={demo}
      opened={loaded.opened}
    >
      <Textures />
      <div className="flex h-[calc(100dvh-var(--band,0px))] flex-col print:h-auto">
        <ExamHeader examId={examId} person={person} demo={demo} />
        <Faults faults={loaded.faults} />
        {loaded.imported && (
          <p role="note" className="no-print border-b border-hair bg-glow px-6 py-1.5 text-sm">
            {loaded.imported}
          </p>
        )}
        <ExamProblem />
        <FromNote examId={examId} />
        <ExamFoot person={person} title={loaded.title?.paper ?? null} />
        {children}
        {demo && <TourStep examId={examId} />}
      </div>
    </ExamProvider>
  )
}

/** What every printed page of this examination carries. */
function ExamFoot({ person, title }: { readonly person: NamedPerson; readonly title: Titled | null }) {
  const { exam } = useExam()
  const proof = useSignatureProof(title?.claimed ?? false)
  const examined = title?.when ?? (Number.isNaN(new Date(exam.openedAt).getTime()) ? '' : format(exam.openedAt, 'd MMMM yyyy, HH:mm'))
  return <PrintFoot about={`${person.name}, number ${person.number}, examined ${examined}`} version={versionWords(exam, proof)} />
}

/** After so long without a new entry the record is kept on this device, in milliseconds. */
const KEPT_AFTER_MS = 1500

/** Keeps the record on this device as it grows, so that it opens again without the server. */
function useKept(examId: string, ready: Ready | null): void {
  useEffect(() => {
    if (!ready) return
    const { session } = ready.opened
    let timer: ReturnType<typeof setTimeout> | null = null
    let kept = -1
    const keep = () => {
      const { onDisk, receipt } = session.state()
      if (onDisk.length === kept) return
      kept = onDisk.length
      void keepRecord(examId, format(new Date(), 'yyyy-MM-dd'), { ...ready.asCame, events: onDisk, receipt }).catch(() => undefined)
    }
    const soon = () => {
      if (timer) clearTimeout(timer)
      timer = setTimeout(keep, KEPT_AFTER_MS)
    }
    soon()
    const stop = session.subscribe(soon)
    return () => {
      if (timer) clearTimeout(timer)
      stop()
    }
  }, [examId, ready])
}

/** Entries that are read between two pauses. */
const AT_ONCE = 12

/** Fetches a record and reads it in pieces: one long piece would hold back whatever is pressed meanwhile. */
async function load(examId: string, by: string): Promise<Ready | Problem> {
  const body = await recordFrom(examId)
  if ('what' in body) return body
  // Read as strictly as anything else from outside: another program may have answered.
  const events: ExamEvent[] = []
  for (const [i, event] of body.events.entries()) {
    if (i % AT_ONCE === AT_ONCE - 1) await breath()
    events.push(...readable(event))
  }
  await breath()
  const { person, at, receipt = null } = body
  const acknowledged = person && at !== undefined ? { receipt, whose: { person, at } } : undefined
  const opened = await openRecord(examId, by, events, body.clinic, breath, acknowledged)
  await breath()
  return { ...body, events, opened, asCame: body }
}

/** The record as the server tells it; where that is away, as this device keeps it. */
async function recordFrom(examId: string): Promise<Loaded | Problem> {
  const kept = async () => (await keptRecord(examId)) as Loaded | undefined
  try {
    const response = await fetch(`/exam/${examId}/record`, { cache: 'no-store' })
    toldAtDoor(response)
    const body = (await response.json()) as Loaded | Problem
    return response.status >= 500 ? ((await kept()) ?? body) : body
  } catch (error) {
    const here = await kept()
    if (here) return here
    throw error
  }
}

function readable(event: unknown): readonly ExamEvent[] {
  const parsed = parseEvent(event)
  return parsed.ok ? [parsed.event] : []
}

/** Entries that cannot be read: which, and how they are repaired. The others are shown. */
function Faults({ faults }: Pick<Loaded, 'faults'>) {
  const [first] = faults
  if (!first) return null
  return (
    <div className="px-6 pt-3">
      <ProblemNotice
        problem={{
          what: `${faults.length === 1 ? `Entry ${first.seq} of this examination` : `${faults.length} entries of this examination`} cannot be read: ${first.what}.`,
          kept: 'Everything else is shown as it was recorded. Nothing can be added until it is repaired.',
          do: 'Run npm run verify to see what was changed, or restore a backup.',
        }}
      />
    </div>
  )
}
