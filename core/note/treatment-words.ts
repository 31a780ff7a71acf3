import type { TreatmentGiven, TreatmentKind } from '../record/visit-events'
import type { BodyArea } from '../vocabulary/body-area'

/** Kinds of treatment, in words. */
export const TREATMENT_WORDS: Readonly<Record<TreatmentKind, string>> = {
  manual: 'manual technique',
  exercise: 'exercise',
  advice: 'advice',
  needling: 'needling',
  other: 'other',
}

/** Where along the body, in words. */
export const ZONE_WORDS: Readonly<Record<BodyArea['zone'], string>> = {
  head: 'head',
  neck: 'neck',
  arm: 'arm',
  trunk: 'trunk',
  'low-back': 'low back',
  pelvis: 'pelvis',
  thigh: 'thigh',
  'below-knee': 'below the knee',
}

/** What was done, where, and how the person said it was then. */
export function treatmentWords({ kind, region, side, words, response }: Pick<TreatmentGiven, 'kind' | 'region' | 'side' | 'words' | 'response'>): string {
  const where = `${ZONE_WORDS[region]}, ${side === 'both' ? 'both sides' : side}`
  return `${TREATMENT_WORDS[kind]}, ${where}: ${words.replace(/[.]$/, '')}. Response: ${response ?? 'not asked'}`
}
