import type { Answer } from '../../record/answer'
import { cellsOf } from '../../record/outline'
import { examFrom } from '../../record/exam'
import { areaOf, placeWords, sideOf } from '../../vocabulary/body-area'
import { listWords } from '../../vocabulary/sentence'
import type { Attempt } from '../attempt'
import type { SimulatedPatient } from '../simulated-patient'
import type { Followed } from './followed'
import type { Moment } from './moment'

/** Onsets and ranges that differ by so much are read alike, in degrees: near the error of a hand-held inclinometer. */
export const READ_WITHIN = 8

/** Was each answer called what it was? */
export function readingMoments(patient: SimulatedPatient, { events }: Pick<Attempt, 'events'>, followed: readonly Followed[]): readonly Moment[] {
  const theirs = examFrom(events)?.symptoms ?? []
  /** The true complaint that the trainee's number stands for: the one whose places it shares most. */
  const trueSymptom = (id: string) => {
    const mine = theirs.find((s) => s.id === id)
    const shared = patient.symptoms.map((s) => ({ id: s.id, n: s.places.filter((p) => mine?.places.includes(p)).length }))
    return shared.toSorted((a, b) => b.n - a.n)[0]?.id ?? null
  }
  return followed.map(({ written, truth, test, stage }) => {
    const fault = misread(written.answer, truth.answer, stage, trueSymptom)
    const heard = truth.words === '' ? truth.hands : `They said: “${truth.words}”`
    return {
      skill: 'reading',
      at: written.at,
      event: written.id,
      verdict: fault === null ? 'right' : 'wrong',
      what: `${test.name}, ${stage.label}: recorded as ${answerWords(written.answer)}.`,
      why: `${heard} ${truth.why}`.trim(),
      instead: fault,
    }
  })
}

/** What was wrong with it; null where it was right. */
function misread(written: Answer, truth: Answer, stage: Followed['stage'], trueSymptom: (id: string) => string | null): string | null {
  if (written.said === 'familiar' && truth.said === 'familiar') {
    const mine = trueSymptom(written.symptom)
    if (mine !== null && mine !== truth.symptom) return 'It was familiar, and of the other complaint.'
    if (!written.places.some((p) => truth.places.includes(p))) {
      const sides = new Set(truth.places.map(sideOf))
      return written.places.some((p) => sides.has(sideOf(p)) && truth.places.some((t) => areaOf(t) === areaOf(p)))
        ? null
        : `It came on in the ${listWords(truth.places.map(placeWords))}.`
    }
    if (written.onset !== undefined && truth.onset !== undefined && Math.abs(written.onset - truth.onset) > READ_WITHIN)
      return `It began at ${truth.onset}°, where the face first showed it.`
    return null
  }
  if (written.said === 'observed' && truth.said === 'observed') {
    if (written.choice === truth.choice || truth.choice === 'enough' || stage.id === 'level' || stage.id === 'closer') return null
    return `It was “${stage.choices?.find((c) => c.id === truth.choice)?.words ?? truth.choice}”.`
  }
  if (written.said === 'measured' && truth.said === 'measured') return misMeasured(written, truth)
  if (written.said === 'grid' && truth.said === 'grid') {
    const names = new Map((stage.grid ? cellsOf(stage.grid) : []).map((c) => [c.id, `${c.row.words}, ${c.column.words}`]))
    const wrong = Object.entries(truth.cells).filter(([cell, value]) => written.cells[cell] !== undefined && !alike(cell, written.cells[cell], value))
    return wrong.length === 0
      ? null
      : `It was: ${wrong
          .slice(0, 3)
          .map(([cell, value]) => `${names.get(cell) ?? cell}: ${value}`)
          .join('; ')}${wrong.length > 3 ? ' and more' : ''}.`
  }
  if (written.said === truth.said) return null
  // A pull, something else and nothing are told apart by words that people use loosely; what matters is that it is not theirs.
  const plain: readonly string[] = ['stretch', 'nothing', 'other']
  if (plain.includes(written.said) && plain.includes(truth.said)) return null
  return `It was ${answerWords(truth)}.`
}

/** Grades next to each other, and figures a little apart, are one reading. */
function alike(cell: string, written: string | undefined, truth: string): boolean {
  if (written === truth) return true
  const [a, b] = [Number(written), Number(truth)]
  if (Number.isNaN(a) || Number.isNaN(b)) return false
  return cell.endsWith('.strength') || cell.endsWith('.reflex') ? false : Math.abs(a - b) <= 2
}

function misMeasured(written: Extract<Answer, { said: 'measured' }>, truth: Extract<Answer, { said: 'measured' }>): string | null {
  const mean = (trials: readonly number[]) => trials.reduce((sum, n) => sum + n, 0) / Math.max(1, trials.length)
  const apart = Math.abs(mean(written.trials) - mean(truth.trials))
  if (apart > READ_WITHIN) return `It was ${Math.round(mean(truth.trials))}.`
  if (written.limitedBy !== undefined && truth.limitedBy === 'own-pain' && written.limitedBy !== 'own-pain') return 'The familiar pain ended it.'
  return null
}

/** An answer as the record says it. */
export function answerWords(answer: Answer): string {
  switch (answer.said) {
    case 'familiar':
      return `the familiar symptom${answer.places.length > 0 ? ` (${listWords(answer.places.map(placeWords))})` : ''}`
    case 'stretch':
      return 'a stretch'
    case 'other':
      return 'something else'
    case 'nothing':
      return 'nothing'
    case 'observed':
      return `“${answer.choice}”`
    case 'measured':
      return answer.trials.join(', ')
    case 'grid':
      return 'a table'
    case 'stayed-away':
      return 'stayed away'
    case 'nothing-to-relieve':
      return 'nothing there to relieve'
    case 'eased':
    case 'unchanged':
    case 'returned':
    case 'worse':
      return answer.said
  }
}
