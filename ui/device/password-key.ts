import { argon2idAsync } from '@noble/hashes/argon2.js'
import { utf8ToBytes } from '@noble/hashes/utils.js'

/** The least that OWASP's password storage sheet names for argon2id: 19 MiB, two passes, one lane. As on the server. */
const COST = { t: 2, m: 19_456, p: 1 } as const

/**
 * The key under which a device wraps what it keeps, from the password alone, for opening it without the server.
 *
 * @param salt - 16 bytes of chance, of this device and epoch
 * @returns 256 bits
 */
export function passwordKey(password: string, salt: Uint8Array): Promise<Uint8Array> {
  return argon2idAsync(utf8ToBytes(password.normalize('NFKC')), salt, { ...COST, dkLen: 32, asyncTick: 20 })
}
