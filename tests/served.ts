import { type ChildProcess, spawn } from 'node:child_process'
import { createServer } from 'node:net'

/** The built application, running on data of its own. */
export interface Served {
  readonly url: string
  readonly process: ChildProcess
  /** What it wrote beside its log. */
  readonly said: () => string
  /** Killed as by a power cut: nothing is flushed, nothing said goodbye. */
  readonly kill: () => Promise<void>
  /** Told to end; how long that took, in milliseconds. */
  readonly stop: () => Promise<number>
}

interface How {
  readonly folder: string
  readonly port: number
  /** The demo practitioner is signed in; otherwise somebody has to sign in. */
  readonly demo?: boolean
  readonly env?: Readonly<Record<string, string>>
  /** The server goes by the clock this file sets, as `set-clock.mjs` reads it. */
  readonly clock?: string
}

/** Start the built application and wait for nothing: it may refuse to, or have nothing to show yet. */
export function started({ folder, port, demo = true, env = {}, clock }: How) {
  let said = ''
  const child = spawn(process.execPath, [...(clock === undefined ? [] : ['--import', './tests/set-clock.mjs']), '.next/start.mjs'], {
    env: {
      ...process.env,
      NODE_ENV: 'production',
      DUST_LANTERN_DATA: folder,
      DUST_LANTERN_KEYS: `${folder}-keys`,
      DUST_LANTERN_DEMO: demo ? 'yes' : 'no',
      PORT: String(port),
      LOG_LEVEL: 'silent',
      ...(clock !== undefined && { TEST_CLOCK: clock }),
      ...env,
    },
    stdio: ['ignore', 'ignore', 'pipe'],
  })
  child.stderr.on('data', (chunk: Buffer) => {
    said += chunk.toString()
  })
  const exited = new Promise<number | null>((resolve) => child.once('exit', (code) => resolve(code)))
  return { child, said: () => said, exited }
}

/** Start the built application and wait until it is ready. */
export async function serve({ folder, port, demo = true, env = {}, clock }: How): Promise<Served> {
  const { child, said, exited } = started({ folder, port, demo, env, ...(clock !== undefined && { clock }) })
  const url = `http://127.0.0.1:${port}`
  const end = async (signal: NodeJS.Signals) => {
    const began = performance.now()
    if (child.exitCode === null && child.signalCode === null) {
      child.kill(signal)
      await exited
    }
    return performance.now() - began
  }
  for (let tries = 0; ; tries++) {
    if (child.exitCode !== null) throw new Error(`The server ended at once: ${said()}`)
    if ((await fetch(`${url}/health`).catch(() => null))?.ok) break
    if (tries > 300) {
      child.kill('SIGKILL')
      throw new Error(`The server did not start. Is there a build? npm run build. ${said()}`)
    }
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  return {
    url,
    process: child,
    said,
    kill: async () => {
      await end('SIGKILL')
    },
    stop: () => end('SIGTERM'),
  }
}

/** A port nobody listens on at this moment. */
export function freePort(): Promise<number> {
  return new Promise((resolve, reject) => {
    const probe = createServer()
    probe.once('error', reject)
    probe.listen(0, '127.0.0.1', () => {
      const address = probe.address()
      probe.close(() => resolve(typeof address === 'object' && address ? address.port : 0))
    })
  })
}
