import { live } from '@/server/live'

export const dynamic = 'force-dynamic'

const BEAT_MS = 15_000

/** Server-sent events: the length of this examination's record whenever it grows. Windows then ask for what they lack. */
export async function GET(request: Request, { params }: { readonly params: Promise<{ examId: string }> }): Promise<Response> {
  const { examId } = await params
  const text = new TextEncoder()
  let close: () => void = () => undefined
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const tell = (length: number) => controller.enqueue(text.encode(`data: ${length}\n\n`))
      const beat = setInterval(() => controller.enqueue(text.encode(': beat\n\n')), BEAT_MS)
      const shut = () => close()
      close = () => {
        close = () => undefined
        clearInterval(beat)
        live.emitter.off(examId, tell)
        live.closers.delete(shut)
        try {
          controller.close()
        } catch {
          // Already closed by the other end.
        }
      }
      live.emitter.on(examId, tell)
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
