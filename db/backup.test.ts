import { readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { generateIdentity, identityToRecipient } from 'age-encryption'
import Database from 'better-sqlite3'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { clinicToSpoil, NOW, unguarded } from '../tests/clinic-to-spoil'
import { anchorFile, anchorNow, readAnchors } from './anchors'
import { backupsIn, makeBackup, type MakeBackup } from './backup'
import { keptOf } from './keep'
import { isInUse, takeLock } from './lock'
import { openDb } from './open'
import { writeTrail } from './queries/trail'
import { restore } from './restore'
import { verifyFile } from './verify'

const clinic = clinicToSpoil()
const { file, places, byHand } = clinic

const makeHere = (how: Omit<MakeBackup, 'file'>) => makeBackup({ file: file(), ...how })
const sorted = (all: readonly unknown[]) => all.map((row) => JSON.stringify(row)).toSorted()

/** Every row of every table but sessions, which a restore ends. */
function rows(from: string): Readonly<Record<string, unknown>> {
  const client = new Database(from, { readonly: true })
  const tables = client
    .prepare(`SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT IN ('sessions') AND name NOT LIKE 'sqlite_%'`)
    .pluck()
    .all() as string[]
  const all = Object.fromEntries(tables.map((table) => [table, sorted(client.prepare(`SELECT * FROM "${table}"`).all())]))
  client.close()
  return all
}
describe('a backup', () => {
  it('restored is equal row by row; the old data is moved aside; whoever was signed in is not again', async () => {
    const made = await makeHere({ folder: path.join(clinic.folder, 'backups'), recipient: '', now: NOW })
    expect(made).toMatchObject({ ok: true, verified: { ok: true } })
    const [backup] = backupsIn(path.join(clinic.folder, 'backups'))
    expect(backup?.at).toBe(NOW)
    expect(statSync(backup?.file ?? '').mode & 0o077).toBe(0)
    const before = rows(file())
    const anchor = anchorNow(clinic.db, places(), NOW)
    writeTrail(clinic.db, { at: NOW, who: 'maren-oake', what: 'signed-out', address: 'x' })
    const later = anchorNow(clinic.db, places(), NOW + 1)
    clinic.db.$client.close()
    const came = await restore({ from: backup?.file ?? '', folder: clinic.folder, ...places(), now: NOW })
    expect(came).toMatchObject({ ok: true, older: expect.stringMatching(/The clinic had \d{3,} entries/) as string })
    // Anchors of what came after are kept apart; one of what is here still fits.
    const anchors = anchorFile(places().anchorFolder, anchor.clinic)
    expect(readAnchors(readFileSync(anchors, 'utf8')).anchors).toEqual([anchor])
    expect(readAnchors(readFileSync(anchors.replace('.jsonl', '.superseded.jsonl'), 'utf8')).anchors).toEqual([later])
    expect(verifyFile(file(), { anchors: [later] }).breaks[0]?.what).toMatch('its end was cut')
    expect(rows(file())).toEqual(before)
    expect(came.ok && came.aside && rows(came.aside)).not.toEqual(before)
    openDb(file()).$client.close()
    expect(verifyFile(file()).ok).toBe(true)
  })

  it('encrypted is opened by its key alone, and a damaged or foreign file touches nothing', async () => {
    const identity = await generateIdentity()
    const how = { folder: path.join(clinic.folder, 'backups'), recipient: await identityToRecipient(identity), now: NOW }
    expect(await makeHere(how)).toMatchObject({ ok: true, backup: { encrypted: true } })
    const [backup] = backupsIn(how.folder)
    expect(readFileSync(backup?.file ?? '').includes('SQLite format')).toBe(false)
    const before = rows(file())
    clinic.db.$client.close()
    const from = backup?.file ?? ''
    for (const bad of [undefined, await generateIdentity()]) {
      expect((await restore({ from, folder: clinic.folder, ...(bad !== undefined && { identity: bad }), ...places(), now: NOW })).ok).toBe(false)
    }
    writeFileSync(path.join(clinic.folder, 'bad.sqlite'), readFileSync(file()).subarray(0, 40_000))
    expect(await restore({ from: path.join(clinic.folder, 'bad.sqlite'), folder: clinic.folder, ...places(), now: NOW })).toMatchObject({ ok: false })
    expect(rows(file())).toEqual(before)
    expect(await restore({ from, folder: clinic.folder, identity, ...places(), now: NOW })).toMatchObject({ ok: true })
    expect(rows(file())).toEqual(before)
  })

  it('of a clinic that does not verify is not kept, and none goes for it; a server that runs is not restored under', async () => {
    const lock = takeLock(clinic.folder)
    expect([lock.ok, takeLock(clinic.folder).ok, isInUse(clinic.folder)]).toEqual([true, false, true])
    expect(await restore({ from: file(), folder: clinic.folder, ...places(), now: NOW })).toMatchObject({
      ok: false,
      what: expect.stringMatching('runs on this folder') as string,
    })
    if (lock.ok) lock.release()
    // What an earlier program left after a power cut, with a number that another process has by now, is nobody's.
    writeFileSync(path.join(clinic.folder, 'clinic.lock'), `${process.pid}\n`)
    expect(isInUse(clinic.folder)).toBe(false)
    byHand(unguarded((c) => c.exec(`UPDATE people SET name = 'x' WHERE number = 101`)))
    clinic.db = openDb(file())
    expect(await makeHere({ folder: path.join(clinic.folder, 'backups'), recipient: '', now: NOW })).toMatchObject({ ok: false })
    expect(readdirSync(path.join(clinic.folder, 'backups'))).toEqual([])
  })

  it('made before a restore lets none go: the one that was asked for is still there', async () => {
    const how = { folder: path.join(clinic.folder, 'backups'), recipient: '' }
    for (const [now, prune] of [
      [NOW, true],
      [NOW + 60_000, false],
      [NOW + 120_000, true],
    ] as const)
      await makeHere({ ...how, now, prune })
    expect(backupsIn(how.folder).map((backup) => backup.at)).toEqual([NOW + 120_000])
    await makeHere({ ...how, now: NOW + 180_000, prune: false })
    expect(backupsIn(how.folder)).toHaveLength(2)
  })

  it('is kept by the rule: seven days, five weeks, twelve months, and always the newest', () => {
    const day = 86_400_000
    const daily = Array.from({ length: 800 }, (_, i) => NOW - i * day)
    const kept = keptOf(daily)
    expect(kept.length).toBeLessThanOrEqual(7 + 5 + 12)
    expect(kept.length).toBeGreaterThanOrEqual(20)
    expect(kept.slice(0, 7)).toEqual(daily.slice(0, 7))
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 4e12 }), { minLength: 1, maxLength: 60 }), (times) => {
        const left = keptOf(times)
        expect(left).toContain(Math.max(...times))
        expect(left.length).toBeLessThanOrEqual(Math.max(24, times.length - new Set(times).size + 24))
        expect(keptOf(left)).toEqual(left)
      }),
    )
  })
})
