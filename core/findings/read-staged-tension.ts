import type { StagedTension } from '../catalogue/reading/reading'
import type { Answer, Familiar } from '../record/answer'
import type { Exam, Run } from '../record/exam'
import { sideOf } from '../vocabulary/body-area'
import type { Quality } from '../vocabulary/quality'
import { otherSide, type Side } from '../vocabulary/side'
import { riseOf, symptomOf } from './familiar'
import type { Read } from './finding'
import { fitting, placesWords, sentence } from './place-fits'

const NEURAL: readonly Quality[] = ['tingling', 'numb', 'burning', 'shooting']

/**
 * Read a tension test that is built up in steps and then released at a distance.
 *
 * Nearly everyone feels a pull at the last steps; what parts nerve from muscle is whether letting one
 * distant part go changes it.
 */
export function readStagedTension(reading: StagedTension, run: Pick<Run, 'answers' | 'variant'>, side: Side, exam: Exam): Read {
  const at = run.answers.findIndex((a) => a.answer.said === 'familiar')
  const told = run.answers[at]?.answer
  if (told?.said !== 'familiar') return readQuiet(reading, run, side)
  const symptom = symptomOf(exam, told)
  const rise = riseOf(told, symptom)
  const where = `${told.symptom} in the ${placesWords(told.places)}${angleWords(told, reading)}`
  if (!rise.enough) return unclear(`${where} did not rise enough to be called reproduced (${rise.words})`)
  const change = changeOf(run.answers.map((a) => a.answer))
  if (reading.beforeLeg.includes(run.answers[at]?.stage ?? '')) {
    return {
      ...unclear(`${where} came on before ${reading.limb === 'leg' ? 'a leg' : 'an arm'} moved: reproduced, side not shown`),
      readings: change === 'changed' ? [pointer(reading, `${told.symptom} came on with trunk and neck alone and eased when the neck was let go`)] : [],
    }
  }
  if (told.places.length === 0) return unclear(`${told.symptom} came on${angleWords(told, reading)} but its place was not recorded, and the place decides`)
  const inLeg = fitting(told.places, side, reading.counts)
  if (inLeg.length === 0) return readElsewhere(reading, told, where, side, change)
  if (anyCounts(reading, run) && symptom?.qualities.some((q) => NEURAL.includes(q))) {
    return positive(reading, `${where}, ${rise.words}: counted by its kind alone, as this school does`)
  }
  switch (change) {
    case 'not-asked':
      return unclear(`${where}, ${rise.words}, but nothing was let go to see whether it changes`)
    case 'same':
      return {
        ...negative(reading, `${where}, ${rise.words}, did not change when a distant part was let go: not shown to be neural`),
        readings: [
          { source: reading.source, direction: 'against', strength: 'quantified', why: 'Unchanged by a distant release.' },
          {
            source: (reading.unchanged ?? reading.stretch).source,
            direction: 'for',
            strength: 'pointer',
            why: sentence(reading.unchanged?.because ?? 'came on and did not change with a distant release'),
          },
        ],
      }
    case 'changed':
      return positive(reading, `${where}, ${rise.words}, changed when a distant part was let go`)
  }
}

function readQuiet(reading: StagedTension, run: Pick<Run, 'answers' | 'variant'>, side: Side): Read {
  const other = run.answers.map((a) => a.answer).find((a) => a.said === 'other')
  if (other && anyCounts(reading, run) && other.qualities?.some((q) => NEURAL.includes(q)) && fitting(other.places, side, reading.counts).length > 0) {
    return positive(reading, `${other.qualities.join(', ')} in the ${placesWords(other.places)}: counted by its kind alone, as this school does`)
  }
  const last = run.answers.at(-1)?.answer
  if (last?.said === 'stretch') {
    const read = negative(reading, 'A pull only, nothing familiar')
    return {
      ...read,
      readings: [...read.readings, { source: reading.stretch.source, direction: 'for', strength: 'pointer', why: sentence(reading.stretch.because) }],
    }
  }
  return negative(reading, other ? `Something else in the ${placesWords(other.places)}, not the own symptom` : 'Nothing familiar through all stages')
}

/** Own symptom that is not in the tested leg: the back, or the other leg. */
function readElsewhere(reading: StagedTension, told: Familiar, where: string, side: Side, change: Change): Read {
  if (told.places.some((p) => sideOf(p) !== side) && fitting(told.places, otherSide(side), reading.counts).length > 0) {
    return {
      ...negative(reading, `${where}: crossed, in the other ${reading.limb}, so not positive for this one`),
      checks: [`Crossed: came on in the other ${reading.limb}. Look for a large lesion there.`],
    }
  }
  const read = negative(reading, `${where}, not in the ${reading.limb}, so it does not count for the ${reading.limb}`)
  const inBack = told.places.some((p) => reading.back.some((area) => p.endsWith(area)))
  return inBack && change === 'changed'
    ? {
        ...read,
        readings: [
          ...read.readings,
          pointer(
            reading,
            reading.limb === 'leg'
              ? 'Back pain that changes with the neck points to neural tissue.'
              : 'Neck or shoulder pain that changes with the arm points to neural tissue.',
          ),
        ],
      }
    : read
}

type Change = 'changed' | 'same' | 'not-asked'

function changeOf(answers: readonly Answer[]): Change {
  const released = answers.find((a) => a.said === 'eased' || a.said === 'unchanged')
  if (!released) return 'not-asked'
  return released.said === 'eased' ? 'changed' : 'same'
}

function anyCounts(reading: StagedTension, run: Pick<Run, 'variant'>): boolean {
  return reading.anyNeural.includes(run.variant)
}

function angleWords(answer: Familiar, reading: StagedTension): string {
  return answer.onset === undefined ? '' : ` at ${answer.onset}${reading.angleInWords ?? '°'}`
}

function pointer(reading: StagedTension, why: string): Read['readings'][number] {
  return { source: reading.source, direction: 'for', strength: 'pointer', why: sentence(why) }
}

function positive(reading: StagedTension, what: string): Read {
  const why = sentence(what)
  return { result: 'positive', why, readings: [{ source: reading.source, direction: 'for', strength: 'quantified', why }] }
}

function negative(reading: StagedTension, what: string): Read {
  const why = sentence(what)
  return { result: 'negative', why, readings: [{ source: reading.source, direction: 'against', strength: 'quantified', why }] }
}

function unclear(what: string): Read {
  return { result: 'inconclusive', why: sentence(what), readings: [] }
}
