import { execFileSync, spawn, spawnSync } from 'node:child_process'
import { cpSync, existsSync, mkdirSync, openSync, rmSync, statSync, writeFileSync, writeSync, closeSync } from 'node:fs'
import path from 'node:path'
import { v7 } from 'uuid'
import { openDb } from '../../db/open'
import { recordOf } from '../../db/queries/ledger'
import { verifyFile } from '../../db/verify'
import { freePort, serve } from '../../tests/served'
import { report } from '../measure'
import { proofClinic } from './clinic'

const YEAR_MS = 365 * 86_400_000

interface Answer {
  readonly status: number
  readonly body: { readonly receipt?: unknown; readonly events?: readonly { readonly id: string }[]; readonly what?: string; readonly added?: number }
}

async function sent(url: string, pathname: string, body: unknown): Promise<Answer> {
  const response = await fetch(url + pathname, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
  return { status: response.status, body: (await response.json()) as Answer['body'] }
}

const rating = (at: number) => ({ type: 'symptom-rated', symptom: 'S1', now: 3, id: v7(), at, by: 'maren-oake' })

/** A server whose clock is a year ahead, a year behind, and right again: nothing right is refused for good, and nothing breaks. */
async function clocks(): Promise<boolean> {
  const clinic = await proofClinic(true)
  const clock = path.join(clinic.folder, 'clock')
  const port = await freePort()
  const at = async (shift: number) => {
    writeFileSync(clock, `shifted ${shift}`)
    const server = await serve({ folder: clinic.folder, port, clock })
    const entry = await sent(server.url, `/exam/${clinic.examId}/events`, { after: 1_000_000, events: [rating(Date.now())] })
    const backup = await sent(server.url, '/do/backup-now', { args: [] })
    await server.stop()
    return { entry: entry.status, backup: JSON.stringify(backup.body) === '{"came":null}' }
  }
  const ahead = await at(YEAR_MS)
  const behind = await at(-YEAR_MS)
  const right = await at(0)
  const { ok } = verifyFile(clinic.file)
  clinic.remove()
  report('A clock ahead and behind by a year', [
    `an entry of now: ahead ${ahead.entry}, behind ${behind.entry} (503 keeps it on its device), right again ${right.entry}; the chain is ${ok ? 'whole' : 'broken'}`,
    `backups were made: ${[ahead, behind, right].map(({ backup }) => (backup ? 'yes' : 'no')).join(', ')}`,
  ])
  return ahead.entry === 200 && behind.entry === 503 && right.entry === 200 && ahead.backup && behind.backup && right.backup && ok
}

/** The log beside the database is damaged after a power cut: what it held is gone, what is there verifies, and a device offers the rest back. */
async function damagedLog(): Promise<boolean> {
  const clinic = await proofClinic(true)
  let server = await clinic.start()
  let last: Answer | null = null
  for (let n = 0; n < 40; n++) last = await sent(server.url, `/exam/${clinic.examId}/events`, { after: 0, events: [rating(Date.now())] })
  const record = (await (await fetch(`${server.url}/exam/${clinic.examId}/record`)).json()) as {
    events: readonly { id: string }[]
    receipt: { length: number }
    person: { id: string; name: string; born: string | null; work: string }
    at: number
  }
  await server.kill()
  const log = `${clinic.file}-wal`
  const size = existsSync(log) ? statSync(log).size : 0
  if (size > 0) {
    const handle = openSync(log, 'r+')
    writeSync(handle, Buffer.alloc(4096, 0x5a), 0, 4096, Math.floor(size / 2))
    closeSync(handle)
  }
  server = await clinic.start()
  const after = (await (await fetch(`${server.url}/exam/${clinic.examId}/record`)).json()) as { events: readonly unknown[] }
  const { id, name, born, work } = record.person
  const offered = await sent(server.url, `/exam/${clinic.examId}/offered`, {
    events: record.events,
    receipt: record.receipt,
    person: { id, name, born, work },
    at: record.at,
  })
  const forged = await sent(server.url, `/exam/${clinic.examId}/offered`, {
    events: [...record.events, rating(Date.now())],
    receipt: { ...record.receipt, length: record.events.length + 1 },
    person: { id, name, born, work },
    at: record.at,
  })
  await server.stop()
  const db = openDb(clinic.file)
  const there = new Set(recordOf(db, clinic.examId).events.map((event) => event.id))
  db.$client.close()
  const missing = record.events.filter((event) => !there.has(event.id)).length
  const { ok } = verifyFile(clinic.file)
  clinic.remove()
  report('A log damaged in the middle', [
    `of ${record.events.length} acknowledged entries ${record.events.length - after.events.length} went with it; offered back: ${offered.status}, ${offered.body.added ?? 0} taken, ${missing} missing at the end`,
    `entries that were never acknowledged, offered in the same way: ${forged.status}; the chain is ${ok ? 'whole' : 'broken'}; the last append had answered ${last?.status ?? 0}`,
  ])
  return missing === 0 && offered.status === 200 && forged.status === 422 && ok
}

/** Two servers on one folder, each in a process space of its own where that can be made, as two containers that share a volume have it. */
async function containers(): Promise<boolean> {
  const clinic = await proofClinic(true)
  const server = await clinic.start()
  const apart = spawnSync('unshare', ['--pid', '--fork', 'true']).status === 0
  const command = apart ? 'unshare' : process.execPath
  const args = [...(apart ? ['--pid', '--fork', '--mount-proc', process.execPath] : []), '.next/start.mjs']
  const second = spawn(command, args, {
    env: {
      ...process.env,
      DUST_LANTERN_DATA: clinic.folder,
      DUST_LANTERN_KEYS: `${clinic.folder}-keys`,
      DUST_LANTERN_DEMO: 'yes',
      PORT: '0',
      LOG_LEVEL: 'silent',
    },
    stdio: ['ignore', 'ignore', 'pipe'],
  })
  let said = ''
  second.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()))
  const code = await new Promise<number | null>((resolve) => {
    const timer = setTimeout(() => second.kill('SIGKILL'), 20_000)
    second.once('exit', (exit) => {
      clearTimeout(timer)
      resolve(exit)
    })
  })
  const alive = (await fetch(`${server.url}/health`)).ok
  await server.kill()
  // After a power cut, with the number of the killed process in use by somebody else: the clinic opens.
  writeFileSync(path.join(clinic.folder, 'clinic.lock'), `${process.pid}\n`)
  const again = await clinic.start()
  await again.stop()
  clinic.remove()
  report(`Two servers on one folder${apart ? ', each in a process space of its own' : ''}`, [
    `the second ended with ${code ?? 'a signal'}: ${said.trim().split('\n').at(-1) ?? ''}; the first goes on: ${alive ? 'yes' : 'no'}; after a kill it starts again, beside a lock an earlier version left`,
  ])
  return code !== 0 && code !== null && said.includes('already') && alive
}

/** A disk that is full, and one that takes nothing, at the start. Needs a small file system of its own, which only root can make. */
async function disks(): Promise<boolean> {
  const clinic = await proofClinic(true)
  const place = `${clinic.folder}-small`
  mkdirSync(place)
  if (spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=24m', 'tmpfs', place]).status !== 0) {
    clinic.remove()
    rmSync(place, { recursive: true })
    report('A full and a read-only disk at the start', ['not tried: no file system can be mounted here'])
    return true
  }
  const results: string[] = []
  let held = true
  try {
    for (const kind of ['full', 'read-only'] as const) {
      execFileSync('mount', ['-o', 'remount,rw', place])
      rmSync(path.join(place, 'clinic'), { recursive: true, force: true })
      rmSync(path.join(place, 'filler'), { force: true })
      cpSync(clinic.folder, path.join(place, 'clinic'), { recursive: true })
      if (kind === 'full') spawnSync('dd', ['if=/dev/zero', `of=${path.join(place, 'filler')}`, 'bs=64k'])
      else execFileSync('mount', ['-o', 'remount,ro', place])
      const port = await freePort()
      const child = spawn(process.execPath, ['.next/start.mjs'], {
        env: {
          ...process.env,
          DUST_LANTERN_DATA: path.join(place, 'clinic'),
          DUST_LANTERN_KEYS: `${clinic.folder}-keys`,
          DUST_LANTERN_DEMO: 'yes',
          PORT: String(port),
          LOG_LEVEL: 'silent',
          NODE_ENV: 'production',
        },
        stdio: ['ignore', 'ignore', 'pipe'],
      })
      const words = await told(`http://127.0.0.1:${port}`)
      if (kind === 'full') rmSync(path.join(place, 'filler'), { force: true })
      else execFileSync('mount', ['-o', 'remount,rw', place])
      const well = await ready(`http://127.0.0.1:${port}`)
      child.kill('SIGKILL')
      await new Promise((resolve) => child.once('exit', resolve))
      const { ok } = verifyFile(path.join(place, 'clinic', 'clinic.sqlite'))
      results.push(`${kind}: it said “${words}”; once there is room it goes on by itself: ${well ? 'yes' : 'no'}; the chain is ${ok ? 'whole' : 'broken'}`)
      held &&= /disk|room|store|taken/i.test(words) && well && ok
    }
  } finally {
    spawnSync('umount', [place])
    rmSync(place, { recursive: true, force: true })
    clinic.remove()
  }
  report('A full and a read-only disk at the start', results)
  return held
}

/** What the server says of its disk, at whatever address it is asked. */
async function told(url: string): Promise<string> {
  for (let tries = 0; tries < 150; tries++) {
    const answer = await fetch(`${url}/health`).catch(() => null)
    if (answer) {
      const body = (await answer.json()) as { what?: string; condition?: unknown }
      if (!answer.ok || body.what) return body.what ?? JSON.stringify(body)
      const entry = await sent(url, '/exam/none/events', { after: 0, events: [rating(Date.now())] }).catch(() => null)
      if (entry?.body.what && entry.status !== 404) return entry.body.what
    }
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  return 'nothing'
}

async function ready(url: string): Promise<boolean> {
  for (let tries = 0; tries < 200; tries++) {
    const answer = await fetch(`${url}/health`).catch(() => null)
    // So small a disk is always short of room, which it says; it stores all the same.
    if (answer?.ok && ((await answer.json()) as { ready?: boolean }).ready === true) return true
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  return false
}

/** Everything that time, disk and neighbours do to a server. */
export async function adversity(): Promise<boolean> {
  const held = [await clocks(), await damagedLog(), await containers(), await disks()]
  return held.every(Boolean)
}
