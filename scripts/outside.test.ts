import { spawnSync } from 'node:child_process'
import { mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { parse } from 'csv-parse/sync'
import { unzipSync } from 'fflate'
import type { Bundle } from 'fhir/r4'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { readExamFile } from '../core/exchange/exam-file/from'
import { fillDemoClinic } from '../db/demo/clinic'
import { takeLock } from '../db/lock'
import { openDb } from '../db/open'
import { examHeads } from '../db/queries/exams'
import { recordOf } from '../db/queries/ledger'
import { trailLines } from '../db/queries/trail'
import { readPdf } from '../tests/read-pdf'

const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-commands-'))
const clinic = path.join(folder, 'clinic')
const empty = path.join(folder, 'empty')
beforeAll(() => {
  for (const one of [clinic, empty]) mkdirSync(one)
  const db = openDb(path.join(clinic, 'clinic.sqlite'))
  fillDemoClinic(db, new Date())
  db.$client.close()
  openDb(path.join(empty, 'clinic.sqlite')).$client.close()
})
afterAll(() => rmSync(folder, { recursive: true }))

/** As a person runs it, from the folder their files are in. */
const run = (what: 'export' | 'import', data: string, ...words: readonly string[]) =>
  spawnSync(process.execPath, ['--import', 'tsx', `scripts/${what}.ts`, ...words], {
    encoding: 'utf8',
    env: { ...process.env, OUTSIDE_FROM: folder, DUST_LANTERN_DATA: data },
  })
const read = (name: string) => readFileSync(path.join(folder, name))

describe('the export and import commands', { timeout: 120_000 }, () => {
  it('write each format as another program reads it, for nobody but their owner, and stand on the trail', async () => {
    for (const format of ['fhir', 'csv', 'pdf', 'json', 'md', 'zip']) {
      const ran = run('export', clinic, '--person', '105', '--format', format, '--out', `bram.${format}`)
      expect(ran.status, `${format}: ${ran.stderr}`).toBe(0)
      expect(ran.stdout).toBe('')
      expect(statSync(path.join(folder, `bram.${format}`)).mode & 0o077).toBe(0)
    }
    const bundle = JSON.parse(read('bram.fhir').toString()) as Bundle
    expect(bundle.entry?.some((e) => e.resource?.resourceType === 'ServiceRequest')).toBe(true)
    expect((await readPdf(read('bram.pdf'))).pages[0]).toMatch('Possible cauda equina syndrome')
    expect(read('bram.md').toString()).toMatch(/^# Note: Bram Wickery/)
    expect(JSON.parse(read('bram.json').toString())).toMatchObject({ format: 'dust-lantern-person', person: { number: 105 } })
    const rows = parse<{ item: string; answer: string }>(read('bram-safety.csv'), { columns: true, bom: true })
    expect(rows.find((row) => row.item === 'saddle-numb')?.answer).toBe('yes')
    expect(readdirSync(folder).filter((name) => /^bram-.+\.csv$/.test(name))).toHaveLength(7)
    expect(parse(read('bram.csv'), { columns: true, bom: true }).length).toBeGreaterThan(0)
    expect(Object.keys(unzipSync(read('bram.zip'))).some((name) => name.endsWith('letter-1.pdf'))).toBe(true)
    const db = openDb(path.join(clinic, 'clinic.sqlite'))
    expect(
      trailLines(db, {}, 20)
        .filter((line) => line.address === 'command line')
        .map((line) => line.what),
    ).toEqual(expect.arrayContaining(['given-out', 'person-archived']))
    db.$client.close()
  })

  it('without a name the file goes to standard output and nothing else does', () => {
    const ran = run('export', clinic, '--person', '101', '--format', 'csv', '--table', 'measures')
    expect(ran.status).toBe(0)
    expect(ran.stderr).toBe('')
    expect(parse(ran.stdout, { columns: true, bom: true }).length).toBeGreaterThan(3)
  })

  it('what was taken out comes in whole: each examination once, event by event', () => {
    for (const file of ['bram.json', 'bram.fhir', 'bram.zip']) {
      const ran = run('import', empty, '--same', file)
      expect(ran.status, ran.stderr).toBe(0)
      const lines = ran.stdout
        .trim()
        .split('\n')
        .map((line) => JSON.parse(line) as { became: string })
      expect(lines.map((line) => line.became)).toEqual([file === 'bram.json' ? 'taken' : 'known'])
    }
    const [from, to] = [clinic, empty].map((data) => openDb(path.join(data, 'clinic.sqlite')))
    if (!from || !to) throw new Error('no clinic')
    const [head] = examHeads(to)
    expect(recordOf(to, head?.id ?? '').events).toEqual(recordOf(from, head?.id ?? '').events)
    for (const db of [from, to]) db.$client.close()
  })

  it('code 1 with words where something cannot be: nobody of that number, a refused part, a running server', () => {
    const nobody = run('export', clinic, '--person', '999', '--format', 'fhir', '--out', 'x')
    expect([nobody.status, nobody.stdout]).toEqual([1, ''])
    expect(nobody.stderr).toMatch('nobody with the number 999')
    writeFileSync(path.join(folder, 'torn.json'), JSON.stringify({ format: 'dust-lantern-exam', version: 1, exam: {}, events: [] }))
    const torn = run('import', empty, 'torn.json')
    expect(torn.status).toBe(1)
    expect(torn.stdout).toMatch('"became":"refused"')
    expect(torn.stderr).toMatch('/exam')
    const lock = takeLock(empty)
    const busy = run('import', empty, 'bram.json')
    expect(busy.status).toBe(1)
    expect(busy.stderr).toMatch(/runs on this folder\. .*nothing was/i)
    if (lock.ok) lock.release()
    expect(run('export', path.join(folder, 'nowhere'), '--person', '101', '--format', 'md').status).toBe(1)
  })

  it('code 2 with how to ask where it was asked in a way that is not known, or a file cannot be read', () => {
    const asked: readonly (readonly string[])[] = [
      [],
      ['--person', '101'],
      ['--person', '101', '--format', 'docx'],
      ['--person', 'Bram', '--format', 'md'],
      ['--person', '101', '--all', '--format', 'zip'],
      ['--all', '--format', 'md'],
      ['--person', '101', '--format', 'csv', '--table', 'nothing'],
      ['--person', '101', '--format', 'md', '--loud'],
    ]
    for (const words of asked) {
      const ran = run('export', clinic, ...words)
      expect([words.join(' '), ran.status, ran.stdout]).toEqual([words.join(' '), 2, ''])
      expect(ran.stderr).toMatch('npm run --silent export')
    }
    writeFileSync(path.join(folder, 'broken.json'), '{')
    const broken = run('import', empty, 'broken.json', 'missing.json')
    expect(broken.status).toBe(2)
    expect(broken.stderr).toMatch('broken.json: unreadable')
    expect(broken.stderr).toMatch('missing.json: unreadable')
    expect(run('import', empty).status).toBe(2)
  })

  it('an exam file of one examination reads as it was written', () => {
    const db = openDb(path.join(clinic, 'clinic.sqlite'))
    const id = examHeads(db).find((head) => head.person.name === 'Imre Talvane')?.id ?? ''
    db.$client.close()
    const ran = run('export', clinic, '--exam', id, '--format', 'json')
    expect(ran.status).toBe(0)
    expect(readExamFile(JSON.parse(ran.stdout))).toMatchObject({ ok: true, kind: 'exam' })
  })
})
