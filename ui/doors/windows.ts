import type { DoorWord } from './door'

const CHANNEL = 'dust-lantern-door'

let shared: BroadcastChannel | null = null

/** One channel for this window: what it says itself it does not hear. */
function channel(): BroadcastChannel | null {
  if (typeof BroadcastChannel === 'undefined') return null
  shared ??= new BroadcastChannel(CHANNEL)
  return shared
}

/** Tell the other windows of this browser. */
export function sayAtDoor(word: DoorWord): void {
  channel()?.postMessage(word)
}

/** Hear what other windows say until the returned function is called. */
export function hearAtDoor(tell: (word: DoorWord) => void): () => void {
  const hear = ({ data }: MessageEvent<DoorWord>) => tell(data)
  const from = channel()
  from?.addEventListener('message', hear)
  return () => from?.removeEventListener('message', hear)
}

/** How long windows with an examination are waited for, in milliseconds. */
const ASK_MS = 300

/** Is an examination open in any other window of this browser? */
export function anyoneExamining(): Promise<boolean> {
  return new Promise((resolve) => {
    const over = (busy: boolean) => {
      clearTimeout(timer)
      stop()
      resolve(busy)
    }
    const stop = hearAtDoor((word) => {
      if (word === 'examining') over(true)
    })
    const timer = setTimeout(() => over(false), ASK_MS)
    sayAtDoor('who-examines')
  })
}
