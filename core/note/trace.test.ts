import { describe, expect, it } from 'vitest'
import { recordsOfAllKinds, type Told, troubledRecords } from '../../tests/outside'
import { BUTTOCK, NOTHING, opened, own, performed, signed, soreLeg, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import { testById } from '../catalogue'
import { signatureOf } from '../exchange/freeze'
import { composedId } from '../record/compose'
import { eventIssues } from '../record/event-schema'
import { closedGates, isEveryday } from '../safety/safety'
import { noteOf } from './note'
import { STAGES } from './section'
import { stageWords } from './stage-words'
import { arranged, TEMPLATES } from './template'
import { behind, saidOf, tracedOf } from './trace'

const RECORDS: readonly Told[] = [...Object.values(recordsOfAllKinds()), ...troubledRecords(25)]
const tracedIn = ({ exam }: Told) => tracedOf(noteOf(assess(exam), 'Somebody, 43.'))

describe('a sentence of the note', () => {
  it('rests on entries and findings that are on the record, and has one name', () => {
    for (const record of RECORDS) {
      const { findings } = assess(record.exam)
      const sentences = tracedIn(record)
      expect(new Set(sentences.map((s) => s.id)).size).toBe(sentences.length)
      for (const sentence of sentences.filter((s) => s.section === 'tests' && s.text.startsWith('- '))) {
        const [first] = behind(sentence, record.events, findings)
        expect(first?.entries.length, sentence.text).toBeGreaterThan(0)
        if (!/performed;|no longer in the catalogue/.test(sentence.text)) expect(first?.findings.length, sentence.text).toBeGreaterThan(0)
      }
      for (const sentence of sentences.filter((s) => s.text.startsWith('Yes to:') || s.text.startsWith('Warning sign')))
        expect(behind(sentence, record.events, findings)[0]?.entries.length, sentence.text).toBeGreaterThan(0)
    }
  })

  it('can be gone back to: every performance, yes and warning sign is said somewhere', () => {
    for (const record of RECORDS) {
      const sentences = tracedIn(record)
      const { exam } = record
      for (const run of exam.runs.filter((r) => r.answers.length > 0 || r.stopped !== null))
        expect(saidOf({ kind: 'run', id: run.id }, sentences).length, `${run.test} ${run.side}`).toBeGreaterThan(0)
      for (const [item, answer] of Object.entries(exam.screen))
        if (answer === 'yes') expect(saidOf({ kind: 'question', id: item }, sentences).length, item).toBeGreaterThan(0)
      for (const { sign } of exam.warnings) expect(saidOf({ kind: 'warning', id: sign }, sentences).length).toBeGreaterThan(0)
      for (const symptom of exam.symptoms) expect(saidOf({ kind: 'symptom', id: symptom.id }, sentences).length).toBeGreaterThan(0)
      for (const closed of closedGates(exam).filter((c) => !isEveryday(c)))
        expect(saidOf({ kind: 'gate', id: closed.gate.id }, sentences).length).toBeGreaterThan(0)
    }
  })

  it('is without a reason only where it tells of no entry: a title, what is missing, or how the program reads', () => {
    const bare =
      /^(Somebody|Nothing |No |Not done\.|Where practitioners|Figures from memory|Read with|Dust Lantern|Consent to testing: not recorded|Visit \d|Measurement error|Sitting:|Supine:|Prone:|Side-lying:|Standing:|Signed |Written )/
    for (const record of RECORDS)
      for (const sentence of tracedIn(record).filter((s) => s.from.length === 0 && s.section !== 'words' && s.section !== 'addendum'))
        expect(sentence.text).toMatch(bare)
  })

  it('of a note that could hardly be longer fits the shape of a signature', () => {
    const record = soreLeg()
    const runs = Array.from({ length: 700 }, (_, n) => n)
    const long = runs.reduce((r, n) => (n % 50 === 0 ? r.test('leg-raise', n % 100 === 0 ? 'right' : 'left', [NOTHING]) : r), record)
    const [run] = long.exam.runs
    if (!run) throw new Error('no run')
    const exam = { ...long.exam, runs: runs.map((n) => ({ ...run, id: composedId(n, 'many', n) })) }
    const frozen = signatureOf(exam)
    expect(eventIssues({ ...frozen, id: composedId(1, 'signed', 1), at: 1, by: 'test-author' })).toEqual([])
  })

  it('keeps what it rests on through the signature', () => {
    const record = ['thigh-thrust', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), sorePelvis())
    const before = tracedIn(record).map(({ text, from }) => ({ text, from }))
    const after = tracedIn(signed(record))
    for (const sentence of before.filter((s) => !s.text.startsWith('Somebody')))
      expect(after.map(({ text, from }) => ({ text, from }))).toContainEqual(sentence)
  })
})

describe('what a sentence of the conclusion rests on', () => {
  const reasonsOf = ({ exam }: Told, starts: RegExp) => tracedOf(noteOf(assess(exam), 'x')).find((s) => starts.test(s.text))?.from ?? []

  it('of a halt that a test closed: the performance, in the conclusion as under safety', () => {
    const shocked = performed(
      opened()
        .symptom('S1', { words: 'neck', places: ['right-neck-back'] })
        .consent(),
      'neck-flexion-shock',
      'none',
      {
        bend: { said: 'observed', choice: 'electric' },
      },
    )
    const [run] = shocked.exam.runs
    const halted = closedGates(shocked.exam).filter(({ gate }) => gate.strength === 'halt')
    expect(halted.flatMap((h) => h.because)).not.toEqual([])
    for (const starts of [/^Urgent|^Emergency|^Same-day/, /^Halt: /])
      expect(reasonsOf(shocked, starts), String(starts)).toContainEqual({ kind: 'run', id: run?.id })
  })

  it('of a level: the neurological screen, the tension tests and the painted complaint of that limb, and no other test', () => {
    const nerves = performed(soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)]), 'neuro-lower', 'left')
    const pelvis = performed(nerves, 'thigh-thrust', 'left', { thrust: own(['left-buttock'], 6) })
    const of = (test: string) => pelvis.exam.runs.find((r) => r.test === test)?.id
    const reasons = reasonsOf(pelvis, /^Level, left leg/)
    expect(reasons).toEqual([
      { kind: 'run', id: of('leg-raise') },
      { kind: 'run', id: of('neuro-lower') },
      { kind: 'symptom', id: 'S1' },
    ])
  })

  it('a test done another way stands under the posture of that way', () => {
    const lines = (variant: string) =>
      noteOf(assess(performed(sorePelvis(), 'piriformis', 'right', {}, variant).exam), 'x')
        .find((s) => s.id === 'tests')
        ?.statements.map((s) => s.text)[0]
    expect([lines('supine'), lines('side-lying')]).toEqual(['Supine:', 'Side-lying:'])
  })
})

describe('nothing seen on the bench is missing', () => {
  it('every stage of every finished test stands in the note with its answer and its figures', () => {
    for (const record of RECORDS) {
      const assessment = assess(record.exam)
      const note = noteOf(assessment, 'x').flatMap((s) => s.statements.map((one) => one.text))
      for (const run of new Set(assessment.findings.map((f) => f.run))) {
        const performed = record.exam.runs.find((r) => r.id === run)
        const test = performed && testById(performed.test)
        for (const { stage: id, answer } of performed?.answers ?? []) {
          const words = stageWords(
            answer,
            test?.stages.find((s) => s.id === id),
          )
          expect(
            note.some((line) => line.startsWith(STAGES) && line.includes(words)),
            `${test?.id ?? ''} ${id}: ${words}`,
          ).toBe(true)
        }
      }
    }
  })

  it('an own word to a section stands with it and is never taken for generated', () => {
    const { written } = recordsOfAllKinds()
    if (!written) throw new Error('no record')
    const tests = noteOf(assess(written.exam), 'x').find((s) => s.id === 'tests')
    expect(tests?.own).toBe('<script>alert(1)</script>')
    expect(tests?.statements.some((s) => s.text.includes('<script>'))).toBe(false)
    expect(signed(written).exam.signed?.frozen?.note.find((p) => p.heading === 'Tests')?.own).toBe('<script>alert(1)</script>')
  })
})

describe('layouts of the note', () => {
  it('say the same: each sentence of a layout is one of the whole note, and SOAP leaves none out', () => {
    for (const record of RECORDS) {
      const note = noteOf(assess(record.exam), 'x')
      const all = note.flatMap((s) => s.statements)
      for (const { id } of TEMPLATES) {
        const told = arranged(note, id).flatMap((g) => g.sections.flatMap((s) => s.statements))
        for (const one of told) expect(all).toContain(one)
        if (id !== 'short') for (const one of all) expect(told).toContain(one)
      }
    }
  })

  it('SOAP order is subjective, objective, assessment, plan; what is urgent stands before it', () => {
    const titles = (record: Told) => arranged(noteOf(assess(record.exam), 'x'), 'soap').flatMap((g) => g.title ?? g.sections.map((s) => s.heading)[0] ?? '')
    const { measured, halted } = recordsOfAllKinds()
    expect(measured && titles(measured)).toEqual(['Examination', 'Subjective', 'Objective', 'Assessment', 'Plan', 'About this note'])
    expect(halted && titles(halted).slice(0, 3)).toEqual(['Examination', 'Urgent', 'Subjective'])
  })

  it('the short one keeps what is safe to keep: conclusion, yes answers, results and change', () => {
    for (const record of RECORDS) {
      const note = noteOf(assess(record.exam), 'x')
      const short = arranged(note, 'short').flatMap((g) => g.sections)
      for (const id of ['short', 'safety', 'sources'] as const)
        expect(short.find((s) => s.id === id)?.statements).toEqual(note.find((s) => s.id === id)?.statements)
      expect(short.flatMap((s) => s.statements).some((s) => s.text.startsWith(STAGES))).toBe(false)
    }
  })
})
