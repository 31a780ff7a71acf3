import { type ChildProcess, spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { fillDemoClinic } from '../db/demo/clinic'
import { openDb } from '../db/open'
import { examHeads } from '../db/queries/exams'
import { ratio, report, share } from './measure'

const RUNS = 200

/** Server time of our pages against the least page of the same framework, both built and started the same way. */
export async function pages(): Promise<void> {
  const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-bench-'))
  const db = openDb(path.join(folder, 'clinic.sqlite'))
  fillDemoClinic(db, new Date())
  const exam = examHeads(db)[0]?.id ?? ''
  db.$client.close()
  const next = 'node_modules/next/dist/bin/next'
  const start = (args: readonly string[]) =>
    spawn(process.execPath, [next, 'start', ...args], { env: { ...process.env, DUST_LANTERN_DATA: folder, NEXT_TELEMETRY_DISABLED: '1' }, stdio: 'ignore' })
  const servers: ChildProcess[] = [start(['-H', '127.0.0.1', '-p', '3297']), start(['bench/bare', '-H', '127.0.0.1', '-p', '3298'])]
  try {
    await ready('http://127.0.0.1:3297/health')
    await ready('http://127.0.0.1:3298/')
    const urls = {
      bare: 'http://127.0.0.1:3298/',
      today: 'http://127.0.0.1:3297/today',
      bench: `http://127.0.0.1:3297/exam/${exam}/bench`,
      weigh: `http://127.0.0.1:3297/exam/${exam}/weigh`,
    }
    const times: Record<keyof typeof urls, number[]> = { bare: [], today: [], bench: [], weigh: [] }
    const names = Object.keys(urls) as (keyof typeof urls)[]
    // In turn, so that whatever else the machine does falls on all of them.
    for (let i = -20; i < RUNS; i++) {
      for (const name of names) {
        const began = performance.now()
        await (await fetch(urls[name])).text()
        if (i >= 0) times[name].push(performance.now() - began)
      }
    }
    for (const name of names) times[name].sort((a, b) => a - b)
    const bare = share(times.bare, 0.5)
    report(
      'Server time of a page against the least page of the framework',
      names.map(
        (name) =>
          `${name}: median ${share(times[name], 0.5).toFixed(1)} ms${name === 'bare' ? '' : `, ${ratio(share(times[name], 0.5), bare)} the least page`}`,
      ),
    )
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
