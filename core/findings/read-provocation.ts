import type { Provocation } from '../catalogue/reading/reading'
import type { Answer, Familiar } from '../record/answer'
import type { Exam } from '../record/exam'
import { sideOf } from '../vocabulary/body-area'
import type { Side } from '../vocabulary/side'
import { riseOf, symptomOf } from './familiar'
import type { Read } from './finding'
import { fitting, placesWords, pointersAt, sentence } from './place-fits'

/**
 * Read a provocation: own pain, in a place that fits, on the side that is read.
 *
 * @param answer - what the patient said at the last load
 * @param side - the side the finding is for
 * @param variant - the way it was done; absent where another test answered
 */
export function readProvocation(reading: Provocation, answer: Answer, side: Side, exam: Exam, variant?: string): Read {
  const read = readAnswer(reading, answer, side, exam)
  // A light press that stays quiet says nothing against the joint: the load was never given.
  const light = read.result === 'negative' && variant !== undefined && reading.lightOnly?.includes(variant)
  return light ? unclear(`${read.why.replace(/\.$/, '')}, at the light grade only`) : read
}

function readAnswer(reading: Provocation, answer: Answer, side: Side, exam: Exam): Read {
  switch (answer.said) {
    case 'familiar': {
      const symptom = symptomOf(exam, answer)
      const rise = riseOf(answer, symptom)
      const where = placesWords(answer.places)
      if (!rise.enough) {
        return unclear(`${answer.symptom} was felt in the ${where} but did not rise enough to be called reproduced (${rise.words})`)
      }
      if (answer.places.length === 0) return unclear(`${answer.symptom} came on (${rise.words}) but its place was not recorded, and the place decides`)
      const pointers = pointersAt(answer.places, side, reading.pointers)
      if (fitting(answer.places, side, reading.counts).length > 0) {
        const why = sentence(`${answer.symptom} in the ${where}${loadWords(answer)}, ${rise.words}: familiar pain ${reading.countsInWords}`)
        return {
          result: 'positive',
          why,
          readings: [{ source: reading.source, direction: 'for', strength: 'quantified', why }, ...pointers],
        }
      }
      const elsewhere = answer.places.every((p) => sideOf(p) !== side) ? 'only on the other side' : `not ${reading.countsInWords}`
      return negative(reading, `${answer.symptom} came on in the ${where}, ${elsewhere}, so it does not count here`, pointers)
    }
    case 'stretch': {
      const pull = reading.stretch
      return negative(
        reading,
        'Stretch or pressure only, nothing familiar',
        pull ? [{ source: pull.source, direction: 'for', strength: 'pointer', why: sentence(pull.because) }] : [],
      )
    }
    case 'other':
      return negative(reading, `Something else in the ${placesWords(answer.places)}, not the familiar pain`, [])
    case 'nothing':
      return negative(reading, 'Nothing was felt', [])
    case 'eased':
    case 'unchanged':
    case 'returned':
    case 'stayed-away':
    case 'worse':
    case 'nothing-to-relieve':
    case 'observed':
    case 'measured':
    case 'grid':
      return unclear('the load itself was not answered')
  }
}

/** How long and how hard it was pressed, where that was measured. */
function loadWords({ held, newtons }: Familiar): string {
  return `${held === undefined ? '' : `, after ${held} s`}${newtons === undefined ? '' : `, ${newtons} N at most`}`
}

function negative(reading: Provocation, what: string, pointers: Read['readings']): Read {
  const why = sentence(what)
  return { result: 'negative', why, readings: [{ source: reading.source, direction: 'against', strength: 'quantified', why }, ...pointers] }
}

function unclear(what: string): Read {
  return { result: 'inconclusive', why: sentence(what), readings: [] }
}
