/** The calendar day of a moment on the clinic's clock, YYYY-MM-DD. */
export function dayOf(at: number): string {
  const d = new Date(at)
  return [d.getFullYear(), String(d.getMonth() + 1).padStart(2, '0'), String(d.getDate()).padStart(2, '0')].join('-')
}
