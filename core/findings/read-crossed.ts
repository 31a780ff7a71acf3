import type { Crossed } from '../catalogue/reading/reading'
import type { Answer } from '../record/answer'
import type { Exam } from '../record/exam'
import { soreSides } from '../story/sore-sides'
import { otherSide, type Side } from '../vocabulary/side'
import { riseOf, symptomOf } from './familiar'
import type { Read } from './finding'
import { fitting, placesWords, sentence } from './place-fits'

/**
 * Read a raise of the well leg for the other, sore leg.
 *
 * @param side - the raised leg
 * @returns null when the raised leg is itself the sore one: the question did not arise
 */
export function readCrossed(reading: Crossed, answer: Answer, side: Side, exam: Exam): Read | null {
  const other = otherSide(side)
  const sore = soreSides(exam)
  if (!sore.includes(other) || sore.includes(side)) return null
  if (answer.said === 'familiar') {
    const there = fitting(answer.places, other, reading.counts)
    if (there.length === 0) return null
    const rise = riseOf(answer, symptomOf(exam, answer))
    const at = answer.onset === undefined ? '' : ` at ${answer.onset}°`
    if (!rise.enough)
      return { result: 'inconclusive', why: sentence(`${answer.symptom} did not rise enough to be called crossed (${rise.words})`), readings: [] }
    const why = sentence(`Raising the ${side} leg brought on ${answer.symptom} in the ${placesWords(there)}${at}: crossed`)
    return { result: 'positive', why, readings: [{ source: reading.source, direction: 'for', strength: 'quantified', why }] }
  }
  const why = sentence(`Raising the ${side} leg did not bring on the ${other} leg’s symptom; that rules little out`)
  return { result: 'negative', why, readings: [{ source: reading.source, direction: 'against', strength: 'quantified', why }] }
}
