// Sets process.env.DUST_LANTERN_DATA = through the clinic on disk: these tests stand alone.
import { chmodSync, mkdirSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import { describe, expect, it } from 'vitest'
import { db } from '../db'
import { clinicOnDisk } from '../tests/clinic-on-disk'
import { condition, noteTrouble, setCondition, troubleOf } from './condition'
import { backUp } from './daily'
import { examine } from './doctor'
import { environment, readEnvironment } from './environment'

const folder = clinicOnDisk({ DUST_LANTERN_DEMO: 'no' })
const wrongs = (env = environment(), now = Date.now()) =>
  examine(env, now)
    .filter((one) => one.level === 'wrong')
    .map((one) => one.what)

describe('the doctor', () => {
  it('finds an installation without a backup wanting, and after one nothing wrong; each wrong thing says what to do', async () => {
    expect(wrongs()).toEqual([expect.stringMatching('no backup')])
    expect(await backUp('', 'test')).toMatchObject({ ok: true })
    expect(wrongs()).toEqual([])
    for (const one of examine(environment(), Date.now())) expect(one.level === 'good' || (one.do ?? '') !== '').toBe(true)
  })

  it('names a clock that was set back, an old backup, an open folder, a broken chain, a key beside the data, and a clinic that is gone', async () => {
    await backUp('', 'test')
    const now = Date.now()
    expect(wrongs(environment(), now - 3_600_000)).toEqual([expect.stringMatching('clock is behind')])
    expect(wrongs(environment(), now + 3 * 86_400_000)).toEqual([expect.stringMatching('3 days old')])
    chmodSync(folder(), 0o755)
    expect(wrongs()).toEqual([expect.stringMatching('can read')])
    chmodSync(folder(), 0o700)
    expect(wrongs({ ...environment(), keyFolder: path.join(folder(), 'keys') })).toEqual([expect.stringMatching('beside the data')])
    db().$client.exec('DROP TRIGGER seals_never_change; UPDATE seals SET content = hash WHERE n = 1')
    expect(wrongs()).toEqual([expect.stringMatching('chain is broken')])
    expect(wrongs({ ...environment(), dataFolder: path.join(folder(), 'nowhere') })).toEqual([expect.stringMatching('no clinic')])
  })

  it('looks at a certificate, and at a network without one', async () => {
    await backUp('', 'test')
    // Self-signed, for tests alone; good until 2126.
    const tls = { ...environment(), tls: { cert: 'tests/tls/cert.pem', key: 'tests/tls/key.pem' } }
    expect(wrongs(tls)).toEqual([])
    expect(wrongs(tls, Date.UTC(2130, 0, 1))).toContainEqual('The certificate is over.')
    const cert = path.join(folder(), 'cert.pem')
    writeFileSync(cert, 'not one')
    expect(wrongs({ ...tls, tls: { cert, key: cert } })).toEqual([expect.stringMatching('cannot be read')])
    expect(wrongs({ ...environment(), address: '0.0.0.0' })).toEqual([expect.stringMatching('without TLS')])
  })
})

describe('the disk', () => {
  it('is told by the codes of its errors, and by nothing else', () => {
    for (const [code, kind] of [
      ['SQLITE_FULL', 'full'],
      ['ENOSPC', 'full'],
      ['SQLITE_READONLY_DIRECTORY', 'read-only'],
      ['EROFS', 'read-only'],
      ['SQLITE_CORRUPT', 'damaged'],
      ['SQLITE_IOERR_WRITE', 'damaged'],
    ] as const) {
      expect(troubleOf(Object.assign(new Error('x'), { code }))?.kind, code).toBe(kind)
    }
    for (const error of [new Error('SQLITE_FULL'), { code: 'SQLITE_BUSY' }, null, 'text', { code: 7 }]) expect(troubleOf(error)).toBeNull()
  })

  it('that took nothing is looked at again, and is well once it takes something', () => {
    setCondition({ kind: 'well' })
    noteTrouble(Object.assign(new Error('full'), { code: 'SQLITE_FULL' }))
    expect(condition(Date.now()).kind).toBe('full')
    expect(['well', 'short']).toContain(condition(Date.now() + 6000).kind)
    process.env.DUST_LANTERN_DATA = path.join(folder(), 'no', 'such', 'folder')
    expect(condition(Date.now() + 120_000).kind).not.toBe('well')
    process.env.DUST_LANTERN_DATA = folder()
    mkdirSync(folder(), { recursive: true })
    setCondition({ kind: 'well' })
  })

  it('is looked at with the first question, and not only a minute after the start', () => {
    process.env.DUST_LANTERN_DATA = path.join(folder(), 'no', 'such', 'folder')
    setCondition({ kind: 'well' })
    expect(condition(Date.now()).kind).not.toBe('well')
    process.env.DUST_LANTERN_DATA = folder()
    setCondition({ kind: 'well' })
  })
})

describe('the environment', () => {
  it('keeps the demo on this machine unless it is said twice, and wants both files of a certificate', () => {
    expect(() => readEnvironment({ DUST_LANTERN_DEMO: 'yes', HOST_ADDRESS: '0.0.0.0' })).toThrow('DEMO_ON_NETWORK=yes')
    expect(readEnvironment({ DUST_LANTERN_DEMO: 'yes', HOST_ADDRESS: '0.0.0.0', DEMO_ON_NETWORK: 'yes' }).demo).toBe(true)
    expect(readEnvironment({ DUST_LANTERN_DEMO: 'yes', HOST_ADDRESS: '127.0.0.5' }).demo).toBe(true)
    expect(() => readEnvironment({ TLS_CERT: 'a' })).toThrow('go together')
    expect(() => readEnvironment({ BACKUP_RECIPIENT: 'ssh-ed25519 x' })).toThrow('age')
    expect(() => readEnvironment({ DUST_LANTERN_DEMO: 'perhaps' })).toThrow('yes or no')
  })
})
