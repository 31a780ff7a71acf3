import type { Exam, Symptom } from '../record/exam'

/** How easily the person is stirred up. `unknown` while too little was asked. */
export type Irritability = 'unknown' | 'low' | 'moderate' | 'high'

export const IRRITABILITY_WORDS: Record<Irritability, string> = {
  unknown: 'not known',
  low: 'low',
  moderate: 'moderate',
  high: 'high',
}

/** Strong: 7 of 10 or more, at its worst or now. */
const STRONG = 7

/**
 * Irritability of one symptom, from what it takes to stir it up, how strong it gets and how long it takes to settle.
 *
 * High when all three speak for it (provoked easily, 7 or more, longer than half an hour); moderate when two do.
 */
export function irritabilityOf(symptom: Pick<Symptom, 'stirring' | 'now' | 'worst'>): Irritability {
  const { stirring, now, worst } = symptom
  const strongest = worst ?? now
  const asked = [stirring?.stirredBy ?? null, strongest, stirring?.settles ?? null]
  const signs = [stirring?.stirredBy === 'little', strongest !== null && strongest >= STRONG, stirring?.settles === 'longer'].filter(Boolean).length
  if (signs === 3) return 'high'
  if (signs === 2) return 'moderate'
  // One unknown part could still make it two: only what is settled is called low.
  return asked.some((part) => part === null) ? 'unknown' : 'low'
}

const RANK: readonly Irritability[] = ['unknown', 'low', 'moderate', 'high']

/** The highest irritability among the symptoms, raised by one level for each that stayed raised after a test. */
export function examIrritability(exam: Pick<Exam, 'symptoms'>, stayedRaised: boolean): Irritability {
  const highest = Math.max(0, ...exam.symptoms.map((s) => RANK.indexOf(irritabilityOf(s))))
  const raised = stayedRaised ? Math.min(RANK.length - 1, Math.max(1, highest) + 1) : highest
  return RANK[raised] ?? 'unknown'
}
