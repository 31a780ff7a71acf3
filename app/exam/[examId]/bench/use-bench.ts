'use client'

import { useState } from 'react'
import { v7 } from 'uuid'
import type { ExamTest, Stage } from '@/core/catalogue/exam-test'
import { testById } from '@/core/catalogue'
import { offeredIntensity } from '@/core/findings/familiar'
import { lastRun, nextStep, routeOf, variantFor, type RouteLeg, type RouteStep } from '@/core/planner/route'
import type { Answer, SymptomId } from '@/core/record/answer'
import type { EventContent } from '@/core/record/event'
import type { Exam, Run } from '@/core/record/exam'
import { nextStage } from '@/core/record/ladder'
import { sidesOf } from '@/core/record/outline'
import { barring, type ClosedGate, heeding } from '@/core/safety/safety'
import type { Place } from '@/core/vocabulary/body-area'
import type { Quality } from '@/core/vocabulary/quality'
import type { TestSide } from '@/core/vocabulary/side'
import { useExam } from '@/ui/exam/store'
import { useInclinometer } from './use-inclinometer'

/** What is in hand: one test on one side, and how far it has come. */
export interface InHand {
  readonly test: ExamTest
  readonly side: TestSide
  /** The performance under way; null before its first answer. */
  readonly run: Run | null
  /** The stage that waits for an answer. */
  readonly stage: Stage
  /** Performed before, and shown again: answering repeats it. */
  readonly repeats: boolean
  /** The way it is done: under way, chosen, the same as last time, or the first. */
  readonly variant: string
  /** The gate that keeps it from starting; null when it may. */
  readonly barred: ClosedGate | null
  /** Cautions to heed before its first step. */
  readonly heed: readonly ClosedGate[]
}

/** Something came on and its details are being confirmed; nothing is recorded yet. */
export interface Pending {
  readonly said: 'familiar' | 'other'
  readonly symptom: SymptomId
  readonly places: readonly Place[]
  readonly intensity: number
  /** The place was asked for and cannot be told. */
  readonly placeUnknown: boolean
  /** For something else: what it felt like. */
  readonly qualities: readonly Quality[]
}

/** The bench as a state and its few moves. Everything that lasts is an event; the rest is only this hand's. */
export interface Bench {
  readonly route: readonly RouteLeg[]
  readonly suggested: RouteStep | undefined
  readonly inHand: InHand | null
  readonly pending: Pending | null
  /** Typed so far; the next answer takes it. */
  readonly typed: string
  /** What a device on the limb reads now; null while none runs. */
  readonly live: number | null
  readonly zeroed: boolean
  /** Was the patient seen to lean away? Only where the stage watches for it. */
  readonly lean: boolean
  readonly hint: string | null
  readonly choose: (test: ExamTest, side: TestSide) => void
  readonly takeSuggested: () => void
  readonly changeSide: (side: TestSide) => void
  readonly changeVariant: (variant: string) => void
  readonly type: (digit: string) => void
  readonly answer: (answer: PlainAnswer) => void
  /** Start the device, or take the angle it reads. */
  readonly measure: () => void
  readonly toggleLean: () => void
  readonly ask: (said: Pending['said']) => void
  readonly change: (change: Partial<Pending>) => void
  readonly confirm: () => void
  readonly stop: () => void
  readonly back: () => void
}

/** Answers that need no details. */
export type PlainAnswer = 'nothing' | 'stretch' | 'eased' | 'unchanged' | 'returned' | 'stayed-away'

/** The limb rests this long before it is moved, so that the device can be zeroed, in milliseconds. */
const STILL_MS = 2200

export function useBench(): Bench {
  const { exam, assessment, record, undo } = useExam()
  const [chosen, setChosen] = useState<{ test: string; side: TestSide } | null>(null)
  const [pending, setPending] = useState<Pending | null>(null)
  const [typed, setTyped] = useState('')
  const [hint, setHint] = useState<string | null>(null)
  const [sure, setSure] = useState<string | null>(null)
  const [lean, setLean] = useState(false)
  const device = useInclinometer()
  const route = routeOf(assessment)
  const suggested = nextStep(route, exam)
  const [ways, setWays] = useState<Readonly<Record<string, string>>>({})
  const inHand = inHandOf(chosen ?? suggestedPair(suggested), exam, ways)

  const clear = () => {
    setPending(null)
    setTyped('')
    setHint(null)
    setSure(null)
    setLean(false)
    device.stop()
  }
  const choose = (test: ExamTest, side: TestSide) => {
    clear()
    setChosen({ test: test.id, side })
  }

  /** Start the test if its first answer is this one; keep it in hand until its ladder is done. */
  const give = (answer: Answer) => {
    if (!inHand) return
    const { test, side, run, stage } = inHand
    const runId = run?.id ?? v7()
    const contents: EventContent[] = [...(run ? [] : [start(runId, inHand)]), { type: 'stage-answered', run: runId, stage: stage.id, answer }]
    if (!record(contents)) return
    clear()
    const answers = [...(run?.answers ?? []), { event: '', stage: stage.id, answer, at: 0 }]
    const over = nextStage({ answers, stopped: null, variant: inHand.variant }, test) === null
    setChosen(over ? null : { test: test.id, side })
  }

  /** An unusual angle is asked about once; the same answer again takes it. */
  const doubtful = (angle: number | undefined): boolean => {
    const limits = inHand?.stage.angle
    if (!limits || angle === undefined || sure === String(angle)) return false
    if (angle >= limits.usual[0] && angle <= limits.usual[1]) return false
    setSure(String(angle))
    setTyped(String(angle))
    setHint(`${angle}° is unusual for ${limits.joint}. Give the answer again to keep it, or type it anew.`)
    return true
  }
  const typedAngle = inHand?.stage.angle && typed !== '' ? Number(typed) : undefined
  const watched = inHand?.stage.leanWatched ? { lean } : {}

  /** The end of the range: typed, or where the device saw the limb rest. */
  const endAngle = (): number | undefined => {
    const limits = inHand?.stage.angle
    if (typedAngle !== undefined || !limits || device.live === null) return typedAngle
    const found = device.end(limits.rest ? -1 : 1)
    return found === null ? undefined : Math.round(found)
  }

  /** The angle at onset: typed, or read back from the device to when it was felt. */
  const takeOnset = () => {
    if (typedAngle !== undefined || device.live === null) return
    const onset = device.onset()
    device.stop()
    if (!onset) return
    setTyped(String(Math.max(0, Math.round(onset.angle))))
    if (onset.tooFast)
      setHint(`Too fast (${Math.round(Math.abs(onset.speed))}° a second) to be sure of the angle. Go back with ⌫, lower and repeat more slowly, or keep it.`)
  }

  return {
    route,
    suggested,
    inHand,
    pending,
    typed,
    live: device.live,
    zeroed: device.zeroed,
    lean,
    hint,
    choose,
    takeSuggested: () => {
      clear()
      setChosen(null)
    },
    changeSide: (side) => {
      if (inHand && !inHand.run && sidesOf(inHand.test).includes(side)) choose(inHand.test, side)
    },
    changeVariant: (variant) => {
      if (inHand && !inHand.run) setWays({ ...ways, [inHand.test.id]: variant })
    },
    type: (digit) => {
      if (inHand?.stage.angle && typed.length < 3) setTyped(typed + digit)
    },
    answer: (said) => {
      const end = endAngle()
      if (doubtful(end)) return
      give(plain(said, end, watched))
    },
    measure: () => {
      const limits = inHand?.stage.angle
      if (!limits) return
      if (device.live !== null) {
        setTyped(String(device.live))
        device.stop()
        return
      }
      setTyped('')
      const from = limits.rest ?? 0
      device.start({ seed: `${exam.id} ${exam.length}`, from, to: from === 0 ? limits.usual[1] * 0.86 : limits.usual[1] * 0.3, speed: 15, stillMs: STILL_MS })
    },
    toggleLean: () => {
      if (inHand?.stage.leanWatched) setLean(!lean)
    },
    ask: (said) => {
      if (!inHand) return
      const symptom = exam.symptoms.find((s) => s.places.length > 0) ?? exam.symptoms[0]
      if (!symptom && said === 'familiar') {
        setHint('There is no symptom in the story yet. Describe it there first; what you typed stays here.')
        return
      }
      setHint(null)
      takeOnset()
      setPending({ said, symptom: symptom?.id ?? 'S1', places: [], intensity: offeredIntensity(symptom), placeUnknown: false, qualities: [] })
    },
    change: (change) => {
      if (!pending) return
      const next = { ...pending, ...change }
      // Another symptom has another rest, so the offered intensity follows it.
      const offered =
        change.symptom && change.symptom !== pending.symptom ? { intensity: offeredIntensity(exam.symptoms.find((s) => s.id === change.symptom)) } : {}
      setPending({ ...next, ...offered })
      setHint(null)
    },
    confirm: () => {
      if (!pending) return
      if (pending.places.length === 0 && !pending.placeUnknown) {
        setHint('Where? The place decides what this means.')
        return
      }
      if (doubtful(typedAngle)) return
      const { said, places, symptom, intensity, qualities } = pending
      give(
        said === 'familiar'
          ? { said, symptom, places, intensity, ...watched, ...(typedAngle !== undefined && { onset: typedAngle }) }
          : { said, places, ...watched, ...(qualities.length > 0 && { qualities }), ...(typedAngle !== undefined && { end: typedAngle }) },
      )
    },
    stop: () => {
      if (!inHand) return
      const runId = inHand.run?.id ?? v7()
      const contents: EventContent[] = [...(inHand.run ? [] : [start(runId, inHand)]), { type: 'test-stopped', run: runId, why: 'patient-asked' }]
      if (!record(contents)) return
      clear()
      setChosen(null)
      setHint('Stopped. Let it settle before the next test.')
    },
    back: () => {
      if (typed !== '' && !pending) setTyped(typed.slice(0, -1))
      else if (pending) setPending(null)
      else {
        clear()
        setChosen(null)
        if (!undo()) setHint('There is nothing on the bench to take back.')
      }
    },
  }
}

function plain(said: PlainAnswer, angle: number | undefined, watched: { readonly lean?: boolean }): Answer {
  switch (said) {
    case 'nothing':
      return { said, ...watched, ...(angle !== undefined && { end: angle }) }
    case 'stretch':
      return { said, places: [], ...watched, ...(angle !== undefined && { end: angle }) }
    case 'eased':
    case 'unchanged':
    case 'returned':
    case 'stayed-away':
      return { said }
  }
}

function start(run: string, { test, side, variant }: InHand): EventContent {
  return { type: 'test-started', run, test: test.id, side, variant }
}

function suggestedPair(step: RouteStep | undefined): { test: string; side: TestSide } | null {
  return step ? { test: step.test.id, side: step.side } : null
}

function inHandOf(pair: { test: string; side: TestSide } | null, exam: Exam, ways: Readonly<Record<string, string>>): InHand | null {
  const test = pair && testById(pair.test)
  if (!test) return null
  const last = lastRun(exam, test.id, pair.side)
  const open = last && nextStage(last, test)
  // Compared results must be done the same way, so the last way is kept until another is chosen.
  const variant = (open ? last.variant : ways[test.id]) ?? variantFor(exam, test)
  const waits = open ?? nextStage({ answers: [], stopped: null, variant }, test)
  const whole = test.stages.find((s) => s.id === waits?.id)
  if (!whole) return null
  return {
    test,
    side: pair.side,
    run: open ? last : null,
    stage: whole,
    repeats: last !== undefined && !open,
    variant,
    barred: barring(exam, test.id, variant) ?? null,
    heed: heeding(exam, test.id, variant),
  }
}
