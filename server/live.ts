import 'server-only'
import type { Frame } from '../core/metrology/frame'

/** What windows are told: an examination grew, or a device of its sent a frame. */
export type LiveMessage =
  | { readonly kind: 'grew'; readonly exam: string; readonly length: number }
  | { readonly kind: 'frame'; readonly exam: string; readonly frame: Frame }

type Listener = (message: LiveMessage) => void

interface Live {
  /** Who listens to which examination, by kind of message and examination. */
  readonly listeners: Map<string, Set<Listener>>
  /** Ends every open stream; an open one would keep the server from stopping. */
  readonly closers: Set<() => void>
}

const held = globalThis as typeof globalThis & { dustLanternLive?: Live }

/** The one place of this server where examinations that grow are told. */
export const live: Live = (held.dustLanternLive ??= { listeners: new Map(), closers: new Set() })

/** Streams this server keeps open at once; a browser needs one. */
export const MOST_STREAMS = 1000

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

/** Tell every window of this examination that its record grew. */
export function announce(exam: string, length: number): void {
  tellAll({ kind: 'grew', exam, length })
}

/** Pass a frame of a paired device on. @returns how many windows have its bench open */
export function tellDevices(exam: string, frame: Frame): number {
  return tellAll({ kind: 'frame', exam, frame })
}
