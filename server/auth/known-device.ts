import { randomBytes } from 'node:crypto'
import { isMac, macOf } from './clinic-key'

/** Name of the cookie by which a browser is known again; over TLS one that no other service can set. */
export function deviceCookieName(secure: boolean): string {
  return secure ? '__Host-lantern-device' : 'lantern-device'
}

/** A browser keeps it for a year; it opens nothing by itself. */
export const DEVICE_COOKIE_S = 31_536_000

/** What a browser gets once somebody signed in at it: from then on wrong tries elsewhere do not make this person wait here. */
export function newDeviceToken(account: string): string {
  const nonce = randomBytes(12).toString('base64url')
  return `${nonce}.${macOf('known-device', account, nonce)}`
}

/** The name under which wrong tries of this browser at this account are counted; null for a browser at which nobody of this account signed in. */
export function knownDevice(token: string | null | undefined, account: string): string | null {
  const [nonce = '', mac = ''] = (token ?? '').split('.')
  return nonce !== '' && isMac(mac, 'known-device', account, nonce) ? `device ${nonce}` : null
}
