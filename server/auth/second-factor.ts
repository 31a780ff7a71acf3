import { Secret, TOTP } from 'otpauth'

/** Stretch of time for which a code is good, in seconds (RFC 6238). */
const STRETCH_S = 30

function totp(secret: string, login = ''): TOTP {
  return new TOTP({ issuer: 'Dust Lantern', label: login, secret: Secret.fromBase32(secret), period: STRETCH_S, digits: 6, algorithm: 'SHA1' })
}

/** A secret of 160 bits in base32, for an authenticator. */
export function newFactor(): string {
  return new Secret({ size: 20 }).base32
}

/** What an authenticator scans. */
export function factorUrl(secret: string, login: string): string {
  return totp(secret, login).toString()
}

/**
 * Is this the code of now, or of the stretch before or after it?
 *
 * @param used - the last stretch whose code was used: a code that was seen over a shoulder is not good again
 * @returns the stretch it belongs to, to be kept as used; null when it is wrong or was used
 */
export function factorStretch(secret: string, code: string, now: number, used: number): number | null {
  const typed = code.replace(/\s/g, '')
  if (!/^\d{6}$/.test(typed)) return null
  const delta = totp(secret).validate({ token: typed, timestamp: now, window: 1 })
  if (delta === null) return null
  const stretch = Math.floor(now / 1000 / STRETCH_S) + delta
  return stretch > used ? stretch : null
}

/** The code of a moment, for tests and the stand-in of an authenticator. */
export function factorCode(secret: string, at: number): string {
  return totp(secret).generate({ timestamp: at })
}
