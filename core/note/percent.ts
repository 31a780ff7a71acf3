/**
 * A probability as it may be shown while its figures are unchecked: rounded to 5 %, and never 0 or 100.
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
