import 'server-only'
import { randomInt } from 'node:crypto'
import { codeFrom, pairingsWith, type Pairing } from './pairings'
import { limiter } from './rate-limit'

/** A code is good for half an hour, and for one examination. */
const GOOD_FOR_MS = 30 * 60_000

const held = globalThis as typeof globalThis & {
  dustLanternPairings?: ReturnType<typeof pairingsWith>
  dustLanternGuesses?: ReturnType<typeof limiter>
  dustLanternFrames?: ReturnType<typeof limiter>
}

/** The codes of this server. They live in memory: a restart ends every pairing. */
const pairings = (held.dustLanternPairings ??= pairingsWith(GOOD_FOR_MS))

/** Wrong codes from anywhere: ten a minute, so that guessing is hopeless. */
const guesses = (held.dustLanternGuesses ??= limiter(10, 60_000))

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

/** Look a code up. Nothing about the examination is told to whoever holds it. */
export function openCode(code: string): Opened {
  const now = Date.now()
  const pairing = pairings.find(code, now)
  if (pairing) return { ok: true, pairing }
  return { ok: false, status: guesses.take('any', now) ? 404 : 429 }
}

/** May this device post again now? */
export function mayPost(code: string): boolean {
  return posts.take(code, Date.now())
}
