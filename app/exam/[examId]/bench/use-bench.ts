'use client'

import { useEffect, useMemo, useReducer, useRef, useState } from 'react'
import { v7 } from 'uuid'
import { benchFromDraft, draftOf } from '@/core/bench/draft'
import { holdCount, holdHeld, holdLeft, restLeft } from '@/core/bench/hold'
import type { InHand } from '@/core/bench/in-hand'
import type { BenchInput, PlainAnswer } from '@/core/bench/input'
import { partsNow } from '@/core/bench/measured'
import type { Aside, BenchState, Pair, Pending, TableState } from '@/core/bench/state'
import { EMPTY_BENCH } from '@/core/bench/state'
import { openQuestions, type Unasked } from '@/core/safety/gate-zero'
import { type Ground, inHand as handOf, step, tableKey } from '@/core/bench/step'
import { type Cell, isFull, type TableMove, tableCells, tableOf } from '@/core/bench/table'
import { nameOfTest } from '@/core/catalogue/retired'
import { judgeStep } from '@/core/metrology/cuff'
import { type ForceScore, pressOf, scorePress } from '@/core/metrology/force'
import type { Frame } from '@/core/metrology/frame'
import { type Advice, adviceOf } from '@/core/planner/advice'
import { type RouteLeg, type RouteStep, routeOf } from '@/core/planner/route'
import type { LimitedBy } from '@/core/record/answer'
import { type Changes, changesOf } from '@/core/change/changes'
import { recheckRoute } from '@/core/change/recheck'
import { ALERT_WORDS } from '@/core/change/told'
import type { ExamEvent, PlanMode } from '@/core/record/event'
import type { Exam } from '@/core/record/exam'
import type { Choice } from '@/core/record/outline'
import { cuff as simulatedCuff } from '@/devices/simulated-cuff'
import { forcePad } from '@/devices/simulated-force-pad'
import { movementFor, nodFor, pressFor } from '@/devices/stand-ins'
import { useHands } from '@/ui/exam/hands'
import { browserOutbox } from '@/ui/exam/outbox'
import { useExam } from '@/ui/exam/store'
import { useFrames } from './use-frames'
import { useHoldTick } from './use-hold'
import { useInclinometer } from './use-inclinometer'

/** A table in hand: what is filled in, and its moves. */
export interface Table extends Pick<TableState, 'cells' | 'at'> {
  readonly all: readonly Cell[]
  readonly full: boolean
  readonly move: (move: TableMove) => void
}

/** A press on a pad: what it reads now, and how the last one was given. */
export interface Force {
  readonly live: number | null
  readonly score: ForceScore | null
}

/** The bench as screens see it: its state, what the devices read, and one way to do anything. */
export interface Bench extends Pick<BenchState, 'chosen' | 'pending' | 'aside' | 'rated' | 'typed' | 'trials' | 'lean' | 'endFeel' | 'painOrder' | 'hint'> {
  readonly route: readonly RouteLeg[]
  readonly suggested: RouteStep | undefined
  readonly inHand: InHand | null
  /** What a device on the limb reads now; null while none runs. */
  readonly live: number | null
  readonly zeroed: boolean
  /** Open questions of the whole safety screen, for the strip that asks them on demand; none while it is closed. */
  readonly questions: Unasked
  /** Parts that may be let go now, and the one chosen; none where there is no choice. */
  readonly parts: { readonly all: readonly Choice[]; readonly chosen: string | null }
  /** Stand-ins of devices may be played here: in the demo clinic, or where they were switched on. */
  readonly plays: boolean
  /** The device is the simulated one. */
  readonly simulated: boolean
  /** The angle in hand was read from a picture. */
  readonly fromPicture: boolean
  readonly hold: {
    readonly left: number | null
    readonly held: number | null
    readonly rest: number | null
    /** Of movements that are counted: which one, of how many. */
    readonly count: { readonly at: number; readonly of: number } | null
  }
  readonly force: Force
  /** What the cuff under the neck reads, in mmHg; null while none runs. */
  readonly cuff: number | null
  readonly table: Table
  /** What changed so far, and how many comparable signs wait in this moment. */
  readonly changes: Changes
  readonly waiting: number
  /** What to do next, why, and whether to stop. */
  readonly advice: Advice
  /** Anything the bench can do. */
  readonly input: (input: BenchInput) => void
  // The moves that need a clock, a device or a new id are filled in here, so that no screen has to.
  readonly answer: (said: PlainAnswer) => void
  readonly observe: (choice: string) => void
  readonly addTrial: () => void
  readonly keepMeasured: (limitedBy?: LimitedBy) => void
  readonly keepTable: () => void
  readonly ask: (said: Pending['said']) => void
  readonly change: (change: Partial<Pending>) => void
  readonly confirm: () => void
  readonly stop: () => void
  readonly cancel: () => void
  readonly back: () => void
  /** Record again what was taken back last. */
  readonly redo: () => void
  readonly open: (aside: Aside | null) => void
  readonly toggleHold: () => void
  readonly plan: (mode: PlanMode) => void
  /** Start the stand-in, or take the angle a device reads. */
  readonly measure: () => void
  readonly playForce: () => void
  readonly playCuff: () => void
  /** A press of the patient's bell: the familiar symptom begins. */
  readonly bell: () => void
  /** A frame of a device that was joined. */
  readonly feed: (frame: Frame) => void
}

const NO_QUESTIONS: Unasked = { consent: false, groups: [] }

/** The bench of the core, bound to the record, the clock and the devices of this window. */
export function useBench(): Bench {
  const { exam, assessment, turns, record, undo, redo, demo } = useExam()
  const [{ standIns, voice }] = useHands()
  const plays = demo || standIns
  const latest = useRef<BenchState>(EMPTY_BENCH)
  const [, drawn] = useReducer((n: number) => n + 1, 0)
  const device = useInclinometer()
  const pad = useFrames()
  const cuff = useFrames()
  const route = useMemo(() => routeOf(assessment, { turns }), [assessment, turns])
  const advice = useMemo(() => adviceOf(assessment, route, turns), [assessment, route, turns])
  const suggested = advice.step ?? undefined
  const changes = useMemo(() => changesOf(assessment), [assessment])
  const recheck = useMemo(() => recheckRoute(changes), [changes])
  const first = exam.episode || exam.treatments.length > 0 ? recheck[0] : undefined
  const ground = useMemo<Ground>(
    // In a later visit, and after a treatment, the comparable signs come before anything else.
    () => ({ exam, suggested: first ?? (suggested ? pairOf(suggested) : null), order: route.flatMap((leg) => leg.steps.map(pairOf)), recheck }),
    [exam, suggested, first, route, recheck],
  )
  const state = useDraft(exam, latest, drawn)

  const keep = (next: BenchState) => {
    latest.current = next
    drawn()
  }
  const input = (given: BenchInput) => {
    const came = step(latest.current, given, ground)
    if (came.events.length > 0 && !record(came.events)) return
    keep(came.state)
    if (came.devices) {
      device.stop()
      pad.stop()
      cuff.stop()
    }
    if (came.takeBack) tookBack(undo())
  }
  const tookBack = (events: readonly ExamEvent[]) => {
    const started = events.find((e) => e.type === 'test-started')
    const run = events.flatMap((e) => ('run' in e ? [e.run] : []))[0]
    const pair = started ?? exam.runs.find((r) => r.id === run)
    const hint =
      events.length === 0
        ? 'There is nothing on the bench to take back.'
        : `Taken back${pair ? `: ${nameOfTest(pair.test)}${pair.side === 'none' ? '' : `, ${pair.side}`}` : ''}. Shift and ⌫ records it again.`
    const found = pair && ground.order.find((p) => p.test === pair.test && p.side === pair.side)
    keep(step(latest.current, { do: 'took-back', test: found?.test ?? null, side: found?.side ?? 'none', words: hint }, ground).state)
  }

  useAlerts(changes, (words) => input({ do: 'alerted', words }))
  const inHand = handOf(state, ground)
  const grid = inHand?.stage.grid
  const table = tableOf(state.table, tableKey(inHand))
  const seenEnd = () => (device.live === null ? undefined : device.end(inHand?.stage.angle?.rest ? -1 : 1))
  const ended = () => {
    const end = seenEnd()
    return end === undefined ? {} : { end }
  }
  useHoldTick(state.hold, voice, () => input({ do: 'tick', now: performance.now() }))

  return {
    route,
    suggested,
    inHand,
    chosen: state.chosen,
    pending: state.pending,
    aside: state.aside,
    questions: state.aside === 'questions' ? openQuestions(exam, state.askFrom) : NO_QUESTIONS,
    rated: state.rated,
    typed: state.typed,
    trials: state.trials,
    lean: state.lean,
    endFeel: state.endFeel,
    painOrder: state.painOrder,
    hint: state.hint,
    live: device.live,
    zeroed: device.zeroed,
    parts: { all: partsNow(inHand), chosen: state.part ?? partsNow(inHand)[0]?.id ?? null },
    plays,
    simulated: device.simulated,
    fromPicture: state.picture && state.typed !== '',
    hold: { left: holdLeft(state.hold), held: holdHeld(state.hold), rest: restLeft(state.hold), count: holdCount(state.hold) },
    force: { live: pad.live, score: state.press },
    cuff: cuff.live,
    table: { cells: table.cells, at: table.at, all: tableCells(grid), full: isFull(table, grid), move: (move) => input({ do: 'table', move }) },
    changes,
    waiting: recheck.length,
    advice,
    input,
    answer: (said) => input({ do: 'answer', said, run: v7(), now: performance.now(), ...ended() }),
    observe: (choice) => input({ do: 'observe', choice, run: v7() }),
    addTrial: () => input({ do: 'add-trial', ...ended() }),
    keepMeasured: (limitedBy) => input({ do: 'keep-measured', run: v7(), ...ended(), ...(limitedBy && { limitedBy }) }),
    keepTable: () => input({ do: 'keep-table', run: v7() }),
    ask: (said) => input({ do: 'ask', said, now: performance.now(), onset: device.live === null ? null : device.onset() }),
    change: (change) => input({ do: 'change', change }),
    confirm: () => input({ do: 'confirm', run: v7(), now: performance.now() }),
    stop: () => input({ do: 'stop', run: v7() }),
    cancel: () => input({ do: 'cancel' }),
    back: () => input({ do: 'back' }),
    redo: () => input({ do: 'say', hint: redo() ? 'Recorded again.' : 'There is nothing to record again.' }),
    open: (aside) => input({ do: 'open', aside, now: Date.now() }),
    toggleHold: () => input({ do: 'toggle-hold', now: performance.now() }),
    plan: (mode) => input({ do: 'plan', mode }),
    measure: () => {
      const limits = inHand?.stage.angle
      // Only angles have a device; heights and counts are typed.
      if (!limits || limits.unit) return
      if (device.live !== null) input({ do: 'read-angle', angle: device.live })
      else if (plays) {
        input({ do: 'stand-in' })
        device.start(movementFor(limits, `${exam.id} ${exam.length} ${state.trials.length}`))
      }
    },
    playForce: () => {
      const band = inHand?.stage.force
      if (!band) return
      if (pad.live !== null) pad.stop()
      else if (plays) {
        input({ do: 'stand-in' })
        pad.play(forcePad(pressFor(band, `${exam.id} ${exam.length}`)), (trace) => input({ do: 'pressed', score: scoreOf(trace, band) }))
      }
    },
    playCuff: () => {
      const at = table.at
      const row = tableCells(grid)[at]?.row
      if (row?.mmHg === undefined || !plays) return
      const target = row.mmHg
      input({ do: 'stand-in' })
      cuff.play(simulatedCuff(nodFor(target, `${exam.id} ${row.id}`)), (trace) => {
        const judged = judgeStep(
          trace.map((f) => ({ t: f.t, mmHg: f.value })),
          target,
        )
        if (!judged) return
        input({ do: 'table', move: { set: judged.steady ? 'steady' : 'unsteady', at } })
        // The pressure it reached stands in the next cell of the row.
        const beside = tableCells(grid)[at + 1]
        if (beside?.column.number && beside.row.mmHg === target) input({ do: 'table', move: { set: String(Math.round(judged.mean)), at: at + 1 } })
      })
    },
    bell: () => {
      if (!latest.current.pending) input({ do: 'ask', said: 'familiar', now: performance.now(), onset: device.live === null ? null : device.onset() })
    },
    feed: (frame) => {
      if (!inHand || state.pending) return
      const band = inHand.stage.force
      if (frame.channel === 'angle' && inHand.stage.angle) device.feed(frame)
      else if (frame.channel === 'force' && band) pad.feed(frame, (trace) => input({ do: 'pressed', score: scoreOf(trace, band) }))
      else if (frame.channel === 'pressure' && inHand.stage.kind === 'grid') cuff.feed(frame, () => undefined)
    },
  }
}

/** Tells when what was just measured alerts; what alerted before this bench was opened is no news. */
function useAlerts({ alerts }: Changes, tell: (words: string) => void): void {
  const known = useRef(alerts.length)
  const latest = useRef(tell)
  useEffect(() => {
    latest.current = tell
  })
  useEffect(() => {
    const last = alerts.at(-1)
    if (alerts.length > known.current && last) latest.current(`Alert: ${last.sentence} ${ALERT_WORDS[last.alert ?? 'lost']}`)
    known.current = alerts.length
  }, [alerts])
}

function pairOf({ test, side }: RouteStep): Pair {
  return { test: test.id, side }
}

function scoreOf(trace: readonly Frame[], band: readonly [number, number]): ForceScore | null {
  return scorePress(pressOf(trace.map((f) => ({ t: f.t, force: f.value }))), band)
}

/** Wait after the last change before it is kept on the device, in milliseconds. */
const KEPT_AFTER_MS = 250

/** The bench as it lies, kept on this device: a half-filled table survives a reload. */
function useDraft(exam: Exam, latest: { current: BenchState }, drawn: () => void): BenchState {
  const [taken, setTaken] = useState(false)
  const key = `bench ${exam.id}`
  const over = useRef(exam)
  useEffect(() => {
    over.current = exam
  }, [exam])
  useEffect(() => {
    let gone = false
    void browserOutbox()
      .then((box) => box.draftOf(key))
      .then((draft) => {
        if (gone) return
        // Whoever was quicker than the device's store has a newer bench than it.
        if (draft !== undefined && latest.current === EMPTY_BENCH) {
          latest.current = benchFromDraft(draft, over.current)
          drawn()
        }
        setTaken(true)
      })
      .catch(() => setTaken(true))
    return () => {
      gone = true
    }
  }, [key, latest, drawn])
  const now = latest.current
  const due = useRef<(() => void) | null>(null)
  useEffect(() => {
    if (!taken) return
    const write = () => {
      due.current = null
      void browserOutbox()
        .then((box) => box.keepDraft(key, draftOf(now, exam)))
        .catch(() => undefined)
    }
    due.current = write
    const timer = setTimeout(write, KEPT_AFTER_MS)
    return () => clearTimeout(timer)
  }, [key, now, taken, exam])
  // A step to another screen does not wait: what is due is kept as the bench is left.
  useEffect(() => () => due.current?.(), [])
  return now
}
