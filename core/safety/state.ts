import { CATALOGUE, testById } from '../catalogue'
import { broughtItOn, nextStage } from '../record/ladder'
import type { SymptomId } from '../record/answer'
import type { Exam, Run } from '../record/exam'
import { examIrritability } from '../story/irritability'
import { spreadOf } from '../story/spread'
import { askedByStory } from '../story/told-otherwise'
import { sideOf } from '../vocabulary/body-area'
import type { State } from './gate'
import { bothSides, briskReflexes, causeOf, cordSigns, deficitGrew, manyRoots, saddleLoss, severeDeficit } from './nerve-states'

/** A symptom this much above rest has not settled. */
const STILL_RAISED = 2
/** After this long it should have, in milliseconds. */
const SETTLING_MS = 5 * 60_000
/** Provoking tests an irritable person is asked for at most. */
export const PROVOCATIONS = 6
/** Rest between provocations in an irritable person, in milliseconds. */
export const REST_MS = 60_000

/** What puts the whole examination into this state: one name for each; none while it is not in it. */
export function causesOf(state: State, exam: Exam): readonly string[] {
  const known = KNOWN.get(exam) ?? new Map<State, readonly string[]>()
  KNOWN.set(exam, known)
  const causes = known.get(state) ?? lookedUp(state, exam)
  known.set(state, causes)
  return causes
}

/** An examination is never changed in place, and every test of the catalogue asks the same of it. */
const KNOWN = new WeakMap<Exam, Map<State, readonly string[]>>()

function lookedUp(state: State, exam: Exam): readonly string[] {
  switch (state) {
    case 'anyone':
      return ['anyone']
    case 'stays-raised':
      return raised(exam, 'latest') ? ['rated'] : []
    case 'irritable':
      return irritabilityNow(exam) === 'high' ? ['irritable'] : []
    case 'budget-spent':
      return irritabilityNow(exam) === 'high' && spent(exam) >= PROVOCATIONS ? ['six'] : []
    case 'symptom-spread':
      return exam.runs.filter(spreads).map(causeOf)
    case 'told-otherwise':
      return toldOtherwise(exam)
    case 'deficit-grew':
      return deficitGrew(exam.runs, exam.episode?.earlier)
    case 'saddle-loss':
      return saddleLoss(exam.runs)
    case 'legs-deficit':
      return bothSides('leg', exam.runs)
    case 'arms-deficit':
      return bothSides('arm', exam.runs)
    case 'severe-deficit':
      return severeDeficit(exam.runs)
    case 'many-roots':
      return manyRoots(exam.runs)
    case 'cord-sign':
      return withBrisk(cordSigns(exam.runs), exam)
    case 'brisk-reflexes':
      return briskReflexes(exam.runs)
    case 'both-joints':
      return bothJoints(exam.runs)
  }
}

/** Brisk reflexes are no cord sign alone; together with one that was told they are. */
function withBrisk(found: readonly string[], exam: Exam): readonly string[] {
  const told = ['neck-shocks', 'clumsy-hands', 'unsteady', 'stiff-legs', 'both-arms'].some((item) => exam.screen[item] === 'yes')
  return [...found, ...(found.length > 0 || told ? briskReflexes(exam.runs) : [])]
}

/** Questions answered no, though the story speaks of it. */
function toldOtherwise(exam: Exam): readonly string[] {
  return [...askedByStory(exam).keys()].filter((item) => exam.screen[item] === 'no')
}

const LEVERS = ['knee-to-shoulder', 'pubic-shear']

/** Levers of the pelvis that brought own pain on both sides. */
function bothJoints(runs: readonly Run[]): readonly string[] {
  return LEVERS.flatMap((test) => {
    const mine = runs.filter((run) => run.test === test)
    const sides = new Set(mine.flatMap((run) => run.answers.flatMap(({ answer }) => (answer.said === 'familiar' ? answer.places.map(sideOf) : []))))
    return sides.size === 2 ? mine.map(causeOf) : []
  })
}

/** How easily the person is stirred up, as the examination stands. */
export function irritabilityNow(exam: Exam) {
  return examIrritability(exam, raised(exam, 'any'))
}

/** The performances so far that could stir something up; the differentiation of one is part of it. */
export function provocations(exam: Pick<Exam, 'runs'>): readonly Run[] {
  return exam.runs.filter((run) => {
    const test = testById(run.test)
    return run.answers.length > 0 && test !== undefined && test.provocative > 0 && test.follows === undefined
  })
}

/** Provocations that count against the budget: the one under way is finished first, and never cut off by itself. */
function spent(exam: Pick<Exam, 'runs'>): number {
  const latest = exam.runs.at(-1)
  return provocations(exam).filter((run) => run !== latest || !isUnderWay(run)).length
}

/** When the rest after the last provocation of an irritable person ends; null when no rest is due. */
export function restUntil(exam: Exam): number | null {
  if (irritabilityNow(exam) !== 'high') return null
  const done = provocations(exam).at(-1)
  const latest = exam.runs.at(-1)
  // A rest lies between provocations: never while one is under way, nor before what belongs to it.
  if (!done || [done, latest].some((run) => run && isUnderWay(run)) || waitsToBeFollowed(done)) return null
  const last = (latest ?? done).answers.at(-1) ?? done.answers.at(-1)
  return last ? last.at + REST_MS : null
}

/** Is it still on its ladder? */
function isUnderWay(run: Run): boolean {
  const test = testById(run.test)
  return test !== undefined && nextStage(run, test) !== null
}

/** Did it bring on what a follow-on test of the same limb still has to part? */
function waitsToBeFollowed(run: Run): boolean {
  return broughtItOn(run) && CATALOGUE.some((test) => test.follows === run.test)
}

/** A level two points above rest that has lasted five minutes or more since what raised it. */
function raised(exam: Exam, which: 'latest' | 'any'): boolean {
  return exam.symptoms.some(({ id }) => {
    const rest = exam.rests[id]
    if (rest === undefined) return false
    const mine = exam.ratings.filter((r) => r.symptom === id)
    const isHigh = (now: number) => now - rest >= STILL_RAISED
    // Only the latest level says whether it is raised now; any of them says whether it ever stayed so.
    return (which === 'latest' ? mine.slice(-1) : mine).some((last) => isHigh(last.now) && last.at - raisedSince(mine, last, isHigh, exam) >= SETTLING_MS)
  })
}

interface Level {
  readonly now: number
  readonly at: number
}

/** When the raise that this level belongs to began: at the last provocation before the first high level of an unbroken row. */
function raisedSince(levels: readonly Level[], last: Level, isHigh: (now: number) => boolean, exam: Exam): number {
  const upTo = levels.slice(0, levels.indexOf(last) + 1)
  const broken = upTo.findLastIndex((r) => !isHigh(r.now))
  const first = upTo[broken + 1] ?? last
  const since = upTo[broken]?.at ?? -Infinity
  const provoked = provocations(exam)
    .flatMap((run) => run.answers)
    .filter((a) => a.at <= first.at && a.at >= since)
  return provoked.at(-1)?.at ?? first.at
}

/** How long after a test it is still worth asking, in milliseconds: an examination that was left for the day is not. */
const WORTH_ASKING_MS = 60 * 60_000

/**
 * The symptom to ask about again: raised by two points or more in a test, five minutes ago or longer, and not rated since.
 *
 * @param now - milliseconds since 1970
 */
export function unsettled(exam: Pick<Exam, 'symptoms' | 'rests' | 'runs' | 'ratings'>, now: number): SymptomId | null {
  const found = exam.symptoms.find((symptom) => {
    const rest = exam.rests[symptom.id] ?? null
    const last = exam.runs
      .flatMap((run) => run.answers)
      .findLast((a) => a.answer.said === 'familiar' && a.answer.symptom === symptom.id && rest !== null && (a.answer.intensity ?? rest) - rest >= STILL_RAISED)
    if (!last || now - last.at < SETTLING_MS || now - last.at > WORTH_ASKING_MS) return false
    return !exam.ratings.some((r) => r.symptom === symptom.id && r.at > last.at)
  })
  return found?.id ?? null
}

/** Did a test bring something into the saddle, both legs or both arms, or an electric feeling? Over all its stages, whatever it was called. */
function spreads({ answers }: Run): boolean {
  const known = SPREAD.get(answers) ?? spread(answers)
  SPREAD.set(answers, known)
  return known
}

const SPREAD = new WeakMap<Run['answers'], boolean>()

function spread(answers: Run['answers']): boolean {
  const felt = answers.flatMap(({ answer }) => (answer.said === 'familiar' || answer.said === 'other' ? [answer] : []))
  const electric = felt.some((a) => a.said === 'other' && a.words !== undefined && /electric|shock/i.test(a.words))
  return electric || spreadOf(felt.flatMap((a) => a.places)).length > 0
}
