import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, own, performed, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import type { Composed } from '../record/compose'

const warnings = (record: Composed) => assess(record.exam).interplay.map((i) => `${i.side}: ${i.what}`)
const both = sorePelvis().symptom('S1', { places: ['right-buttock', 'right-calf'], qualities: ['shooting'], now: 3 })

describe('findings that may fake one another', () => {
  it('a nerve symptom shared with a pelvic positive is flagged, from the raise and from the slump', () => {
    expect(warnings(both.test('leg-raise', 'right', [own(['right-calf'])]).test('faber', 'right', [BUTTOCK]))[0]).toMatch(
      'right: S1 also came on under nerve tension',
    )
    const slumped = both.test('slump', 'right', [NOTHING, NOTHING, NOTHING, NOTHING, own(['right-calf']), { said: 'eased' }, { said: 'returned' }])
    expect(warnings(slumped.test('gaenslen', 'right', [BUTTOCK]))).toHaveLength(1)
  })

  it('not when the nerve test was negative, nor on the other side, nor for another symptom', () => {
    expect(warnings(both.test('leg-raise', 'right', [NOTHING]).test('faber', 'right', [BUTTOCK]))).toEqual([])
    const other = both.symptom('S2', { places: ['right-calf'], qualities: ['shooting'], now: 1 })
    const raised = other.test('leg-raise', 'right', [{ said: 'familiar', symptom: 'S2', places: ['right-calf'], intensity: 4 }])
    expect(warnings(raised.test('faber', 'right', [BUTTOCK]))).toEqual([])
  })

  it('groin pain on FABER casts doubt on what is pressed through the thigh', () => {
    const hip = sorePelvis().test('faber', 'right', [own(['right-groin'])])
    expect(warnings(hip)).toEqual([])
    expect(warnings(hip.test('thigh-thrust', 'right', [BUTTOCK]))[0]).toMatch('a sore hip is also pressed by the thigh thrust')
  })

  it('a hip that turns in too little, hurts on the sweep and in the groin on FABER discounts what is pressed through the thigh; two of three do not', () => {
    const turned = (record: Composed, side: 'left' | 'right', end: number) =>
      performed(record, 'hip-internal-rotation', side, { turn: { said: 'nothing', end } })
    const faber = sorePelvis().test('faber', 'right', [own(['right-groin'])])
    const sweep = (record: Composed) => performed(record, 'hip-scour', 'right', { sweep: own(['right-groin']) })
    const stiff = (record: Composed) => turned(turned(record, 'right', 12), 'left', 40)
    expect(warnings(stiff(sweep(faber)))[0]).toMatch('discount pelvic positives pressed through the thigh')
    expect(warnings(stiff(faber)).join()).not.toMatch('discount')
    expect(warnings(turned(turned(sweep(faber), 'right', 38), 'left', 40)).join()).not.toMatch('discount')
    expect(warnings(stiff(performed(faber, 'hip-scour', 'right'))).join()).not.toMatch('discount')
    // The other hip says nothing about this one.
    expect(warnings(turned(turned(sweep(faber), 'right', 40), 'left', 12)).join()).not.toMatch('discount')
  })

  it('FABER in the groin alone, or beside a negative thigh thrust, warns of nothing; centralised pain warns only beside a pelvic positive', () => {
    const faber = sorePelvis().test('faber', 'right', [own(['right-groin'])])
    expect(warnings(faber.test('thigh-thrust', 'right', [NOTHING]))).toEqual([])
    expect(warnings(faber.test('sij-compression', 'right', [BUTTOCK])).join()).not.toMatch('sore hip')
    const centralised = performed(sorePelvis(), 'repeated-movement', 'none', { flexion: { said: 'observed', choice: 'centralises' } })
    expect(warnings(centralised)).toEqual([])
    expect(warnings(centralised.test('thigh-thrust', 'right', [BUTTOCK]))[0]).toMatch('worth about 1 instead of 4')
  })
})
