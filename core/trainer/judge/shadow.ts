import { effectOf } from '../../record/outline'
import type { ExamEvent } from '../../record/event'
import { type Exam, examFrom } from '../../record/exam'
import { RULEBOOK } from '../../safety/rulebook'
import type { SimulatedPatient } from '../simulated-patient'
import { trueStory } from '../simulated-patient'
import type { Followed } from './followed'
import { standing } from './followed'
import type { Moment } from './moment'

/**
 * The record as it would stand had everything been asked and every answer been read as it was.
 *
 * Safety is judged on it, by the very gates of the bench: whoever did not ask, or read wrongly, is held to what was there to be known.
 */
export function shadowOf(patient: SimulatedPatient, events: readonly ExamEvent[], followed: readonly Followed[]): readonly ExamEvent[] {
  const [opened, ...rest] = standing(events)
  if (!opened) return []
  const story = trueStory(patient).map(
    (content, i): ExamEvent => ({ ...content, id: `${opened.id.slice(0, -6)}${String(900_000 + i)}`, at: opened.at, by: opened.by }),
  )
  const truths = new Map(followed.map((f) => [f.written.id, f.truth.answer]))
  return [
    opened,
    ...story,
    ...rest.flatMap((event): ExamEvent[] => {
      switch (event.type) {
        case 'symptom-described':
        case 'symptom-removed':
        case 'screen-answered':
        case 'screen-rest-no':
        case 'screen-elsewhere':
        case 'fact-told':
        case 'gate-opened':
          return []
        case 'stage-answered': {
          const answer = truths.get(event.id)
          return answer ? [{ ...event, answer }] : []
        }
        default:
          return [event]
      }
    }),
  ]
}

/** Loads that were given although something stood against them, each with the gate that says why. */
export function unsafeMoments(shadow: readonly ExamEvent[], followed: readonly Followed[]): readonly Moment[] {
  const moments: Moment[] = []
  const told = new Set<string>()
  for (const [i, event] of shadow.entries()) {
    if (event.type !== 'stage-answered') continue
    const done = followed.find((f) => f.written.id === event.id)
    if (!done || effectOf(done.stage) !== 'adds') continue
    const { started, test } = done
    const exam = before(shadow, i)
    const barrier = exam && RULEBOOK.bars(exam, started.test, started.variant)
    if (!barrier || told.has(`${event.run} ${barrier.what}`)) continue
    told.add(`${event.run} ${barrier.what}`)
    moments.push({
      skill: 'safety',
      at: event.at,
      event: event.id,
      verdict: 'unsafe',
      what: `${test.name}, ${done.stage.label}: loaded although something stood against it.`,
      why: barrier.what,
      instead: barrier.todo,
    })
  }
  return moments
}

const FOLDED = new WeakMap<readonly ExamEvent[], Map<number, Exam | null>>()

/** The record as it stood before this entry. */
function before(events: readonly ExamEvent[], at: number): Exam | null {
  const known = FOLDED.get(events) ?? new Map<number, Exam | null>()
  FOLDED.set(events, known)
  if (!known.has(at)) known.set(at, examFrom(events.slice(0, at)))
  return known.get(at) ?? null
}
