import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { emptyDraft, ruleOfDraft } from '../../core/clusters/draft'
import { composedId } from '../../core/record/compose'
import { examFrom } from '../../core/record/exam'
import { db } from '../../db'
import { fillDemoClinic } from '../../db/demo/clinic'
import { clinicKnowledge, houseOf, readClinic, readHouse, writeOverride, writeSetting } from '../../db/queries/clinic'
import { eventsOfExam } from '../../db/queries/exam-events'
import * as today from '../today/acts'
import * as acts from './acts'

const folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-settings-'))
const held = globalThis as { dustLanternDb?: { $client: { close: () => void } } | undefined }
let n = 0
const id = () => composedId(1_700_000_000_000, 'settings', ++n)
const WHO = { id: 'maren-oake', name: 'Maren Oake', role: 'lead', demo: true } as const
/** As the route calls it, for whoever is signed in. */
const as =
  <A extends unknown[], T>(act: (who: typeof WHO, ...args: A) => T) =>
  (...args: A) =>
    act(WHO, ...args)
const startPerson = as(today.startPerson)
const chooseForClinic = as(acts.chooseForClinic)
const overrideFigure = as(acts.overrideFigure)
const setPrior = as(acts.setPrior)
const saveRule = as(acts.saveRule)
const importRules = as(acts.importRules)
const tryRule = async (rule: unknown) => (await acts.tryRule(WHO, rule)) as acts.Trial
const figures = { sens: 0.7, spec: 0.8, lrPositive: null, lrNegative: null, n: 40 }
const rule = ruleOfDraft({ ...emptyDraft('own-thrust'), name: 'Thrust', lrPositive: 3, figureSource: 'our audit' })

beforeAll(() => {
  process.env.DUST_LANTERN_DATA = folder
  held.dustLanternDb = undefined
  fillDemoClinic(db(), new Date(2026, 5, 12, 8))
})
afterAll(() => {
  held.dustLanternDb?.$client.close()
  rmSync(folder, { recursive: true })
})

describe('what the clinic chooses', () => {
  it('is written into the examinations opened from then on, and into no earlier one', async () => {
    const start = async (name: string) => {
      const ids = { personId: id(), examId: id() }
      expect(await startPerson(ids, { name, born: '', work: '' })).toBeNull()
      return ids.examId
    }
    const before = await start('Before Them')
    expect(await chooseForClinic(id(), 'schools', { 'slump-order': 'neck-first', 'pelvic-cluster': 'six' })).toBeNull()
    expect(await chooseForClinic(id(), 'setting', 'first-contact')).toBeNull()
    expect(await chooseForClinic(id(), 'mode', 'fewest-turns')).toBeNull()
    const after = await start('After Them')
    const exam = (examId: string) => examFrom(eventsOfExam(db(), examId))
    expect(exam(before)).toMatchObject({ schools: {}, setting: 'referred', mode: 'full-baseline' })
    expect(exam(after)).toMatchObject({ schools: { 'slump-order': 'neck-first', 'pelvic-cluster': 'six' }, setting: 'first-contact', mode: 'fewest-turns' })
  })

  it.each([
    ['an unknown key', 'colour', 'red'],
    ['an unknown question', 'schools', { 'star-sign': 'leo' }],
    ['an unknown school', 'schools', { 'slump-order': 'sideways' }],
    ['an unknown setting', 'setting', 'ward'],
    ['an unknown plan', 'mode', 'random'],
    ['a turn backwards in time', 'turns', [{ from: 'sitting', to: 'prone', seconds: -1 }]],
  ])('refuses %s, keeps what stood, and says so', async (_, key, value) => {
    const before = houseOf(db())
    expect(await chooseForClinic(id(), key, value)).toMatchObject({ kept: expect.stringMatching('still counts') as string })
    expect(houseOf(db())).toEqual(before)
  })

  it('refuses an id that is none', async () => {
    expect(await chooseForClinic('x', 'mode', 'fewest-turns')).not.toBeNull()
    expect(await overrideFigure('x', { row: 'A02', figures, source: 'our audit' })).not.toBeNull()
  })
})

describe('figures and odds of the clinic', () => {
  it('are stored with their author, once an id, and need a source', async () => {
    const same = id()
    for (let twice = 0; twice < 2; twice++) expect(await overrideFigure(same, { row: 'A02', figures, source: 'our audit' })).toBeNull()
    expect(clinicKnowledge(db()).overrides).toMatchObject([{ row: 'A02', figures, source: 'our audit', by: 'Maren Oake' }])
    expect(await overrideFigure(id(), { row: 'A02', figures, source: '' })).toMatchObject({ what: expect.stringMatching('source') as string })
    expect(await overrideFigure(id(), { row: 'Z99', figures, source: 'our audit' })).toMatchObject({
      what: expect.stringMatching('no row of the register') as string,
    })
    expect(await overrideFigure(id(), { row: 'A02', figures: { ...figures, sens: 1.2 }, source: 'our audit' })).not.toBeNull()
    expect(await overrideFigure(id(), { row: 'A02', figures: { ...figures, sens: null }, source: 'our audit' })).not.toBeNull()
    expect(await setPrior(id(), { line: 'sij-pain', setting: 'referred', p: 0.4, source: 'our audit' })).toBeNull()
    expect(await setPrior(id(), { line: 'sij-pain', setting: 'referred', p: 1, source: 'our audit' })).not.toBeNull()
    expect(clinicKnowledge(db()).priors).toHaveLength(1)
  })
})

describe('own rules', () => {
  it('are saved, tried on earlier examinations without being stored, withdrawn, and brought in all or none', async () => {
    expect(await saveRule(id(), rule, false)).toBeNull()
    expect(await saveRule(id(), { ...rule, name: '' }, false)).toMatchObject({ what: expect.stringMatching('name') as string })
    const tried = await tryRule(rule)
    expect(tried.ok && tried.lines.length).toBeGreaterThan(3)
    // Odalys Brightmoor’s thigh thrust reproduced her pain on the right.
    expect(tried.ok && tried.lines.filter((l) => l.met).map((l) => `${l.name} ${l.side}`)).toContain('Odalys Brightmoor right')
    expect(clinicKnowledge(db()).rules).toHaveLength(1)
    expect(await tryRule({ ...rule, holds: null })).toMatchObject({ ok: false })

    const file = (rules: readonly unknown[]) => JSON.stringify({ format: 'dust-lantern-rules', version: 1, rules })
    const ids = [id(), id()]
    expect(
      await importRules(
        ids,
        file([
          { ...rule, id: 'own-b' },
          { ...rule, id: 'pelvic-five' },
        ]),
      ),
    ).toMatchObject({ what: expect.stringMatching('own-') as string })
    expect(await importRules(ids, 'not json')).toMatchObject({ what: 'This file is not JSON.' })
    expect(
      await importRules(
        ids.slice(0, 1),
        file([
          { ...rule, id: 'own-b' },
          { ...rule, id: 'own-c' },
        ]),
      ),
    ).not.toBeNull()
    expect(clinicKnowledge(db()).rules).toHaveLength(1)
    for (let twice = 0; twice < 2; twice++)
      expect(
        await importRules(
          ids,
          file([
            { ...rule, id: 'own-b' },
            { ...rule, id: 'own-c' },
          ]),
        ),
      ).toBeNull()
    expect(clinicKnowledge(db()).rules.map((r) => r.id)).toEqual(['own-thrust', 'own-b', 'own-c'])
    expect(await saveRule(id(), rule, true)).toBeNull()
    expect(clinicKnowledge(db()).rules.at(-1)).toMatchObject({ id: 'own-thrust', withdrawn: true })
  })
})

describe('rows that other hands or a newer program wrote', () => {
  it('are named and not counted, and hide nothing else', () => {
    const before = clinicKnowledge(db())
    const written = () => ({ id: id(), by: 'Maren Oake', at: 1 })
    writeOverride(db(), written(), { row: 'A02', figures: { sens: 'most' } as never, source: 'a newer program' })
    writeOverride(db(), written(), { row: 'row-that-went', figures: null, source: 'an older register' })
    db()
      .$client.prepare('INSERT INTO own_rules (id, rule, withdrawn, content, by, at) VALUES (?, ?, 0, ?, ?, 2)')
      .run(id(), 'own-torn', '{"id":"own-to', 'Maren Oake')
    const { clinic, faults } = readClinic(db())
    expect(clinic).toEqual(before)
    expect(faults).toHaveLength(3)
    expect(faults.join()).toMatch(/own figures .*sens.*own figures .*is no row of the register.*own rule own-torn/)
  })

  it('of a choice the latest that can be read counts; a school that went takes no other with it; both are named', () => {
    const later = (key: 'mode' | 'schools', value: unknown) => {
      writeSetting(db(), { id: id(), by: 'Maren Oake', at: Date.now() + 1000 }, key, value as never)
    }
    const { mode } = houseOf(db())
    expect(mode).not.toBe('quickest-answer')
    later('mode', 'by-the-moon')
    expect(houseOf(db()).mode).toBe(mode)
    later('mode', 'quickest-answer')
    expect(readHouse(db()).faults).toEqual([])
    later('mode', 'by-the-tide')
    later('schools', { 'slump-order': 'neck-first', 'a-question-that-went': 'either' })
    expect(houseOf(db())).toMatchObject({ mode: 'quickest-answer', schools: { 'slump-order': 'neck-first' }, setting: 'first-contact' })
    expect(readHouse(db()).faults).toEqual([
      'schools: “either” for “a-question-that-went” is not known here',
      'plan: the latest choice cannot be read; the one before it counts',
    ])
  })
})
