import type { Familiar } from '../record/answer'
import type { Exam, Symptom } from '../record/exam'
import { NEURAL } from '../vocabulary/quality'
import type { Intensity } from '../vocabulary/intensity'

/**
 * The rise that separates bringing a symptom on from its being there anyway: 1 point, or 2 when it
 * was 5 or more at rest.
 */
export function riseNeeded(atRest: Intensity): number {
  return atRest >= 5 ? 2 : 1
}

/** Does the symptom tingle, burn, shoot, or is it numb? */
export function isNeural(symptom: Pick<Symptom, 'qualities'> | undefined): boolean {
  return symptom?.qualities.some((q) => NEURAL.includes(q)) ?? false
}

/** Whether a familiar answer rose above rest, and by how much. */
export interface Rise {
  readonly enough: boolean
  /** How it reads in a reason: "3 to 6", or "to 6, rest not asked". */
  readonly words: string
}

/**
 * Did the symptom rise enough to be called reproduced?
 *
 * When the intensity at rest was never asked, any intensity above 0 counts and the words say so.
 */
export function riseOf(answer: Familiar, symptom: Symptom | undefined): Rise {
  const rest = symptom?.now ?? null
  if (answer.intensity === null) return { enough: false, words: `rest ${rest ?? 'not asked'}, now not asked` }
  if (rest === null) return { enough: answer.intensity > 0, words: `to ${answer.intensity} of 10, rest not asked` }
  return { enough: answer.intensity - rest >= riseNeeded(rest), words: `${rest} to ${answer.intensity} of 10` }
}

/** The symptom an answer names. */
export function symptomOf(exam: Pick<Exam, 'symptoms'>, answer: Familiar): Symptom | undefined {
  return exam.symptoms.find((s) => s.id === answer.symptom)
}
