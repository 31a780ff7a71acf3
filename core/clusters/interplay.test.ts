import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, own, sorePelvis } from '../../tests/people'
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

  it('not when the nerve test was quiet, nor on the other side, nor for another symptom', () => {
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
})
