'use client'

import { useMemo, useState } from 'react'
import { v7 } from 'uuid'
import type { ExamTest } from '@/core/catalogue/exam-test'
import { offeredIntensity } from '@/core/findings/familiar'
import { adviceOf, type Advice } from '@/core/planner/advice'
import { type RouteLeg, type RouteStep, routeOf, stepKey } from '@/core/planner/route'
import { HOLD_SECONDS, judgeHold } from '@/core/metrology/cuff'
import { type ForceScore, pressOf, scorePress } from '@/core/metrology/force'
import type { Frame } from '@/core/metrology/frame'
import type { Answer, LimitedBy, SymptomId } from '@/core/record/answer'
import type { EventContent, PlanMode } from '@/core/record/event'
import { nextStage } from '@/core/record/ladder'
import { sidesOf } from '@/core/record/outline'
import { unsettled } from '@/core/safety/state'
import type { Place } from '@/core/vocabulary/body-area'
import type { Quality } from '@/core/vocabulary/quality'
import type { TestSide } from '@/core/vocabulary/side'
import { cuff as simulatedCuff } from '@/devices/simulated-cuff'
import { forcePad } from '@/devices/simulated-force-pad'
import { useExam } from '@/ui/exam/store'
import { useFrames } from './use-frames'
import { type InHand, inHandOf } from './in-hand'
import { type Hold, useHold } from './use-hold'
import { useInclinometer } from './use-inclinometer'
import { type Table, useTable } from './use-table'

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

/** A press on a pad: what it reads now, and how the last one was given. */
export interface Force {
  readonly live: number | null
  readonly score: ForceScore | null
}

/** A strip that lies over the answers: leaving a test out, a warning sign, rating a symptom between tests. */
export type Aside = 'skip' | 'warning' | 'rate'

/** The bench as a state and its few moves. Everything that lasts is an event; the rest is only this hand's. */
export interface Bench {
  readonly route: readonly RouteLeg[]
  readonly suggested: RouteStep | undefined
  readonly inHand: InHand | null
  readonly pending: Pending | null
  readonly aside: Aside | null
  /** The symptom that the rating strip asks about. */
  readonly rated: SymptomId | null
  /** Typed so far; the next answer takes it. */
  readonly typed: string
  /** Trials measured so far at this stage. */
  readonly trials: readonly number[]
  /** What a device on the limb reads now; null while none runs. */
  readonly live: number | null
  readonly zeroed: boolean
  /** The device is the simulated one. */
  readonly simulated: boolean
  /** Was the patient seen to lean away? Only where the stage watches for it. */
  readonly lean: boolean
  readonly hint: string | null
  readonly hold: Hold
  readonly force: Force
  /** What the cuff under the neck reads, in mmHg; null while none runs. */
  readonly cuff: number | null
  readonly playForce: () => void
  readonly playCuff: () => void
  readonly table: Table
  readonly choose: (test: ExamTest, side: TestSide) => void
  readonly takeSuggested: () => void
  readonly changeSide: (side: TestSide) => void
  readonly changeVariant: (variant: string) => void
  readonly type: (digit: string) => void
  readonly answer: (answer: PlainAnswer) => void
  readonly observe: (choice: string) => void
  /** Keep what is typed as one of up to three trials. */
  readonly addTrial: () => void
  readonly keepMeasured: (limitedBy?: LimitedBy) => void
  readonly keepTable: () => void
  /** Start the device, or take the angle it reads. */
  readonly measure: () => void
  readonly toggleLean: () => void
  readonly toggleHold: () => void
  readonly ask: (said: Pending['said']) => void
  readonly change: (change: Partial<Pending>) => void
  readonly confirm: () => void
  readonly stop: () => void
  readonly back: () => void
  readonly open: (aside: Aside | null) => void
  readonly skip: (why: string) => void
  readonly warn: (sign: string) => void
  readonly rate: (symptom: SymptomId, now: number) => void
  readonly renew: (answer: 'agreed' | 'refused', chaperone: 'declined' | 'present') => void
  /** What to do next, why, and whether to stop. */
  readonly advice: Advice
  /** Plan the remaining tests this way; an order made by hand is given up for it. */
  readonly plan: (mode: PlanMode) => void
  /** Put the whole route into this order. */
  readonly reorder: (order: readonly string[]) => void
  /** Move the test in hand one place earlier or later. */
  readonly move: (by: 1 | -1) => void
  /** A press of the patient's bell: their own pain begins. */
  readonly bell: () => void
  /** A frame of a paired device on the limb. */
  readonly feed: (frame: Frame) => void
}

/** Answers that need no details. */
export type PlainAnswer = 'nothing' | 'stretch' | 'eased' | 'unchanged' | 'returned' | 'stayed-away' | 'worse' | 'nothing-to-relieve'

/** The limb rests this long before it is moved, so that the device can be zeroed, in milliseconds. */
const STILL_MS = 2200

/** The simulated cuff has reached its target by then, in milliseconds. */
const REACHED_MS = 1300

/** Trials of a range, at most. */
const TRIALS = 3

export function useBench(): Bench {
  const { exam, assessment, turns, record, undo } = useExam()
  const [chosen, setChosen] = useState<{ test: string; side: TestSide } | null>(null)
  const [pending, setPending] = useState<Pending | null>(null)
  const [aside, setAside] = useState<Aside | null>(null)
  const [rated, setRated] = useState<SymptomId | null>(null)
  const [typed, setTyped] = useState('')
  const [trials, setTrials] = useState<readonly number[]>([])
  const [hint, setHint] = useState<string | null>(null)
  const [sure, setSure] = useState<string | null>(null)
  const [lean, setLean] = useState(false)
  const device = useInclinometer()
  const hold = useHold()
  const pad = useFrames()
  const cuff = useFrames()
  const [score, setScore] = useState<ForceScore | null>(null)
  const route = useMemo(() => routeOf(assessment, { turns }), [assessment, turns])
  const advice = useMemo(() => adviceOf(assessment, route, turns), [assessment, route, turns])
  const suggested = advice.step ?? undefined
  const [ways, setWays] = useState<Readonly<Record<string, string>>>({})
  const inHand = inHandOf(chosen ?? suggestedPair(suggested), exam, ways)
  const table = useTable(inHand?.stage.grid, `${inHand?.run?.id ?? ''} ${inHand?.test.id ?? ''} ${inHand?.side ?? ''} ${inHand?.stage.id ?? ''}`)

  const clear = () => {
    setPending(null)
    setAside(null)
    setTyped('')
    setTrials([])
    setHint(null)
    setSure(null)
    setLean(false)
    device.stop()
    hold.reset()
    pad.stop()
    cuff.stop()
    setScore(null)
  }
  const choose = (test: ExamTest, side: TestSide) => {
    clear()
    setChosen({ test: test.id, side })
  }

  /** Start the test if its first answer is this one; keep it in hand until its ladder is done. */
  const give = (answer: Answer) => {
    if (!inHand || inHand.asksFor) return
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
    setHint(`${angle}${limits.unit ?? '°'} is unusual for ${limits.joint}. Give the answer again to keep it, or type it anew.`)
    return true
  }
  const typedAngle = inHand?.stage.angle && typed !== '' ? Number(typed) : undefined
  const watched = {
    ...(inHand?.stage.leanWatched && { lean }),
    ...(inHand?.stage.force && score && { newtons: Math.round(score.highest) }),
    ...(inHand?.stage.holdSeconds && hold.held !== null && { held: hold.held }),
  }

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

  /** The figure in hand as a trial, if there is one that may be kept. */
  const withTyped = (): readonly number[] | null => {
    const now = endAngle()
    if (now === undefined) return trials
    return doubtful(now) ? null : [...trials, now].slice(0, TRIALS)
  }

  const ask = (said: Pending['said']) => {
    if (!inHand || inHand.asksFor || inHand.stage.kind !== 'load') return
    const symptom = exam.symptoms.find((s) => s.places.length > 0) ?? exam.symptoms[0]
    if (!symptom && said === 'familiar') {
      setHint('There is no symptom in the story yet. Describe it there first; what you typed stays here.')
      return
    }
    setHint(null)
    takeOnset()
    if (hold.left !== null) hold.toggle(inHand.stage.holdSeconds)
    setPending({ said, symptom: symptom?.id ?? 'S1', places: [], intensity: offeredIntensity(symptom), placeUnknown: false, qualities: [] })
  }

  return {
    route,
    suggested,
    inHand,
    pending,
    aside,
    rated,
    typed,
    trials,
    live: device.live,
    zeroed: device.zeroed,
    simulated: device.simulated,
    lean,
    hint,
    hold,
    force: { live: pad.live, score },
    cuff: cuff.live,
    table,
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
    observe: (choice) => give({ said: 'observed', choice }),
    addTrial: () => {
      const kept = withTyped()
      if (!kept) return
      setTrials(kept)
      setTyped('')
      setSure(null)
      device.stop()
      setHint(kept.length === TRIALS ? 'Three trials. Keep them with Enter.' : null)
    },
    keepMeasured: (limitedBy) => {
      const kept = withTyped()
      if (!kept) return
      if (kept.length === 0) {
        setHint('Type what was measured, or start the inclinometer with A.')
        return
      }
      give({ said: 'measured', trials: kept, ...(limitedBy && { limitedBy }) })
    },
    keepTable: () => {
      if (Object.keys(table.cells).length === 0) {
        setHint('Nothing is filled in yet. U fills every open cell with its usual value.')
        return
      }
      give({ said: 'grid', cells: table.cells })
    },
    measure: () => {
      const limits = inHand?.stage.angle
      // Only angles have a device; heights and counts are typed.
      if (!limits || limits.unit) return
      if (device.live !== null) {
        setTyped(String(device.live))
        device.stop()
        return
      }
      setTyped('')
      const from = limits.rest ?? 0
      device.start({
        seed: `${exam.id} ${exam.length} ${trials.length}`,
        from,
        to: from === 0 ? limits.usual[1] * 0.86 : limits.usual[1] * 0.3,
        speed: 15,
        stillMs: STILL_MS,
      })
    },
    playForce: () => {
      const band = inHand?.stage.force
      if (!band) return
      if (pad.live !== null) {
        pad.stop()
        return
      }
      setScore(null)
      const press = { seed: `${exam.id} ${exam.length}`, target: (band[0] + band[1]) / 2, buildSeconds: 5, holdSeconds: 4, overshoot: 0.03 }
      pad.play(forcePad(press), (trace) => setScore(scoreOf(trace, band)))
    },
    playCuff: () => {
      const row = table.all[table.at]
      const target = Number(row?.row.id.replace(/\D/g, ''))
      if (inHand?.test.id !== 'craniocervical-flexion' || inHand.stage.kind !== 'grid' || !row || !target) return
      const nod = { seed: `${exam.id} ${row.row.id}`, target, seconds: HOLD_SECONDS, sag: target > 26 ? 3 : 0.3 }
      const index = table.at
      cuff.play(simulatedCuff(nod), (trace) => {
        const held = trace.map((f) => ({ t: f.t, mmHg: f.value })).filter((s) => s.t >= REACHED_MS && s.t <= REACHED_MS + HOLD_SECONDS * 1000)
        if (held.length > 1) table.set(judgeHold(held, target).steady ? 'steady' : 'unsteady', index)
      })
    },
    toggleLean: () => {
      if (inHand?.stage.leanWatched) setLean(!lean)
    },
    toggleHold: () => {
      if (inHand && inHand.stage.holdSeconds > 0) hold.toggle(inHand.stage.holdSeconds)
    },
    ask,
    bell: () => {
      if (!pending) ask('familiar')
    },
    feed: (frame) => {
      if (!inHand || pending) return
      const band = inHand.stage.force
      if (frame.channel === 'angle' && inHand.stage.angle) device.feed(frame)
      else if (frame.channel === 'force' && band) pad.feed(frame, (trace) => setScore(scoreOf(trace, band)))
      else if (frame.channel === 'pressure' && inHand.stage.kind === 'grid') cuff.feed(frame, () => undefined)
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
      if (aside) {
        setAside(null)
        return
      }
      if (!inHand) return
      const runId = inHand.run?.id ?? v7()
      const contents: EventContent[] = [...(inHand.run ? [] : [start(runId, inHand)]), { type: 'test-stopped', run: runId, why: 'patient-asked' }]
      if (!record(contents)) return
      clear()
      setChosen(null)
      setHint('Stopped. Let it settle before the next test.')
    },
    back: () => {
      if (aside) setAside(null)
      else if (typed !== '' && !pending) setTyped(typed.slice(0, -1))
      else if (trials.length > 0 && !pending) setTrials(trials.slice(0, -1))
      else if (pending) setPending(null)
      else if (table.undo()) setHint(null)
      else {
        clear()
        setChosen(null)
        if (!undo()) setHint('There is nothing on the bench to take back.')
      }
    },
    open: (next) => {
      if (next === 'skip' && (!inHand || inHand.run)) {
        setHint('A test that was begun is stopped, not left out.')
        return
      }
      if (next === 'rate' && exam.symptoms.length === 0) {
        setHint('There is no symptom in the story to rate.')
        return
      }
      if (next === 'rate') setRated(unsettled(exam, Date.now()) ?? exam.symptoms[0]?.id ?? null)
      setPending(null)
      setAside(next === aside ? null : next)
    },
    skip: (why) => {
      if (!inHand || !record([{ type: 'test-skipped', test: inHand.test.id, side: inHand.side, why }])) return
      clear()
      setChosen(null)
    },
    warn: (sign) => {
      const run = inHand?.run
      if (!record([{ type: 'warning-seen', sign }, ...(run ? [{ type: 'test-stopped' as const, run: run.id, why: 'examiner-chose' as const }] : [])])) return
      clear()
      setChosen(null)
    },
    rate: (symptom, now) => {
      if (!record([{ type: 'symptom-rated', symptom, now }])) return
      setAside(null)
      setHint(`${symptom} rated ${now} of 10.`)
    },
    renew: (answer, chaperone) => {
      if (!inHand?.asksFor) return
      const { test, side } = inHand
      const asked: EventContent = { type: 'consent-renewed', region: inHand.asksFor, answer, chaperone }
      const left: EventContent = { type: 'test-skipped', test: test.id, side, why: 'contact refused' }
      if (!record(answer === 'refused' ? [asked, left] : [asked])) return
      setChosen(answer === 'refused' ? null : { test: test.id, side })
    },
    advice,
    plan: (mode) => {
      record([{ type: 'plan-chosen', mode }, ...(exam.order.length > 0 ? [{ type: 'route-ordered' as const, order: [] }] : [])])
    },
    reorder: (order) => {
      record([{ type: 'route-ordered', order }])
    },
    move: (by) => {
      const steps = route.flatMap((leg) => leg.steps)
      const at = steps.findIndex((s) => s.test.id === inHand?.test.id && s.side === inHand.side)
      const to = at + by
      const step = steps[at]
      if (!step || to < 0 || to >= steps.length) return
      const order = steps.map(stepKey)
      order.splice(at, 1)
      order.splice(to, 0, stepKey(step))
      if (record([{ type: 'route-ordered', order }])) setChosen({ test: step.test.id, side: step.side })
    },
  }
}

function scoreOf(trace: readonly Frame[], band: readonly [number, number]): ForceScore | null {
  return scorePress(pressOf(trace.map((f) => ({ t: f.t, force: f.value }))), band)
}

function plain(said: PlainAnswer, angle: number | undefined, watched: { readonly lean?: boolean; readonly held?: number; readonly newtons?: number }): Answer {
  switch (said) {
    case 'nothing':
      return { said, ...watched, ...(angle !== undefined && { end: angle }) }
    case 'stretch':
      return { said, places: [], ...watched, ...(angle !== undefined && { end: angle }) }
    case 'eased':
    case 'unchanged':
    case 'returned':
    case 'stayed-away':
    case 'worse':
    case 'nothing-to-relieve':
      return { said }
  }
}

function start(run: string, { test, side, variant }: InHand): EventContent {
  return { type: 'test-started', run, test: test.id, side, variant }
}

function suggestedPair(step: RouteStep | undefined): { test: string; side: TestSide } | null {
  return step ? { test: step.test.id, side: step.side } : null
}
