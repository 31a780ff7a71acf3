/**
 * A probability as it may be shown while its estimates are unchecked: rounded to 5 %, and never 0 or 100.
 *
 * @example percent(0.633) // "65 %"
 * @example percent(0.004) // "under 5 %"
 */
export function percent(p: number): string {
  const rounded = Math.round(p * 20) * 5
  if (rounded < 5) return 'under 5 %'
  if (rounded > 95) return 'over 95 %'
  return `${rounded} %`
}

/**
 * The same inside a sentence, where a bound is no "about".
 *
 * @example about(0.633) // "about 65 %"
 * @example about(0.99) // "over 95 %"
 */
export function about(p: number): string {
  const words = percent(p)
  return /^\d/.test(words) ? `about ${words}` : words
}
