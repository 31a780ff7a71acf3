/** The same key again within this time is a bounce of the switch and no second answer, in milliseconds; nobody presses that fast. */
const BOUNCE_MS = 45

let last: { readonly key: string; readonly at: number } | null = null

/**
 * Is this press the tail of the one before: a key that is held, or a switch that bounces?
 *
 * Asked several times about one press it gives one answer.
 */
export function isBounce(event: Pick<KeyboardEvent, 'key' | 'repeat' | 'timeStamp'>): boolean {
  if (event.repeat) return true
  const { key, timeStamp: at } = event
  if (last?.key === key && at > last.at && at - last.at < BOUNCE_MS) return true
  last = { key, at }
  return false
}
