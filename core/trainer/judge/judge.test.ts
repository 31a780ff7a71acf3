import { describe, expect, it } from 'vitest'
import { assess } from '../../assess'
import { testById } from '../../catalogue'
import { EDITION } from '../../edition'
import type { ExamEvent } from '../../record/event'
import type { Attempt, Commitment, HandsOn, PracticeStep } from '../attempt'
import { costOf } from '../cost'
import { carefulSteps, commitmentFrom, examine, perform } from '../examinee'
import { casesWith, numberedCase, patientFrom } from '../generate'
import { askedTruly, recorded } from '../perform'
import type { SimulatedPatient } from '../simulated-patient'
import { type TrapId, TRAPS } from '../trap'
import { brierOf, isRight, truthWords } from './conclusion'
import { economyScore, parOf } from './economy'
import { urgencyOf } from './expected'
import { calibrationScore, judge, overall } from './judge'
import type { Skill } from './moment'

const SURE: Omit<Commitment, 'sources'> = { certainty: 80, next: 'treat', urgency: null }
const NO_PAR = { plan: { tests: 0, turns: 0, seconds: 0 }, planFinds: true, best: null }

function test(id: string) {
  const found = testById(id)
  if (!found) throw new Error(`There is no test called ${id}.`)
  return found
}

const trapped = (trap: TrapId) => {
  const [n = 1] = casesWith(trap, 1)
  return numberedCase(TRAPS[trap].region, n)
}

/** Everything asked, these tests done, every answer read truly. */
function attempt(
  patient: SimulatedPatient,
  tests: readonly (readonly [string, 'left' | 'right' | 'none', string?])[],
  commitment: Partial<Commitment> = {},
): Attempt {
  const record = tests.reduce((r, [id, side, way]) => recorded(r, patient, test(id), side, way ?? test(id).variants[0]?.id ?? ''), askedTruly(patient, EDITION))
  const sources = patient.sources.slice(0, 1).map(({ source, side }) => ({ source, side, level: null }))
  const { events } = record
  return { events, steps: carefulSteps(patient, events), commitment: { ...SURE, sources, ...commitment }, committedAt: (events.at(-1)?.at ?? 0) + 1 }
}

const of = (patient: SimulatedPatient, given: Attempt, skill: Skill, verdict: string) =>
  judge(patient, given, NO_PAR).moments.filter((m) => m.skill === skill && m.verdict === verdict)

/** Change what was written at one stage. */
const rewritten = (given: Attempt, stage: string, change: (event: Extract<ExamEvent, { type: 'stage-answered' }>) => ExamEvent): Attempt => ({
  ...given,
  events: given.events.map((e) => (e.type === 'stage-answered' && e.stage === stage ? change(e) : e)),
})

const rehanded = (given: Attempt, stage: string, change: Partial<HandsOn>): Attempt => ({
  ...given,
  steps: given.steps.map((s): PracticeStep => (s.kind === 'hands' && s.stage === stage ? { ...s, ...change } : s)),
})

const ROOTED = patientFrom(
  { region: 'back', sources: [{ source: 'root-lumbar-low', side: 'left', level: 'S1' }], serious: null, irritability: 'low' },
  'judged root',
)

describe('the judge', () => {
  it('finds nothing to blame where everything was asked, done and read as it was', () => {
    for (const region of ['neck', 'back', 'pelvis'] as const) {
      for (let n = 1; n <= 10; n++) {
        const patient = numberedCase(region, n)
        const { record, commitment } = examine(patient, 'plan', EDITION)
        const given: Attempt = { events: record.events, steps: carefulSteps(patient, record.events), commitment, committedAt: record.events.at(-1)?.at ?? 0 }
        // It is the plan itself that is judged.
        const blamed = judge(patient, given, { ...NO_PAR, plan: costOf(record.events) }).moments.filter(
          (m) => m.verdict !== 'right' && m.skill !== 'conclusion' && m.skill !== 'calibration',
        )
        expect([patient.case, blamed]).toEqual([patient.case, []])
      }
    }
  })

  it('calls a stretch that was written down as the familiar symptom what it was', () => {
    const patient = trapped('hamstring-slump')
    const side = patient.sources[0]?.side === 'left' ? 'right' : 'left'
    const true_ = attempt(patient, [['slump', side]])
    expect(of(patient, true_, 'reading', 'wrong')).toEqual([])
    const tempted = rewritten(true_, 'knee', (e) => ({
      ...e,
      answer: { said: 'familiar', symptom: 'S1', places: patient.symptoms[0]?.places ?? [], intensity: 5 },
    }))
    const [wrong] = of(patient, tempted, 'reading', 'wrong')
    expect(wrong?.what).toContain('Straighten the knee')
    expect(wrong?.why).toMatch(/^They said: “.+” Healthy tissue/)
    expect(wrong?.instead).toBe('It was a stretch.')
  })

  it('takes an onset a few degrees off, and not one that is far off; the right place, and not another', () => {
    const given = attempt(ROOTED, [['leg-raise', 'left']])
    const shift = (by: number) =>
      rewritten(given, 'raise', (e) => (e.answer.said === 'familiar' ? { ...e, answer: { ...e.answer, onset: (e.answer.onset ?? 0) + by } } : e))
    expect(of(ROOTED, shift(6), 'reading', 'wrong')).toEqual([])
    expect(of(ROOTED, shift(20), 'reading', 'wrong')[0]?.instead).toMatch(/^It began at \d+°/)
    const elsewhere = rewritten(given, 'raise', (e) => (e.answer.said === 'familiar' ? { ...e, answer: { ...e.answer, places: ['right-groin'] } } : e))
    expect(of(ROOTED, elsewhere, 'reading', 'wrong')[0]?.instead).toMatch(/^It came on in the/)
  })

  it('does not tell a pull, something else and nothing apart: none of them is theirs', () => {
    const given = attempt(ROOTED, [['leg-raise', 'right']])
    expect(
      of(
        ROOTED,
        rewritten(given, 'raise', (e) => ({ ...e, answer: { said: 'other', places: [] } })),
        'reading',
        'wrong',
      ),
    ).toEqual([])
  })

  it('fails a step that something stood against, at its moment, though nobody asked', () => {
    const patient = trapped('cord-as-root')
    const honest = askedTruly(patient, EDITION)
    // The trainee wrote a no to everything, so that nothing of theirs was locked.
    const opened = honest.events.filter((e) => e.type !== 'screen-answered')
    const clean = trapped('compression-positive')
    const pressed = recorded(askedTruly(clean, EDITION), clean, test('neck-compression'), 'none', 'graded').events.filter(
      (e) => e.type === 'test-started' || e.type === 'stage-answered',
    )
    const given: Attempt = { events: [...opened, ...pressed], steps: [], commitment: { ...SURE, sources: [] }, committedAt: (pressed.at(-1)?.at ?? 0) + 1 }
    const judged = judge(patient, given, NO_PAR)
    const unsafe = judged.moments.filter((m) => m.verdict === 'unsafe' && m.event !== null)
    expect(unsafe[0]?.event).toBe(pressed.find((e) => e.type === 'stage-answered')?.id)
    expect(unsafe[0]?.why).toContain('Spinal cord')
    expect([judged.passed, overall(judged)]).toEqual([false, 0])
  })

  it('fails going on with a test in which they said stop', () => {
    const patient = patientFrom(
      { region: 'back', sources: [{ source: 'root-lumbar-low', side: 'left', level: 'S1' }], serious: null, irritability: 'moderate' },
      'judged stop 4',
    )
    const given = attempt(patient, [['slump', 'left']])
    const knee = given.events.find((e) => e.type === 'stage-answered' && e.stage === 'knee')
    if (knee?.type !== 'stage-answered' || knee.answer.said !== 'familiar') throw new Error('The knee brought nothing on.')
    const onset = knee.answer.onset ?? 0
    const on = (degrees: number, stage: string): Attempt => ({
      ...given,
      events: [
        ...given.events.slice(0, given.events.indexOf(knee)),
        { ...knee, answer: { said: 'stretch', places: [] } },
        { ...knee, id: `${knee.id.slice(0, -2)}ff`, at: knee.at + 1000, stage, answer: { said: 'nothing' } },
      ],
      steps: rehanded(given, 'knee', { reach: { degrees: onset + degrees } }).steps,
    })
    const unsafe = (tried: Attempt) => of(patient, tried, 'safety', 'unsafe').map((m) => `${m.what} ${m.why}`)
    expect(unsafe(on(-22, 'ankle')).join(' ')).toMatch(/went on after they had said stop\. At “.+” they said: “Stop! Please stop\.”/)
    expect(unsafe(on(-6, 'ankle'))).toEqual([])
    // Brought back before the question: they said it all the same.
    const back = on(-6, 'ankle')
    const brought = { ...back, steps: rehanded(back, 'knee', { farthest: onset - 22 }).steps }
    expect(unsafe(brought).join(' ')).toContain('went on after they had said stop')
    expect(of(patient, brought, 'technique', 'wrong').map((m) => m.what)).toContainEqual(expect.stringContaining('taken 22° past the first symptom'))
    // Letting go is what stop asks for.
    expect(unsafe(on(-22, 'neck-go'))).toEqual([])
  })

  it('fails going on after a positive neutral compression, written down or not', () => {
    const patient = trapped('compression-positive')
    const first = recorded(askedTruly(patient, EDITION), patient, test('neck-compression'), 'none', 'graded')
    const written = first.events.findLast((e) => e.type === 'stage-answered')
    if (written?.type !== 'stage-answered') throw new Error('Nothing was answered.')
    expect(written.stage).toBe('neutral')
    const blind: Attempt = {
      events: [
        ...first.events.slice(0, -1),
        { ...written, answer: { said: 'nothing' } },
        { ...written, id: `${written.id.slice(0, -2)}ff`, at: written.at + 1000, stage: 'extension', answer: { said: 'nothing' } },
      ],
      steps: [],
      commitment: { ...SURE, sources: [] },
      committedAt: written.at + 2000,
    }
    const unsafe = judge(patient, blind, NO_PAR).moments.filter((m) => m.verdict === 'unsafe')
    expect(unsafe.map((m) => m.what).join(' ')).toContain('Extension')
  })

  it('judges how it was done: the question, the pace, the force, the hold and the first symptom', () => {
    const given = attempt(ROOTED, [['leg-raise', 'left']])
    const faults = (change: Partial<HandsOn>, stage = 'raise', on = given, who = ROOTED) =>
      of(who, rehanded(on, stage, change), 'technique', 'wrong').map((m) => m.what)
    expect(faults({})).toEqual([])
    expect(faults({ asked: 'leading' })[0]).toContain('named the pain')
    expect(faults({ asked: 'nothing' })[0]).toContain('nobody was asked')
    expect(faults({ pace: 'fast' })[0]).toContain('jerk')
    const onset = given.events.flatMap((e) => (e.type === 'stage-answered' && e.answer.said === 'familiar' ? (e.answer.onset ?? 0) : []))[0] ?? 0
    expect(faults({ reach: { degrees: onset + 15 } })[0]).toContain('past the first symptom')
    expect(judge(ROOTED, rehanded(given, 'raise', { reach: { degrees: onset + 40 } }), NO_PAR).passed).toBe(false)
    const hip = patientFrom({ region: 'pelvis', sources: [{ source: 'hip', side: 'left' }], serious: null, irritability: 'low', sensitivity: -1 }, 'judged hip')
    const thrust = attempt(hip, [['sij-distraction', 'none']])
    expect(faults({ reach: { newtons: 90 } }, 'press', thrust, hip)[0]).toContain('90 N')
    expect(faults({ reach: { newtons: 270, held: 1 } }, 'press', thrust, hip)[0]).toContain('held 1 of 5 s')
    expect(of(hip, { ...thrust, steps: [] }, 'technique', 'wrong')[0]?.what).toContain('without doing it')
  })

  it('asks for the better side first, and for one way on both sides', () => {
    const order = (tests: Parameters<typeof attempt>[1], verdict: string) =>
      of(ROOTED, attempt(ROOTED, tests), 'technique', verdict)
        .map((m) => m.what)
        .join(' ')
    expect(
      order(
        [
          ['leg-raise', 'right'],
          ['leg-raise', 'left'],
        ],
        'right',
      ),
    ).toContain('the better side first')
    expect(
      order(
        [
          ['leg-raise', 'left'],
          ['leg-raise', 'right'],
        ],
        'wrong',
      ),
    ).toContain('the sore side first')
    expect(
      order(
        [
          ['leg-raise', 'right'],
          ['leg-raise', 'left', 'ankle-preset'],
        ],
        'wrong',
      ),
    ).toContain('another technique')
  })

  it('judges what was asked and written of the story and the screen', () => {
    const given = attempt(ROOTED, [['leg-raise', 'left']])
    const silent: Attempt = { ...given, steps: given.steps.filter((s) => s.kind !== 'story') }
    expect(of(ROOTED, silent, 'story', 'wrong').map((m) => m.what)).toContain('What it is like: not asked before the first test.')
    const cancer = patientFrom({ region: 'back', serious: 'malignancy' }, 'judged serious')
    const honest = attempt(cancer, [], { sources: [], next: 'refer', urgency: 'medical-review' })
    expect(of(cancer, honest, 'story', 'right').some((m) => m.what.includes('cancer'))).toBe(true)
    const denied: Attempt = { ...honest, events: honest.events.map((e) => (e.type === 'screen-answered' && e.item === 'cancer' ? { ...e, answer: 'no' } : e)) }
    expect(of(cancer, denied, 'story', 'wrong')[0]?.why).toBe('They said yes.')
    const unasked: Attempt = { ...honest, events: honest.events.filter((e) => e.type !== 'screen-answered' || e.item !== 'cancer') }
    expect(of(cancer, unasked, 'story', 'wrong')[0]?.what).toContain('Not asked')
  })

  it('fails treating what has to be referred, and referring too late', () => {
    const cauda = patientFrom({ region: 'back', serious: 'cauda-equina' }, 'judged cauda')
    expect(urgencyOf(cauda)).toBe('emergency')
    const decided = (next: 'treat' | 'refer', urgency: Commitment['urgency']) => judge(cauda, attempt(cauda, [], { sources: [], next, urgency }), NO_PAR)
    expect(decided('treat', null).passed).toBe(false)
    expect(decided('refer', 'medical-review').passed).toBe(false)
    expect(decided('refer', 'emergency').passed).toBe(true)
    expect(urgencyOf(ROOTED)).toBeNull()
    expect(of(ROOTED, attempt(ROOTED, [], { next: 'refer', urgency: 'urgent' }), 'conclusion', 'wrong').length).toBe(1)
  })

  it('names what was missed, the wrong side and the wrong level', () => {
    const said = (sources: Commitment['sources']) =>
      of(ROOTED, attempt(ROOTED, [], { sources }), 'conclusion', 'wrong')
        .map((m) => m.why)
        .join(' ')
    expect(said([{ source: 'root-lumbar-low', side: 'left', level: 'S1' }])).toBe('')
    expect(said([{ source: 'root-lumbar-low', side: 'right', level: null }])).toContain('It is on the left.')
    expect(said([{ source: 'root-lumbar-low', side: 'left', level: 'L5' }])).toContain('It is S1.')
    expect(said([{ source: 'hamstring', side: 'left', level: null }])).toContain('What truly hurts')
    expect(said([])).toContain('Lumbosacral radiculopathy (L4-S1), left, S1')
  })

  it('scores certainty by Brier: sure and right earns all, a coin nothing, sure and wrong nothing', () => {
    const right = { sources: [{ source: 'root-lumbar-low', side: 'left', level: null }], certainty: 90 } as const
    expect(isRight(ROOTED, right)).toBe(true)
    expect(brierOf(ROOTED, right)).toBeCloseTo(0.01)
    expect(brierOf(ROOTED, { sources: [], certainty: 90 })).toBeCloseTo(0.81)
    expect([calibrationScore([0.01]), calibrationScore([0.25]), calibrationScore([0.81]), calibrationScore([0.01, 0.09])]).toEqual([96, 0, 0, 80])
  })

  it('asks for no side of what lies in the middle', () => {
    const cord = patientFrom({ region: 'neck', sources: [{ source: 'cord' }], serious: null }, 'shown cord')
    for (const side of ['left', 'right'] as const) {
      const held = { sources: [{ source: 'cord', side, level: null }], certainty: 80, next: 'refer', urgency: 'urgent' } as const
      expect(isRight(cord, held)).toBe(true)
      expect(of(cord, attempt(cord, [], held), 'conclusion', 'wrong')).toEqual([])
    }
    expect(truthWords(cord)).toBe('Spinal cord (myelopathy) (C5–C6)')
  })

  it('holds the cost against the plan and the best order, which shows what is true and is never dearer', () => {
    const seen = new Set<boolean>()
    for (const [region, n] of [
      ['pelvis', 2],
      ['pelvis', 4],
      ['back', 4],
      ['back', 8],
    ] as const) {
      const patient = numberedCase(region, n)
      const par = parOf(patient)
      seen.add(par.planFinds)
      if (par.planFinds) {
        expect(par.best?.cost.tests).toBeLessThanOrEqual(par.plan.tests)
        expect(par.best?.cost.seconds).toBeLessThanOrEqual(par.plan.seconds)
      }
      if (par.best) {
        const record = par.best.order.reduce(
          (r, { test, side }) => {
            const known = testById(test)
            return known ? perform(r, patient, known, side, known.variants[0]?.id ?? '') : r
          },
          askedTruly(patient, EDITION),
        )
        expect([region, n, isRight(patient, commitmentFrom(assess(record.exam)))]).toEqual([region, n, true])
      }
      const plan = examine(patient, 'plan', EDITION).record
      expect(economyScore({ events: plan.events }, par)).toBe(1)
      const all = examine(patient, 'catalogue', EDITION).record
      expect(economyScore({ events: all.events }, par)).toBeLessThan(0.5)
    }
    expect(seen).toEqual(new Set([true, false]))
  })
})
