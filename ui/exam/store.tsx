'use client'

import { createContext, type ReactNode, useCallback, useContext, useEffect, useMemo, useState, useSyncExternalStore } from 'react'
import { v7 } from 'uuid'
import { type Assessment, assess } from '@/core/assess'
import { type Clinic, SHIPPED } from '@/core/evidence/knowledge'
import { type OwnTurn, type TurnSeconds, turnSeconds } from '@/core/planner/price'
import type { EventContent, ExamEvent } from '@/core/record/event'
import type { Exam } from '@/core/record/exam'
import type { Problem } from '@/core/vocabulary/problem'
import { collect, deliver } from './delivery'
import { browserOutbox, type SetAside } from './outbox'
import { offerBack, type OpenedExam, type Receipt } from './offer-back'
import { createSession, type Ports, type Session } from './session'
import { browserStream } from './stream'

/** How the record in this window stands with the one on disk. */
export interface Link {
  /** Events not yet acknowledged as on disk. */
  readonly waiting: number
  readonly reachable: boolean
  /** Does what waits survive this window being closed? */
  readonly lasting: boolean
  /** Entries that could not join the record; they wait for somebody to read them. */
  readonly aside: readonly SetAside[]
}

/** What the clinic would write into a new examination. */
export type House = Pick<Exam, 'schools' | 'setting'>

/** The examination in this window, and the only way to change it. */
export interface ExamStore {
  readonly exam: Exam
  readonly assessment: Assessment
  /** What the clinic knows beside what ships. */
  readonly clinic: Clinic
  /** What turning the body costs here, in seconds. */
  readonly turns: TurnSeconds
  /** The schools and the setting the clinic follows now; the examination keeps its own. */
  readonly house: House
  /** The demo clinic: stand-ins of devices are offered. */
  readonly demo: boolean
  /** Where a screen of this examination lies. */
  readonly at: (screen: string) => string
  readonly link: Link
  readonly problem: Problem | null
  /** What another window recorded last, since this one recorded anything. */
  readonly foreign: ExamEvent | null
  /** Every entry of the record as this window knows it, oldest first. */
  readonly entries: () => readonly ExamEvent[]
  /** Add what happened. Shown at once, kept on this device, sent until acknowledged. */
  readonly record: (contents: readonly EventContent[]) => boolean
  /** Take the last step on the bench back. */
  readonly undo: Session['undo']
  readonly redo: Session['redo']
  readonly dismissProblem: () => void
  /** Record what was set aside once more. */
  readonly answerAgain: (ids: readonly string[]) => Promise<void>
  /** Let go of what was set aside. */
  readonly letGo: (ids: readonly string[]) => Promise<void>
}

const ExamContext = createContext<ExamStore | null>(null)

/** The examination of this page. */
export function useExam(): ExamStore {
  const store = useContext(ExamContext)
  if (!store) throw new Error('useExam is used outside an examination.')
  return store
}

/** Wait between tries while the server cannot be reached, in milliseconds. */
const RETRY_MS = 2000

interface Props {
  readonly examId: string
  readonly by: string
  readonly stored: readonly ExamEvent[]
  /** What the clinic knows beside what ships, and what turning costs here. */
  readonly clinic?: Clinic
  readonly ownTurns?: readonly OwnTurn[]
  readonly house?: House
  readonly demo?: boolean
  /** Where its screens lie, and whether other windows are heard; an examination of the clinic when absent. */
  readonly lies?: Lies
  /** The record as it was opened before anything is drawn; opened here where it was not. */
  readonly opened?: Opened
  readonly children: ReactNode
}

/** Where the screens of a record lie. */
export interface Lies {
  readonly at: (screen: string) => string
  /** Windows beside this one are told of what is recorded. */
  readonly heard: boolean
}

/** A record that is folded and read. */
export interface Opened {
  readonly session: Session
  readonly assessment: Assessment | null
}

/** What is needed to offer a record back to a server that was restored from an older backup. */
export interface Acknowledged {
  readonly receipt: Receipt | null
  readonly whose: OpenedExam
}

/** Fold and read a record, pausing in between, so that no key waits for all of it. */
export async function openRecord(
  examId: string,
  by: string,
  stored: readonly ExamEvent[],
  clinic: Clinic,
  pause: () => Promise<void>,
  acknowledged?: Acknowledged,
): Promise<Opened> {
  const session = sessionOf(examId, by, stored, acknowledged)
  await pause()
  const { exam } = session.state()
  return { session, assessment: exam && assess(exam, { clinic }) }
}

const NO_TURNS: readonly OwnTurn[] = []
const NO_HOUSE: House = { schools: {}, setting: 'referred' }

/** Gives the pages of one examination its record, and keeps it flowing to the server. */
export function ExamProvider({ examId, by, stored, clinic = SHIPPED, ownTurns = NO_TURNS, house = NO_HOUSE, demo = false, lies, opened, children }: Props) {
  const [session] = useState(() => opened?.session ?? sessionOf(examId, by, stored))
  const state = useSyncExternalStore(session.subscribe, session.state, session.state)
  const heard = lies?.heard ?? true
  const own = lies?.at
  const at = useCallback((screen: string) => own?.(screen) ?? `/exam/${examId}/${screen}`, [own, examId])
  useEffect(() => {
    void session.resume()
    const send = () => void session.send()
    const again = setInterval(send, RETRY_MS)
    window.addEventListener('online', send)
    // Other windows of this examination: the stream only says that it grew.
    const stop = heard ? browserStream().hear(examId, 'record', () => void session.refresh()) : () => undefined
    return () => {
      stop()
      clearInterval(again)
      window.removeEventListener('online', send)
    }
  }, [session, examId, heard])
  const { exam, waiting, reachable, lasting, aside, problem, foreign } = state
  const first = opened?.assessment ?? null
  const assessment = useMemo(() => (first?.exam === exam ? first : exam && assess(exam, { clinic })), [exam, clinic, first])
  const turns = useMemo(() => turnSeconds(ownTurns), [ownTurns])
  const store = useMemo<ExamStore | null>(
    () =>
      exam &&
      assessment && {
        exam,
        assessment,
        clinic,
        turns,
        house,
        demo,
        at,
        link: { waiting: waiting.length, reachable, lasting, aside },
        problem,
        foreign,
        entries: () => [...session.state().onDisk, ...session.state().waiting],
        record: session.record,
        undo: session.undo,
        redo: session.redo,
        dismissProblem: session.dismissProblem,
        answerAgain: session.answerAgain,
        letGo: session.letGo,
      },
    [exam, assessment, clinic, turns, house, demo, at, waiting.length, reachable, lasting, aside, problem, foreign, session],
  )
  return store && <ExamContext value={store}>{children}</ExamContext>
}

function sessionOf(examId: string, by: string, stored: readonly ExamEvent[], acknowledged?: Acknowledged): Session {
  const ports = {
    // The browser's store does not exist while the server renders the page; nothing is recorded there.
    outbox: typeof window === 'undefined' ? new Promise(() => undefined) : browserOutbox(),
    deliver: (after: number, events: readonly ExamEvent[]) => deliver(examId, after, events),
    collect: (after: number) => collect(examId, after),
    stamp: (content: EventContent) => ({ ...content, id: v7(), at: Date.now(), by }),
    ...(acknowledged && { offer: (events: readonly ExamEvent[], receipt: Receipt) => offerBack(examId, events, receipt, acknowledged.whose) }),
  } satisfies Ports
  return createSession(examId, stored, ports, acknowledged?.receipt)
}
