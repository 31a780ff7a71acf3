import type { IncomingMessage, ServerResponse } from 'node:http'
import { setTimeout as pause } from 'node:timers/promises'
import { between, type Between } from './between'

/** A way to a served clinic over a slow line. */
export interface SlowLine extends Between {
  /** The pages asked for anew that have arrived whole, in that order. */
  readonly delivered: () => readonly string[]
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
  const line = await between(to, (asked, came, answer) => {
    answer.writeHead(came.statusCode ?? 502, came.headers)
    if (asked.headers.rsc === undefined || asked.headers['next-router-prefetch'] !== undefined) came.pipe(answer)
    else void anew(new URL(asked.url ?? '/', to).pathname, came, answer)
  })
  return { ...line, delivered: () => delivered }
}
