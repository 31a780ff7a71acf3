import { describe, expect, it } from 'vitest'
import { NOTHING, opened, own, performed, quiet, soreLeg } from '../../tests/people'
import { testById } from '../catalogue'
import { assess } from '../assess'
import type { Answer } from '../record/answer'
import { type Composed } from '../record/compose'
import { sidesOf } from '../record/outline'
import type { Place } from '../vocabulary/body-area'
import type { TestSide } from '../vocabulary/side'
import { starting, somebody } from '../../tests/safety-text'
import { yes } from '../../tests/admitted'

describe('rules triggered by results, by the text', () => {
  const cells = (c: Readonly<Record<string, string>>): Answer => ({ said: 'grid', cells: c })
  const arm = () => opened().symptom('S1', { words: 'arm', places: ['left-forearm-front'], qualities: ['shooting'], now: 3 })
  const neuro = (record: Composed, test: 'neuro-upper' | 'neuro-lower', side: TestSide, given: Readonly<Record<string, Readonly<Record<string, string>>>>) =>
    performed(
      record,
      test,
      side,
      Object.fromEntries(
        Object.entries(given).map(([stage, changed]) => {
          const plain = testById(test)?.stages.find((s) => s.id === stage)
          const usual = plain ? quiet(plain) : NOTHING
          return [stage, usual.said === 'grid' ? cells({ ...usual.cells, ...changed }) : usual]
        }),
      ),
    )

  it.each([
    ['both palms', 'neck-compression', ['left-palm', 'right-palm']],
    ['both palms', 'ulnt-1', ['left-palm', 'right-palm']],
    ['both thighs', 'leg-raise', ['left-thigh-back', 'right-thigh-back']],
    ['one above and one below the knee', 'slump', ['left-thigh-back', 'right-calf']],
    ['the saddle', 'faber', ['left-saddle']],
  ] as const)('%s in %s halts everything, familiar symptom or not', (_, id, places) => {
    for (const answer of [own([...places] as Place[], 6), { said: 'other', places: [...places] as Place[] } satisfies Answer]) {
      const test = testById(id)
      if (!test) throw new Error(id)
      const record = somebody().test(id, sidesOf(test)[0] ?? 'none', [answer])
      expect(starting(record, 'leg-raise')?.do).toMatch('Ask the myelopathy and cauda equina questions')
    }
  })

  it('strength of 3 or less, more than one root, or both legs halt; saddle feeling is an emergency; the screen may be done again', () => {
    const after = (record: Composed) => starting(record, 'slump')?.do
    expect(after(neuro(soreLeg(), 'neuro-lower', 'left', { strength: { 'l5.strength': '3' } }))).toMatch('today')
    expect(after(neuro(soreLeg(), 'neuro-lower', 'left', { strength: { 'l4.strength': '4', 'l5.strength': '4' } }))).toMatch('Urgent')
    expect(after(neuro(soreLeg(), 'neuro-lower', 'left', { strength: { 'l5.strength': '4' } }))).toBeUndefined()
    const both = (['left', 'right'] as const).reduce((r, side) => neuro(r, 'neuro-lower', side, { strength: { 'l5.strength': '4' } }), soreLeg())
    expect(after(both)).toMatch('Emergency')
    expect(starting(both, 'neuro-lower')).toBeNull()
    expect(after(neuro(soreLeg(), 'neuro-lower', 'left', { sensation: { 'saddle.touch': 'less' } }))).toMatch('Emergency')
    // Quiet alike on both sides is no deficit.
    const alike = (['left', 'right'] as const).reduce(
      (r, side) => neuro(r, 'neuro-lower', side, { reflexes: { 'achilles.reflex': '1', 'patellar.reflex': '0' } }),
      soreLeg(),
    )
    expect(after(alike)).toBeUndefined()
  })

  it.each(['finger-flick', 'inverted-brachioradialis', 'plantar-up', 'clonus', 'gait', 'clumsy'])(
    'the cord sign %s is positive for the cord and halts the neck',
    (sign) => {
      const record = neuro(arm(), 'neuro-upper', 'left', { cord: { [`${sign}.sign`]: 'yes' } })
      expect(assess(record.exam).findings.find((f) => f.test === 'neuro-upper')).toMatchObject({ result: 'positive' })
      expect(starting(record, 'neck-compression')?.do).toMatch('Urgent referral')
      expect(starting(record, 'leg-raise')).toBeNull()
    },
  )

  it('brisk reflexes alone on both sides are a caution; with another sign they halt', () => {
    const brisk = (r: Composed) =>
      (['left', 'right'] as const).reduce((s, side) => neuro(s, 'neuro-upper', side, { reflexes: { 'biceps.reflex': '3', 'triceps.reflex': '3' } }), r)
    expect(starting(brisk(arm()), 'neck-compression')).toBeNull()
    expect(assess(brisk(arm()).exam).findings.find((f) => f.test === 'neuro-upper')?.result).not.toBe('positive')
    expect(starting(neuro(brisk(arm()), 'neuro-lower', 'left', { cord: { 'plantar-up.sign': 'yes' } }), 'neck-compression')?.do).toMatch('Urgent')
  })

  it('a new or worse deficit halts, and leaves the recheck that it demands', () => {
    const worse = neuro(neuro(soreLeg(), 'neuro-lower', 'left', {}), 'neuro-lower', 'left', { sensation: { 's1.touch': 'less' } })
    expect(starting(worse, 'leg-raise')?.what).toMatch('Progressive neurological deficit')
    expect(starting(worse, 'neuro-lower')).toBeNull()
  })

  it('any ligament test positive, slack or with a warning halts the neck; an override lifts nothing', () => {
    const positive: readonly (readonly [string, TestSide, Readonly<Record<string, Answer>>])[] = [
      ['upper-neck-shear', 'none', { glide: { said: 'observed', choice: 'slide' } }],
      ['upper-neck-shear', 'none', { nod: { said: 'observed', choice: 'symptoms' }, after: { said: 'observed', choice: 'eased' } }],
      ['transverse-ligament', 'none', { lift: { said: 'observed', choice: 'soft' } }],
      ['alar-ligament', 'left', { three: cells({ 'neutral.tilt': 'late', 'bent.tilt': 'once', 'extended.tilt': 'once' }) }],
    ]
    for (const [test, side, given] of positive) {
      const record = performed(arm(), test, side, given)
      expect(starting(record, 'neck-rotation'), test).not.toBeNull()
      const run = record.exam.runs[0]?.id ?? ''
      const called = record.then({ type: 'finding-overridden', run, about: 'left', result: 'negative', why: 'felt like skin' })
      expect(starting(called, 'neck-rotation'), test).not.toBeNull()
    }
  })

  it('“ligament tests first” is met by all three, complete and on both sides, and by nothing less', () => {
    const reason = () => yes(arm(), 'down')
    const full = cells(
      Object.fromEntries(
        ['neutral', 'bent', 'extended'].flatMap((row): [string, string][] => [
          [`${row}.tilt`, 'once'],
          [`${row}.turn`, 'once'],
          [`${row}.pain`, 'no'],
        ]),
      ),
    )
    const shear = (r: Composed) => performed(r, 'upper-neck-shear', 'none')
    const lift = (r: Composed) => performed(r, 'transverse-ligament', 'none')
    const alar = (r: Composed, side: 'left' | 'right', given: Answer = full) => performed(r, 'alar-ligament', side, { three: given })
    const ready = alar(alar(lift(shear(reason())), 'left'), 'right')
    expect(starting(ready, 'neck-rotation')).toBeNull()
    for (const less of [
      shear(reason()),
      lift(shear(reason())),
      alar(lift(shear(reason())), 'left'),
      alar(alar(lift(shear(reason())), 'left'), 'right', cells({ 'neutral.pain': 'no' })),
    ])
      expect(starting(less, 'neck-rotation')?.what).toMatch('laxity possible')
    // Consent that was withdrawn and given again takes nothing back of what was done.
    expect(starting(ready.then({ type: 'consent-withdrawn' }).consent(), 'neck-rotation')).toBeNull()
  })
})
