import { type ChildProcess, spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { type Db, openDb } from '../db/open'

const OURS = 3297
const BARE = 3298

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
  const start = (args: readonly string[]) =>
    spawn(process.execPath, ['node_modules/next/dist/bin/next', 'start', ...args], {
      env: { ...process.env, DUST_LANTERN_DATA: folder, NEXT_TELEMETRY_DISABLED: '1' },
      stdio: 'ignore',
    })
  const servers: ChildProcess[] = [start(['-H', '127.0.0.1', '-p', String(OURS)]), start(['bench/bare', '-H', '127.0.0.1', '-p', String(BARE)])]
  try {
    const urls = { ours: `http://127.0.0.1:${OURS}`, bare: `http://127.0.0.1:${BARE}` }
    await ready(`${urls.ours}/health`)
    await ready(urls.bare)
    await run(urls)
  } finally {
    for (const server of servers) server.kill('SIGKILL')
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
