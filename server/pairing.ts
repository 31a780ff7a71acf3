import { randomInt } from 'node:crypto'
import { guesses as guessesAnew } from './guesses'
import { codeFrom, pairingsWith, type Pairing } from './pairings'
import { limiter } from './rate-limit'

/** A code is good for half an hour, and for one examination. */
const GOOD_FOR_MS = 30 * 60_000

const held = globalThis as typeof globalThis & {
  dustLanternPairings?: ReturnType<typeof pairingsWith>
  dustLanternGuesses?: ReturnType<typeof guessesAnew>
  dustLanternFrames?: ReturnType<typeof limiter>
}

/** The codes of this server. They live in memory: a restart ends every pairing. */
const pairings = (held.dustLanternPairings ??= pairingsWith(GOOD_FOR_MS))

/** Who may try a code. */
const guesses = (held.dustLanternGuesses ??= guessesAnew())

/** Posts from one paired device: twenty-five a second. */
const posts = (held.dustLanternFrames ??= limiter(25, 1000))

/** Pair a phone or a device with this examination. */
export function pair(examId: string): Pairing {
  return pairings.add(
    codeFrom(() => randomInt(2 ** 31)),
    examId,
    Date.now(),
  )
}

/** What a code opens: its examination; or that it is wrong, or that too many wrong ones came lately. */
export type Opened = { readonly ok: true; readonly pairing: Pairing } | { readonly ok: false; readonly status: 404 | 429 }

/**
 * Look a code up. Nothing about the examination is told to whoever holds it.
 *
 * @param address - the other end, as the start program saw it
 */
export function openCode(code: string, address: string): Opened {
  const now = Date.now()
  if (!guesses.mayTry(address, code, now)) return { ok: false, status: 429 }
  const pairing = pairings.find(code, now)
  if (!pairing) {
    guesses.wrong(address, code, now)
    return { ok: false, status: 404 }
  }
  guesses.right(address, code)
  return { ok: true, pairing }
}

/** May this device post again now? */
export function mayPost(code: string): boolean {
  return posts.take(code, Date.now())
}
