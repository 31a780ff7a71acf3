import * as yup from 'yup'

/** What this browser is told of an examination: it grew, or a device of its sent something. */
export type Told = { readonly kind: 'grew'; readonly exam: string } | { readonly kind: 'frame'; readonly exam: string; readonly frame: unknown }

const TOLD = yup.object({
  kind: yup
    .string()
    .oneOf(['grew', 'frame'] as const)
    .required(),
  exam: yup.string().required(),
  frame: yup.mixed(),
})

/** What windows of one browser say to each other. */
type Said =
  | { readonly say: 'want'; readonly from: string; readonly topics: readonly string[] }
  | { readonly say: 'who' }
  | { readonly say: 'told'; readonly told: Told }

type Listener = (told: Told) => void

/** What a window listens for: that a record grows, or what devices send to the bench that shows it. */
export type About = 'record' | 'bench'

/** One thing that is followed, as the address of the stream names it. */
const topic = (exam: string, about: About) => `${about === 'bench' ? 'bench' : 'exam'}=${encodeURIComponent(exam)}`

/** How a window reaches the stream; replaced in tests. */
export interface StreamPorts {
  readonly open: (url: string) => { onmessage: ((message: MessageEvent<string>) => void) | null; onopen: (() => void) | null; close: () => void }
  /** Windows of one browser; null where they cannot reach each other. */
  readonly channel: () => Pick<BroadcastChannel, 'postMessage' | 'close' | 'addEventListener'> | null
  /** Runs `lead` once this window is the one that holds the stream for all; at once where nobody can be asked. */
  readonly lead: (lead: () => void) => void
}

/**
 * One stream for all windows of this browser.
 *
 * A browser opens only a few connections to one server: with a stream a window, seven windows would keep everything else from being
 * sent. One window holds the stream for the examinations that any of them follows, and passes on what it is told; when it closes,
 * the next takes its place.
 */
export function createStream(ports: StreamPorts) {
  const me = Math.random().toString(36).slice(2)
  const mine = new Map<string, Set<Listener>>()
  const wanted = new Map<string, readonly string[]>()
  let channel: ReturnType<StreamPorts['channel']> = null
  let leading = false
  let started = false
  let stream: ReturnType<StreamPorts['open']> | null = null
  let following = ''

  const deliver = (told: Told) => {
    for (const tell of mine.get(topic(told.exam, told.kind === 'frame' ? 'bench' : 'record')) ?? []) tell(told)
  }
  const say = (said: Said) => channel?.postMessage(said)

  /** Opens the stream anew when what is followed has changed. */
  const follow = () => {
    if (!leading) return
    const topics = [...new Set([...mine.keys(), ...[...wanted.values()].flat()])].sort()
    const query = topics.join('&')
    if (query === following) return
    following = query
    stream?.close()
    stream = null
    if (topics.length === 0) return
    stream = ports.open(`/live?${query}`)
    stream.onmessage = ({ data }) => {
      const told = read(data)
      if (!told) return
      deliver(told)
      say({ say: 'told', told })
    }
    // Whatever happened while nobody listened is asked for.
    stream.onopen = () => {
      for (const exam of new URLSearchParams(query).getAll('exam')) {
        deliver({ kind: 'grew', exam })
        say({ say: 'told', told: { kind: 'grew', exam } })
      }
    }
  }

  const tellWants = () => {
    say({ say: 'want', from: me, topics: [...mine.keys()] })
    follow()
  }

  const start = () => {
    if (started) return
    started = true
    channel = ports.channel()
    channel?.addEventListener('message', ({ data }: MessageEvent<Said>) => {
      if (data.say === 'told') deliver(data.told)
      else if (data.say === 'who') tellWants()
      else {
        if (data.topics.length === 0) wanted.delete(data.from)
        else wanted.set(data.from, data.topics)
        follow()
      }
    })
    ports.lead(() => {
      leading = true
      say({ say: 'who' })
      follow()
    })
  }

  return {
    /** Hear of this examination until the returned function is called. Who sends a frame is told whether a bench is there to take it. */
    hear(exam: string, about: About, tell: Listener): () => void {
      start()
      const key = topic(exam, about)
      const listeners = mine.get(key) ?? new Set<Listener>()
      mine.set(key, listeners)
      listeners.add(tell)
      tellWants()
      return () => {
        listeners.delete(tell)
        if (listeners.size === 0) mine.delete(key)
        tellWants()
      }
    },
    /** This window is going: the others no longer follow for it. */
    leave(): void {
      say({ say: 'want', from: me, topics: [] })
      stream?.close()
    },
  }
}

function read(data: string): Told | null {
  try {
    return TOLD.validateSync(JSON.parse(data)) as Told
  } catch {
    return null
  }
}

let ours: ReturnType<typeof createStream> | null = null

/** The stream of this browser. */
export function browserStream(): ReturnType<typeof createStream> {
  if (ours) return ours
  const made = createStream({
    open: (url) => {
      const source = new EventSource(url)
      const port: ReturnType<StreamPorts['open']> = { onmessage: null, onopen: null, close: () => source.close() }
      source.onmessage = (message: MessageEvent<string>) => port.onmessage?.(message)
      source.onopen = () => port.onopen?.()
      return port
    },
    channel: () => (typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('dust-lantern-live')),
    lead: (lead) => {
      // The lock is held as long as the window lives, and passes to the next one by itself.
      if ('locks' in navigator && typeof BroadcastChannel !== 'undefined') {
        void navigator.locks.request('dust-lantern-live', () => {
          lead()
          return new Promise(() => undefined)
        })
      } else lead()
    },
  })
  window.addEventListener('pagehide', () => made.leave())
  ours = made
  return made
}
