import type { Asking } from './asking'
import { networkOf } from './address'
import { attempts } from './attempts'

const MINUTE = 60_000

const held = globalThis as typeof globalThis & { dustLanternDoors?: ReturnType<typeof doorsAnew> }

/** One account: three tries, then waits that double to a minute. One address: ten, then up to a quarter of an hour. Each wrong try is forgotten after a while. */
function doorsAnew() {
  return {
    account: attempts({ free: 3, firstMs: 1000, mostMs: MINUTE, decayMs: 10 * MINUTE }),
    address: attempts({ free: 10, firstMs: 1000, mostMs: 15 * MINUTE, decayMs: 5 * MINUTE }),
    /** Secrets being looked at: each costs 19 MiB and a thread. */
    busy: 0,
  }
}
const doors = (held.dustLanternDoors ??= doorsAnew())

/** So many secrets are looked at side by side; a flood of others is told to come back. */
const MOST_BUSY = 8

/** What came of a try: it was looked at, or it has to wait and why. */
export type Tried<T> = { readonly looked: true; readonly came: T } | { readonly looked: false; readonly what: string; readonly do: string }

/** What is guessed at, and how its wrong tries are counted. */
export interface Guessed {
  /** An account, a session, an invitation. */
  readonly name: string
  /** This browser is known to this account: it has waits of its own, and neither guesses from elsewhere nor from its address hold it up. */
  readonly device?: string | null
  /** It is there: a first slip at it weighs little behind an address that many share. */
  readonly exists?: boolean
}

/** A first slip at an account that is there, behind its address. */
const SLIP = 0.25

/**
 * Runs one look at a secret, unless its name or address has to wait; a wrong one makes the next wait longer, a right one clears what this
 * name did wrong. Every place where a password, PIN or code is typed passes here, also those behind a sign-in: whoever sits down at an open
 * window guesses no faster.
 *
 * @param look - looks, and says whether it was right
 */
export async function patiently<T>(
  { address, now }: Pick<Asking, 'address' | 'now'>,
  guessed: string | Guessed,
  look: () => Promise<{ readonly right: boolean; readonly came: T }>,
): Promise<Tried<T>> {
  const { name, device = null, exists = false }: Guessed = typeof guessed === 'string' ? { name: guessed } : guessed
  const counted = device ?? name
  const network = networkOf(address)
  const wait = device === null ? Math.max(doors.account.wait(name, now), doors.address.wait(network, now)) : doors.account.wait(device, now)
  if (wait > 0) return { looked: false, what: `Too many wrong tries: the next one counts in ${inWords(wait)}.`, do: 'Wait so long, then try again.' }
  if (doors.busy >= MOST_BUSY) return { looked: false, what: 'Too many passwords are being looked at in this moment.', do: 'Try again in a few seconds.' }
  doors.busy++
  // Counted as wrong before it is looked at: tries sent side by side do not slip past.
  doors.account.wrong(counted, now)
  if (device === null) doors.address.wrong(network, now, name, exists ? SLIP : 1)
  try {
    const { right, came } = await look()
    if (right) {
      doors.account.right(counted, '', now)
      // Somebody's own right password forgives no guesses at another's.
      doors.address.right(network, name, now)
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
