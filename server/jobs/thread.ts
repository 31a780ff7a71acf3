// The thread beside the server in which long work is done. Bundled by scripts/bundle.mjs.
import { parentPort } from 'node:worker_threads'
import { HANDLERS, type JobRequest, type JobResponse } from './jobs'

const port = parentPort
if (!port) throw new Error('This runs as a thread of the server.')

port.on('message', (request: JobRequest) => {
  void answer(request).then((response) => port.postMessage(response))
})

async function answer({ id, job, input }: JobRequest): Promise<JobResponse> {
  try {
    const handler = HANDLERS[job] as (input: unknown) => unknown
    return { id, ok: true, output: await handler(input) }
  } catch (error) {
    const code = typeof error === 'object' && error !== null && 'code' in error && typeof error.code === 'string' ? error.code : ''
    return { id, ok: false, what: error instanceof Error ? error.message : String(error), code }
  }
}
