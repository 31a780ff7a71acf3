import { toldAtDoor } from '../doors/door'
import { isIdle } from '../doors/last-hand'
import { allEpochs, beginEpoch, byPassword, byServer, dropUnused, endPasswords, type Epoch, publicKey, wrapUnderPassword } from './epochs'
import { canSeal, closeFor, openWith, privateKey, type Seal, type Sealed, unwrap } from './seal'

const CHANNEL = 'dust-lantern-device'
/** How long other windows are waited for, in milliseconds. */
const ASK_MS = 400

/** Windows of one browser hand the key on while it is open in one of them. It goes from memory to memory, and cannot be written out of it. */
type Message =
  | { readonly say: 'who-has-it' }
  | { readonly say: 'here'; readonly epoch: string; readonly key: CryptoKey }
  /** Locked, or signed out: every window forgets it. */
  | { readonly say: 'gone' }

/** Private keys that are open in this window, by epoch. In memory alone: they go with the window, and with the lock. */
const opened = new Map<string, CryptoKey>()
let locked = false
let seal: Promise<Seal | null> | null = null
let channel: BroadcastChannel | null = null

function answer(): void {
  if (channel !== null || typeof BroadcastChannel === 'undefined') return
  channel = new BroadcastChannel(CHANNEL)
  channel.addEventListener('message', ({ data }: MessageEvent<Message>) => {
    if (data.say === 'who-has-it' && !locked && !isIdle()) {
      for (const [epoch, key] of opened) channel?.postMessage({ say: 'here', epoch, key } satisfies Message)
    }
    if (data.say === 'gone') opened.clear()
  })
}

function askWindows(): Promise<{ readonly epoch: string; readonly key: CryptoKey } | null> {
  if (typeof BroadcastChannel === 'undefined') return Promise.resolve(null)
  const asking = new BroadcastChannel(CHANNEL)
  return new Promise((resolve) => {
    const over = (found: { readonly epoch: string; readonly key: CryptoKey } | null) => {
      asking.close()
      resolve(found)
    }
    const timer = setTimeout(() => over(null), ASK_MS)
    asking.addEventListener('message', ({ data }: MessageEvent<Message>) => {
      if (data.say !== 'here') return
      clearTimeout(timer)
      over(data)
    })
    asking.postMessage({ say: 'who-has-it' } satisfies Message)
  })
}

interface FromServer {
  readonly by: string
  readonly key: Uint8Array
  readonly demo: boolean
}

/** The server's key for one epoch; null where it gives none; 'away' where it cannot be reached. */
async function askServer(epoch: string): Promise<FromServer | null | 'away'> {
  try {
    const response = await fetch(`/device-key?epoch=${epoch}`, { cache: 'no-store' })
    if (response.status === 401) await endPasswords().catch(() => undefined)
    if (toldAtDoor(response)) return null
    if (!response.ok) return 'away'
    const { by, key, demo = false } = (await response.json()) as { readonly by?: unknown; readonly key?: unknown; readonly demo?: boolean }
    return typeof by === 'string' && typeof key === 'string' ? { by, key: bytesOf(key), demo } : null
  } catch {
    return 'away'
  }
}

function bytesOf(base64url: string): Uint8Array {
  return Uint8Array.from(atob(base64url.replaceAll('-', '+').replaceAll('_', '/')), (sign) => sign.charCodeAt(0))
}

/** The epoch of whoever is signed in, with its key open where it may be; a new one where there is none of theirs. */
async function find(): Promise<Epoch | null> {
  const all = await allEpochs()
  const id = all.find((epoch) => epoch.until > Date.now())?.id ?? crypto.randomUUID()
  const given = await askServer(id)
  if (given === null) return null
  if (given === 'away') return findAway(all)
  const mine = all.find((epoch) => epoch.by === given.by && epoch.until > Date.now())
  if (!mine) return begin()
  const own = mine.id === id ? given : await askServer(mine.id)
  const key = own === null || own === 'away' ? null : await byServer(mine, own.key)
  if (!key) return begin()
  opened.set(mine.id, key)
  return mine
}

async function begin(): Promise<Epoch | null> {
  const id = crypto.randomUUID()
  const given = await askServer(id)
  if (given === null || given === 'away') return null
  const epoch = await beginEpoch(id, given.by, given.key, given.demo)
  const key = await byServer(epoch, given.key)
  if (key) opened.set(id, key)
  await dropUnused(id)
  return epoch
}

/** Without the server only what another window has open opens, or what a password opens; the demo has none. */
async function findAway(all: readonly Epoch[]): Promise<Epoch | null> {
  const [known] = [...opened.keys()]
  const there = known === undefined ? await askWindows() : null
  if (there) opened.set(there.epoch, there.key)
  const open = all.find((epoch) => opened.has(epoch.id))
  if (open) return open
  const demo = all.find((epoch) => epoch.demo)
  if (demo?.demo) opened.set(demo.id, await privateKey(demo.demo))
  return demo ?? null
}

/** The private key of an epoch, unless the screen is locked. One of an earlier time of the same person is asked for at the server. */
async function keyOf(id: string): Promise<CryptoKey | null> {
  if (locked) return null
  const known = opened.get(id)
  if (known) return known
  const epoch = (await allEpochs()).find((one) => one.id === id)
  const given = epoch ? await askServer(id) : null
  if (!epoch || given === null || given === 'away' || given.by !== epoch.by) return null
  const key = await byServer(epoch, given.key)
  if (key) opened.set(id, key)
  return key
}

/** What a program before this one sealed, with one key for all times; the server still gives it to a session that is open. */
async function openEarlier(by: string, sealed: Sealed): Promise<unknown> {
  if (locked) return undefined
  const given = await askServer('earlier')
  if (given === null || given === 'away' || given.by !== by) return undefined
  const plain = await unwrap(sealed, given.key)
  return plain === null ? undefined : (JSON.parse(new TextDecoder().decode(plain)) as unknown)
}

async function sealOf(epoch: Epoch): Promise<Seal> {
  const to = await publicKey(epoch.open)
  answer()
  return {
    by: epoch.by,
    close: (value) => closeFor(to, epoch.id, value),
    open: async (sealed) => {
      if (sealed.epoch === undefined) return openEarlier(epoch.by, sealed)
      const key = await keyOf(sealed.epoch)
      return key ? openWith(key, sealed) : undefined
    },
  }
}

/** The seal of whoever is signed in at this browser; null where there is none: nobody is, or the page cannot seal. */
export function deviceSeal(): Promise<Seal | null> {
  if (!canSeal()) return Promise.resolve(null)
  seal ??= find()
    .then((epoch) => (epoch ? sealOf(epoch) : null))
    .then((found) => {
      // Not there yet, as before a window is unlocked: asked for again by the next one.
      if (!found) seal = null
      return found
    })
  return seal
}

/**
 * Somebody signed in with this password: a new epoch begins, and the password opens it without the server until the session is over. Not
 * done where the page cannot seal. What fails here only means that nothing opens without the server.
 */
export async function beginWithPassword(password: string): Promise<void> {
  if (!canSeal()) return
  locked = false
  opened.clear()
  const epoch = await begin()
  seal = epoch && sealOf(epoch)
  const given = epoch && (await askServer(epoch.id))
  if (epoch && given && given !== 'away') await wrapUnderPassword(epoch, given.key, password)
}

/** Open what this device keeps by the password, while the server is away. @returns whether it fits */
export async function openByPassword(password: string): Promise<boolean> {
  const found = await byPassword(password)
  if (!found) return false
  locked = false
  opened.set(found.epoch.id, found.key)
  seal = sealOf(found.epoch)
  return true
}

/** The screen is locked: the keys go out of the memory of every window. Sealing goes on, so that what is still recorded is kept. */
export function lockDevice(): void {
  locked = true
  opened.clear()
  answer()
  channel?.postMessage({ say: 'gone' } satisfies Message)
}

/** The screen is open again: the server is asked for the key with the next thing that is opened. */
export function unlockDevice(): void {
  locked = false
}

/** Whoever it was signs out: nothing of theirs opens here any more. */
export function forgetKey(): void {
  lockDevice()
  locked = false
  seal = null
}
