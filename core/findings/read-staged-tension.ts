import type { ExamTest } from '../catalogue/exam-test'
import type { StagedTension } from '../catalogue/reading/reading'
import { angleOf, type Familiar } from '../record/answer'
import type { Exam, Run, StageAnswer, Symptom } from '../record/exam'
import { isBaseline, reproductions } from '../record/ladder'
import { areaOf, sideOf } from '../vocabulary/body-area'
import { NEURAL } from '../vocabulary/quality'
import { otherSide, type Side } from '../vocabulary/side'
import { isNeural, riseOf, symptomOf } from './familiar'
import type { Read } from './finding'
import { fitting, placesWords, sentence } from './place-fits'

/**
 * Read a tension test that is built up in steps and then released at a distance.
 *
 * Nearly everyone feels a pull at the last steps; what parts nerve from muscle is whether letting one
 * distant part go changes it.
 */
export function readStagedTension(reading: StagedTension, run: Run, test: Pick<ExamTest, 'stages'>, side: Side, exam: Exam): Read {
  const own = reproductions(run, test)
  const there = own.find(({ answer }) => fitting(answer.places, side, reading.counts).length > 0)
  const begun = there ?? own[0]
  if (!begun) return readQuiet(reading, run, side)
  const told = begun.answer
  const symptom = withBaseline(symptomOf(exam, told), run, test)
  const rise = riseOf(told, symptom)
  const where = `${told.symptom} in the ${placesWords(told.places)}${angleWords(told, reading)}`
  if (!rise.enough) return unclear(`${where} did not rise enough to be called reproduced (${rise.words})`)
  const released = releaseOf(run)
  const change = changeOf(released)
  if (reading.beforeLeg.includes(begun.stage)) {
    const eased = `eased when ${partWords(run, test)} was let go`
    return {
      ...unclear(
        `${where} came on before ${reading.limb === 'leg' ? 'a leg' : 'an arm'} moved${change === 'changed' ? ` and ${eased}` : ''}: reproduced, side not shown`,
      ),
      reproduced: true,
      readings: change === 'changed' ? [pointer(reading, `${told.symptom} came on with trunk and neck alone and ${eased}`)] : [],
    }
  }
  if (told.places.length === 0) return unclear(`${told.symptom} came on${angleWords(told, reading)} but its place was not recorded, and the place decides`)
  if (!there) return readElsewhere(reading, told, { where, side, change, part: partWords(run, test) })
  if (anyCounts(reading, run) && isNeural(symptom)) {
    return positive(reading, `${where}, ${rise.words}: counted by its kind alone, as this school does`)
  }
  switch (change) {
    case 'not-asked':
      return { ...unclear(`${where}, ${rise.words}, but nothing was let go to see whether it changes`), reproduced: true }
    case 'same': {
      const unchanged = reading.unchanged ?? { source: reading.stretch.source, because: 'came on and did not change with a distant release' }
      const kind = reading.limb === 'arm' ? 'peripheral or local' : 'muscle or local'
      return {
        // Brought on is not quiet, and unchanged is not shown to be neural: it decides nothing.
        ...unclear(`${where}, ${rise.words}: reproduced, not changed by ${partWords(run, test)}: ${kind}`),
        reproduced: true,
        readings: [{ source: unchanged.source, direction: 'for', strength: 'pointer', why: sentence(unchanged.because) }],
        ...concluded(reading, run, 'same'),
      }
    }
    case 'changed':
      if (liesBeside(run, told, reading))
        return {
          ...unclear(`${where}, ${rise.words}, changed when ${partWords(run, test)} was let go, which lies beside it: nerve and muscle are not parted by that`),
          reproduced: true,
        }
      return { ...positive(reading, `${where}, ${rise.words}, changed when ${partWords(run, test)} was let go`), ...concluded(reading, run, 'changed') }
  }
}

/** What was felt in the start position is the rest of this test. */
function withBaseline(symptom: Symptom | undefined, run: Run, test: Pick<ExamTest, 'stages'>): Symptom | undefined {
  const baseline = run.answers.find((a) => isBaseline(a.stage, run, test))?.answer
  if (!symptom || baseline?.said !== 'familiar' || baseline.symptom !== symptom.id || baseline.intensity === null) return symptom
  return { ...symptom, now: baseline.intensity }
}

/** In the arm only a distant part tells: wrist and elbow lie in the limb that hurts, so easing there says nothing. */
function liesBeside(run: Run, told: Familiar, { limb, counts }: StagedTension): boolean {
  const released = releaseOf(run)
  const part = released && 'part' in released.answer ? released.answer.part : undefined
  return limb === 'arm' && (part === 'wrist' || part === 'elbow') && told.places.every((p) => counts.includes(areaOf(p)))
}

/** What moving the neck, and nothing else, says about the part the neck has in it. */
function concluded({ conclusion }: StagedTension, run: Run, change: 'changed' | 'same'): Pick<Read, 'checks'> {
  const released = releaseOf(run)
  const part = released && 'part' in released.answer ? released.answer.part : undefined
  const atNeck = part === undefined ? released?.stage.startsWith('neck-') === true : part === 'neck'
  return conclusion && atNeck ? { checks: [conclusion[change]] } : {}
}

function releaseOf(run: Run): StageAnswer | undefined {
  return run.answers.find(({ answer }) => answer.said === 'eased' || answer.said === 'unchanged')
}

/** The part that was let go, in words: "the neck". */
function partWords(run: Run, test: Pick<ExamTest, 'stages'>): string {
  const released = releaseOf(run)
  const stage = test.stages.find((s) => s.id === released?.stage)
  const chosen = released && 'part' in released.answer ? released.answer.part : undefined
  const named = stage?.parts?.find((p) => p.id === chosen)?.words
  return named ? `the ${named.toLowerCase()}` : (stage?.letsGo ?? 'a distant part')
}

function readQuiet(reading: StagedTension, run: Pick<Run, 'answers' | 'variant'>, side: Side): Read {
  const other = run.answers.map((a) => a.answer).find((a) => a.said === 'other')
  const pulled = run.answers.some((a) => a.answer.said === 'stretch')
  if (other && anyCounts(reading, run) && other.qualities?.some((q) => NEURAL.includes(q)) && fitting(other.places, side, reading.counts).length > 0) {
    return positive(reading, `${other.qualities.join(', ')} in the ${placesWords(other.places)}: counted by its kind alone, as this school does`)
  }
  const ended = run.answers.flatMap(({ answer }) => angleOf(answer) ?? []).at(-1)
  const upTo = ended === undefined ? '' : `, up to ${ended}${reading.angleInWords ?? '°'}`
  if (pulled && !other) {
    const read = negative(reading, `A pull only, nothing familiar${upTo}`)
    return {
      ...read,
      readings: [...read.readings, { source: reading.stretch.source, direction: 'for', strength: 'pointer', why: sentence(reading.stretch.because) }],
    }
  }
  return negative(
    reading,
    other ? `Something else in the ${placesWords(other.places)}, not the familiar symptom${upTo}` : `Nothing familiar through all stages${upTo}`,
  )
}

/** Own symptom that is not in the tested limb: the back or neck, or the other limb. */
function readElsewhere(
  reading: StagedTension,
  told: Familiar,
  { where, side, change, part }: { readonly where: string; readonly side: Side; readonly change: Change; readonly part: string },
): Read {
  if (told.places.some((p) => sideOf(p) !== side) && fitting(told.places, otherSide(side), reading.counts).length > 0) {
    return {
      ...negative(reading, `${where}: crossed, in the other ${reading.limb}, so not positive for this one`),
      checks: [`Crossed: came on in the other ${reading.limb}. Look for a large lesion there.`],
    }
  }
  const inBack = told.places.some((p) => reading.back.includes(areaOf(p)))
  const region = reading.limb === 'leg' ? 'Back' : 'Neck or shoulder'
  if (inBack && change === 'changed') {
    // Positive for tissue that moves with the part let go, and no sign of the limb: it points and feeds no rule of the limb.
    const why = sentence(`${where}, changed when ${part} was let go: ${region.toLowerCase()} pain that changes at a distance points to neural tissue`)
    return { result: 'positive', why, pointsOnly: true, readings: [pointer(reading, why)] }
  }
  return negative(reading, `${where}: familiar symptom reproduced, but not in the ${reading.limb}: not a nerve sign`)
}

type Change = 'changed' | 'same' | 'not-asked'

function changeOf(released: StageAnswer | undefined): Change {
  if (!released) return 'not-asked'
  return released.answer.said === 'eased' ? 'changed' : 'same'
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
