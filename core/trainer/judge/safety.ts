import type { ExamTest } from '../../catalogue/exam-test'
import type { ExamEvent } from '../../record/event'
import { endedLadder } from '../../record/ladder'
import type { Attempt } from '../attempt'
import { type Followed, standing } from './followed'
import type { Moment } from './moment'
import { shadowOf, unsafeMoments } from './shadow'
import type { SimulatedPatient } from '../simulated-patient'

/** How much of a movement beyond the first symptom is more than the eye's delay, in degrees. */
export const PAST_DEGREES = 10

/** What was unsafe, and what was done for safety where it mattered. */
export function safetyMoments(patient: SimulatedPatient, attempt: Pick<Attempt, 'events'>, followed: readonly Followed[]): readonly Moment[] {
  const shadow = shadowOf(patient, attempt.events, followed)
  const unsafe = [
    ...unsafeMoments(shadow, followed),
    ...openedGates(attempt.events, patient),
    ...pushedOn(followed),
    ...pressedOn(followed),
    ...wentOn(followed),
  ]
  if (unsafe.length > 0) return unsafe.toSorted((a, b) => a.at - b.at)
  const last = attempt.events.at(-1)
  return [
    {
      skill: 'safety',
      at: last?.at ?? 0,
      event: null,
      verdict: 'right',
      what: 'Nothing was loaded that something stood against.',
      why: 'Held against the record as it would stand with every question asked and every answer read truly.',
      instead: null,
    },
  ]
}

/** A gate that what this person truly has keeps closed was opened with a reason. */
function openedGates(events: readonly ExamEvent[], { serious }: SimulatedPatient): readonly Moment[] {
  return standing(events).flatMap((event): Moment[] =>
    event.type === 'gate-opened' && serious !== null
      ? [
          {
            skill: 'safety',
            at: event.at,
            event: event.id,
            verdict: 'unsafe',
            what: `A closed gate was opened: “${event.why}”`,
            why: 'What closed it was truly there.',
            instead: 'Leave it closed, and refer.',
          },
        ]
      : [],
  )
}

/** A movement that went on well past its first symptom in somebody who is stirred up easily. */
function pushedOn(followed: readonly Followed[]): readonly Moment[] {
  return followed.flatMap((f): Moment[] => {
    const { written, test } = f
    const past = pastOnset(f)
    if (past === null || past <= 2.5 * PAST_DEGREES) return []
    return [
      {
        skill: 'safety',
        at: written.at,
        event: written.id,
        verdict: 'unsafe',
        what: `${test.name}: taken ${Math.round(past)}° past the first symptom.`,
        why: 'The face showed it, and the movement went on.',
        instead: 'Stop at the first sign, and ask.',
      },
    ]
  })
}

/** They said stop, and the same test was loaded again. */
function wentOn(followed: readonly Followed[]): readonly Moment[] {
  return followed.flatMap((f, i): Moment[] => {
    const next = f.worst.stop ? followed.slice(i + 1).find((g) => g.started.run === f.started.run && g.stage.kind === 'load') : undefined
    if (!next) return []
    return [
      {
        skill: 'safety',
        at: next.written.at,
        event: next.written.id,
        verdict: 'unsafe',
        what: `${next.test.name}, ${next.stage.label}: went on after they had said stop.`,
        why: `At “${f.stage.label}” they said: “${f.worst.slips}”`,
        instead: 'Let go, record the stop, and leave this test.',
      },
    ]
  })
}

/** Loads given in a test that had brought the familiar symptom on already, as its ladder counts it: each once a test. */
export function loadsAfter(followed: readonly Followed[]): readonly Followed[] {
  const told = new Set<string>()
  return followed.filter((f) => {
    const { started, stage, test } = f
    if (stage.kind !== 'load' || told.has(started.run)) return false
    const earlier = followed.slice(0, followed.indexOf(f)).filter((g) => g.started.run === started.run)
    const truly = {
      variant: started.variant,
      stopped: null,
      answers: earlier.map((g) => ({ event: g.written.id, stage: g.stage.id, answer: g.truth.answer, at: g.written.at })),
    }
    const ended = endedLadder(truly, test)
    if (ended) told.add(started.run)
    return ended
  })
}

/** The neck was pressed on although the familiar symptom had come: what it could tell was told. */
function pressedOn(followed: readonly Followed[]): readonly Moment[] {
  return loadsAfter(followed).flatMap(({ written, test, stage }): Moment[] =>
    pressesNeck(test)
      ? [
          {
            skill: 'safety',
            at: written.at,
            event: written.id,
            verdict: 'unsafe',
            what: `${test.name}, ${stage.label}: pressed on.`,
            why: 'The familiar symptom had come on at a press before this one.',
            instead: 'Stop there: it has told what it can tell.',
          },
        ]
      : [],
  )
}

/** Does this test press the neck strongly? */
export function pressesNeck({ loads }: Pick<ExamTest, 'loads'>): boolean {
  return loads.some((l) => l.part === 'neck' && l.way === 'compression' && l.strength === 'strong')
}

/** How far a movement went beyond its first symptom, in degrees; null where there was none, or nothing was measured. */
export function pastOnset({ hands, worst: { answer } }: Pick<Followed, 'hands' | 'worst'>): number | null {
  const degrees = hands?.farthest ?? hands?.reach.degrees
  if (degrees === undefined || answer.said !== 'familiar' || answer.onset === undefined) return null
  return Math.abs(degrees - answer.onset)
}
