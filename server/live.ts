import type { Frame } from '../core/metrology/frame'

/** What windows are told: an examination grew, or a device of its sent a frame. */
export type LiveMessage =
  | { readonly kind: 'grew'; readonly exam: string; readonly length: number }
  | { readonly kind: 'frame'; readonly exam: string; readonly frame: Frame }

type Listener = (message: LiveMessage) => void

interface Live {
  /** Who listens to which examination, by kind of message and examination. */
  readonly listeners: Map<string, Set<Listener>>
  /** Ends every open stream, with the session it is for; an open one would keep the server from stopping. */
  readonly closers: Map<() => void, string>
}

const held = globalThis as typeof globalThis & { dustLanternLive?: Live; dustLanternGrown?: Map<string, number> }

/** The one place of this server where examinations that grow are told. */
export const live: Live = (held.dustLanternLive ??= { listeners: new Map(), closers: new Map() })

/** Streams this server keeps open at once; a browser needs one. */
export const MOST_STREAMS = 1000

/** Streams of one session: a browser needs one, and may be opening the next before the last is over. */
export const MOST_OF_A_SESSION = 12

/** How many streams a session has open. */
export function streamsOf(session: string): number {
  return [...live.closers.values()].filter((one) => one === session).length
}

/** End what a session follows: nobody is signed in by it any more. */
export function endStreamsOf(session: string): void {
  for (const [close, one] of [...live.closers]) if (one === session) close()
}

/** End every stream. */
export function endStreams(): void {
  for (const close of [...live.closers.keys()]) close()
}

/** Examinations whose growth is followed, and those whose bench is open and takes what devices send. */
export interface Followed {
  readonly records?: readonly string[]
  readonly benches?: readonly string[]
}

const keyOf = (kind: LiveMessage['kind'], exam: string) => `${kind} ${exam}`

/** Hear of these until the returned function is called. */
export function listen({ records = [], benches = [] }: Followed, tell: Listener): () => void {
  const keys = [...records.map((exam) => keyOf('grew', exam)), ...benches.map((exam) => keyOf('frame', exam))]
  for (const key of keys) {
    const mine = live.listeners.get(key) ?? new Set<Listener>()
    live.listeners.set(key, mine)
    mine.add(tell)
  }
  return () => {
    for (const key of keys) {
      const mine = live.listeners.get(key)
      mine?.delete(tell)
      if (mine?.size === 0) live.listeners.delete(key)
    }
  }
}

/** @returns how many windows were told */
function tellAll(message: LiveMessage): number {
  const listeners = [...(live.listeners.get(keyOf(message.kind, message.exam)) ?? [])]
  for (const tell of listeners) tell(message)
  return listeners.length
}

/** Words that a record grew are gathered for so long: whoever hears one asks for everything, so the latest is enough. In milliseconds. */
const GATHER_MS = 30
/** Windows that are told in one go; a crowd of them never holds back an answer. */
const AT_ONCE = 40

/** Records that grew and whose windows are not told yet. */
const grown = (held.dustLanternGrown ??= new Map())

/** Tell every window of this examination that its record grew: soon, and once for many answers in a row. */
export function announce(exam: string, length: number): void {
  const waits = grown.has(exam)
  grown.set(exam, length)
  if (!waits) setTimeout(() => tellGrown(exam), GATHER_MS).unref()
}

function tellGrown(exam: string): void {
  const message: LiveMessage = { kind: 'grew', exam, length: grown.get(exam) ?? 0 }
  grown.delete(exam)
  const listeners = [...(live.listeners.get(keyOf('grew', exam)) ?? [])]
  const some = (from: number) => {
    for (const tell of listeners.slice(from, from + AT_ONCE)) tell(message)
    if (from + AT_ONCE < listeners.length) setImmediate(some, from + AT_ONCE)
  }
  some(0)
}

/** Pass a frame of a paired device on. @returns how many windows have its bench open */
export function tellDevices(exam: string, frame: Frame): number {
  return tellAll({ kind: 'frame', exam, frame })
}
