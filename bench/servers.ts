import { spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { type Db, openDb } from '../db/open'
import { freePort, serve } from '../tests/served'

/** Both applications, built and started the same way. */
export interface Servers {
  readonly ours: string
  readonly bare: string
}

/**
 * Run something against both servers, on data of its own.
 *
 * @param fill - puts the data in before they start
 */
export async function withServers(fill: (db: Db) => void, run: (servers: Servers) => Promise<void>): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-bench-'))
  const db = openDb(path.join(folder, 'clinic.sqlite'))
  fill(db)
  db.$client.close()
  const served = await serve({ folder, port: await freePort() })
  const port = await freePort()
  const bare = spawn(process.execPath, [path.resolve('node_modules/next/dist/bin/next'), 'start', '-H', '127.0.0.1', '-p', String(port)], {
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
    stdio: 'ignore',
    // From its own folder: the framework looks for what starts with it where it is started.
    cwd: 'bench/bare',
  })
  try {
    const urls = { ours: served.url, bare: `http://127.0.0.1:${port}` }
    await ready(urls.bare)
    await run(urls)
  } finally {
    bare.kill('SIGKILL')
    await served.kill()
    rmSync(folder, { recursive: true, force: true })
  }
}

async function ready(url: string): Promise<void> {
  for (let tries = 0; tries < 100; tries++) {
    if ((await fetch(url).catch(() => null))?.ok) return
    await new Promise((resolve) => setTimeout(resolve, 200))
  }
  throw new Error(`${url} did not answer.`)
}
