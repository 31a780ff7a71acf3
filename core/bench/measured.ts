import type { LoadWay } from '../catalogue/load'
import type { Answer, EndFeel, PainOrder } from '../record/answer'
import type { Choice } from '../record/outline'
import { holdAt, holdHeld } from './hold'
import type { InHand } from './in-hand'
import type { PlainAnswer } from './input'
import type { BenchState } from './state'
import type { Stepped } from './stepped'

/** Trials of a range, at most. */
export const TRIALS = 3

/** The angle that was typed at a stage that measures one. */
export function typedAngle(state: BenchState, hand: InHand | null): number | undefined {
  return hand?.stage.angle && state.typed !== '' ? Number(state.typed) : undefined
}

/** Stages at which a figure typed is how strong the symptom is now. */
export function asksLevel(hand: InHand | null): boolean {
  return hand !== null && ['relief', 'release', 'return'].includes(hand.stage.kind) && !hand.stage.angle
}

/** How strong it is now, as typed; 0 to 10. */
export function typedLevel(state: BenchState, hand: InHand | null): number | undefined {
  return asksLevel(hand) && state.typed !== '' ? Number(state.typed) : undefined
}

/** Parts that may be let go now: those that were added in this performance. */
export function partsNow(hand: InHand | null): readonly Choice[] {
  const answered = new Set(hand?.run?.answers.map((a) => a.stage))
  return hand?.stage.parts?.filter((part) => part.addedBy.length === 0 || part.addedBy.some((stage) => answered.has(stage))) ?? []
}

/** The end of the range: typed, or where the device saw the limb rest. */
export function endAngle(state: BenchState, hand: InHand | null, seen: number | null | undefined): number | undefined {
  const typed = typedAngle(state, hand)
  if (typed !== undefined || !hand?.stage.angle || seen === undefined || seen === null) return typed
  return Math.round(seen)
}

/** An unusual value is asked about once; the same answer again takes it. */
export function doubt(state: BenchState, hand: InHand | null, value: number | undefined): Stepped | null {
  const limits = hand?.stage.angle
  if (!limits || value === undefined || state.sure === String(value)) return null
  if (value >= limits.usual[0] && value <= limits.usual[1]) return null
  const hint = `${value}${limits.unit ?? '°'} is unusual for ${limits.joint}. Give the answer again to keep it, or type it anew.`
  return { state: { ...state, sure: String(value), typed: String(value), hint }, events: [] }
}

/** The trials with the figure in hand, if there is one; what to ask first, where it is unusual. */
export function withTyped(state: BenchState, hand: InHand | null, seen: number | null | undefined): readonly number[] | Stepped {
  const value = endAngle(state, hand, seen)
  if (value === undefined) return state.trials
  return doubt(state, hand, value) ?? [...state.trials, value].slice(0, TRIALS)
}

const PRESSES: readonly LoadWay[] = ['pressing', 'thrust', 'compression', 'shear']

/** Does the hand feel an end at this stage: a range taken to its end, or a press? */
export function feelsEnd(hand: InHand | null): boolean {
  if (hand?.stage.kind !== 'load' || hand.stage.handsOff || hand.stage.baseline) return false
  return (hand.stage.angle !== undefined && !hand.stage.angle.unit) || feelsOrder(hand)
}

/** Is something pressed at this stage, so that pain and resistance come in some order? */
export function feelsOrder(hand: InHand | null): boolean {
  if (hand?.stage.kind !== 'load' || hand.stage.handsOff || hand.stage.baseline) return false
  return hand.stage.force !== undefined || hand.test.loads.some((l) => PRESSES.includes(l.way))
}

/** What a stage may have beside its answer. */
interface Watched {
  readonly endFeel?: EndFeel
  readonly painOrder?: PainOrder
  readonly lean?: boolean
  readonly held?: number
  readonly newtons?: number
}

/** What was watched and measured beside the answer. */
export function watched(state: BenchState, hand: InHand | null, now: number): Watched {
  const held = holdHeld(holdAt(state.hold, now))
  return {
    ...(hand?.stage.leanWatched && { lean: state.lean }),
    ...(state.endFeel && feelsEnd(hand) && { endFeel: state.endFeel }),
    ...(state.painOrder && feelsOrder(hand) && { painOrder: state.painOrder }),
    ...(hand?.stage.force && state.press && { newtons: Math.round(state.press.highest) }),
    ...(hand?.stage.holdSeconds && held !== null && { held }),
  }
}

/** An answer without details, with what was measured beside it. */
export function plain(said: PlainAnswer, angle: number | undefined, seen: Watched, changed: Changed = {}): Answer {
  switch (said) {
    case 'nothing':
      return { said, ...seen, ...(angle !== undefined && { end: angle }) }
    case 'stretch':
      return { said, places: [], ...seen, ...(angle !== undefined && { end: angle }) }
    case 'eased':
    case 'unchanged':
      return { said, ...beside(seen, changed), ...(changed.part !== undefined && { part: changed.part }) }
    case 'returned':
    case 'stayed-away':
    case 'worse':
    case 'nothing-to-relieve':
      return { said, ...beside(seen, changed) }
  }
}

/** What was told beside a change of a symptom that is there. */
interface Changed {
  readonly level?: number | undefined
  readonly part?: string | undefined
}

function beside({ held, newtons }: Watched, { level }: Changed) {
  return { ...(held !== undefined && { held }), ...(newtons !== undefined && { newtons }), ...(level !== undefined && { intensity: level }) }
}
