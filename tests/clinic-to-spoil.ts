import { copyFileSync, mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import Database from 'better-sqlite3'
import { afterEach, beforeEach } from 'vitest'
import { composedId } from '../core/record/compose'
import { fillDemoClinic } from '../db/demo/clinic'
import { type Db, openDb } from '../db/open'
import { addAccount, addSession, changeAccount } from '../db/queries/accounts'
import { writeOverride } from '../db/queries/clinic'
import { rebuildFindings } from '../db/queries/rebuild-findings'
import { writeTrail } from '../db/queries/trail'
import { teachSealing } from '../db/sealing'

export const TODAY = new Date(2026, 10, 26, 9)
export const NOW = TODAY.getTime()

/** A clinic on disk that a test may spoil: each has a copy of its own. */
interface Spoiled {
  db: Db
  folder: string
  readonly file: () => string
  /** Where its key and its anchors lie. */
  readonly places: () => { readonly keyFolder: string; readonly anchorFolder: string }
  /** Work on the file with the driver alone, as somebody with the file and a shell would. */
  readonly byHand: (work: (client: Database.Database) => void, knows?: boolean) => void
}

let model: string | null = null

/** Filled once; each test works on a copy. */
function modelClinic(): string {
  if (model !== null) return model
  model = mkdtempSync(path.join(tmpdir(), 'dust-lantern-model-'))
  const filled = openDb(path.join(model, 'clinic.sqlite'))
  fillDemoClinic(filled, TODAY)
  writeOverride(filled, { id: composedId(NOW, 'own', 1), by: 'Maren Oake', at: NOW }, { row: 'A02', figures: null, source: 'our audit' })
  addAccount(filled, { id: 'lead', name: 'A lead', login: 'lead', role: 'lead', invitation: null, invitedUntil: null, password: 'x' }, NOW)
  addAccount(filled, { id: 'other', name: 'Another', login: 'other', role: 'practitioner', invitation: null, invitedUntil: null, password: 'x' }, NOW)
  changeAccount(filled, 'lead', { totp: 'a secret' })
  addSession(filled, { id: 'a-session', account: 'lead', madeAt: NOW, seenAt: NOW, half: false, address: 'x', device: 'x' })
  writeTrail(filled, { at: NOW, who: 'maren-oake', what: 'signed-in', address: '127.0.0.1' })
  rebuildFindings(filled)
  filled.$client.close()
  return model
}

/** Gives every test of a file a clinic to spoil. Called once, at the top of it. */
export function clinicToSpoil(): Spoiled {
  const file = () => path.join(clinic.folder, 'clinic.sqlite')
  const clinic = {
    file,
    places: () => ({ keyFolder: path.join(clinic.folder, 'keys'), anchorFolder: path.join(clinic.folder, 'anchors') }),
    byHand: (work, knows = false) => {
      clinic.db.$client.close()
      const client = new Database(file())
      if (knows) teachSealing(client)
      work(client)
      client.close()
    },
  } as Spoiled
  beforeEach(() => {
    const from = modelClinic()
    clinic.folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-trust-'))
    for (const name of readdirSync(from)) copyFileSync(path.join(from, name), path.join(clinic.folder, name))
    clinic.db = openDb(file())
  })
  afterEach(() => {
    if (clinic.db.$client.open) clinic.db.$client.close()
    rmSync(clinic.folder, { recursive: true, force: true })
  })
  return clinic
}

/** With every trigger taken away, and put back afterwards, so that nothing but the change itself is there to be found. */
export const unguarded = (change: (client: Database.Database) => void) => (client: Database.Database) => {
  const triggers = client.prepare(`SELECT name, sql FROM sqlite_master WHERE type = 'trigger'`).all() as { name: string; sql: string }[]
  for (const { name } of triggers) client.exec(`DROP TRIGGER "${name}"`)
  client.pragma('foreign_keys = OFF')
  change(client)
  for (const { sql } of triggers) client.exec(sql)
}
