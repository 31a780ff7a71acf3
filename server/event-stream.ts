import 'server-only'
import { live } from './live'

const BEAT_MS = 15_000

/**
 * Server-sent events: each message of one channel of this server as one line of data.
 *
 * Ends with the request, and with the server: an open stream would keep it from stopping.
 *
 * @param channel - name on the emitter
 */
export function eventStream(request: Request, channel: string): Response {
  const text = new TextEncoder()
  let close: () => void = () => undefined
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const tell = (data: unknown) => controller.enqueue(text.encode(`data: ${typeof data === 'string' ? data : JSON.stringify(data)}\n\n`))
      const beat = setInterval(() => controller.enqueue(text.encode(': beat\n\n')), BEAT_MS)
      const shut = () => close()
      close = () => {
        close = () => undefined
        clearInterval(beat)
        live.emitter.off(channel, tell)
        live.closers.delete(shut)
        try {
          controller.close()
        } catch {
          // Already closed by the other end.
        }
      }
      live.emitter.on(channel, tell)
      live.closers.add(shut)
      request.signal.addEventListener('abort', shut)
      controller.enqueue(text.encode('retry: 2000\n\n'))
    },
    cancel() {
      close()
    },
  })
  return new Response(stream, {
    headers: { 'content-type': 'text/event-stream; charset=utf-8', 'cache-control': 'no-cache, no-transform', 'x-accel-buffering': 'no' },
  })
}
