import { networkOf } from './auth/address'
import { attempts } from './auth/attempts'

/** Wrong codes of all addresses together in a minute, after which only who has shown a right one is heard. */
const MOST_A_MINUTE = 60
const MINUTE = 60_000

/**
 * Who may try a code, decided before it is looked up: each wrong one makes its address wait longer, and many wrong ones from anywhere
 * close the door to all who have not shown a right one. An address is the other end of the connection, not what a header says.
 */
export function guesses() {
  const byAddress = attempts({ free: 5, firstMs: 2000, mostMs: 10 * MINUTE, decayMs: 20 * MINUTE })
  /** Addresses with the code they have shown, which works as long as that code does. */
  const shown = new Set<string>()
  let since = 0
  let wrong = 0
  const key = (address: string, code: string) => `${address} ${code.toUpperCase()}`
  return {
    mayTry(address: string, code: string, now: number): boolean {
      if (shown.has(key(address, code))) return true
      if (now - since >= MINUTE) [since, wrong] = [now, 0]
      return wrong < MOST_A_MINUTE && byAddress.wait(networkOf(address), now) === 0
    },
    right(address: string, code: string): void {
      if (shown.size > 10_000) shown.clear()
      shown.add(key(address, code))
    },
    wrong(address: string, code: string, now: number): void {
      // A code that is over is known no more, whoever showed it.
      shown.delete(key(address, code))
      wrong++
      byAddress.wrong(networkOf(address), now)
    },
  }
}
