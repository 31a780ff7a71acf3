import { createCipheriv, createDecipheriv, createHmac, hkdfSync, randomBytes, timingSafeEqual } from 'node:crypto'
import { existsSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { db } from '../../db'
import { thisClinic } from '../../db/queries/this-clinic'
import { environment } from '../environment'

/** What a key of the clinic is for; each has one of its own. */
type Purpose = 'device' | 'known-device' | 'receipt' | 'second-factor'

const held = globalThis as typeof globalThis & { dustLanternSecrets?: Map<string, Buffer> }

/** The secret of this clinic; made the first time, in the folder of the keys and not beside the data. */
function clinicSecret(): Buffer {
  const { keyFolder } = environment()
  const file = path.join(keyFolder, `devices-${thisClinic(db()).id}.key`)
  const known = (held.dustLanternSecrets ??= new Map()).get(file)
  if (known) return known
  if (!existsSync(file)) {
    mkdirSync(keyFolder, { recursive: true, mode: 0o700 })
    writeFileSync(file, randomBytes(32).toString('base64'), { mode: 0o600, flag: 'wx' })
  }
  const secret = Buffer.from(readFileSync(file, 'utf8').trim(), 'base64')
  held.dustLanternSecrets.set(file, secret)
  return secret
}

/** A key of 256 bits that follows from the secret of the clinic (HKDF, RFC 5869). */
function keyFor(purpose: Purpose): Buffer {
  return Buffer.from(hkdfSync('sha256', clinicSecret(), '', `dust-lantern ${purpose}`, 32))
}

/** The one key by which a program before this one sealed what a device kept of an account: for what still waits under it, in base64url. */
export function earlierDeviceKey(account: string): string {
  return createHmac('sha256', clinicSecret()).update(`device ${account}`).digest('base64url')
}

/** A code by which this clinic knows its own words again; nobody without its key can make one. */
export function macOf(purpose: Purpose, ...words: readonly string[]): string {
  return createHmac('sha256', keyFor(purpose)).update(JSON.stringify(words)).digest('base64url')
}

/** Is this the code of these words? Takes as long whatever it differs in. */
export function isMac(mac: string, purpose: Purpose, ...words: readonly string[]): boolean {
  const [given, wanted] = [Buffer.from(mac), Buffer.from(macOf(purpose, ...words))]
  return given.length === wanted.length && timingSafeEqual(given, wanted)
}

const SEALED = 'sealed1.'

/** Seal a secret that is stored with the data (AES-256-GCM): whoever has the database alone reads nothing of it. @param owner - sealed for, and opened for nobody else */
export function sealSecret(secret: string, owner: string): string {
  const iv = randomBytes(12)
  const cipher = createCipheriv('aes-256-gcm', keyFor('second-factor'), iv)
  cipher.setAAD(Buffer.from(owner))
  const data = Buffer.concat([cipher.update(secret, 'utf8'), cipher.final()])
  return `${SEALED}${Buffer.concat([iv, cipher.getAuthTag(), data]).toString('base64url')}`
}

/** Is this sealed, or in clear as an earlier version stored it? */
export function isSealed(stored: string): boolean {
  return stored.startsWith(SEALED)
}

/** @returns null where another key sealed it: the folder of the keys is not the one it was sealed with */
export function openSecret(stored: string, owner: string): string | null {
  if (!isSealed(stored)) return stored
  const bytes = Buffer.from(stored.slice(SEALED.length), 'base64url')
  try {
    const opener = createDecipheriv('aes-256-gcm', keyFor('second-factor'), bytes.subarray(0, 12))
    opener.setAAD(Buffer.from(owner))
    opener.setAuthTag(bytes.subarray(12, 28))
    return Buffer.concat([opener.update(bytes.subarray(28)), opener.final()]).toString('utf8')
  } catch {
    return null
  }
}
