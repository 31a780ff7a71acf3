import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { Answer } from '../record/answer'
import { BUTTOCK, NOTHING, opened, own, performed, quiet, soreLeg, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import { CATALOGUE } from '../catalogue'
import { sidesOf } from '../record/outline'
import type { Composed } from '../record/compose'
import { POSTURES } from '../vocabulary/posture'
import { lastRun, nextStep, routeOf, variantFor } from './route'

const route = (record: Composed) => routeOf(assess(record.exam))
const steps = (record: Composed) => route(record).flatMap((leg) => leg.steps)
const step = (record: Composed, test: string, side: string) => steps(record).find((s) => s.test.id === test && s.side === side)

describe('the planned route', () => {
  it('takes postures in the order that turns a sore person least, each once', () => {
    for (const record of [opened(), soreLeg(), sorePelvis()]) {
      const postures = route(record).map((leg) => leg.posture)
      expect(postures).toEqual(POSTURES.filter((p) => postures.includes(p)))
    }
  })

  it('reads pelvic tests on the painful side alone, neural ones on both', () => {
    const sides = (test: string) =>
      steps(sorePelvis())
        .filter((s) => s.test.id === test)
        .map((s) => s.side)
    expect(sides('thigh-thrust')).toEqual(['right'])
    expect(sides('slump')).toEqual(['left', 'right'])
    expect(sides('sij-distraction')).toEqual(['none'])
  })

  it('a low back that aches across is no reason to press both sides of the pelvis', () => {
    const record = sorePelvis().symptom('S2', { places: ['left-low-back', 'right-low-back'], now: 2 })
    expect(
      steps(record)
        .filter((s) => s.test.id === 'thigh-thrust')
        .map((s) => s.side),
    ).toEqual(['right'])
  })

  it('every step says why it stands where it does, in a sentence', () => {
    const records = [
      opened(),
      soreLeg(),
      sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]),
      soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)]),
    ]
    for (const s of records.flatMap(steps)) expect(s.why, s.test.id).toMatch(/^[A-ZÀ-Ý].*\.$/s)
  })

  it('leaves out with its reason, and keeps a done test with what it showed', () => {
    const record = sorePelvis().then({ type: 'test-skipped', test: 'faber', side: 'right', why: 'knee too sore' }).test('thigh-thrust', 'right', [BUTTOCK])
    expect(step(record, 'faber', 'right')).toMatchObject({ state: 'skipped', why: 'Left out: knee too sore.' })
    expect(step(record, 'thigh-thrust', 'right')).toMatchObject({ state: 'done' })
    expect(step(record, 'thigh-thrust', 'right')?.why).toMatch('familiar pain below L5')
  })

  it('once the rule is decided its other tests are spare, with the reason', () => {
    const met = sorePelvis().test('sij-distraction', 'none', [BUTTOCK]).test('faber', 'right', [BUTTOCK]).test('thigh-thrust', 'right', [BUTTOCK])
    expect(step(met, 'gaenslen', 'right')).toMatchObject({ state: 'changes-nothing', why: 'SI joint, 3 of 5 is decided: this can no longer change it.' })
    expect(nextStep(route(met), met.exam)?.test.id).not.toBe('gaenslen')
  })

  it('a contraindicated test stands there with why, and is never suggested', () => {
    const contraindicated = sorePelvis().then({ type: 'screen-answered', item: 'known-fracture', answer: 'yes' })
    expect(step(contraindicated, 'faber', 'right')).toMatchObject({ state: 'withheld' })
    const pressing = new Set(['sij-distraction', 'faber', 'thigh-thrust', 'gaenslen', 'sij-compression'])
    let record = contraindicated
    for (let n = 0; n < 40; n++) {
      const next = nextStep(route(record), record.exam)
      if (!next) break
      expect(pressing.has(next.test.id)).toBe(false)
      record = record.then({ type: 'test-skipped', test: next.test.id, side: next.side, why: 'walking the route' })
    }
    expect(nextStep(route(record), record.exam)).toBeUndefined()
  })

  it('following the suggestion always ends, and asks for nothing twice', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(soreLeg(), sorePelvis(), opened().symptom('S1', { places: ['left-calf', 'right-buttock'], qualities: ['shooting'], now: 2 })),
        fc.infiniteStream(fc.boolean()),
        (start, hurts) => {
          let record = start
          const seen = new Set<string>()
          for (let n = 0; n < 60; n++) {
            const next = nextStep(route(record), record.exam)
            if (!next) return
            const key = `${next.test.id} ${next.side}`
            expect(seen.has(key), key).toBe(false)
            seen.add(key)
            const side = next.side === 'none' ? 'right' : next.side
            const painful = hurts.next().value === true
            if (painful && next.test.reading.kind === 'provocation') record = record.test(next.test.id, next.side, [own([`${side}-buttock`])])
            else if (painful && next.test.id === 'leg-raise') record = record.test(next.test.id, next.side, [own([`${side}-calf`])])
            else record = performed(record, next.test.id, next.side)
          }
          throw new Error('The route does not end.')
        },
      ),
      { numRuns: 30 },
    )
  })
})

describe('nerves before hands', () => {
  const planned = (record: Composed, mode: 'full-baseline' | 'fewest-turns' | 'quickest-answer') =>
    steps(record.then({ type: 'plan-chosen', mode })).flatMap((s) => (s.state === 'open' ? [`${s.test.id} ${s.side}`] : []))
  const arm = () =>
    opened()
      .symptom('S1', { places: ['left-neck-back', 'left-thumb'], qualities: ['tingling'], now: 3 })
      .consent()

  it.each(['full-baseline', 'fewest-turns', 'quickest-answer'] as const)('strength, reflexes and feeling come before anything is loaded: %s', (mode) => {
    for (const [record, screen] of [
      [soreLeg(), 'neuro-lower'],
      [arm(), 'neuro-upper'],
    ] as const) {
      const order = planned(record, mode)
      const first = order.findIndex((key) => !key.startsWith(screen))
      expect(order.slice(0, first).length, order.join(', ')).toBe(mode === 'quickest-answer' ? 1 : 2)
      expect(order.slice(first).some((key) => key.startsWith(screen))).toBe(false)
    }
  })

  it('in the quickest plan the better limb is looked at only where a reflex of the sore one waits for it', () => {
    const quick = (record: Composed) => planned(record, 'quickest-answer')
    const reflexes = (value: string) => performed(soreLeg(), 'neuro-lower', 'left', { reflexes: grid({ 'achilles.reflex': value }) })
    expect(quick(soreLeg())).not.toContain('neuro-lower right')
    expect(quick(performed(soreLeg(), 'neuro-lower', 'left'))).not.toContain('neuro-lower right')
    expect(quick(reflexes('0'))).toContain('neuro-lower right')
  })

  it('a test that takes both sides in turn takes the better one first', () => {
    const way = (record: Composed) => variantFor(record.exam, CATALOGUE.find((t) => t.id === 'neck-compression') ?? fail())
    const right = () => opened().symptom('S1', { places: ['right-thumb'], qualities: ['tingling'], now: 3 })
    expect(way(arm())).toBe('graded-right-first')
    expect(way(right())).toBe('graded')
    expect(way(arm().then({ type: 'screen-answered', item: 'thin-bones', answer: 'yes' }))).toBe('light-right-first')
    const both = opened().symptom('S1', { places: ['left-neck-back', 'right-neck-back'], qualities: ['aching'], now: 3 })
    expect(way(both)).toBe('graded')
    // A performance keeps its way, whatever the story becomes.
    expect(way(performed(arm(), 'neck-compression', 'none', {}, 'graded'))).toBe('graded')
    expect(
      steps(sorePelvis())
        .filter((s) => s.test.id === 'faber')
        .map((s) => s.side),
    ).toEqual(['left', 'right'])
  })
})

const grid = (cells: Readonly<Record<string, string>>): Answer => {
  const stage = CATALOGUE.find((t) => t.id === 'neuro-lower')?.stages.find((s) => s.id === 'reflexes') ?? fail()
  const usual = quiet(stage)
  return usual.said === 'grid' ? { said: 'grid', cells: { ...usual.cells, ...cells } } : usual
}
const fail = (): never => {
  throw new Error('It is in the catalogue.')
}

describe('the way a test is done', () => {
  it('stays the same within an examination until another is chosen', () => {
    const first = CATALOGUE.find((t) => t.id === 'thigh-thrust')
    if (!first) throw new Error('The thigh thrust is in the catalogue.')
    expect(variantFor(sorePelvis().exam, first)).toBe('hand-under')
    const graded = sorePelvis().test('thigh-thrust', 'right', [NOTHING, NOTHING, NOTHING], 'graded')
    expect(variantFor(graded.exam, first)).toBe('graded')
    expect(lastRun(graded.exam, 'thigh-thrust', 'right')?.variant).toBe('graded')
  })

  it('graded is negative only when light, held and quick presses were all negative', () => {
    const find = (record: Composed) => assess(record.exam).findings.find((f) => f.test === 'thigh-thrust')
    expect(find(sorePelvis().test('thigh-thrust', 'right', [NOTHING, NOTHING, NOTHING], 'graded'))?.result).toBe('negative')
    const light = sorePelvis().test('thigh-thrust', 'right', [NOTHING], 'graded')
    expect(find(light)).toBeUndefined()
    const run = light.exam.runs[0]?.id ?? ''
    expect(find(light.then({ type: 'test-stopped', run, why: 'examiner-chose' }))?.result).toBe('inconclusive')
    expect(find(sorePelvis().test('thigh-thrust', 'right', [NOTHING, BUTTOCK], 'graded'))?.result).toBe('positive')
  })

  it('every test can be performed on every side it has, in every way', () => {
    for (const test of CATALOGUE.filter((t) => !t.follows)) {
      for (const way of test.variants) {
        for (const side of sidesOf(test)) {
          // What is stronger than plain compression comes after it.
          const before = test.notWith.some((c) => 'when' in c && c.when === 'compression-first') ? performed(soreLeg(), 'neck-compression', 'none') : soreLeg()
          const done = performed(before, test.id, side, {}, way.id)
          const found = assess(done.exam).findings.filter((f) => f.test === test.id)
          // The well leg is only well on the side that is not sore.
          if (test.reading.kind !== 'crossed') expect(found.length, `${test.id} ${way.id}`).toBeGreaterThan(0)
          for (const f of found) expect(['negative', 'not-applicable', 'inconclusive'], `${test.id} ${way.id}: ${f.why}`).toContain(f.result)
        }
      }
    }
  })
})
