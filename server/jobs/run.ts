import { existsSync } from 'node:fs'
import path from 'node:path'
import { Worker } from 'node:worker_threads'
import { HANDLERS, type JobName, type JobRequest, type JobResponse, type Jobs, LANES } from './jobs'

/** Where a build puts the thread; without a build, as in tests and while developing, the work is done here. */
const THREAD = ['.next', 'jobs-thread.mjs']

interface Lane {
  readonly thread: Worker
  readonly waiting: Map<number, { readonly resolve: (output: never) => void; readonly reject: (error: Error) => void }>
}

const held = globalThis as typeof globalThis & { dustLanternLanes?: Map<string, Lane> }
const lanes = (held.dustLanternLanes ??= new Map())

/** What went wrong in a thread, with the code the system gave it. */
class JobFailed extends Error {
  constructor(
    message: string,
    readonly code: string,
  ) {
    super(message)
  }
}

let last = 0

/**
 * Do a job beside the server.
 *
 * @throws {JobFailed} with the code of the system where it gave one
 */
export async function runJob<J extends JobName>(job: J, input: Jobs[J]['input']): Promise<Jobs[J]['output']> {
  const file = path.join(process.cwd(), ...THREAD)
  if (process.env.VITEST || !existsSync(file)) return HANDLERS[job](input)
  const lane = laneFor(job, file)
  const id = ++last
  return new Promise((resolve, reject) => {
    lane.waiting.set(id, { resolve, reject })
    lane.thread.postMessage({ id, job, input } satisfies JobRequest)
  })
}

function laneFor(job: JobName, file: string): Lane {
  const name = LANES[job]
  const known = lanes.get(name)
  if (known) return known
  const thread = new Worker(/* turbopackIgnore: true */ file)
  const waiting: Lane['waiting'] = new Map()
  thread.unref()
  thread.on('message', (response: JobResponse) => {
    const one = waiting.get(response.id)
    waiting.delete(response.id)
    if (response.ok) one?.resolve(response.output as never)
    else one?.reject(new JobFailed(response.what, response.code))
  })
  const gone = (why: string) => {
    lanes.delete(name)
    for (const { reject } of waiting.values()) reject(new Error(why))
    waiting.clear()
  }
  thread.on('error', (error) => gone(error.message))
  thread.on('exit', () => gone('The thread beside the server has ended.'))
  const lane: Lane = { thread, waiting }
  lanes.set(name, lane)
  return lane
}
