import { fork } from 'node:child_process'
import { cpSync, existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { gunzipSync } from 'node:zlib'
import { generateIdentity, identityToRecipient } from 'age-encryption'
import Database from 'better-sqlite3'
import { randomLcg } from 'd3-random'
import { build } from 'esbuild'
import { backupsIn, makeBackup } from '../../db/backup'
import { fillDemoClinic } from '../../db/demo/clinic'
import { listedErasures, listErasures } from '../../db/erasure-list'
import { openDb } from '../../db/open'
import { countExams } from '../../db/queries/exams'
import { allPeople, personByNumber } from '../../db/queries/people'
import { finishRestore, isRestoring } from '../../db/restore'
import { verifyFile } from '../../db/verify'
import { report } from '../measure'

const CHILD = path.join('.next', 'killed-child.mjs')

/** Run the child until it ends, kills itself, or is killed after so long. @returns whether it was killed */
function run(args: readonly string[], killAfterMs: number | null): Promise<boolean> {
  return new Promise((resolve) => {
    const child = fork(CHILD, [...args], { stdio: ['ignore', 'ignore', 'ignore', 'ipc'], execArgv: [] })
    let timer: NodeJS.Timeout | undefined
    child.once('message', () => {
      if (killAfterMs !== null) timer = setTimeout(() => child.kill('SIGKILL'), killAfterMs)
    })
    child.once('exit', (_, signal) => {
      clearTimeout(timer)
      resolve(signal === 'SIGKILL')
    })
  })
}

/** What somebody who starts the program finds; null where it is not whole. */
function found(folder: string): { readonly people: number; readonly exams: number } | null {
  const file = path.join(folder, 'clinic.sqlite')
  finishRestore(folder)
  try {
    const db = openDb(file)
    const seen = { people: allPeople(db).length, exams: countExams(db) }
    listErasures(db, folder)
    db.$client.close()
    return verifyFile(file).ok ? seen : null
  } catch {
    return null
  }
}

/** Killed at every step of a restore, and at moments chosen by chance of a backup, an upgrade and an erasure: nothing is half, nothing is lost. */
export async function kills(count: number): Promise<boolean> {
  await build({
    entryPoints: ['bench/proofs/killed-child.ts'],
    outfile: CHILD,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    packages: 'external',
    logLevel: 'warning',
  })
  const random = randomLcg(0.733)
  const model = mkdtempSync(path.join(tmpdir(), 'dust-lantern-kills-'))
  const db = openDb(path.join(model, 'clinic.sqlite'))
  fillDemoClinic(db, new Date())
  db.$client.close()
  await makeBackup({ file: path.join(model, 'clinic.sqlite'), folder: path.join(model, 'backups'), recipient: '', now: Date.now() - 86_400_000 })
  const more = openDb(path.join(model, 'clinic.sqlite'))
  more.$client
    .prepare('INSERT INTO people (id, number, name, born, work, added_at, salt) VALUES (?, 999, ?, NULL, ?, 1, ?)')
    .run('extra-person', 'After the backup', '', 'x')
  const after = { people: allPeople(more).length, exams: countExams(more) }
  more.$client.close()
  const before = { ...after, people: after.people - 1 }
  const copy = () => {
    const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-killed-'))
    cpSync(model, folder, { recursive: true })
    return folder
  }
  const same = (a: ReturnType<typeof found>, b: typeof after) => a?.people === b.people && a.exams === b.exams

  let halves = 0
  let restores = 0
  const outcomes = { old: 0, new: 0 }
  for (let n = 0; n < count; n++) {
    const folder = copy()
    const killed = await run(['restore', folder, String(n % 14)], n % 3 === 0 ? random() * 40 : null)
    if (killed) restores++
    // Sometimes the start that finishes it is killed as well.
    if (isRestoring(folder) && random() < 0.4) await run(['start', folder], random() * 30)
    const seen = found(folder)
    if (same(seen, after)) outcomes.old++
    else if (same(seen, before)) outcomes.new++
    else halves++
    rmSync(folder, { recursive: true, force: true })
  }

  let badBackups = 0
  let plain = 0
  let backups = 0
  const recipient = await identityToRecipient(await generateIdentity())
  for (let n = 0; n < Math.ceil(count / 4); n++) {
    const folder = copy()
    const encrypted = n % 2 === 0
    rmSync(path.join(folder, 'backups'), { recursive: true })
    if (await run(['backup', folder, '-1', encrypted ? recipient : ''], random() * 350)) backups++
    for (const name of existsSync(path.join(folder, 'backups')) ? readdirSync(path.join(folder, 'backups')) : []) {
      if (
        encrypted &&
        readFileSync(path.join(folder, 'backups', name))
          .subarray(0, 15)
          .toString() === 'SQLite format 3'
      )
        plain++
    }
    for (const { file, encrypted: sealed } of backupsIn(path.join(folder, 'backups'))) if (!sealed && !verifyFile(file).ok) badBackups++
    if (!same(found(folder), after)) badBackups++
    rmSync(folder, { recursive: true, force: true })
  }

  const fixture = gunzipSync(readFileSync('tests/fixtures/clinic-before-episodes.sqlite.gz'))
  let badUpgrades = 0
  let upgrades = 0
  let entries = -1
  for (let n = 0; n < Math.ceil(count / 4); n++) {
    const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-upgrade-'))
    writeFileSync(path.join(folder, 'clinic.sqlite'), fixture)
    if (entries < 0) {
      const old = new Database(path.join(folder, 'clinic.sqlite'), { readonly: true })
      entries = old.prepare('SELECT count(*) FROM exam_events').pluck().get() as number
      old.close()
    }
    if (await run(['upgrade', folder], random() * 250)) upgrades++
    const seen = found(folder)
    const now = new Database(path.join(folder, 'clinic.sqlite'), { readonly: true })
    const kept = now.prepare('SELECT count(*) FROM exam_events').pluck().get() as number
    now.close()
    if (!seen || kept !== entries) badUpgrades++
    rmSync(folder, { recursive: true, force: true })
  }

  let badErasures = 0
  let erasures = 0
  for (let n = 0; n < Math.ceil(count / 4); n++) {
    const folder = copy()
    if (await run(['erase', folder], random() * 220)) erasures++
    const seen = found(folder)
    const left = openDb(path.join(folder, 'clinic.sqlite'))
    const there = personByNumber(left, 103) !== undefined
    left.$client.close()
    if (!seen || (there ? seen.people !== after.people : seen.people !== after.people - 1 || listedErasures(folder).length !== 1)) badErasures++
    rmSync(folder, { recursive: true, force: true })
  }
  rmSync(model, { recursive: true, force: true })
  report('Killed in the middle', [
    `${count} restores, ${restores} killed at a step or a moment: ${outcomes.old} left the old clinic, ${outcomes.new} the new one, ${halves} neither`,
    `${Math.ceil(count / 4)} backups, ${backups} killed: ${badBackups} left something that does not verify, ${plain} files in clear beside encrypted ones`,
    `${Math.ceil(count / 4)} upgrades, ${upgrades} killed: ${badUpgrades} lost an entry or could not go on`,
    `${Math.ceil(count / 4)} erasures, ${erasures} killed: ${badErasures} left somebody half erased, or off the list`,
  ])
  return halves + badBackups + plain + badUpgrades + badErasures === 0
}
