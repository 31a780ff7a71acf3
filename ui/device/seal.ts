/** Something that is sealed: only who has the private key of its epoch reads it. */
export interface Sealed {
  /** The epoch it was sealed in; absent in what an earlier program sealed. */
  readonly epoch?: string
  /** Public half of a pair that was made for this value alone, raw P-256. */
  readonly once?: ArrayBuffer
  readonly iv: Uint8Array
  readonly data: ArrayBuffer
}

/** Seals what a device keeps for one practitioner. Sealing goes on behind a locked screen; opening does not. */
export interface Seal {
  /** Whose it is. */
  readonly by: string
  readonly close: (value: unknown) => Promise<Sealed>
  /** @returns undefined for what another key sealed, was changed, or cannot be opened while the screen is locked */
  readonly open: (sealed: Sealed) => Promise<unknown>
}

const CURVE = { name: 'ECDH', namedCurve: 'P-256' } as const

/** A pair for an epoch. What is sealed with the public half needs the private one to be read. */
export function newPair(): Promise<CryptoKeyPair> {
  return crypto.subtle.generateKey(CURVE, true, ['deriveBits'])
}

export function publicKey(raw: ArrayBuffer): Promise<CryptoKey> {
  return crypto.subtle.importKey('raw', raw, CURVE, true, [])
}

/** The private half, as it is used: it cannot be taken out of the key again. */
export function privateKey(pkcs8: ArrayBuffer): Promise<CryptoKey> {
  return crypto.subtle.importKey('pkcs8', pkcs8, CURVE, false, ['deriveBits'])
}

/** AES-256-GCM with the key that both halves agree on (ECDH over P-256, HKDF with SHA-256, RFC 5869). */
async function sharedKey(own: CryptoKey, other: CryptoKey, usage: 'encrypt' | 'decrypt'): Promise<CryptoKey> {
  const bits = await crypto.subtle.deriveBits({ name: 'ECDH', public: other }, own, 256)
  const base = await crypto.subtle.importKey('raw', bits, 'HKDF', false, ['deriveKey'])
  const info = new TextEncoder().encode('dust-lantern device')
  return crypto.subtle.deriveKey({ name: 'HKDF', hash: 'SHA-256', salt: new Uint8Array(), info }, base, { name: 'AES-GCM', length: 256 }, false, [usage])
}

/** Seal a value for whoever has the private half of `to`. */
export async function closeFor(to: CryptoKey, epoch: string, value: unknown): Promise<Sealed> {
  const pair = await newPair()
  const iv = crypto.getRandomValues(new Uint8Array(12))
  const key = await sharedKey(pair.privateKey, to, 'encrypt')
  const data = await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, new TextEncoder().encode(JSON.stringify(value)))
  return { epoch, once: await crypto.subtle.exportKey('raw', pair.publicKey), iv, data }
}

/** @returns undefined for what another key sealed, or was changed */
export async function openWith(own: CryptoKey, { once, iv, data }: Sealed): Promise<unknown> {
  if (!once) return undefined
  try {
    const key = await sharedKey(own, await publicKey(once), 'decrypt')
    const plain = await crypto.subtle.decrypt({ name: 'AES-GCM', iv: new Uint8Array(iv) }, key, data)
    return JSON.parse(new TextDecoder().decode(plain)) as unknown
  } catch {
    return undefined
  }
}

/** Bytes that are wrapped under a key of 256 bits. */
export interface Wrapped {
  readonly iv: Uint8Array
  readonly data: ArrayBuffer
}

export async function wrap(bytes: ArrayBuffer, key: Uint8Array): Promise<Wrapped> {
  const iv = crypto.getRandomValues(new Uint8Array(12))
  return { iv, data: await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, await aesKey(key, 'encrypt'), bytes) }
}

/** @returns null with another key */
export async function unwrap({ iv, data }: Wrapped, key: Uint8Array): Promise<ArrayBuffer | null> {
  try {
    return await crypto.subtle.decrypt({ name: 'AES-GCM', iv: new Uint8Array(iv) }, await aesKey(key, 'decrypt'), data)
  } catch {
    return null
  }
}

function aesKey(key: Uint8Array, usage: 'encrypt' | 'decrypt'): Promise<CryptoKey> {
  return crypto.subtle.importKey('raw', new Uint8Array(key), 'AES-GCM', false, [usage])
}

/** Can this page seal? Browsers let only https and the machine itself. */
export function canSeal(): boolean {
  return typeof crypto !== 'undefined' && 'subtle' in crypto && typeof indexedDB !== 'undefined'
}
