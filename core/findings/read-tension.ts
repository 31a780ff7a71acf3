import type { Tension } from '../catalogue/reading/reading'
import type { Answer, Familiar } from '../record/answer'
import type { Exam } from '../record/exam'
import { sideOf } from '../vocabulary/body-area'
import type { Side } from '../vocabulary/side'
import { isNeural, riseOf, symptomOf } from './familiar'
import type { Read } from './finding'
import { fitting, placesWords, pointersAt, sentence } from './place-fits'

/**
 * Read a neural tension test by place and angle.
 *
 * The place decides; the angle describes. An onset outside the usual band is flagged for a second
 * look, since the band is a description and not a criterion.
 */
export function readTension(reading: Tension, answer: Answer, side: Side, exam: Exam): Read {
  switch (answer.said) {
    case 'familiar':
      return readFamiliar(reading, answer, side, exam)
    case 'stretch': {
      const pull = reading.stretch
      return {
        ...negative(reading, `A stretch only${at(answer.end)}, nothing familiar${leant(answer)}`),
        ...(pull && {
          readings: [
            ...negative(reading, `A stretch only${at(answer.end)}, nothing familiar${leant(answer)}`).readings,
            { source: pull.source, direction: 'for', strength: 'pointer', why: sentence(pull.because) } as const,
          ],
        }),
      }
    }
    case 'other':
      return negative(reading, `Something else in the ${placesWords(answer.places)}${at(answer.end)}, not the familiar symptom${leant(answer)}`)
    case 'nothing': {
      const read = negative(reading, `Nothing was felt${at(answer.end)}`)
      const quiet = (reading.quiet ?? []).map((p) => ({ source: p.source, direction: p.direction, strength: 'pointer', why: sentence(p.because) }) as const)
      return { ...read, readings: [...read.readings, ...quiet] }
    }
    case 'eased':
    case 'unchanged':
    case 'returned':
    case 'stayed-away':
    case 'worse':
    case 'nothing-to-relieve':
    case 'observed':
    case 'measured':
    case 'grid':
      return { result: 'inconclusive', why: 'The raise itself was not answered.', readings: [] }
  }
}

function readFamiliar(reading: Tension, answer: Familiar, side: Side, exam: Exam): Read {
  const words = reading.placeInWords ?? {
    counts: 'below the knee',
    shooting: 'shooting, burning, tingling or numb in the leg',
    fails: 'but not in the leg',
  }
  const symptom = symptomOf(exam, answer)
  const rise = riseOf(answer, symptom)
  const where = placesWords(answer.places)
  const angle = answer.onset === undefined ? ', angle not measured' : ` at ${answer.onset}°`
  if (!rise.enough) {
    return {
      result: 'inconclusive',
      why: sentence(`${answer.symptom} was felt in the ${where}${angle} but did not rise enough to be called reproduced (${rise.words})`),
      readings: [],
    }
  }
  if (answer.places.length === 0) {
    return {
      result: 'inconclusive',
      why: sentence(`${answer.symptom} came on${angle} but its place was not recorded, and the place decides`),
      readings: [],
    }
  }
  const leaning = answer.lean ? pointersAt(answer.places, side, reading.lean ?? []) : []
  const pointers = [...pointersAt(answer.places, side, reading.pointers), ...leaning]
  const counted = fitting(answer.places, side, reading.counts)
  const conditional = fitting(answer.places, side, reading.countsWhenShooting)
  const fits = [...counted, ...(isNeural(symptom) ? conditional : [])]
  if (fits.length === 0) {
    const reason = answer.places.every((p) => sideOf(p) !== side)
      ? 'but only on the other side'
      : conditional.length > 0
        ? 'in the leg, but neither shooting, burning, tingling nor numb'
        : words.fails
    const read = negative(reading, `${answer.symptom} in the ${where}${angle}: familiar symptom reproduced, ${reason}: not a nerve sign`)
    // Away from the leg the answer says nothing for or against the nerve beyond this test; what it does point to is kept.
    return { ...read, readings: [...read.readings, ...pointers] }
  }
  const why = sentence(`${answer.symptom} in the ${where}${angle}, ${rise.words}: familiar symptom ${counted.length > 0 ? words.counts : words.shooting}`)
  return {
    result: 'positive',
    why,
    readings: [{ source: reading.source, direction: 'for', strength: 'quantified', why }, ...pointers],
    checks: onsetChecks(reading, answer),
  }
}

function onsetChecks(reading: Tension, answer: Familiar): readonly string[] {
  const [low, high] = reading.usualOnset
  if (answer.onset === undefined) return ['Onset angle not measured: there is no baseline to compare with next time.']
  if (answer.onset < low) return [`Began before ${low}°: check guarding and the hip, and think of a large lesion.`]
  if (answer.onset > high) return [`Began after ${high}°, later than a nerve symptom usually does.`]
  return []
}

function negative(reading: Tension, what: string): Read {
  const why = sentence(what)
  return { result: 'negative', why, readings: [{ source: reading.source, direction: 'against', strength: 'quantified', why }] }
}

/** Leaning away is told whatever was felt. */
function leant({ lean }: { readonly lean?: boolean }): string {
  return lean ? ', leaning back' : ''
}

function at(end: number | undefined): string {
  return end === undefined ? '' : ` up to ${end}°`
}
