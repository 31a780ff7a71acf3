import { readFileSync } from 'node:fs'
import Ajv from 'ajv/dist/2020'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { FACTS } from '../../story/facts'
import { SCREEN } from '../../story/screen'
import { CASE_REGIONS, PICTURES, PLAYED } from '../picture'
import { caseNamed, patientNamed } from '../case-name'
import { numberedCase } from '../generate'
import { type CaseFile, emptyCase } from './file'
import { patientOfCase, readCaseFile } from './from'
import schema from './practice-case.schema.json'
import { publishedCaseSchema } from './published'

const valid = new Ajv({ allErrors: true, strict: false }).compile(schema)
const good: CaseFile = {
  ...emptyCase('back', 'a1'),
  title: 'A root that looks like a muscle',
  sources: [{ source: 'root-lumbar-low', side: 'left', level: 'S1' }],
}
const plainItems = SCREEN.flatMap((g) => g.items).flatMap((i) => ('onlyIf' in i ? [] : [i.id]))

const written: fc.Arbitrary<CaseFile> = fc
  .record({
    region: fc.constantFrom(...CASE_REGIONS),
    source: fc.option(fc.constantFrom(...PLAYED)),
    side: fc.constantFrom('left' as const, 'right' as const),
    irritability: fc.constantFrom('low' as const, 'moderate' as const, 'high' as const),
    sensitivity: fc.double({ min: -2, max: 3, noNaN: true }),
    suggestible: fc.boolean(),
    manner: fc.constantFrom('terse' as const, 'plain' as const, 'talkative' as const),
    ageYears: fc.option(fc.integer({ min: 16, max: 95 })),
    words: fc.string({ maxLength: 60 }),
    yes: fc.uniqueArray(fc.constantFrom(...plainItems), { maxLength: 4 }),
    fact: fc.constantFrom(...FACTS.map((f) => f.id)),
  })
  .map(({ source, side, fact, ...rest }) => ({
    ...emptyCase(rest.region, 'x'),
    ...rest,
    title: 'one',
    sources: source ? [{ source, side, level: PICTURES[source].at[0]?.level ?? null }] : [],
    facts: { [fact]: 'yes' },
  }))

describe('a written case', () => {
  it('is read as it was written, and the published schema agrees; its person is the same every time', () => {
    fc.assert(
      fc.property(written, (file) => {
        const wire = JSON.parse(JSON.stringify(file)) as unknown
        expect(valid(wire), JSON.stringify(valid.errors?.slice(0, 2))).toBe(true)
        const read = readCaseFile(wire)
        expect(read).toEqual({ ok: true, file: wire })
        const patient = patientOfCase(file, 'written one')
        expect(patientOfCase(file, 'written one')).toEqual(patient)
        expect(patient.sources.map((s) => s.source)).toEqual(file.sources.map((s) => s.source))
        expect(file.yes.every((item) => patient.screen[item] === 'yes')).toBe(true)
        expect(patient.symptoms[0]?.words).toBe(file.words || patient.symptoms[0]?.words)
        expect(patient.ageYears).toBe(file.ageYears ?? patient.ageYears)
      }),
      { numRuns: 120 },
    )
  })

  it.each([
    ['/format', { ...good, format: 'other' }],
    ['/version', { ...good, version: 2 }],
    ['/title', { ...good, title: '' }],
    ['/region', { ...good, region: 'knee' }],
    ['/sources/0/source', { ...good, sources: [{ source: 'knee', side: 'left', level: null }] }],
    ['/sensitivity', { ...good, sensitivity: 9 }],
    ['/yes/0', { ...good, yes: ['nobody-asks'] }],
    ['/extra', { ...good, extra: 1 }],
  ])('reader and published schema both refuse a fault at %s', (pointer, bad) => {
    const read = readCaseFile(bad)
    expect(read.ok ? [] : read.issues.map((i) => i.pointer || '/extra')).toContain(pointer)
    expect(valid(JSON.parse(JSON.stringify(bad)))).toBe(false)
  })

  it.each([
    ['/sources/0/level', { ...good, sources: [{ source: 'root-lumbar-low', side: 'left', level: 'C6' }] }, 'it has L5, S1'],
    ['/sources/1', { ...good, sources: [good.sources[0], good.sources[0]] }, 'the same source again'],
    ['/traps/0', { ...good, traps: ['groin-faber'] }, 'belongs to the pelvis'],
    ['/facts/shoe-size', { ...good, facts: { 'shoe-size': 'yes' } }, 'no question'],
    ['/yes/0', { ...good, yes: ['cancer'], no: ['cancer'] }, 'with no as well'],
    ['/yes/0', { ...good, yes: ['tingling-after'] }, 'only after a yes'],
  ])('whose parts do not go together is refused at %s', (pointer, bad, what) => {
    const read = readCaseFile(bad)
    expect(read.ok ? null : read.issues.find((i) => i.pointer === pointer)?.what).toContain(what)
  })

  it('has a published schema that is what the reader checks; npm run schemas writes it anew', () => {
    for (const [file, made] of Object.entries(publishedCaseSchema())) expect(JSON.parse(readFileSync(file, 'utf8'))).toEqual(JSON.parse(JSON.stringify(made)))
  })
})

describe('what names a case', () => {
  it('is a region with a number, or the code of a written one', () => {
    expect(caseNamed('Neck 14')).toEqual({ kind: 'numbered', region: 'neck', number: 14 })
    expect(patientNamed('neck 14', null)).toEqual(numberedCase('neck', 14))
    const code = '019b8d7b-cee0-7053-8554-554237e80530'
    expect(patientNamed(`written ${code}`, good)?.sources[0]?.level).toBe('S1')
    expect(patientNamed(`written ${code}`, null)).toBeNull()
    for (const none of ['knee 1', 'neck 0', 'neck 100000', 'neck', 'written x', '']) expect([none, caseNamed(none)]).toEqual([none, null])
  })
})
