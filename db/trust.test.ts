// Sets process.env.DUST_LANTERN_DATA = through the clinic on disk: these tests stand alone.
import { chmodSync, copyFileSync, existsSync, mkdtempSync, readdirSync, readFileSync, renameSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { generateIdentity, identityToRecipient } from 'age-encryption'
import Database from 'better-sqlite3'
import fc from 'fast-check'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { composedId } from '../core/record/compose'
import { type Anchor, anchorFile, anchorKey, anchorNow, readAnchors } from './anchors'
import { backupNow, backupsIn } from './backup'
import { fillDemoClinic } from './demo/clinic'
import { keptOf } from './keep'
import { lockedBy, takeLock } from './lock'
import { type Db, openDb } from './open'
import { writeOverride } from './queries/clinic'
import { erasePerson } from './queries/erase'
import { examHeads, examsOfPerson } from './queries/exams'
import { recordOf } from './queries/ledger'
import { overviewsFound } from './queries/overviews'
import { peopleFound } from './queries/people'
import { mergePeople } from './queries/person-changes'
import { rebuildFindings } from './queries/rebuild-findings'
import { writeTrail } from './queries/trail'
import { moveAside, restore } from './restore'
import { SEALED, teachSealing } from './sealing'
import { verifyFile } from './verify'

const TODAY = new Date(2026, 10, 26, 9)
const NOW = TODAY.getTime()
/** Filled once; each test works on a copy. */
const model = mkdtempSync(path.join(tmpdir(), 'dust-lantern-model-'))
const filled = openDb(path.join(model, 'clinic.sqlite'))
fillDemoClinic(filled, TODAY)
writeOverride(filled, { id: composedId(NOW, 'own', 1), by: 'Maren Oake', at: NOW }, { row: 'A02', figures: null, source: 'our audit' })
writeTrail(filled, { at: NOW, who: 'maren-oake', what: 'signed-in', address: '127.0.0.1' })
rebuildFindings(filled)
filled.$client.close()

let folder: string
let db: Db
const file = () => path.join(folder, 'clinic.sqlite')
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-trust-'))
  for (const name of readdirSync(model)) copyFileSync(path.join(model, name), path.join(folder, name))
  db = openDb(file())
})
afterEach(() => {
  if (db.$client.open) db.$client.close()
  rmSync(folder, { recursive: true, force: true })
})

const places = () => ({ keyFolder: path.join(folder, 'keys'), anchorFolder: path.join(folder, 'anchors') })

/** Work on the file with the driver alone, as somebody with the file and a shell would. */
function byHand(work: (client: Database.Database) => void, knows = false): void {
  db.$client.close()
  const client = new Database(file())
  if (knows) teachSealing(client)
  work(client)
  client.close()
}

/** With every trigger taken away, and put back afterwards, so that nothing but the change itself is there to be found. */
const unguarded = (change: (client: Database.Database) => void) => (client: Database.Database) => {
  const triggers = client.prepare(`SELECT name, sql FROM sqlite_master WHERE type = 'trigger'`).all() as { name: string; sql: string }[]
  for (const { name } of triggers) client.exec(`DROP TRIGGER "${name}"`)
  client.pragma('foreign_keys = OFF')
  change(client)
  for (const { sql } of triggers) client.exec(sql)
}

const TAMPERINGS: Readonly<Record<string, (client: Database.Database) => void>> = {
  'a name': (c) => c.exec(`UPDATE people SET name = 'Somebody Else' WHERE number = 101`),
  'a date of birth': (c) => c.exec(`UPDATE people SET born = '1950-01-01' WHERE number = 101`),
  'the date of an examination': (c) => c.exec('UPDATE exams SET at = at - 86400000 WHERE id = (SELECT id FROM exams LIMIT 1)'),
  'an examination moved to another person': (c) =>
    c.exec('UPDATE exams SET person_id = (SELECT id FROM people WHERE number = 102) WHERE person_id = (SELECT id FROM people WHERE number = 101)'),
  'records swapped between two people': (c) =>
    c.exec(`CREATE TEMP TABLE two AS SELECT id, person_id FROM exams ORDER BY id LIMIT 2;
      UPDATE exams SET person_id = (SELECT person_id FROM two WHERE two.id <> exams.id) WHERE id IN (SELECT id FROM two)`),
  'a word in an entry': (c) => c.exec(`UPDATE exam_events SET event = replace(event, 'exam-opened', 'exam-Opened') WHERE seq = 1`),
  'an entry removed in the middle': (c) => c.exec('DELETE FROM exam_events WHERE seq = 3'),
  'the tail of a record cut': (c) => c.exec('DELETE FROM exam_events WHERE seq > 4'),
  'an examination gone as a whole': (c) =>
    c.exec(`CREATE TEMP TABLE one AS SELECT id FROM exams LIMIT 1; DELETE FROM exam_events WHERE exam_id IN one; DELETE FROM findings WHERE exam_id IN one;
      DELETE FROM overviews WHERE exam_id IN one; DELETE FROM exams WHERE id IN one`),
  'a person gone': (c) => c.exec('DELETE FROM people WHERE number = 112'),
  'own figures changed': (c) => c.exec(`UPDATE evidence_overrides SET source = 'another source'`),
  'own figures removed': (c) => c.exec('DELETE FROM evidence_overrides'),
  'an entry of an examination put in beside the program': (c) =>
    c.exec(`INSERT INTO exam_events SELECT exam_id, 9999, 'id-beside', event, hash, hash FROM exam_events LIMIT 1`),
  'own figures put in beside the program': (c) => c.exec(`INSERT INTO evidence_overrides VALUES ('x', 'y', 1, 'A02', NULL, 'z')`),
  'a role raised': (c) => c.exec(`INSERT INTO accounts (id, login, role, made_at) VALUES ('maren-oake', 'x', 'lead', 1)`),
  'the trail changed': (c) => c.exec(`UPDATE trail SET what = 'signed-out'`),
  'the trail cut': (c) => c.exec('DELETE FROM trail'),
  'a link of the chain changed': (c) => c.exec(`UPDATE seals SET content = hash WHERE n = 20`),
  'links of the chain cut at the end': (c) => c.exec('DELETE FROM seals WHERE n > 300'),
  'a link removed in the middle': (c) => c.exec('DELETE FROM seals WHERE n = 100'),
  'the chain gone': (c) => c.exec('DELETE FROM seals'),
  'a chain of one record computed anew': (c) => {
    teachSealing(c)
    c.exec(
      `UPDATE exam_events SET event = '{}', hash = seal_link(previous_hash, '{}') WHERE seq = (SELECT max(seq) FROM exam_events e WHERE e.exam_id = exam_events.exam_id)`,
    )
  },
}

describe('what other hands changed', () => {
  it('a clinic nobody touched verifies, and looking writes nothing', () => {
    db.$client.close()
    const before = readFileSync(file())
    expect(verifyFile(file())).toMatchObject({ ok: true, breaks: [] })
    expect(verifyFile(file()).entries).toBeGreaterThan(400)
    expect(readFileSync(file()).equals(before)).toBe(true)
  })

  it.each(Object.keys(TAMPERINGS))('%s is found', (name) => {
    byHand(unguarded(TAMPERINGS[name] ?? (() => undefined)))
    const { ok, breaks } = verifyFile(file())
    expect(ok).toBe(false)
    expect(breaks.length).toBeGreaterThan(0)
    for (const { where, what } of breaks) expect(`${where}: ${what}`).toMatch(/\w: \w/)
  })

  it('triggers that are gone, changed or added are named', () => {
    byHand((c) => {
      c.exec('DROP TRIGGER exam_events_never_change; DROP TRIGGER people_sealed')
      c.exec('CREATE TRIGGER people_sealed AFTER INSERT ON people BEGIN SELECT 1; END; CREATE TRIGGER more AFTER INSERT ON people BEGIN SELECT 1; END')
    })
    expect(verifyFile(file()).breaks.map(({ where, what }) => `${where} ${what}`)).toEqual([
      'trigger people_sealed was changed',
      'trigger exam_events_never_change is gone',
      'trigger more is none of this program',
    ])
  })

  it('with its triggers in place nothing is changed, removed or replaced at all, and no other program adds a row', () => {
    byHand((c) => {
      for (const table of ['exam_events', 'evidence_overrides', 'trail', 'seals', 'settings', 'own_rules']) {
        if (c.prepare(`SELECT count(*) FROM ${table}`).pluck().get() === 0) continue
        expect(() => c.exec(`UPDATE ${table} SET rowid = rowid`), table).toThrow('never changed')
        expect(() => c.exec(`DELETE FROM ${table}`), table).toThrow('never removed')
      }
      for (const table of ['people', 'exams', 'practitioners', 'clinic']) expect(() => c.exec(`DELETE FROM ${table}`), table).toThrow('never removed')
      expect(() => c.exec(`UPDATE people SET name = 'x'`)).toThrow('no such function')
      expect(() => c.exec(`INSERT INTO people VALUES ('x', 1, 'x', NULL, '', 1, '')`)).toThrow('no such function')
    })
    byHand((c) => {
      const before = c.prepare('SELECT * FROM exams').all()
      c.exec(`INSERT OR REPLACE INTO exams SELECT id, person_id, 1 FROM exams`)
      c.exec(`INSERT OR REPLACE INTO people SELECT id, number, 'x', born, work, added_at, salt FROM people`)
      expect(c.prepare('SELECT * FROM exams').all()).toEqual(before)
      expect(() => c.exec(`INSERT OR REPLACE INTO exam_events SELECT exam_id, seq, id, '{}', previous_hash, hash FROM exam_events`)).toThrow(
        'a row of this number',
      )
      expect(() => c.exec(`INSERT OR REPLACE INTO people SELECT 'new', number, 'x', born, work, added_at, salt FROM people`)).toThrow('of this number')
    }, true)
    expect(verifyFile(file()).ok).toBe(true)
  })

  it('every column of what stands under the chain is hashed by its triggers', () => {
    const triggers = db.$client.prepare(`SELECT name, sql FROM sqlite_master WHERE type = 'trigger' AND name LIKE '%_sealed%'`).all() as {
      name: string
      sql: string
    }[]
    for (const [table, { columns }] of Object.entries(SEALED)) {
      const own = triggers.filter(({ name }) => name === `${table}_sealed` || name === `${table}_sealed_anew`)
      expect(own.length, table).toBeGreaterThan(0)
      for (const { sql } of own) expect(sql, table).toContain(`json_array(${columns.map((column) => `NEW.\`${column}\``).join(', ')})`)
      const there = (db.$client.pragma(`table_info(${table})`) as { name: string }[]).map((column) => column.name)
      if (table !== 'accounts') expect([...columns].toSorted(), table).toEqual(there.toSorted())
    }
  })

  it('a chain that is written anew as a whole is found by an anchor, and so is a tail cut from everything', () => {
    const anchor = anchorNow(db, places(), NOW)
    const key = anchorKey(places().keyFolder, anchor.clinic)
    const against = { anchors: [anchor], publicKey: key }
    db.$client.close()
    expect(verifyFile(file(), against)).toMatchObject({ ok: true, anchors: 1 })
    const rewrite = (c: Database.Database) => {
      teachSealing(c)
      c.exec(`UPDATE people SET name = 'Somebody Else' WHERE number = 101`)
      const { columns } = SEALED.people
      c.exec(
        `UPDATE seals SET content = (SELECT seal_content(json_array(${columns.join(', ')})) FROM people WHERE people.id = seals.row) WHERE kind = 'people'`,
      )
      const set = c.prepare('UPDATE seals SET previous_hash = ?, hash = seal_link(?, json_array(n, at, kind, row, content)) WHERE n = ?')
      let hash = ''
      for (const n of c.prepare('SELECT n FROM seals ORDER BY n').pluck().all() as number[]) {
        set.run(hash, hash, n)
        hash = c.prepare('SELECT hash FROM seals WHERE n = ?').pluck().get(n) as string
      }
    }
    byHand(unguarded(rewrite))
    // By itself it looks whole: that is what the anchor is for.
    expect(verifyFile(file()).ok).toBe(true)
    expect(verifyFile(file(), against).breaks).toEqual([{ where: `anchor of ${TODAY.toISOString()}`, what: expect.stringMatching('written anew') as string }])
    const forged: Anchor = { ...anchor, hash: '0'.repeat(64) }
    expect(verifyFile(file(), { anchors: [forged], publicKey: key }).breaks[0]?.what).toMatch('not signed')
    expect(readAnchors(`${readFileSync(anchorFile(places().anchorFolder, anchor.clinic), 'utf8')}\nnot one\n`)).toEqual({ anchors: [anchor], bad: [3] })
    for (const secret of readdirSync(places().keyFolder).filter((name) => name.endsWith('.key'))) {
      expect(statSync(path.join(places().keyFolder, secret)).mode & 0o077).toBe(0)
    }
  })

  it('nothing there, or something else there, is not called unbroken', () => {
    db.$client.close()
    expect(verifyFile(path.join(folder, 'nowhere.sqlite'))).toMatchObject({ ok: false, entries: 0 })
    expect(existsSync(path.join(folder, 'nowhere.sqlite'))).toBe(false)
    writeFileSync(path.join(folder, 'text.sqlite'), 'this is no database at all, but it is long enough to be taken for one'.repeat(30))
    expect(verifyFile(path.join(folder, 'text.sqlite')).ok).toBe(false)
    new Database(path.join(folder, 'empty.sqlite')).close()
    expect(verifyFile(path.join(folder, 'empty.sqlite')).breaks[0]?.what).toMatch('no table')
    const whole = readFileSync(file())
    writeFileSync(path.join(folder, 'cut.sqlite'), whole.subarray(0, Math.floor(whole.length / 2)))
    expect(verifyFile(path.join(folder, 'cut.sqlite')).ok).toBe(false)
  })
})

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
    const made = await backupNow(db, { folder: path.join(folder, 'backups'), recipient: '', now: NOW })
    expect(made).toMatchObject({ ok: true, verified: { ok: true } })
    const [backup] = backupsIn(path.join(folder, 'backups'))
    expect(backup?.at).toBe(NOW)
    expect(statSync(backup?.file ?? '').mode & 0o077).toBe(0)
    const before = rows(file())
    const anchor = anchorNow(db, places(), NOW)
    writeTrail(db, { at: NOW, who: 'maren-oake', what: 'signed-out', address: 'x' })
    const later = anchorNow(db, places(), NOW + 1)
    db.$client.close()
    const came = await restore({ from: backup?.file ?? '', folder, ...places(), now: NOW })
    expect(came).toMatchObject({ ok: true, older: expect.stringMatching('The clinic had 457 entries') as string })
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
    const how = { folder: path.join(folder, 'backups'), recipient: await identityToRecipient(identity), now: NOW }
    expect(await backupNow(db, how)).toMatchObject({ ok: true, backup: { encrypted: true } })
    const [backup] = backupsIn(how.folder)
    expect(readFileSync(backup?.file ?? '').includes('SQLite format')).toBe(false)
    const before = rows(file())
    db.$client.close()
    const from = backup?.file ?? ''
    for (const bad of [undefined, await generateIdentity()]) {
      expect((await restore({ from, folder, ...(bad !== undefined && { identity: bad }), ...places(), now: NOW })).ok).toBe(false)
    }
    writeFileSync(path.join(folder, 'bad.sqlite'), readFileSync(file()).subarray(0, 40_000))
    expect(await restore({ from: path.join(folder, 'bad.sqlite'), folder, ...places(), now: NOW })).toMatchObject({ ok: false })
    expect(rows(file())).toEqual(before)
    expect(await restore({ from, folder, identity, ...places(), now: NOW })).toMatchObject({ ok: true })
    expect(rows(file())).toEqual(before)
  })

  it('of a clinic that does not verify is not kept, and none goes for it; a server that runs is not restored under', async () => {
    expect(takeLock(folder)).toMatchObject({ ok: true })
    expect(lockedBy(folder)).toBe(process.pid)
    expect(await restore({ from: file(), folder, ...places(), now: NOW })).toMatchObject({
      ok: false,
      what: expect.stringMatching('runs on this folder') as string,
    })
    rmSync(path.join(folder, 'clinic.lock'))
    writeFileSync(path.join(folder, 'clinic.lock'), '999999999\n')
    expect(lockedBy(folder)).toBeNull()
    byHand(unguarded((c) => c.exec(`UPDATE people SET name = 'x' WHERE number = 101`)))
    db = openDb(file())
    expect(await backupNow(db, { folder: path.join(folder, 'backups'), recipient: '', now: NOW })).toMatchObject({ ok: false })
    expect(readdirSync(path.join(folder, 'backups'))).toEqual([])
  })

  it('made before a restore lets none go: the one that was asked for is still there', async () => {
    const how = { folder: path.join(folder, 'backups'), recipient: '' }
    for (const [now, prune] of [
      [NOW, true],
      [NOW + 60_000, false],
      [NOW + 120_000, true],
    ] as const)
      await backupNow(db, { ...how, now, prune })
    expect(backupsIn(how.folder).map((backup) => backup.at)).toEqual([NOW + 120_000])
    await backupNow(db, { ...how, now: NOW + 180_000, prune: false })
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

describe('the file', () => {
  it('is its own user’s alone, and so is its folder', () => {
    for (const name of ['clinic.sqlite', 'clinic.id']) expect(statSync(path.join(folder, name)).mode & 0o077, name).toBe(0)
    expect(statSync(folder).mode & 0o077).toBe(0)
  })

  it('of a clinic that is gone is not begun anew; a log without its file is not played into an empty one', () => {
    db.$client.close()
    renameSync(file(), path.join(folder, 'elsewhere.sqlite'))
    expect(() => openDb(file())).toThrow('a clinic was here')
    rmSync(path.join(folder, 'clinic.id'))
    writeFileSync(`${file()}-wal`, 'left behind')
    expect(() => openDb(file())).toThrow('without its database')
    rmSync(`${file()}-wal`)
    openDb(file()).$client.close()
    // Another clinic's file in the place of this one.
    rmSync(file())
    renameSync(path.join(folder, 'elsewhere.sqlite'), file())
    expect(() => openDb(file())).toThrow('Another clinic')
    expect(moveAside(folder, NOW)).not.toBeNull()
    expect(existsSync(path.join(folder, 'clinic.id'))).toBe(false)
  })

  it('of a newer program is refused with words; before an upgrade a copy is made', () => {
    const newest = db.$client.prepare('SELECT max(created_at) FROM __drizzle_migrations').pluck().get() as number
    db.$client.exec(`INSERT INTO __drizzle_migrations (hash, created_at) VALUES ('newer', ${newest + 1000})`)
    db.$client.close()
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
    rmSync(path.join(folder, 'clinic.id'))
    const upgraded = openDb(file())
    expect(examHeads(upgraded).map((head) => head.person.name)).toEqual(['Somebody'])
    upgraded.$client.close()
    expect(verifyFile(file())).toMatchObject({ ok: true })
    const copy = readdirSync(folder).find((name) => name.includes('.before-'))
    const kept = new Database(path.join(folder, copy ?? ''), { readonly: true })
    expect(kept.prepare('SELECT name FROM people').pluck().all()).toEqual(['Somebody'])
    expect(kept.prepare(`SELECT count(*) FROM sqlite_master WHERE name = 'seals'`).pluck().get()).toBe(0)
    kept.close()
  })

  it('that can only be read is told by its code', () => {
    if (process.getuid?.() === 0) return
    db.$client.close()
    chmodSync(file(), 0o400)
    expect(() => openDb(file())).toThrow(expect.objectContaining({ code: expect.stringMatching('READONLY|CANTOPEN') as string }))
  })
})

describe('a person who is erased', () => {
  const written = (n: number) => ({ id: composedId(NOW, 'erase', n), by: 'wenna', at: NOW })

  it('is gone with everything about them, also under a number that was joined; the chain still verifies', () => {
    const heads = examHeads(db)
    const [one, two] = ['Imre Talvane', 'Odalys Brightmoor'].map((name) => heads.find((head) => head.person.name === name))
    if (!one || !two) throw new Error('The demo has both.')
    mergePeople(
      db,
      { id: composedId(NOW, 'merge', 1), by: 'Maren Oake', practitioner: 'maren-oake', at: NOW, why: 'the same person' },
      two.person.id,
      one.person.id,
    )
    const entries = recordOf(db, one.id).events.length + recordOf(db, two.id).events.length
    expect(erasePerson(db, written(1), one.person.id, 'asked for it')).toEqual({ ok: true, erased: { exams: 2, entries, changes: 1 } })
    expect(erasePerson(db, written(1), one.person.id, 'asked for it')).toMatchObject({ ok: true })
    expect(erasePerson(db, written(2), one.person.id, 'again')).toMatchObject({ ok: false })
    expect(examsOfPerson(db, one.person.id)).toEqual([])
    expect(recordOf(db, one.id).seq).toBe(0)
    expect(peopleFound(db, 'talvane', 5)).toEqual([])
    expect(overviewsFound(db, 'bell-founder', 5).map((row) => row.name)).not.toContain('Imre Talvane')
    db.$client.close()
    const verified = verifyFile(file())
    expect(verified.breaks).toEqual([])
    const bytes = readFileSync(file())
    for (const word of ['Imre Talvane', 'Odalys Brightmoor', 'bell-founder', 'ferry purser', one.id.replaceAll('-', '') + 'x'])
      expect(bytes.includes(word), word).toBe(false)
  })

  it('nobody goes without an erasure on record', () => {
    byHand((c) => {
      expect(() => c.exec(`DELETE FROM people`)).toThrow('never removed')
      expect(() => c.exec(`DELETE FROM exams`)).toThrow('never removed')
    }, true)
  })
})
