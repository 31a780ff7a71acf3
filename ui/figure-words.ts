import type { Estimate } from '@/core/evidence/study'

/** A sensitivity or specificity with its interval; what is printed where it could not be read, else "not known". */
export function estimateWords(e: Estimate | null, printed?: string): string {
  if (!e) return printed ?? 'not known'
  return `${e.value.toFixed(2)}${e.interval ? ` (${e.interval[0].toFixed(2)} to ${e.interval[1].toFixed(2)})` : ''}`
}
