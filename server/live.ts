import 'server-only'
import { EventEmitter } from 'node:events'

interface Live {
  readonly emitter: EventEmitter
  /** Ends every open stream; an open one would keep the server from stopping. */
  readonly closers: Set<() => void>
}

const held = globalThis as typeof globalThis & { dustLanternLive?: Live }

/** The one channel of this server: examinations that grew, by id. */
export const live: Live = (held.dustLanternLive ??= { emitter: new EventEmitter().setMaxListeners(0), closers: new Set() })

/** Tell every window of this examination that its record grew. */
export function announce(examId: string, length: number): void {
  live.emitter.emit(examId, length)
}

/** The channel of the devices paired with one examination. */
export function deviceChannel(examId: string): string {
  return `devices ${examId}`
}
