import { existsSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs'
import path from 'node:path'
import Database from 'better-sqlite3'
import { describe, expect, it } from 'vitest'
import { clinicToSpoil, NOW, TODAY, unguarded } from '../tests/clinic-to-spoil'
import { type Anchor, anchorFile, anchorKey, anchorNow, readAnchors } from './anchors'
import { SEALED, type SealedKind, teachSealing } from './sealing'
import { verifyFile } from './verify'

const clinic = clinicToSpoil()
const { file, places, byHand } = clinic

const TAMPERINGS: Readonly<Record<string, (client: Database.Database) => void>> = {
  'a name': (c) => c.exec(`UPDATE people SET name = 'Somebody Else' WHERE number = 101`),
  'a date of birth': (c) => c.exec(`UPDATE people SET born = '1950-01-01' WHERE number = 101`),
  'the date of an examination': (c) => c.exec('UPDATE exams SET at = at - 86400000 WHERE id = (SELECT id FROM exams LIMIT 1)'),
  'an examination moved to another person': (c) =>
    c.exec('UPDATE exams SET person_id = (SELECT id FROM people WHERE number = 102) WHERE person_id = (SELECT id FROM people WHERE number = 101)'),
  'records swapped between two people': (c) =>
    c.exec(`CREATE TEMP TABLE two AS SELECT min(id) AS id, person_id FROM exams GROUP BY person_id ORDER BY 1 LIMIT 2;
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
  'a PIN that somebody else knows': (c) => c.exec(`UPDATE accounts SET pin = 'x'`),
  'a second factor taken away': (c) => c.exec(`UPDATE accounts SET totp = NULL`),
  'an invitation nobody made': (c) => c.exec(`UPDATE accounts SET invitation = 'x', invited_until = 9e15`),
  'a session nobody signed in for': (c) =>
    c.exec(`INSERT INTO sessions (id, account, made_at, seen_at, half, address, device) VALUES ('x', 'lead', 1, 1, 0, 'x', 'x')`),
  'a session given to somebody else': (c) => c.exec(`UPDATE sessions SET account = 'other'`),
  'a finding in the lists': (c) => c.exec(`UPDATE findings SET result = 'negative' WHERE result = 'positive'`),
  'a conclusion in the lists': (c) => c.exec(`UPDATE overviews SET conclusion = 'Nothing stands out'`),
  'a halt taken out of the lists': (c) => c.exec(`UPDATE overviews SET state = 'tested' WHERE state = 'halted'`),
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
    clinic.db.$client.close()
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
      'trigger exam_events_never_change is gone',
      'trigger people_sealed was changed',
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
    const triggers = clinic.db.$client.prepare(`SELECT name, sql FROM sqlite_master WHERE type = 'trigger' AND name LIKE '%_sealed%'`).all() as {
      name: string
      sql: string
    }[]
    const hashed = new Map<string, Set<string>>()
    for (const [kind, { table, columns, trigger }] of Object.entries<SealedKind>(SEALED)) {
      const own = triggers.filter(({ name }) => name === trigger || name === `${trigger}_anew`)
      expect(own.length, kind).toBeGreaterThan(0)
      for (const { sql } of own) expect(sql, table).toContain(`json_array(${columns.map((column) => `NEW.\`${column}\``).join(', ')})`)
      const all = hashed.get(table) ?? new Set<string>()
      hashed.set(table, all)
      for (const column of columns) all.add(column)
    }
    // What changes with every request, or says nothing of who may do what.
    const aside: Readonly<Record<string, readonly string[]>> = { accounts: ['made_at', 'totp_used'], sessions: ['seen_at', 'locked', 'half', 'tries'] }
    for (const [table, columns] of hashed) {
      const there = (clinic.db.$client.pragma(`table_info(${table})`) as { name: string }[]).map((column) => column.name)
      expect([...columns, ...(aside[table] ?? [])].toSorted(), table).toEqual(there.toSorted())
    }
  })

  it('a chain that is written anew as a whole is found by an anchor, and so is a tail cut from everything', () => {
    const anchor = anchorNow(clinic.db, places(), NOW)
    const key = anchorKey(places().keyFolder, anchor.clinic)
    const against = { anchors: [anchor], publicKey: key }
    clinic.db.$client.close()
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
    clinic.db.$client.close()
    expect(verifyFile(path.join(clinic.folder, 'nowhere.sqlite'))).toMatchObject({ ok: false, entries: 0 })
    expect(existsSync(path.join(clinic.folder, 'nowhere.sqlite'))).toBe(false)
    writeFileSync(path.join(clinic.folder, 'text.sqlite'), 'this is no database at all, but it is long enough to be taken for one'.repeat(30))
    expect(verifyFile(path.join(clinic.folder, 'text.sqlite')).ok).toBe(false)
    new Database(path.join(clinic.folder, 'empty.sqlite')).close()
    expect(verifyFile(path.join(clinic.folder, 'empty.sqlite')).breaks[0]?.what).toMatch('no table')
    const whole = readFileSync(file())
    writeFileSync(path.join(clinic.folder, 'cut.sqlite'), whole.subarray(0, Math.floor(whole.length / 2)))
    expect(verifyFile(path.join(clinic.folder, 'cut.sqlite')).ok).toBe(false)
  })
})
