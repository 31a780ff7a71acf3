/** A code that joins a phone or a device to one examination for a while. */
export interface Pairing {
  readonly code: string
  readonly examId: string
  /** When it stops working, in milliseconds since 1970. */
  readonly until: number
}

/** Letters and digits that nobody mixes up when a code is read out. */
const ALPHABET = '23456789ABCDEFGHJKMNPQRSTVWXYZ'

/** Length of a code: 30^6 is over seven hundred million. */
const LENGTH = 6

/**
 * A code from a source of chance.
 *
 * @param random - a whole number, 0 or more, at each call
 */
export function codeFrom(random: () => number): string {
  return Array.from({ length: LENGTH }, () => ALPHABET[random() % ALPHABET.length]).join('')
}

/** A set of codes that each stop working by themselves. A new code for an examination ends its earlier one. */
export function pairingsWith(goodForMs: number) {
  const byCode = new Map<string, Pairing>()
  return {
    add(code: string, examId: string, now: number): Pairing {
      for (const old of byCode.values()) if (old.examId === examId || old.until <= now) byCode.delete(old.code)
      const pairing = { code, examId, until: now + goodForMs }
      byCode.set(code, pairing)
      return pairing
    },
    find(code: string, now: number): Pairing | null {
      const found = byCode.get(code.toUpperCase())
      return found && found.until > now ? found : null
    },
  }
}
