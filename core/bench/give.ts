import { nextStage } from '../record/ladder'
import type { Answer } from '../record/answer'
import type { EventContent } from '../record/event'
import { type Exam, withEvent } from '../record/exam'
import { contraindicationOf } from '../safety/safety'
import { beginHold } from './hold'
import type { InHand } from './in-hand'
import { afterThis, type BenchState, putAway } from './state'
import type { Stepped } from './stepped'

/** Events that end what is in hand. */
export function done(state: BenchState, events: readonly EventContent[], hint: string | null = null): Stepped {
  return { state: { ...putAway(state), ...afterThis(state), hint }, events, devices: 'stop' }
}

/** Start the test if its first answer is this one; keep it in hand until its ladder is done. */
export function give(state: BenchState, hand: InHand | null, answer: Answer, newRun: string, exam: Exam, now?: number): Stepped {
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
      ...(halted ? { chosen: null, queue: [] } : over ? afterThis(state) : { chosen: { test: test.id, side } }),
      // Both hands are busy, or the arms are up: the time begins by itself.
      hold: next?.timedAtOnce && !halted && now !== undefined ? beginHold(next.holdSeconds ?? 0, now) : null,
    },
    events: halted ? [...events, { type: 'test-stopped', run, why: 'halted' }] : events,
    devices: 'stop',
  }
}

/** A value of a stand-in is marked where it enters the record. What is only seen has no value. */
function marked(answer: Answer, { simulated, picture }: BenchState): Answer {
  if (answer.said === 'observed') return answer
  return { ...answer, ...(simulated && { simulated: true }), ...(picture && { picture: true }) }
}

/** The examination as these events leave it, before they are stamped. */
export function examAfter(exam: Exam, events: readonly EventContent[]): Exam {
  return events.reduce<Exam>((so, content) => withEvent(so, { ...content, id: '', at: so.openedAt, by: '' }, []) ?? so, exam)
}

/** Does a halt stop this test now? */
function isHalted(exam: Exam, { test, variant }: InHand): boolean {
  return contraindicationOf(exam, test.id, variant)?.gate.strength === 'halt'
}

/** The event that begins the test in hand. */
export function started(run: string, { test, side, variant, moment }: InHand): EventContent {
  return { type: 'test-started', run, test: test.id, side, variant, ...(moment > 0 && { moment }) }
}
