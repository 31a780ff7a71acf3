import { chmodSync, existsSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import Database from 'better-sqlite3'
import { describe, expect, it } from 'vitest'
import { clinicToSpoil, NOW } from '../tests/clinic-to-spoil'
import { openDb } from './open'
import { examHeads } from './queries/exams'
import { moveAside } from './restore'
import { verifyFile } from './verify'

const clinic = clinicToSpoil()
const { file } = clinic

describe('the file', () => {
  it('is its own user’s alone, and so is its folder', () => {
    for (const name of ['clinic.sqlite', 'clinic.id']) expect(statSync(path.join(clinic.folder, name)).mode & 0o077, name).toBe(0)
    expect(statSync(clinic.folder).mode & 0o077).toBe(0)
  })

  it('of a clinic that is gone is not begun anew; a log without its file is not played into an empty one', () => {
    clinic.db.$client.close()
    renameSync(file(), path.join(clinic.folder, 'elsewhere.sqlite'))
    expect(() => openDb(file())).toThrow('a clinic was here')
    rmSync(path.join(clinic.folder, 'clinic.id'))
    writeFileSync(`${file()}-wal`, 'left behind')
    expect(() => openDb(file())).toThrow('without its database')
    rmSync(`${file()}-wal`)
    openDb(file()).$client.close()
    // Another clinic's file in the place of this one.
    rmSync(file())
    renameSync(path.join(clinic.folder, 'elsewhere.sqlite'), file())
    expect(() => openDb(file())).toThrow('Another clinic')
    expect(moveAside(clinic.folder, NOW)).not.toBeNull()
    expect(existsSync(path.join(clinic.folder, 'clinic.id'))).toBe(false)
  })

  it('of a newer program is refused with words; before an upgrade a copy is made', () => {
    const newest = clinic.db.$client.prepare('SELECT max(created_at) FROM __drizzle_migrations').pluck().get() as number
    clinic.db.$client.exec(`INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('newer', ${newest + 1000})`)
    clinic.db.$client.close()
    expect(() => openDb(file())).toThrow('newer version')
    // A clinic as the version before this one left it.
    rmSync(file())
    const old = new Database(file())
    const journal = JSON.parse(readFileSync('db/migrations/meta/_journal.json', 'utf8')) as { entries: { tag: string; when: number }[] }
    old.exec('CREATE TABLE __drizzle_migrations (id INTEGER PRIMARY KEY, hash text NOT NULL, created_at numeric)')
    for (const { tag, when } of journal.entries.filter(({ tag: t }) => t < '0006')) {
      for (const statement of readFileSync(`db/migrations/${tag}.sql`, 'utf8').split('--> statement-breakpoint')) old.exec(statement)
      old.prepare('INSERT INTO __drizzle_migrations (hash, created_at) VALUES (?, ?)').run(tag, when)
    }
    old.exec(`INSERT INTO people VALUES ('p', 101, 'Somebody', NULL, '', 1); INSERT INTO exams VALUES ('e', 'p', 1)`)
    old.exec(`INSERT INTO settings VALUES ('s', 'b', 1, 'mode', '"full-baseline"')`)
    old.close()
    rmSync(path.join(clinic.folder, 'clinic.id'))
    const newestKnown = Math.max(...journal.entries.map((entry) => entry.when))
    // What a power cut left of an earlier try is no copy.
    writeFileSync(`${file()}.before-${newestKnown}.part`, 'half a copy')
    const upgraded = openDb(file())
    expect(examHeads(upgraded).map((head) => head.person.name)).toEqual(['Somebody'])
    upgraded.$client.close()
    expect(verifyFile(file())).toMatchObject({ ok: true })
    const [copy, ...others] = readdirSync(clinic.folder).filter((name) => name.includes('.before-'))
    expect(others).toEqual([])
    const kept = new Database(path.join(clinic.folder, copy ?? ''), { readonly: true })
    expect(kept.prepare('SELECT name FROM people').pluck().all()).toEqual(['Somebody'])
    expect(kept.prepare(`SELECT count(*) FROM sqlite_master WHERE name = 'seals'`).pluck().get()).toBe(0)
    kept.close()
  })

  it('that can only be read is told by its code', () => {
    if (process.getuid?.() === 0) return
    clinic.db.$client.close()
    chmodSync(file(), 0o400)
    expect(() => openDb(file())).toThrow(expect.objectContaining({ code: expect.stringMatching('READONLY|CANTOPEN') as string }))
  })
})
