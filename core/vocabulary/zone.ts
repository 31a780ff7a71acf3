/** Is this a time zone that this engine knows, by its IANA name? */
export function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: zone })
    return true
  } catch {
    return false
  }
}

/** Formatters cost more to make than to use. */
const MADE = new Map<string, Intl.DateTimeFormat>()

function formatterOf(zone: string): Intl.DateTimeFormat {
  const known = MADE.get(zone)
  if (known) return known
  const made = new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    day: 'numeric',
    month: 'long',
    year: 'numeric',
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  })
  MADE.set(zone, made)
  return made
}

/**
 * A moment as a clock in this zone shows it: "3 March 2026, 09:00". The same on every machine, whatever zone that one is in.
 *
 * @param zone - IANA name, as "Europe/Vienna"
 */
export function momentInZone(at: number, zone: string): string {
  if (Number.isNaN(new Date(at).getTime())) return 'at an unreadable time'
  const parts = Object.fromEntries(
    formatterOf(zone)
      .formatToParts(at)
      .map(({ type, value }) => [type, value]),
  )
  return `${parts.day ?? ''} ${parts.month ?? ''} ${parts.year ?? ''}, ${parts.hour ?? ''}:${parts.minute ?? ''}`
}
