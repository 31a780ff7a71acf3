import { testById } from '../catalogue'
import { type ExamTest, LOWER, UPPER } from '../catalogue/exam-test'
import { isNeural } from '../findings/familiar'
import type { Exam, Symptom } from '../record/exam'
import { broughtItOn } from '../record/ladder'
import { hasHeadComplaint } from '../story/head-complaints'
import { fitsTheOutlet } from '../story/outlet-story'
import { type AreaId, areaOf, bodyArea } from '../vocabulary/body-area'

/** What the story and the first answers ask for beside the zones: a test to be planned, or one to be left out. */
export type StoryAsks = 'plan' | 'leave-out' | null

/** Does the story ask for this test, or speak against it? Null where the zones alone decide. */
export function storyAsks(test: ExamTest, exam: Exam): StoryAsks {
  if (isPlainHamstring(exam) && (test.region === 'pelvis' || test.posture === 'prone')) return 'leave-out'
  const { symptoms } = exam
  switch (test.id) {
    // Nerves are looked at wherever a nerve may speak: by its quality, or in a test.
    case 'neuro-lower':
      return symptoms.some((s) => isNeural(s) && liesIn(s, LOWER)) || nerveSpoke(exam, 'leg') ? 'plan' : null
    case 'neuro-upper':
      return symptoms.some((s) => isNeural(s) && liesIn(s, UPPER)) || nerveSpoke(exam, 'arm') ? 'plan' : null
    case 'flexion-rotation':
      return symptoms.some(hasHeadComplaint) ? 'plan' : null
    case 'hip-scour':
    case 'hip-internal-rotation':
      return symptoms.some((s) => s.places.some((p) => areaOf(p) === 'groin')) ? 'plan' : null
    case 'arm-pulse-inspiration':
    case 'elevated-arm-stress':
      return symptoms.some(fitsTheOutlet) ? 'plan' : null
    // A disc fakes positive pelvic tests: it is asked before two of them are believed.
    case 'repeated-movement':
      return pelvicPositives(exam) >= 2 ? 'plan' : null
    default:
      return null
  }
}

function liesIn(symptom: Symptom, zones: ExamTest['plannedFor']): boolean {
  return symptom.places.some((p) => zones.includes(bodyArea(areaOf(p)).zone))
}

/** Behind the thigh only, and neither burning, tingling, numb nor shooting. */
function isPlainHamstring({ symptoms }: Pick<Exam, 'symptoms'>): boolean {
  const places = symptoms.flatMap((s) => s.places)
  return places.length > 0 && places.every((p) => BEHIND.includes(areaOf(p))) && !symptoms.some(isNeural)
}

const BEHIND: readonly AreaId[] = ['thigh-back', 'knee-back']

/** Did a test that tightens a nerve of this limb bring something on? */
function nerveSpoke({ runs }: Pick<Exam, 'runs'>, limb: 'arm' | 'leg'): boolean {
  return runs.some((run) => {
    const test = testById(run.test)
    return test?.region === limb && ['tension', 'staged-tension', 'crossed'].includes(test.reading.kind) && broughtItOn(run)
  })
}

function pelvicPositives({ runs }: Pick<Exam, 'runs'>): number {
  return runs.filter((run) => testById(run.test)?.shares.includes('pelvic-provocation') && broughtItOn(run)).length
}
