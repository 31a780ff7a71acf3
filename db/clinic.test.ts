import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { emptyDraft, ruleOfDraft } from '../core/clusters/draft'
import { SHIPPED } from '../core/evidence/knowledge'
import { composedId } from '../core/record/compose'
import { type Db, openDb } from './open'
import { DEFAULT_HOUSE } from '../core/exchange/clinic/house'
import { clinicKnowledge, houseOf, writeOverride, writePrior, writeRule, writeSetting } from './queries/clinic'
import { evidenceOverrides, ownPriors, ownRules, settings } from './schema'

let folder: string
let db: Db
beforeEach(() => {
  folder = mkdtempSync(path.join(tmpdir(), 'dust-lantern-clinic-'))
  db = openDb(path.join(folder, 'clinic.sqlite'))
})
afterEach(() => {
  db.$client.close()
  rmSync(folder, { recursive: true })
})

const by = 'Somebody'
const written = (n: number) => ({ id: composedId(n, 'entry', n), by, at: n })
const figures = { sens: 0.7, spec: 0.8, lrPositive: null, lrNegative: null, n: null }

describe('what the clinic knows', () => {
  it('is empty at first, and the house is the default one', () => {
    expect(clinicKnowledge(db)).toEqual(SHIPPED)
    expect(houseOf(db)).toEqual(DEFAULT_HOUSE)
  })

  it('comes back as it was written, oldest first, with who and when, also to another connection', () => {
    const rule = { ...ruleOfDraft({ ...emptyDraft('own-x'), name: 'X' }), withdrawn: false }
    writeOverride(db, written(2), { row: 'A02', figures, source: 'later' })
    writeOverride(db, written(1), { row: 'A02', figures: null, source: 'earlier' })
    writePrior(db, written(3), { line: 'sij-pain', setting: 'first-contact', p: 0.2, source: 'audit' })
    writePrior(db, written(4), { line: 'sij-pain', setting: 'referred', p: null, source: 'given back' })
    writeRule(db, written(5), rule)
    const expected = {
      overrides: [
        { row: 'A02', figures: null, source: 'earlier', by, at: 1 },
        { row: 'A02', figures, source: 'later', by, at: 2 },
      ],
      priors: [
        { line: 'sij-pain', setting: 'first-contact', p: 0.2, source: 'audit', by, at: 3 },
        { line: 'sij-pain', setting: 'referred', p: null, source: 'given back', by, at: 4 },
      ],
      rules: [{ ...rule, by, at: 5 }],
    }
    expect(clinicKnowledge(db)).toEqual(expected)
    const other = openDb(path.join(folder, 'clinic.sqlite'))
    expect(clinicKnowledge(other)).toEqual(expected)
    other.$client.close()
  })

  it('taken twice counts once: the first of an id stands', () => {
    for (const source of ['first', 'second']) {
      writeOverride(db, written(1), { row: 'A02', figures, source })
      writePrior(db, written(2), { line: 'sij-pain', setting: 'referred', p: 0.5, source })
      writeSetting(db, written(3), 'mode', source === 'first' ? 'fewest-turns' : 'quickest-answer')
    }
    expect(clinicKnowledge(db).overrides.map((o) => o.source)).toEqual(['first'])
    expect(clinicKnowledge(db).priors).toHaveLength(1)
    expect(houseOf(db).mode).toBe('fewest-turns')
  })

  it('the latest choice of each kind stands, the others as they were', () => {
    writeSetting(db, written(1), 'schools', { 'slump-order': 'neck-first' })
    writeSetting(db, written(2), 'setting', 'first-contact')
    writeSetting(db, written(3), 'schools', {})
    writeSetting(db, written(4), 'turns', [{ from: 'sitting', to: 'prone', seconds: 50 }])
    expect(houseOf(db)).toEqual({
      schools: {},
      setting: 'first-contact',
      mode: 'full-baseline',
      turns: [{ from: 'sitting', to: 'prone', seconds: 50 }],
      template: 'full',
    })
  })

  it('is never changed and never removed', () => {
    writeOverride(db, written(1), { row: 'A02', figures, source: 'x' })
    writePrior(db, written(2), { line: 'sij-pain', setting: 'referred', p: 0.5, source: 'x' })
    writeRule(db, written(3), { ...ruleOfDraft(emptyDraft('own-x')), withdrawn: false })
    writeSetting(db, written(4), 'mode', 'fewest-turns')
    for (const table of [evidenceOverrides, ownPriors, ownRules, settings]) {
      expect(() => db.update(table).set({ by: 'another' }).run()).toThrow('never changed')
      expect(() => db.delete(table).run()).toThrow('never removed')
    }
  })
})
