import { copyFileSync, existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, utimesSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { generateIdentity, identityToRecipient } from 'age-encryption'
import { describe, expect, it } from 'vitest'
import { composedId } from '../core/record/compose'
import { clinicToSpoil, NOW } from '../tests/clinic-to-spoil'
import { backupsIn, makeBackup, pastBackups } from './backup'
import { copiesHoldingErased, ERASED_COPIES_DAYS, removeErasedCopies } from './copies'
import { listedErasures, listErasures } from './erasure-list'
import { openDb } from './open'
import { erasePerson } from './queries/erase'
import { allPeople, personByNumber } from './queries/people'
import { writeTrail } from './queries/trail'
import { finishRestore, isRestoring, restore } from './restore'
import { verifyFile } from './verify'

const clinic = clinicToSpoil()
const { file, places } = clinic
const DAY = 86_400_000

/** What somebody who opens the clinic finds; a restore that was ended is finished first, as a start does. */
function opened(): readonly number[] {
  finishRestore(clinic.folder)
  const db = openDb(file())
  const numbers = allPeople(db).map((person) => person.number)
  db.$client.close()
  expect(verifyFile(file()).ok).toBe(true)
  return numbers
}

describe('a restore that is ended', () => {
  it('at any of its steps leaves the old clinic or the new one as a whole, and never an empty one', async () => {
    const folder = path.join(clinic.folder, 'backups')
    await makeBackup({ file: file(), folder, recipient: '', now: NOW })
    const from = backupsIn(folder)[0]?.file ?? ''
    const before = allPeople(clinic.db).map((person) => person.number)
    const gone = personByNumber(clinic.db, 101)
    erasePerson(clinic.db, { id: composedId(NOW, 'erasure', 1), by: 'maren-oake', at: NOW + 1 }, gone?.id ?? '', 'asked for it')
    const after = allPeople(clinic.db).map((person) => person.number)
    clinic.db.$client.close()
    const steps: string[] = []
    await restore({ from, folder: clinic.folder, ...places(), now: NOW + 2, onStep: (step) => steps.push(step) })
    expect(steps.length).toBeGreaterThan(8)
    // Erased since: the backup holds them, and what was put back does not.
    expect(opened()).toEqual(after)
    for (const [n, step] of steps.entries()) {
      let done = 0
      const ended = restore({
        from,
        folder: clinic.folder,
        ...places(),
        now: NOW + 10 + n,
        onStep: () => {
          if (done++ === n) throw new Error('the power is cut')
        },
      })
      await expect(ended, step).rejects.toThrow('the power is cut')
      if (isRestoring(clinic.folder)) expect(() => openDb(file())).toThrow('was not finished')
      expect(opened(), step).toEqual(after)
      // The backup by itself, without what the clinic knows, is whole and as it was.
      const alone = mkdtempSync(path.join(tmpdir(), 'dust-lantern-alone-'))
      copyFileSync(from, path.join(alone, 'clinic.sqlite'))
      const db = openDb(path.join(alone, 'clinic.sqlite'))
      expect(allPeople(db).map((person) => person.number)).toEqual(before)
      db.$client.close()
      rmSync(alone, { recursive: true })
    }
  })

  it('beside what was moved aside no empty clinic is begun', () => {
    clinic.db.$client.close()
    copyFileSync(file(), `${file()}.2026-11-27T00-00-00.000Z.aside`)
    for (const name of ['clinic.sqlite', 'clinic.sqlite-wal', 'clinic.sqlite-shm', 'clinic.id']) rmSync(path.join(clinic.folder, name), { force: true })
    expect(() => openDb(file())).toThrow('moved aside here by a restore')
  })
})

describe('an encrypted backup', () => {
  it('is never plain beside the other backups, not even while it is made, and what a kill left goes', async () => {
    const folder = path.join(clinic.folder, 'backups')
    const recipient = await identityToRecipient(await generateIdentity())
    let plain = 0
    const look = setInterval(() => {
      for (const name of existsSync(folder) ? readdirSync(folder) : []) {
        if (readFileSync(path.join(folder, name)).subarray(0, 15).toString() === 'SQLite format 3') plain++
      }
    }, 1)
    writeFileSync(path.join(clinic.folder, '.backup-clinic-left.sqlite'), 'left by a kill')
    await makeBackup({ file: file(), folder, recipient, now: NOW })
    clearInterval(look)
    expect(plain).toBe(0)
    expect(readdirSync(folder)).toEqual([expect.stringMatching(/^clinic-\w+\.sqlite\.age$/)])
    expect(readdirSync(clinic.folder).filter((name) => name.startsWith('.backup-'))).toEqual([])
  })
})

describe('a person who was erased', () => {
  it('is on the list of erasures, in older copies that are named, and gone from them after their time; the newest backup stays', async () => {
    const folders = { dataFolder: clinic.folder, backupFolder: path.join(clinic.folder, 'backups') }
    await makeBackup({ file: file(), folder: folders.backupFolder, recipient: '', now: NOW })
    const upgrade = path.join(clinic.folder, 'clinic.sqlite.before-1')
    writeFileSync(upgrade, 'an older one')
    utimesSync(upgrade, NOW / 1000, NOW / 1000)
    expect(copiesHoldingErased(folders)).toEqual([])
    const person = personByNumber(clinic.db, 102)
    erasePerson(clinic.db, { id: composedId(NOW, 'erasure', 2), by: 'maren-oake', at: NOW + DAY }, person?.id ?? '', 'asked for it')
    listErasures(clinic.db, clinic.folder)
    listErasures(clinic.db, clinic.folder)
    expect(listedErasures(clinic.folder)).toHaveLength(1)
    expect(copiesHoldingErased(folders).map(({ kind, erased, until }) => [kind, erased, until])).toEqual([
      ['backup', 1, NOW + DAY + ERASED_COPIES_DAYS * DAY],
      ['before-upgrade', 1, NOW + DAY + ERASED_COPIES_DAYS * DAY],
    ])
    const over = NOW + (ERASED_COPIES_DAYS + 2) * DAY
    expect(removeErasedCopies(folders, over).map((one) => path.basename(one))).toEqual(['clinic.sqlite.before-1'])
    await makeBackup({ file: file(), folder: folders.backupFolder, recipient: '', now: over })
    expect(removeErasedCopies(folders, over)).toHaveLength(1)
    expect(copiesHoldingErased(folders)).toEqual([])
    expect(backupsIn(folders.backupFolder)).toHaveLength(1)
  })
})

describe('a clock that was ahead', () => {
  it('leaves backups that neither count as the newest nor let a real one go', async () => {
    const folder = path.join(clinic.folder, 'backups')
    const how = { file: file(), folder, recipient: '' }
    for (let day = 0; day < 7; day++) await makeBackup({ ...how, now: NOW + day * DAY })
    for (let day = 0; day < 9; day++) await makeBackup({ ...how, now: NOW + (365 + day) * DAY })
    const now = NOW + 7 * DAY
    const past = () => pastBackups(backupsIn(folder), now)
    const before = past().length
    expect(before).toBeGreaterThanOrEqual(3)
    expect(past()[0]?.at).toBe(NOW + 6 * DAY)
    await makeBackup({ ...how, now })
    expect(past()[0]?.at).toBe(now)
    expect(past().length).toBeGreaterThanOrEqual(before)
  })
})

it('the trail still takes a line after all of it', () => {
  writeTrail(clinic.db, { at: NOW, who: '', what: 'anchored', address: 'x' })
  expect(verifyFile(file()).ok).toBe(true)
})
