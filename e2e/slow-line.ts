import { createServer, type IncomingMessage, request, type ServerResponse } from 'node:http'
import { setTimeout as pause } from 'node:timers/promises'

/** A way to a served clinic over a slow line. */
export interface SlowLine {
  readonly url: string
  /** The pages asked for anew that have arrived whole, in that order. */
  readonly delivered: () => readonly string[]
  readonly close: () => void
}

/**
 * A slow line to a clinic: what a page asks for anew arrives a line of text at a time, with a pause after each. Everything else passes as it is.
 *
 * @param to the clinic's address
 * @param each milliseconds between two lines
 */
export async function slowLine(to: string, each: number): Promise<SlowLine> {
  const delivered: string[] = []
  const anew = async (page: string, came: IncomingMessage, answer: ServerResponse) => {
    for await (const part of came.setEncoding('utf8')) {
      for (const text of String(part).split(/(?<=\n)/)) {
        answer.write(text)
        await pause(each)
      }
    }
    answer.end()
    delivered.push(page)
  }
  const line = createServer((asked, answer) => {
    const url = new URL(asked.url ?? '/', to)
    const there = request(url, { method: asked.method, headers: { ...asked.headers, 'accept-encoding': 'identity' } }, (came) => {
      answer.writeHead(came.statusCode ?? 502, came.headers)
      if (asked.headers.rsc === undefined || asked.headers['next-router-prefetch'] !== undefined) came.pipe(answer)
      else void anew(url.pathname, came, answer)
    })
    asked.pipe(there)
  })
  await new Promise<void>((listening) => line.listen(0, '127.0.0.1', listening))
  const at = line.address()
  if (at === null || typeof at === 'string') throw new Error('The line has a port.')
  const close = () => {
    line.closeAllConnections()
    line.close()
  }
  return { url: `http://127.0.0.1:${at.port}`, delivered: () => delivered, close }
}
