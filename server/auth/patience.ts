import type { Asking } from './asking'
import { attempts } from './attempts'

const MINUTE = 60_000

const held = globalThis as typeof globalThis & { dustLanternDoors?: ReturnType<typeof doorsAnew> }

/** One account: three tries, then waits that double to a minute. One address: ten, then up to a quarter of an hour. */
function doorsAnew() {
  return {
    account: attempts({ free: 3, firstMs: 1000, mostMs: MINUTE, forgetMs: 60 * MINUTE }),
    address: attempts({ free: 10, firstMs: 1000, mostMs: 15 * MINUTE, forgetMs: 60 * MINUTE }),
    /** Secrets being looked at: each costs 19 MiB and a thread. */
    busy: 0,
  }
}
const doors = (held.dustLanternDoors ??= doorsAnew())

/** So many secrets are looked at side by side; a flood of others is told to come back. */
const MOST_BUSY = 8

/** What came of a try: it was looked at, or it has to wait and why. */
export type Tried<T> = { readonly looked: true; readonly came: T } | { readonly looked: false; readonly what: string; readonly do: string }

/**
 * Runs one look at a secret, unless its name or address has to wait; a wrong one makes the next wait longer. Every place where a
 * password, PIN or code is typed passes here, also those behind a door: whoever sits down at an open window guesses no faster.
 *
 * @param name - what is guessed at: an account, a session, an invitation
 * @param look - looks, and says whether it was right
 */
export async function patiently<T>(
  { address, now }: Pick<Asking, 'address' | 'now'>,
  name: string,
  look: () => Promise<{ readonly right: boolean; readonly came: T }>,
): Promise<Tried<T>> {
  const wait = Math.max(doors.account.wait(name, now), doors.address.wait(address, now))
  if (wait > 0) return { looked: false, what: `Too many wrong tries: the next one counts in ${inWords(wait)}.`, do: 'Wait so long, then try again.' }
  if (doors.busy >= MOST_BUSY) return { looked: false, what: 'Too many passwords are being looked at in this moment.', do: 'Try again in a few seconds.' }
  doors.busy++
  // Counted as wrong before it is looked at: tries sent side by side do not slip past.
  doors.account.wrong(name, now)
  doors.address.wrong(address, now)
  try {
    const { right, came } = await look()
    if (right) {
      doors.account.right(name)
      // Somebody's own right password forgives no guesses at another's.
      doors.address.back(address)
    }
    return { looked: true, came }
  } finally {
    doors.busy--
  }
}

function inWords(ms: number): string {
  const seconds = Math.ceil(ms / 1000)
  if (seconds === 1) return '1 second'
  return seconds < 120 ? `${seconds} seconds` : `${Math.ceil(seconds / 60)} minutes`
}
