import { createServer, type IncomingMessage, request, type ServerResponse } from 'node:http'

/** Something that stands between browser and clinic. */
export interface Between {
  readonly url: string
  readonly close: () => void
}

/**
 * Stand between a browser and a clinic.
 *
 * @param to the clinic's address
 * @param pass hands the answer on, as it came or as the story wants it
 */
export async function between(to: string, pass: (asked: IncomingMessage, came: IncomingMessage, answer: ServerResponse) => void): Promise<Between> {
  const server = createServer((asked, answer) => {
    const headers = { ...asked.headers, 'accept-encoding': 'identity' }
    const there = request(new URL(asked.url ?? '/', to), { method: asked.method, headers }, (came) => pass(asked, came, answer))
    // A stream whose reader has gone is not followed, and a clinic that is away answers nobody.
    there.on('error', () => answer.destroy())
    answer.on('close', () => there.destroy())
    asked.pipe(there)
  })
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening))
  const at = server.address()
  if (at === null || typeof at === 'string') throw new Error('It has a port.')
  const close = () => {
    server.closeAllConnections()
    server.close()
  }
  return { url: `http://127.0.0.1:${at.port}`, close }
}
