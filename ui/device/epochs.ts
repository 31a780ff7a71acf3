import { newPair, privateKey, publicKey, unwrap, wrap, type Wrapped } from './seal'
import { openStore } from './store'

/** One time of being signed in at this device, with a pair of keys of its own. The private half lies here only wrapped. */
export interface Epoch {
  readonly id: string
  readonly by: string
  readonly madeAt: number
  /** After this the password opens nothing any more, whatever the server says: the session is over by then. Milliseconds since 1970. */
  readonly until: number
  /** Raw P-256. */
  readonly open: ArrayBuffer
  /** Under a key that the server gives to a session of this person that is open. */
  readonly server: Wrapped
  /** Under the password (argon2id), for opening it without the server. Gone once the server says that the session is. */
  readonly password?: Wrapped & { readonly salt: Uint8Array }
  /** In clear: the demo clinic has no passwords, and everything in it is invented. */
  readonly demo?: ArrayBuffer
}

/** A session lives no longer; the server counts the same. */
const ABSOLUTE_MS = 12 * 3_600_000

/** Epochs of this device, the newest first. */
export async function allEpochs(): Promise<readonly Epoch[]> {
  const store = await openStore()
  const all = await store.getAll('epochs')
  store.close()
  return all.toSorted((a, b) => b.madeAt - a.madeAt)
}

/** Begin an epoch. @param key - that the server gives to this session for it */
export async function beginEpoch(id: string, by: string, key: Uint8Array, demo: boolean): Promise<Epoch> {
  const pair = await newPair()
  const secret = await crypto.subtle.exportKey('pkcs8', pair.privateKey)
  const madeAt = Date.now()
  const epoch: Epoch = {
    id,
    by,
    madeAt,
    until: madeAt + ABSOLUTE_MS,
    open: await crypto.subtle.exportKey('raw', pair.publicKey),
    server: await wrap(secret, key),
    ...(demo && { demo: secret }),
  }
  await keepEpoch(epoch)
  return epoch
}

export async function keepEpoch(epoch: Epoch): Promise<void> {
  const store = await openStore()
  await store.put('epochs', epoch)
  store.close()
}

/** The private half by the key of the server; null with another key. */
export async function byServer(epoch: Epoch, key: Uint8Array): Promise<CryptoKey | null> {
  const secret = await unwrap(epoch.server, key)
  return secret && privateKey(secret)
}

/** Wrap the private half under the password as well. @param key - of the server, which opens it for that */
export async function wrapUnderPassword(epoch: Epoch, key: Uint8Array, password: string): Promise<void> {
  const secret = await unwrap(epoch.server, key)
  if (!secret) return
  const { passwordKey } = await import('./password-key')
  const salt = crypto.getRandomValues(new Uint8Array(16))
  await keepEpoch({ ...epoch, password: { ...(await wrap(secret, await passwordKey(password, salt))), salt } })
}

/** The private half of the newest epoch that this password opens and whose time is not over. */
export async function byPassword(password: string): Promise<{ readonly epoch: Epoch; readonly key: CryptoKey } | null> {
  const { passwordKey } = await import('./password-key')
  for (const epoch of await allEpochs()) {
    if (!epoch.password || epoch.until <= Date.now()) continue
    const secret = await unwrap(epoch.password, await passwordKey(password, new Uint8Array(epoch.password.salt)))
    if (secret) return { epoch, key: await privateKey(secret) }
  }
  return null
}

/** Is there anything that a password opens without the server? */
export async function opensByPassword(): Promise<boolean> {
  return (await allEpochs()).some((epoch) => epoch.password !== undefined && epoch.until > Date.now())
}

/** The server does not know this session any more: from now on no password opens anything here. What waits is read by the same person once they sign in. */
export async function endPasswords(): Promise<void> {
  for (const { password, ...epoch } of await allEpochs()) if (password) await keepEpoch(epoch)
}

/** Epochs that nothing here was sealed in, other than the one in use. */
export async function dropUnused(inUse: string): Promise<void> {
  const store = await openStore()
  const used = new Set<string | undefined>([inUse])
  for (const name of ['waiting', 'refused', 'records', 'drafts'] as const) {
    const rows: readonly { readonly sealed?: { readonly epoch?: string } }[] = await store.getAll(name)
    for (const { sealed } of rows) used.add(sealed?.epoch)
  }
  for (const id of await store.getAllKeys('epochs')) if (!used.has(id)) await store.delete('epochs', id)
  store.close()
}

export { publicKey }
