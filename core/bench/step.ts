import { type Answer, END_FEELS, PAIN_ORDERS } from '../record/answer'
import type { EventContent } from '../record/event'
import type { Exam } from '../record/exam'
import { testTitle } from '../catalogue/exam-test'
import { withEvent } from '../record/exam'
import { nextStage } from '../record/ladder'
import { barring } from '../safety/safety'
import { type Choice, fitsColumn, sidesOf } from '../record/outline'
import { unsettled } from '../safety/state'
import { beginHold, holdAt, toggleHold } from './hold'
import { type InHand, inHandOf } from './in-hand'
import type { BenchInput } from './input'
import { placesOffered } from './places-offered'
import { type BenchState, type Pair, putAway } from './state'
import { asksLevel, doubt, endAngle, feelsEnd, feelsOrder, partsNow, plain, TRIALS, typedAngle, typedLevel, watched, withTyped } from './measured'
import type { Stepped } from './stepped'
import { emptyLast, moveTable, tableCells, tableOf } from './table'

/** What the bench stands on: the record, and the plan that is made from it. */
export interface Ground {
  readonly exam: Exam
  /** The test that is suggested now; null when nothing is left. */
  readonly suggested: Pair | null
  /** Every planned test in its order. */
  readonly order: readonly Pair[]
}

/** Digits an angle has, at most. */
const DIGITS = 3

/** What is in hand: the test chosen, else the one suggested. */
export function inHand(state: BenchState, { exam, suggested }: Ground): InHand | null {
  return inHandOf(state.chosen ?? suggested, exam, state.variants)
}

/** Names the table of the stage in hand. */
export function tableKey(hand: InHand | null): string {
  return `${hand?.run?.id ?? ''} ${hand?.test.id ?? ''} ${hand?.side ?? ''} ${hand?.stage.id ?? ''}`
}

/**
 * One step of the bench: what lies on it, and what is to be recorded.
 *
 * Pure: no clock, no chance, no screen. Whatever does not fit what is in hand changes nothing.
 */
export function step(state: BenchState, input: BenchInput, ground: Ground): Stepped {
  const { exam } = ground
  const hand = inHand(state, ground)
  const same: Stepped = { state, events: [] }
  const only = (change: Partial<BenchState>): Stepped => ({ state: { ...state, ...change }, events: [] })
  switch (input.do) {
    case 'choose':
      return { state: { ...putAway(state), chosen: { test: input.test, side: input.side } }, events: [], devices: 'stop' }
    case 'take-suggested':
      return { state: { ...putAway(state), chosen: null }, events: [], devices: 'stop' }
    case 'change-side':
      if (!hand || hand.run || !sidesOf(hand.test).includes(input.side)) return same
      return { state: { ...putAway(state), chosen: { test: hand.test.id, side: input.side } }, events: [], devices: 'stop' }
    case 'change-variant':
      return hand && !hand.run ? only({ variants: { ...state.variants, [hand.test.id]: input.variant } }) : same
    case 'type':
      // Typed by hand, it is no stand-in's any more.
      if (asksLevel(hand)) return Number(state.typed + input.digit) <= 10 ? only({ typed: state.typed + input.digit }) : same
      return hand?.stage.angle && state.typed.length < DIGITS ? only({ typed: state.typed + input.digit, simulated: false }) : same
    case 'answer': {
      const end = endAngle(state, hand, input.end)
      const changed = { level: typedLevel(state, hand), part: state.part ?? undefined }
      return doubt(state, hand, end) ?? give(state, hand, plain(input.said, end, watched(state, hand, input.now), changed), input.run, exam, input.now)
    }
    case 'observe':
      return give(state, hand, { said: 'observed', choice: input.choice }, input.run, exam)
    case 'add-trial': {
      const kept = withTyped(state, hand, input.end)
      if ('state' in kept) return kept
      const hint = kept.length === TRIALS ? 'Three trials. Keep them with Enter.' : null
      return { state: { ...state, trials: kept, typed: '', sure: null, hint }, events: [], devices: 'stop' }
    }
    case 'keep-measured': {
      const kept = withTyped(state, hand, input.end)
      if ('state' in kept) return kept
      if (kept.length === 0) return only({ hint: 'Type what was measured, or start the inclinometer with A.' })
      return give(state, hand, { said: 'measured', trials: kept, ...(input.limitedBy && { limitedBy: input.limitedBy }) }, input.run, exam)
    }
    case 'keep-table': {
      const { cells } = tableOf(state.table, tableKey(hand))
      const unfit = tableCells(hand?.stage.grid).find(({ id, column }) => cells[id] !== undefined && !fitsColumn(column, cells[id]))
      if (unfit?.column.number) {
        const { min, max, unit } = unfit.column.number
        return only({ hint: `${unfit.row.words}: ${cells[unfit.id] ?? ''} is not between ${min} and ${max} ${unit}. Type it again, or empty it with ⌫.` })
      }
      if (Object.keys(cells).length === 0) return only({ hint: 'Nothing is filled in yet. U fills every open cell with its usual value.' })
      return give(state, hand, { said: 'grid', cells }, input.run, exam)
    }
    case 'table':
      return only({ table: moveTable(tableOf(state.table, tableKey(hand)), hand?.stage.grid, input.move) })
    case 'toggle-lean':
      return hand?.stage.leanWatched ? only({ lean: !state.lean }) : same
    case 'turn-end-feel':
      return feelsEnd(hand) ? only({ endFeel: after(END_FEELS, state.endFeel) }) : same
    case 'turn-pain-order':
      return feelsOrder(hand) ? only({ painOrder: after(PAIN_ORDERS, state.painOrder) }) : same
    case 'toggle-hold':
      return hand && hand.stage.holdSeconds > 0 ? only({ hold: toggleHold(state.hold, hand.stage.holdSeconds, input.now, hand.stage.restSeconds) }) : same
    case 'tick': {
      const hold = holdAt(state.hold, input.now)
      return hold === state.hold ? same : only({ hold })
    }
    case 'ask':
      return asked(state, hand, input, exam)
    case 'change':
      return state.pending ? only({ pending: changed(state.pending, input.change, exam), hint: null }) : same
    case 'next-place':
      return nextPlace(state, hand, exam)
    case 'confirm':
      return confirmed(state, hand, input, exam)
    case 'stop':
      return stopped(state, hand, input.run)
    case 'back':
      return back(state, hand)
    case 'open':
      return opened(state, hand, input, exam)
    case 'skip':
      return hand ? done(state, [{ type: 'test-skipped', test: hand.test.id, side: hand.side, why: input.why }]) : same
    case 'warn':
      return warned(state, hand, input.sign, exam)
    case 'end-halted':
      return hand?.run ? done(state, [{ type: 'test-stopped', run: hand.run.id, why: 'halted' }]) : same
    case 'cancel':
      return cancelled(state, hand)
    case 'consent':
      return { state: { ...state, hint: null }, events: [{ type: 'consent-given', form: input.form, explained: input.explained }] }
    case 'screen':
      return { state: { ...state, hint: null }, events: [{ type: 'screen-answered', item: input.item, answer: input.answer }] }
    case 'screen-rest':
      return { state: { ...state, hint: null }, events: [{ type: 'screen-rest-no', group: input.group, items: input.items }] }
    case 'elsewhere':
      return { state: { ...state, hint: null }, events: [{ type: 'screen-elsewhere', group: input.group, why: input.why }] }
    case 'rate':
      return {
        state: { ...state, aside: null, hint: `${input.symptom} rated ${input.value} of 10.` },
        events: [{ type: 'symptom-rated', symptom: input.symptom, now: input.value }],
      }
    case 'renew': {
      if (!hand?.asksFor) return same
      const { answer, chaperone } = input
      const again: EventContent = { type: 'consent-renewed', region: hand.asksFor, answer, chaperone }
      const left: EventContent = { type: 'test-skipped', test: hand.test.id, side: hand.side, why: 'contact refused' }
      const refused = answer === 'refused'
      return { state: { ...state, chosen: refused ? null : { test: hand.test.id, side: hand.side } }, events: refused ? [again, left] : [again] }
    }
    case 'plan':
      return {
        state,
        events: [{ type: 'plan-chosen', mode: input.mode }, ...(exam.order.length > 0 ? [{ type: 'route-ordered' as const, order: [] }] : [])],
      }
    case 'reorder':
      return { state, events: [{ type: 'route-ordered', order: input.order }] }
    case 'move':
      return moved(state, hand, input.by, ground)
    case 'read-angle':
      return { state: { ...state, typed: String(Math.max(0, input.angle)) }, events: [], devices: 'stop' }
    case 'turn-part':
      return only({ part: turned(state.part, partsNow(hand), input.by) })
    case 'stand-in':
      return only({ simulated: true })
    case 'pressed':
      return only({ press: input.score })
    case 'took-back':
      return {
        state: { ...putAway(state), chosen: input.test === null ? null : { test: input.test, side: input.side }, hint: input.words },
        events: [],
        devices: 'stop',
      }
    case 'say':
      return only({ hint: input.hint })
  }
}

/** The one after this; none after the last. */
function after<T extends string>(all: readonly T[], now: T | null): T | null {
  return all[now === null ? 0 : all.indexOf(now) + 1] ?? null
}

/** The part beside this one among those that may be let go. */
function turned(part: string | null, parts: readonly Choice[], by: 1 | -1): string | null {
  const at = parts.findIndex((p) => p.id === part)
  return parts.at((Math.max(0, at) + by) % Math.max(1, parts.length))?.id ?? null
}

/** Events that end what is in hand. */
function done(state: BenchState, events: readonly EventContent[], hint: string | null = null): Stepped {
  return { state: { ...putAway(state), chosen: null, hint }, events, devices: 'stop' }
}

/** Start the test if its first answer is this one; keep it in hand until its ladder is done. */
function give(state: BenchState, hand: InHand | null, answer: Answer, newRun: string, exam: Exam, now?: number): Stepped {
  if (!hand || hand.asksFor) return { state, events: [] }
  if (hand.unasked) return { state: { ...state, hint: 'First ask what stands below: one key each.' }, events: [] }
  const { test, side, stage } = hand
  const run = hand.run?.id ?? newRun
  const answers = [...(hand.run?.answers ?? []), { event: '', stage: stage.id, answer, at: 0 }]
  const next = nextStage({ answers, stopped: null, variant: hand.variant }, test)
  const over = next === null
  const events: readonly EventContent[] = [
    ...(hand.run ? [] : [started(newRun, hand)]),
    { type: 'stage-answered', run, stage: stage.id, answer: marked(answer, state) },
  ]
  // An answer that halts ends its test: nothing more is put on.
  const halted = !over && isHalted(examAfter(exam, events), hand)
  return {
    state: {
      ...putAway(state),
      chosen: over || halted ? null : { test: test.id, side },
      // Both hands are busy, or the arms are up: the time begins by itself.
      hold: next?.timedAtOnce && !halted && now !== undefined ? beginHold(next.holdSeconds ?? 0, now) : null,
    },
    events: halted ? [...events, { type: 'test-stopped', run, why: 'halted' }] : events,
    devices: 'stop',
  }
}

/** A value of a stand-in is marked where it enters the record. What is only seen has no value. */
function marked(answer: Answer, { simulated }: BenchState): Answer {
  return simulated && answer.said !== 'observed' ? { ...answer, simulated: true } : answer
}

/** The examination as these events leave it, before they are stamped. */
function examAfter(exam: Exam, events: readonly EventContent[]): Exam {
  return events.reduce<Exam>((so, content) => withEvent(so, { ...content, id: '', at: so.openedAt, by: '' }, []) ?? so, exam)
}

/** Does a halt stop this test now? */
function isHalted(exam: Exam, { test, variant }: InHand): boolean {
  return barring(exam, test.id, variant)?.gate.strength === 'halt'
}

/** A warning sign: what was being told is kept as far as it goes, the sign is recorded, and the test ends. */
function warned(state: BenchState, hand: InHand | null, sign: string, exam: Exam): Stepped {
  const { pending } = state
  const told: readonly EventContent[] = pending && hand?.run ? [{ type: 'stage-answered', run: hand.run.id, stage: hand.stage.id, answer: asFar(pending) }] : []
  const run = hand?.run && (examAfter(exam, told).runs.find((r) => r.id === hand.run?.id) ?? hand.run)
  const ends: readonly EventContent[] = run && nextStage(run, hand.test) !== null ? [{ type: 'test-stopped', run: run.id, why: 'halted' }] : []
  return done(state, [...told, { type: 'warning-seen', sign }, ...ends])
}

/** Details that were not finished: what was not confirmed is absent. */
function asFar({ said, symptom, places, intensity, confirmed, qualities }: NonNullable<BenchState['pending']>): Answer {
  return said === 'familiar' ? { said, symptom, places, intensity: confirmed ? intensity : null } : { said, places, ...(qualities.length > 0 && { qualities }) }
}

/** Put away what lies open, the nearest first; nothing is recorded. */
function cancelled(state: BenchState, hand: InHand | null): Stepped {
  const only = (change: Partial<BenchState>): Stepped => ({ state: { ...state, ...change }, events: [] })
  if (state.aside) return only({ aside: null, hint: null })
  if (state.pending) return only({ pending: null, hint: null })
  if (state.typed !== '') return only({ typed: '', sure: null, hint: null })
  return only({ hint: hand?.run ? 'To stop for the patient press . (full stop).' : 'Nothing was begun, so nothing is stopped.' })
}

function started(run: string, { test, side, variant }: InHand): EventContent {
  return { type: 'test-started', run, test: test.id, side, variant }
}

/** Something came on: its details are asked, the hold stops, and the device is read back to when it was felt. */
function asked(state: BenchState, hand: InHand | null, { said, now, onset }: Extract<BenchInput, { do: 'ask' }>, exam: Exam): Stepped {
  if (hand?.unasked) return { state: { ...state, hint: 'First ask what stands below: one key each.' }, events: [] }
  if (!hand || hand.asksFor || hand.stage.kind !== 'load' || state.pending) return { state, events: [] }
  if (hand.barred) {
    const { gate } = hand.barred
    return { state: { ...state, hint: `${gate.reason} ${gate.do} ${hand.run ? 'Stop the test.' : 'Opening it needs a reason.'}` }, events: [] }
  }
  const symptom = exam.symptoms.find((s) => s.places.length > 0) ?? exam.symptoms[0]
  if (!symptom && said === 'familiar') {
    return { state: { ...state, hint: 'There is no symptom in the story yet. Describe it there first; what you typed stays here.' }, events: [] }
  }
  const read = onset && typedAngle(state, hand) === undefined ? onset : null
  const running = holdAt(state.hold, now)
  const speed = Math.round(Math.abs(read?.speed ?? 0))
  return {
    state: {
      ...state,
      hold: running?.running ? { ...running, running: false } : running,
      ...(read && { typed: String(Math.max(0, Math.round(read.angle))) }),
      hint: read?.tooFast ? `Too fast (${speed}° a second) to be sure of the angle. Go back with ⌫, lower and repeat more slowly, or keep it.` : null,
      pending: {
        said,
        symptom: symptom?.id ?? 'S1',
        places: [],
        intensity: symptom?.now ?? 0,
        confirmed: false,
        unrated: false,
        placeUnknown: false,
        qualities: [],
      },
    },
    events: [],
    ...(read && { devices: 'stop' as const }),
  }
}

function changed(pending: NonNullable<BenchState['pending']>, change: Partial<NonNullable<BenchState['pending']>>, exam: Exam) {
  // Another symptom has another rest, so the offered intensity follows it.
  const other = change.symptom !== undefined && change.symptom !== pending.symptom
  return {
    ...pending,
    ...change,
    ...(change.intensity !== undefined && { confirmed: true }),
    ...(other && { intensity: exam.symptoms.find((s) => s.id === change.symptom)?.now ?? 0, confirmed: false, unrated: false }),
  }
}

/** One place after the other, for hands with few keys; after the last comes “cannot say”. */
function nextPlace(state: BenchState, hand: InHand | null, exam: Exam): Stepped {
  const { pending } = state
  if (!pending || !hand) return { state, events: [] }
  const symptom = exam.symptoms.find((s) => s.id === pending.symptom)
  const all = placesOffered(hand.test, hand.side, symptom, exam).map((o) => o.place)
  // With one key to go through them, where it is painted comes first.
  const painted = all.filter((place) => symptom?.places.includes(place))
  const offered = [...new Set([...painted, ...all])]
  const [one] = pending.places
  const next = pending.placeUnknown || one === undefined ? offered[0] : offered[offered.indexOf(one) + 1]
  return { state: { ...state, pending: { ...pending, places: next ? [next] : [], placeUnknown: !next }, hint: null }, events: [] }
}

function confirmed(state: BenchState, hand: InHand | null, { run, now }: Extract<BenchInput, { do: 'confirm' }>, exam: Exam): Stepped {
  const { pending } = state
  if (!pending) return { state, events: [] }
  if (pending.places.length === 0 && !pending.placeUnknown) {
    return { state: { ...state, hint: 'Where? The place decides what this means.' }, events: [] }
  }
  if (pending.said === 'familiar' && !pending.confirmed && !pending.unrated) {
    // A rise that nobody stated is never recorded.
    return {
      state: { ...state, pending: { ...pending, unrated: true }, hint: 'How strong is it now, 0 to 10? Enter again keeps it as not asked.' },
      events: [],
    }
  }
  const angle = typedAngle(state, hand)
  const unusual = doubt(state, hand, angle)
  if (unusual) return unusual
  const { said, places, symptom, intensity, confirmed, qualities } = pending
  const seen = watched(state, hand, now)
  return give(
    state,
    hand,
    said === 'familiar'
      ? { said, symptom, places, intensity: confirmed ? intensity : null, ...seen, ...(angle !== undefined && { onset: angle }) }
      : { said, places, ...seen, ...(qualities.length > 0 && { qualities }), ...(angle !== undefined && { end: angle }) },
    run,
    exam,
  )
}

function stopped(state: BenchState, hand: InHand | null, newRun: string): Stepped {
  if (!hand || hand.unasked || hand.asksFor) return { state: { ...state, aside: null }, events: [] }
  const run = hand.run?.id ?? newRun
  return done(
    state,
    [...(hand.run ? [] : [started(newRun, hand)]), { type: 'test-stopped', run, why: 'patient-asked' }],
    `Stopped for the patient: ${testTitle(hand.test, hand.side)}. Let it settle before the next test.`,
  )
}

/** Put the last thing of this hand back; when nothing of it is left, the last entry of the record is taken back. */
function back(state: BenchState, hand: InHand | null): Stepped {
  const only = (change: Partial<BenchState>): Stepped => ({ state: { ...state, ...change }, events: [] })
  if (state.aside) return only({ aside: null })
  if (state.pending) return only({ pending: null })
  if (state.typed !== '') return only({ typed: state.typed.slice(0, -1) })
  if (state.trials.length > 0) return only({ trials: state.trials.slice(0, -1) })
  const emptied = emptyLast(tableOf(state.table, tableKey(hand)), hand?.stage.grid)
  if (emptied) return only({ table: emptied, hint: null })
  return { state: { ...putAway(state), chosen: null }, events: [], devices: 'stop', takeBack: true }
}

function opened(state: BenchState, hand: InHand | null, { aside, now }: Extract<BenchInput, { do: 'open' }>, exam: Exam): Stepped {
  const only = (change: Partial<BenchState>): Stepped => ({ state: { ...state, ...change }, events: [] })
  if (aside === 'skip' && (!hand || hand.run)) return only({ hint: 'A test that was begun is stopped, not left out.' })
  if (aside === 'rate' && exam.symptoms.length === 0) return only({ hint: 'There is no symptom in the story to rate.' })
  const rated = aside === 'rate' ? (unsettled(exam, now) ?? exam.symptoms[0]?.id ?? null) : state.rated
  return only({ pending: null, aside: aside === state.aside ? null : aside, rated })
}

/** Move the test in hand one place earlier or later. */
function moved(state: BenchState, hand: InHand | null, by: 1 | -1, { order }: Ground): Stepped {
  const at = order.findIndex((pair) => pair.test === hand?.test.id && pair.side === hand.side)
  const to = at + by
  const pair = order[at]
  if (!pair || to < 0 || to >= order.length) return { state, events: [] }
  const keys = order.map(({ test, side }) => `${test} ${side}`)
  keys.splice(at, 1)
  keys.splice(to, 0, `${pair.test} ${pair.side}`)
  return { state: { ...state, chosen: pair }, events: [{ type: 'route-ordered', order: keys }] }
}
