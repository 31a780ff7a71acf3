import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, signed as sign, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import { atLeast, not } from '../logic/rule'
import { positive } from '../clusters/item'
import { type OwnRule, currentRules } from '../clusters/own-rule'
import { noteOf } from '../note/note'
import { plainText } from '../note/paragraph'
import { coverage } from './coverage'
import { type Clinic, knowledgeAt, SHIPPED } from './knowledge'
import type { Override } from './override'
import { priorOf, WEIGHED } from './prior'
import { PRIORS, REPLACED_LINES } from './priors'
import { moves, REGISTER } from './register'

const BY = 'Somebody'
const clinic = (part: Partial<Clinic>): Clinic => ({ ...SHIPPED, ...part })
const override = (figures: Override['figures'], at = 1, row = 'A02'): Override => ({ row, figures, source: 'our audit', by: BY, at })
const rates = (sens: number, spec: number) => ({ sens, spec, lrPositive: null, lrNegative: null, n: 50 })
const ownRule = (more: Partial<OwnRule> = {}): OwnRule => ({
  id: 'own-thrust-only',
  name: 'Thrust and negative FABER',
  source: 'sij-pain',
  holds: atLeast(2, [positive('thigh-thrust'), not(positive('faber'))]),
  figure: { lrPositive: 9, lrNegative: 0.5, source: 'our audit', n: 80 },
  note: '',
  withdrawn: false,
  by: BY,
  at: 1,
  ...more,
})
const thrust = REGISTER.find((row) => row.of === 'thigh-thrust' && moves(row))
const record = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).test('faber', 'right', [NOTHING])
const sij = (with_: Clinic, exam = record.exam) => assess(exam, { clinic: with_ }).sources.find((s) => s.source === 'sij-pain' && s.side === 'right')

describe('the clinic’s own figures', () => {
  const own = override(rates(0.6, 0.9), 1, thrust?.id ?? '')

  it('move the number in place of the shipped ones, and carry who wrote them and where from', () => {
    const step = sij(clinic({ overrides: [own] }))?.weighed?.joined[0]?.steps[0]
    expect(step?.lr).toBeCloseTo(6, 9)
    expect(step?.row).toMatchObject({
      own: { by: BY, at: 1 },
      from: { cite: expect.stringMatching('^our audit \\(in place of ') as string, n: 50, people: 'As its source says' },
      confidence: 'medium',
    })
    expect(sij(SHIPPED)?.weighed?.joined[0]?.steps[0]?.lr).toBeCloseTo(0.88 / 0.31, 6)
  })

  it('the latest counts, and null gives the shipped one back', () => {
    const lr = (...overrides: readonly Override[]) => sij(clinic({ overrides }))?.weighed?.joined[0]?.steps[0]?.lr
    expect(lr(own, { ...own, figures: rates(0.8, 0.8), at: 2 })).toBeCloseTo(4, 9)
    expect(lr(own, { ...own, figures: null, at: 2 })).toBeCloseTo(0.88 / 0.31, 6)
  })

  it('a ratio alone may be given, and a row nobody was sure of may speak once somebody looked it up', () => {
    const low = REGISTER.find((row) => row.confidence === 'low' && row.of !== null && row.for !== null)
    const { register } = knowledgeAt(
      clinic({ overrides: [override({ ...rates(0, 0), sens: null, spec: null, lrPositive: 3, lrNegative: null }, 1, low?.id ?? '')] }),
      Infinity,
    )
    expect(register.find((row) => row.id === low?.id)).toMatchObject({ confidence: 'medium', lrPositive: { value: 3 }, sens: null })
  })

  it('a signed examination is read with what stood when it was signed', () => {
    const signed = sign(record).exam
    const at = signed.signed?.at ?? 0
    const later = clinic({
      overrides: [{ ...own, at: at + 1 }],
      rules: [ownRule({ at: at + 1 })],
      priors: [{ line: 'sij-pain', setting: 'referred', p: 0.9, source: 'x', by: BY, at: at + 1 }],
    })
    expect(JSON.stringify(sij(later, signed))).toBe(JSON.stringify(sij(SHIPPED, signed)))
    expect(sij(clinic({ overrides: [{ ...own, at: at - 1 }] }), signed)?.weighed?.joined[0]?.steps[0]?.lr).toBeCloseTo(6, 9)
  })
})

describe('the clinic’s own rules', () => {
  it('run in the same engine, speak with their own ratio, and never under a study’s name', () => {
    const verdict = sij(clinic({ rules: [ownRule()] }))
    expect(verdict?.weighed?.rule).toMatchObject({ lr: 9, rule: { cluster: { id: 'own-thrust-only', basis: 'own' } } })
    expect(verdict?.rules.find((r) => r.cluster.id === 'own-thrust-only')?.state).toBe('met')
    const note = plainText(noteOf(assess(record.exam, { clinic: clinic({ rules: [ownRule()] }) }), 'A person.'))
    expect(note).toMatch('the clinic’s own rule 80 % (entered by the clinic: our audit)')
  })

  it('a decided published rule leads before an own one', () => {
    const met = ['sij-compression', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), record)
    expect(sij(clinic({ rules: [ownRule()] }), met.exam)?.weighed?.rule?.rule.cluster.basis).toBe('published')
  })

  it('without a figure it points and moves nothing; without a negative ratio failing says nothing', () => {
    expect(sij(clinic({ rules: [ownRule({ figure: null })] }))?.weighed?.rule).toBeNull()
    const failing = ownRule({
      holds: atLeast(2, [positive('faber'), not(positive('faber'))]),
      figure: { lrPositive: 9, lrNegative: null, source: 'x', n: null },
    })
    expect(sij(clinic({ rules: [failing] }))?.weighed?.rule).toBeNull()
  })

  it('the latest version of each stands, unless it was withdrawn', () => {
    const versions = [ownRule(), ownRule({ name: 'second', at: 2 })]
    expect(currentRules(versions).map((r) => r.name)).toEqual(['second'])
    expect(currentRules([...versions, ownRule({ withdrawn: true, at: 3 })])).toEqual([])
  })
})

describe('pretest probabilities', () => {
  it('every weighed source has a line that always fits, in both settings, and says where it is assumed', () => {
    for (const source of WEIGHED) {
      expect(
        PRIORS.filter((l) => l.source === source && l.placed === null),
        source,
      ).toHaveLength(1)
      expect(PRIORS.findLast((l) => l.source === source)?.placed, source).toBeNull()
    }
    expect(new Set(PRIORS.map((l) => l.id)).size).toBe(PRIORS.length)
    for (const [before, now] of Object.entries(REPLACED_LINES)) {
      expect(
        PRIORS.some((l) => l.id === now),
        now,
      ).toBe(true)
      expect(
        PRIORS.some((l) => l.id === before),
        before,
      ).toBe(false)
    }
    for (const line of PRIORS) {
      for (const start of [line.referred, line.firstContact]) {
        expect(start.p, line.id).toBeGreaterThan(0)
        expect(start.p, line.id).toBeLessThan(1)
        expect(start.assumed ? start.why : 'a study', line.id).toMatch(/no study fits|a study/)
      }
    }
  })

  it('follow the setting of the examination, and the clinic’s own figure for that setting alone', () => {
    const { exam } = sorePelvis()
    const first = { ...exam, setting: 'first-contact' as const }
    const own = [
      // Written when the line had another name.
      { line: 'sij-pain-pelvis', setting: 'first-contact' as const, p: 0.07, source: 'our audit', by: BY, at: 1 },
    ]
    expect(priorOf('sij-pain', 'right', first).p).not.toBe(priorOf('sij-pain', 'right', exam).p)
    expect(priorOf('sij-pain', 'right', first, own)).toMatchObject({
      p: 0.07,
      assumed: false,
      why: expect.stringMatching('set by Somebody \\(our audit\\)') as string,
    })
    expect(priorOf('sij-pain', 'right', exam, own).p).toBe(priorOf('sij-pain', 'right', exam).p)
    const back = [...own, { ...own[0], line: own[0]?.line ?? '', setting: 'first-contact' as const, p: null, source: 'x', by: BY, at: 2 }]
    expect(priorOf('sij-pain', 'right', first, back).p).toBe(priorOf('sij-pain', 'right', first).p)
  })
})

describe('coverage', () => {
  const lines = coverage(REGISTER)

  it('tells of every test whether anything is known, tests without a figure first', () => {
    const states = lines.map((l) => l.state)
    expect(states.indexOf('moves')).toBeGreaterThan(states.lastIndexOf('shown'))
    expect(states.indexOf('shown')).toBeGreaterThan(states.lastIndexOf('none'))
    expect(lines.find((l) => l.test.id === 'thigh-thrust')).toMatchObject({ state: 'moves' })
    expect(lines.find((l) => l.test.id === 'faber')?.state).toBe('shown')
    expect(lines.filter((l) => l.state === 'none').length).toBeGreaterThan(0)
  })
})
