import { UUID } from '@/core/record/shapes'
import { examHead } from '@/db/queries/exams'
import { credentialsOf } from '@/server/auth/asking'
import { type Credentials, mayOpen, visitorOf } from '@/server/identity'
import { type Followed, listen, live, type LiveMessage, MOST_OF_A_SESSION, MOST_STREAMS, streamsOf } from '@/server/live'
import { problemResponse, route } from '@/server/route'

export const dynamic = 'force-dynamic'

const BEAT_MS = 15_000
/** Examinations one browser follows at once. */
const MOST_EXAMS = 50
/** Messages that wait for a slow reader; frames beyond them are dropped, since only the newest counts. */
const MOST_WAITING = 256

/**
 * One stream for a whole browser: how the examinations named in `exam` grow, and what devices send to those whose bench is open,
 * named in `bench`.
 *
 * 404 for one nobody knows or that is not open to whoever asks, 422 for none or too many, 503 when the server or the session has as
 * many streams open as it keeps. Ends with the request, the session and the server. A locked screen goes on hearing its bell.
 */
export const GET = route('/live', ({ request, url, who, visitor, db }) => {
  const followed = { records: named(url, 'exam'), benches: named(url, 'bench') }
  const exams = [...new Set([...followed.records, ...followed.benches])]
  const refuse = (status: number, what: string, todo: string) => problemResponse(status, { what, kept: 'Nothing was changed.', do: todo })
  if (exams.length === 0 || exams.length > MOST_EXAMS)
    return refuse(422, `A stream follows one to ${MOST_EXAMS} examinations.`, 'Close windows that are not needed.')
  if (!exams.every((exam) => UUID.test(exam) && examHead(db, exam) && mayOpen(who, exam)))
    return refuse(404, 'There is no such examination.', 'Open it from Today.')
  const session = visitor.kind === 'stranger' ? '' : visitor.session
  if (live.closers.size >= MOST_STREAMS || (session !== '' && streamsOf(session) >= MOST_OF_A_SESSION))
    return refuse(503, 'Too many windows are open.', 'Close some; answers are saved all the same.')
  const credentials = credentialsOf(request)
  return new Response(streamOf(followed, request.signal, { session, mayFollow: () => mayFollow(credentials, exams) }), {
    headers: { 'content-type': 'text/event-stream; charset=utf-8', 'cache-control': 'no-cache, no-transform', 'x-accel-buffering': 'no' },
  })
})

function named(url: URL, field: string): readonly string[] {
  return [...new Set(url.searchParams.getAll(field))]
}

/** By what a stream is held open. */
interface HeldBy {
  readonly session: string
  /** Is it still open to whoever asked? */
  readonly mayFollow: () => boolean
}

/** Whoever is signed in by this, also behind a locked screen, and may open all of these still. */
function mayFollow(credentials: Credentials, exams: readonly string[]): boolean {
  const visitor = visitorOf(credentials, Date.now())
  return (visitor.kind === 'open' || visitor.kind === 'locked') && exams.every((exam) => mayOpen(visitor.who, exam))
}

function streamOf(followed: Followed, gone: AbortSignal, by: HeldBy): ReadableStream<Uint8Array> {
  const text = new TextEncoder()
  let close: () => void = () => undefined
  return new ReadableStream<Uint8Array>(
    {
      start(controller) {
        const room = () => controller.desiredSize ?? 0
        const tell = (message: LiveMessage) => {
          if (message.kind === 'frame' && room() <= 0) return
          // Somebody who reads nothing at all is let go; the browser comes back by itself and asks for what it lacks.
          if (room() < -MOST_WAITING) close()
          else controller.enqueue(text.encode(`data: ${JSON.stringify(message)}\n\n`))
        }
        const beat = setInterval(() => {
          // A session that is over follows nothing any more, nor does a student to whom it is entrusted no more.
          if (!by.mayFollow()) close()
          else controller.enqueue(text.encode(': beat\n\n'))
        }, BEAT_MS)
        const stop = listen(followed, tell)
        const shut = () => close()
        close = () => {
          close = () => undefined
          clearInterval(beat)
          stop()
          live.closers.delete(shut)
          try {
            controller.close()
          } catch {
            // Already closed by the other end.
          }
        }
        live.closers.set(shut, by.session)
        gone.addEventListener('abort', shut)
        controller.enqueue(text.encode('retry: 2000\n\n'))
      },
      cancel() {
        close()
      },
    },
    { highWaterMark: MOST_WAITING },
  )
}
