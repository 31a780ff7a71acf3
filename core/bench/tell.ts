import type { Answer } from '../record/answer'
import type { EventContent } from '../record/event'
import type { Exam } from '../record/exam'
import { nextStage } from '../record/ladder'
import { done, examAfter, give } from './give'
import { holdAt } from './hold'
import type { InHand } from './in-hand'
import type { BenchInput } from './input'
import { doubt, typedAngle, watched } from './measured'
import { placesOffered } from './places-offered'
import type { BenchState, Pending } from './state'
import type { Stepped } from './stepped'

/** Something came on: its details are asked, the hold stops, and the device is read back to when it was felt. */
export function asked(state: BenchState, hand: InHand | null, { said, now, onset }: Extract<BenchInput, { do: 'ask' }>, exam: Exam): Stepped {
  if (hand?.unasked) return { state: { ...state, hint: 'First ask what stands below: one key each.' }, events: [] }
  if (!hand || hand.asksFor || hand.stage.kind !== 'load' || state.pending) return { state, events: [] }
  if (hand.contraindicated) {
    const { gate } = hand.contraindicated
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

/** Details as they stand after this change; what nobody stated stays unstated. */
export function changed(pending: Pending, change: Partial<Pending>, exam: Exam) {
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
export function nextPlace(state: BenchState, hand: InHand | null, exam: Exam): Stepped {
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

/** The details are kept as the answer of the stage; asks for a place, and once for the intensity, where they miss. */
export function confirmed(state: BenchState, hand: InHand | null, { run, now }: Extract<BenchInput, { do: 'confirm' }>, exam: Exam): Stepped {
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

/** A warning sign: what was being told is kept as far as it goes, the sign is recorded, and the test ends. */
export function warned(state: BenchState, hand: InHand | null, sign: string, exam: Exam): Stepped {
  const { pending } = state
  const told: readonly EventContent[] = pending && hand?.run ? [{ type: 'stage-answered', run: hand.run.id, stage: hand.stage.id, answer: asFar(pending) }] : []
  const run = hand?.run && (examAfter(exam, told).runs.find((r) => r.id === hand.run?.id) ?? hand.run)
  const ends: readonly EventContent[] = run && nextStage(run, hand.test) !== null ? [{ type: 'test-stopped', run: run.id, why: 'halted' }] : []
  return done(state, [...told, { type: 'warning-seen', sign }, ...ends])
}

/** Details that were not finished: what was not confirmed is absent. */
function asFar({ said, symptom, places, intensity, confirmed, qualities }: Pending): Answer {
  return said === 'familiar' ? { said, symptom, places, intensity: confirmed ? intensity : null } : { said, places, ...(qualities.length > 0 && { qualities }) }
}
