import { spawnSync } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterAll, describe, expect, it } from 'vitest'
import { openDb } from '../db/open'
import { accountByLogin, addAccount, addSession, changeAccount, sessionById } from '../db/queries/accounts'
import { trailLines } from '../db/queries/trail'
import { digest } from '../server/auth/secrets'

const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-recover-'))
const file = path.join(folder, 'clinic.sqlite')
afterAll(() => rmSync(folder, { recursive: true }))

const recover = (...words: readonly string[]) =>
  spawnSync(process.execPath, ['--import', 'tsx', 'scripts/recover-lead.ts', ...words], {
    encoding: 'utf8',
    env: { ...process.env, DUST_LANTERN_DATA: folder, DUST_LANTERN_KEYS: path.join(folder, 'keys') },
  })

describe('a lead who lost everything', () => {
  it('comes back by a code made at the computer itself, once, with what was lost taken away and all of it on the trail', { timeout: 60_000 }, () => {
    const db = openDb(file)
    addAccount(db, { id: 'lead', name: 'A lead', login: 'lead', role: 'lead', invitation: null, invitedUntil: null, password: 'x' }, 1)
    addAccount(db, { id: 'other', name: 'Another', login: 'other', role: 'practitioner', invitation: null, invitedUntil: null, password: 'x' }, 1)
    changeAccount(db, 'lead', { totp: 'a secret' })
    addSession(db, { id: 'theirs', account: 'lead', madeAt: 1, seenAt: 1, half: false, address: 'x', device: 'x' })
    db.$client.close()

    expect(recover('other')).toMatchObject({ status: 1, stderr: expect.stringMatching('Nothing was changed') as string })
    const done = recover('lead')
    expect(done.status, done.stderr).toBe(0)
    const code = /within an hour: (\S+)/.exec(done.stdout)?.[1] ?? ''
    const after = openDb(file)
    expect(accountByLogin(after, 'lead')).toMatchObject({ totp: null, invitation: digest(code), open: true })
    expect(sessionById(after, 'theirs')).toBeUndefined()
    expect(trailLines(after, {}, 5).map((line) => [line.what, line.about, line.address])).toContainEqual(['lead-recovered', 'lead', 'this computer'])
    after.$client.close()
  })
})
