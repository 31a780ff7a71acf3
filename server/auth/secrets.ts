import { createHash, randomBytes, timingSafeEqual } from 'node:crypto'
import { hash, verify } from '@node-rs/argon2'

/** argon2id with the least memory, time and lanes that OWASP's password storage sheet names (19 MiB, 2 passes, 1 lane). */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const

/** Hash a password or PIN, with a salt of its own, beside the event loop. */
export function hashSecret(secret: string): Promise<string> {
  return hash(secret.normalize('NFKC'), COST)
}

/** Something to compare with where nobody has the name that was typed, so that no answer comes quicker than another. */
let nobody: Promise<string> | null = null

/**
 * Is this the secret?
 *
 * @param stored - argon2id in its usual notation; null where there is none, which takes as long and is never right
 */
export async function isSecret(stored: string | null, secret: string): Promise<boolean> {
  nobody ??= hashSecret(randomBytes(16).toString('hex'))
  const right = await verify(stored ?? (await nobody), secret.normalize('NFKC'))
  return right && stored !== null
}

/** A secret that nobody guesses: 256 bits, for a cookie. */
export function newToken(): string {
  return randomBytes(32).toString('base64url')
}

/** SHA-256: what is stored of a token or a code that was drawn by chance. */
export function digest(token: string): string {
  return createHash('sha256').update(token).digest('hex')
}

/** Letters and digits that nobody mixes up when a code is read out or written down. */
const ALPHABET = '23456789ABCDEFGHJKMNPQRSTVWXYZ'

/** A code to be typed: groups of four, five bits and a little less each. */
export function newCode(groups: number): string {
  const sign = () => {
    // Drawn again where the bytes do not divide evenly, so that no sign is likelier.
    for (;;) {
      const [byte = 255] = randomBytes(1)
      if (byte < 240) return ALPHABET[byte % 30]
    }
  }
  return Array.from({ length: groups }, () => Array.from({ length: 4 }, sign).join('')).join('-')
}

/** A code as it was typed, without what a hand adds. */
export function codeOf(typed: string): string {
  const signs = typed.toUpperCase().replace(/[^0-9A-Z]/g, '')
  return signs.replace(/(.{4})(?=.)/g, '$1-')
}

/** Are two texts the same? Takes as long whatever they differ in. */
export function sameText(a: string, b: string): boolean {
  return timingSafeEqual(Buffer.from(digest(a)), Buffer.from(digest(b)))
}
