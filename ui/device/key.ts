import { toldAtDoor } from '../doors/door'
import { isLockedHere } from '../doors/locked-here'
import { canSeal, type Seal, sealWith } from './seal'

/** The key as a window holds it: it goes with the window, and with the session. */
interface Held {
  readonly by: string
  readonly key: string
}

const PLACE = 'lantern-device'
const CHANNEL = 'dust-lantern-device'
/** How long other windows are waited for, in milliseconds. */
const ASK_MS = 400

type Said = { readonly say: 'who-has-it' } | { readonly say: 'here'; readonly held: Held } | { readonly say: 'gone' }

let ours: Promise<Seal | null> | null = null
let answering: BroadcastChannel | null = null

function kept(): Held | null {
  try {
    const held = JSON.parse(sessionStorage.getItem(PLACE) ?? 'null') as Partial<Held> | null
    return typeof held?.by === 'string' && typeof held.key === 'string' ? { by: held.by, key: held.key } : null
  } catch {
    return null
  }
}

function keep(held: Held): void {
  try {
    sessionStorage.setItem(PLACE, JSON.stringify(held))
  } catch {
    // A browser that keeps nothing: the window has it as long as it is open.
  }
  answer()
}

/** Windows of one browser and one session hand the key on, so that one opened without the server reads what the others keep. */
function answer(): void {
  if (answering !== null || typeof BroadcastChannel === 'undefined') return
  answering = new BroadcastChannel(CHANNEL)
  answering.addEventListener('message', ({ data }: MessageEvent<Said>) => {
    const held = kept()
    if (data.say === 'who-has-it' && held && !isLockedHere()) answering?.postMessage({ say: 'here', held } satisfies Said)
    if (data.say === 'gone') forgetHere()
  })
}

function askWindows(): Promise<Held | null> {
  if (typeof BroadcastChannel === 'undefined') return Promise.resolve(null)
  const channel = new BroadcastChannel(CHANNEL)
  return new Promise((resolve) => {
    const over = (held: Held | null) => {
      channel.close()
      resolve(held)
    }
    const timer = setTimeout(() => over(null), ASK_MS)
    channel.addEventListener('message', ({ data }: MessageEvent<Said>) => {
      if (data.say !== 'here') return
      clearTimeout(timer)
      over(data.held)
    })
    channel.postMessage({ say: 'who-has-it' } satisfies Said)
  })
}

/** The server's answer; null when it did not give the key; away when it cannot be reached. */
async function askServer(): Promise<Held | null | 'away'> {
  try {
    const response = await fetch('/device-key', { cache: 'no-store' })
    if (toldAtDoor(response)) return null
    if (!response.ok) return 'away'
    const held = (await response.json()) as Partial<Held>
    return typeof held.by === 'string' && typeof held.key === 'string' ? { by: held.by, key: held.key } : null
  } catch {
    return 'away'
  }
}

async function find(): Promise<Seal | null> {
  if (!canSeal()) return null
  const asked = await askServer()
  // A window that was locked opens with the server alone.
  const held = asked === 'away' ? (isLockedHere() ? null : (kept() ?? (await askWindows()))) : asked
  if (!held) return null
  keep(held)
  return sealWith(held.by, held.key)
}

/** The seal of whoever is signed in at this browser; null where there is none: nobody is, or the page cannot seal. */
export function deviceSeal(): Promise<Seal | null> {
  ours ??= find().then((seal) => {
    // Not there yet, as before a window is unlocked: asked for again by the next one.
    if (!seal && canSeal()) ours = null
    return seal
  })
  return ours
}

function forgetHere(): void {
  ours = null
  try {
    sessionStorage.removeItem(PLACE)
  } catch {
    // Nothing was kept.
  }
}

/** Forget the key in every window of this browser: whoever it was signs out. */
export function forgetKey(): void {
  forgetHere()
  answer()
  answering?.postMessage({ say: 'gone' } satisfies Said)
}
