import { END_FEELS, PAIN_ORDERS } from '../record/answer'
import type { EventContent } from '../record/event'
import type { Exam } from '../record/exam'
import { testTitle } from '../catalogue/exam-test'
import { openQuestions } from '../safety/gate-zero'
import { haltsOf } from '../safety/safety'
import { done, examAfter, give, started } from './give'
import { type Choice, fitsColumn, offered, sidesOf } from '../record/outline'
import { unsettled } from '../safety/state'
import { holdAt, toggleHold } from './hold'
import { type InHand, inHandOf } from './in-hand'
import type { BenchInput } from './input'
import { afterThis, type BenchState, type Pair, putAway } from './state'
import { asksLevel, doubt, endAngle, feelsEnd, feelsOrder, partsNow, plain, TRIALS, typedLevel, watched, withTyped } from './measured'
import { PACE_SECONDS, repeatsOf } from './repeats'
import type { Stepped } from './stepped'
import { asked, changed, confirmed, nextPlace, warned } from './tell'
import { emptyLast, moveTable, tableCells, tableOf } from './table'

/** What the bench stands on: the record, and the plan that is made from it. */
export interface Ground {
  readonly exam: Exam
  /** The test that is suggested now; null when nothing is left. */
  readonly suggested: Pair | null
  /** Every planned test in its order. */
  readonly order: readonly Pair[]
  /** Comparable signs that wait to be measured again in this moment, in the order the body lies. */
  readonly recheck?: readonly Pair[]
}

/** Digits an angle has, at most. */
const DIGITS = 3

/** What is in hand: the test chosen, else the one suggested. */
export function inHand(state: BenchState, { exam, suggested }: Ground): InHand | null {
  const pair = state.chosen ?? suggested
  // Compared results are measured the same way, unless another technique is chosen on purpose.
  const ways = pair?.variant === undefined ? state.variants : { [pair.test]: pair.variant, ...state.variants }
  return inHandOf(pair, exam, ways)
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
  const came = stepped(state, input, ground)
  if (state.queue.length === 0 || came.events.length === 0 || haltsOf(examAfter(ground.exam, came.events)).length === 0) return came
  // Beyond a halt nothing comes by itself: what was chosen together before it has to be chosen again.
  const advanced = came.state.chosen === state.queue[0]
  return { ...came, state: { ...came.state, queue: [], chosen: advanced ? null : came.state.chosen } }
}

function stepped(state: BenchState, input: BenchInput, ground: Ground): Stepped {
  const { exam } = ground
  const hand = inHand(state, ground)
  const same: Stepped = { state, events: [] }
  const only = (change: Partial<BenchState>): Stepped => ({ state: { ...state, ...change }, events: [] })
  switch (input.do) {
    case 'choose':
      return { state: { ...putAway(state), chosen: { test: input.test, side: input.side } }, events: [], devices: 'stop' }
    case 'choose-all':
      return { state: { ...putAway(state), ...afterThis({ queue: input.pairs }) }, events: [], devices: 'stop' }
    case 'take-suggested':
      return { state: { ...putAway(state), chosen: null, queue: [] }, events: [], devices: 'stop' }
    case 'recheck': {
      const waiting = ground.recheck ?? []
      // Pressed again before the first answer it goes past this one, which comes again at the end.
      const at = hand && !hand.run && state.chosen ? waiting.findIndex((p) => p.test === hand.test.id && p.side === hand.side) : -1
      const queue = [...waiting.slice(at + 1), ...waiting.slice(0, at + 1)]
      if (queue.length > 0) return { state: { ...putAway(state), variants: {}, ...afterThis({ queue }) }, events: [], devices: 'stop' }
      return only({ pending: null, aside: 'treatment', hint: exam.runs.length === 0 ? 'No comparable sign waits here.' : null })
    }
    case 'alerted':
      return { state: { ...putAway(state), chosen: null, queue: [], hint: input.words }, events: [], devices: 'stop' }
    case 'treat':
      return {
        state: { ...putAway(state), chosen: null, queue: [], hint: 'Treatment noted. R measures the comparable signs again.' },
        events: [{ type: 'treatment-given', ...input.treatment }],
        devices: 'stop',
      }
    case 'change-side':
      if (!hand || hand.run || !sidesOf(hand.test).includes(input.side)) return same
      return { state: { ...putAway(state), chosen: { test: hand.test.id, side: input.side } }, events: [], devices: 'stop' }
    case 'change-variant':
      return hand && !hand.run ? only({ aside: null, variants: { ...state.variants, [hand.test.id]: input.variant } }) : same
    case 'type':
      // Typed by hand, it is no stand-in's and no picture's any more; trials that were kept stay what they were.
      if (asksLevel(hand)) return Number(state.typed + input.digit) <= 10 ? only({ typed: state.typed + input.digit }) : same
      return hand?.stage.angle && state.typed.length < DIGITS ? only({ typed: state.typed + input.digit, ...byHand(state) }) : same
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
      return hand ? only({ hold: timed(state, hand, input.now) }) : same
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
      return {
        state: { ...state, ...(refused ? afterThis(state) : { chosen: { test: hand.test.id, side: hand.side } }) },
        events: refused ? [again, left] : [again],
      }
    }
    case 'plan':
      return {
        state: { ...state, aside: null },
        events: [{ type: 'plan-chosen', mode: input.mode }, ...(exam.order.length > 0 ? [{ type: 'route-ordered' as const, order: [] }] : [])],
      }
    case 'reorder':
      return { state, events: [{ type: 'route-ordered', order: input.order }] }
    case 'move':
      return moved(state, hand, input.by, ground)
    case 'read-angle':
      return { state: { ...state, typed: String(Math.max(0, input.angle)) }, events: [], devices: 'stop' }
    case 'turn-group': {
      const groups = openQuestions(exam, state.askFrom).groups
      return only({ askFrom: groups.at(input.by % Math.max(1, groups.length))?.group.id ?? null })
    }
    case 'turn-part':
      return only({ part: turned(state.part, partsNow(hand), input.by) })
    case 'stand-in':
      return only({ simulated: true })
    case 'from-picture':
      return hand?.stage.angle ? only({ typed: String(input.angle), simulated: byHand(state).simulated, picture: true }) : same
    case 'pressed':
      return only({ press: input.score })
    case 'took-back':
      return {
        state: {
          ...putAway(state),
          // What waited goes on waiting behind the test that is done again.
          queue: state.queue.length > 0 && state.chosen ? [state.chosen, ...state.queue] : state.queue,
          chosen: input.test === null ? null : { test: input.test, side: input.side },
          hint: input.words,
        },
        events: [],
        devices: 'stop',
      }
    case 'say':
      return only({ hint: input.hint })
  }
}

/** What a figure typed by hand leaves of where the figures of this answer came from. */
function byHand({ trials, simulated, picture }: BenchState): Pick<BenchState, 'simulated' | 'picture'> {
  return trials.length > 0 ? { simulated, picture } : { simulated: false, picture: false }
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

/** A hold, or movements that are counted at a pace; what is neither is not timed. */
function timed({ hold }: BenchState, { test, stage }: InHand, now: number): BenchState['hold'] {
  if (stage.holdSeconds > 0) return toggleHold(hold, stage.holdSeconds, now, stage.restSeconds)
  const repeats = repeatsOf(test.id, stage.id)
  return repeats === null ? hold : toggleHold(hold, repeats * PACE_SECONDS, now, 0, PACE_SECONDS)
}

/** Put away what lies open, the nearest first; nothing is recorded. */
function cancelled(state: BenchState, hand: InHand | null): Stepped {
  const only = (change: Partial<BenchState>): Stepped => ({ state: { ...state, ...change }, events: [] })
  if (state.aside) return only({ aside: null, hint: null })
  if (state.pending) return only({ pending: null, hint: null })
  if (state.typed !== '') return only({ typed: '', sure: null, hint: null, picture: false })
  return only({ hint: hand?.run ? 'To stop for the patient press . (full stop).' : 'Nothing was begun, so nothing is stopped.' })
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
  if (aside === 'technique' && (!hand || offered(hand.test.variants).length < 2)) return only({ hint: 'This test has one technique.' })
  if (aside === 'technique' && hand?.run) return only({ hint: 'The technique of a test that was begun stays. Take its answers back first, or do it again.' })
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
