import { testById } from '../catalogue'
import type { SymptomId } from '../record/answer'
import type { Exam, Run } from '../record/exam'
import { examIrritability } from '../story/irritability'
import { areaOf, bodyArea, sideOf } from '../vocabulary/body-area'
import type { State } from './gate'

/** A symptom this much above rest has not settled. */
const STILL_RAISED = 2
/** After this long it should have, in milliseconds. */
const SETTLING_MS = 5 * 60_000
/** Provoking tests an irritable person is asked for at most. */
export const PROVOCATIONS = 6
/** Rest between provocations in an irritable person, in milliseconds. */
export const REST_MS = 60_000

/** Is the whole examination in this state now? */
export function isIn(state: State, exam: Exam): boolean {
  switch (state) {
    case 'stays-raised':
      return raised(exam, 'latest')
    case 'irritable':
      return irritabilityNow(exam) === 'high'
    case 'budget-spent':
      return irritabilityNow(exam) === 'high' && provocations(exam).length >= PROVOCATIONS
    case 'deficit-grew':
      return deficitGrew(exam)
    case 'symptom-spread':
      return exam.runs.some(spread)
  }
}

/** How easily the person is stirred up, as the examination stands. */
export function irritabilityNow(exam: Exam) {
  return examIrritability(exam, raised(exam, 'any'))
}

/** The performances so far that could stir something up. */
export function provocations(exam: Pick<Exam, 'runs'>): readonly Run[] {
  return exam.runs.filter((run) => run.answers.length > 0 && (testById(run.test)?.provocative ?? 0) > 0)
}

/** When the rest after the last provocation of an irritable person ends; null when no rest is due. */
export function restUntil(exam: Exam): number | null {
  if (irritabilityNow(exam) !== 'high') return null
  const last = provocations(exam).at(-1)?.answers.at(-1)
  return last ? last.at + REST_MS : null
}

/** A rating that is still two points above rest, five minutes or more after the last test. */
function raised(exam: Exam, which: 'latest' | 'any'): boolean {
  return exam.symptoms.some((symptom) => {
    const rest = symptom.now
    if (rest === null) return false
    const mine = exam.ratings.filter((r) => r.symptom === symptom.id)
    // Few ratings are high; only for those is it worth looking when the symptom came on last.
    const high = (which === 'latest' ? mine.slice(-1) : mine).filter((r) => r.now - rest >= STILL_RAISED)
    if (high.length === 0) return false
    const came = exam.runs.flatMap((run) => run.answers).filter((a) => a.answer.said === 'familiar' && a.answer.symptom === symptom.id)
    return high.some((r) => {
      const last = came.findLast((a) => a.at <= r.at)
      return last !== undefined && r.at - last.at >= SETTLING_MS
    })
  })
}

/** How long after a test it is still worth asking, in milliseconds: an examination that was left for the day is not. */
const WORTH_ASKING_MS = 60 * 60_000

/**
 * The symptom to ask about again: raised by two points or more in a test, five minutes ago or longer, and not rated since.
 *
 * @param now - milliseconds since 1970
 */
export function unsettled(exam: Pick<Exam, 'symptoms' | 'runs' | 'ratings'>, now: number): SymptomId | null {
  const found = exam.symptoms.find((symptom) => {
    const rest = symptom.now
    const last = exam.runs
      .flatMap((run) => run.answers)
      .findLast((a) => a.answer.said === 'familiar' && a.answer.symptom === symptom.id && rest !== null && a.answer.intensity - rest >= STILL_RAISED)
    if (!last || now - last.at < SETTLING_MS || now - last.at > WORTH_ASKING_MS) return false
    return !exam.ratings.some((r) => r.symptom === symptom.id && r.at > last.at)
  })
  return found?.id ?? null
}

/** Did a test bring something into the saddle, or into both legs at once? */
function spread(run: Run): boolean {
  return run.answers.some(({ answer }) => {
    if (answer.said !== 'familiar' && answer.said !== 'other') return false
    if (answer.places.some((place) => areaOf(place) === 'saddle')) return true
    const legs = answer.places.filter((place) => bodyArea(areaOf(place)).zone === 'below-knee')
    return new Set(legs.map(sideOf)).size === 2
  })
}

const SCREENS = ['neuro-upper', 'neuro-lower']

/** A later screen of the same side shows less strength, reflex or feeling than an earlier one. */
function deficitGrew(exam: Exam): boolean {
  return exam.runs.some(
    (later, i) =>
      SCREENS.includes(later.test) &&
      exam.runs.slice(0, i).some((earlier) => earlier.test === later.test && earlier.side === later.side && isWorse(cellsOf(earlier), cellsOf(later))),
  )
}

/** Every cell of every table of one performance, by "stage row.column". */
function cellsOf(run: Run): Readonly<Record<string, string>> {
  return Object.fromEntries(
    run.answers.flatMap(({ stage, answer }) =>
      answer.said === 'grid' ? Object.entries(answer.cells).map(([cell, value]) => [`${stage} ${cell}`, value] as const) : [],
    ),
  )
}

const FEELING = ['absent', 'less', 'normal']

function isWorse(before: Readonly<Record<string, string>>, after: Readonly<Record<string, string>>): boolean {
  return Object.entries(after).some(([cell, value]) => {
    const was = before[cell]
    if (was === undefined || was === value) return false
    if (cell.startsWith('strength') || cell.startsWith('reflexes')) return Number(value) < Number(was)
    return cell.startsWith('sensation') && FEELING.indexOf(value) < FEELING.indexOf(was) && FEELING.includes(value)
  })
}
