import { describe, expect, it } from 'vitest'
import { BUTTOCK, opened, own, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import { testById } from '../catalogue'
import type { Composed } from '../record/compose'
import type { SymptomDescribed } from '../record/event'
import { routeOf } from './route'

const told = (more: Partial<Pick<SymptomDescribed, 'words' | 'places' | 'qualities' | 'bringsOn'>>) =>
  opened().symptom('S1', { now: 3, qualities: ['aching'], ...more })
const planned = (record: Composed) =>
  new Set<string>(
    routeOf(assess(record.exam))
      .flatMap((leg) => leg.steps)
      .map((s) => s.test.id),
  )

describe('what the story asks for beside the zones', () => {
  it('nerves are looked at where a nerve may speak: by its quality, or in a test', () => {
    const dull = told({ places: ['left-low-back'] })
    expect(planned(dull)).not.toContain('neuro-lower')
    expect(planned(told({ places: ['left-low-back'], qualities: ['tingling'] }))).toContain('neuro-lower')
    expect(planned(dull.test('leg-raise', 'left', [own(['left-low-back'], 6, 40)]))).toContain('neuro-lower')
  })

  it('outlet tests where the story fits, hip tests with groin pain', () => {
    expect(planned(told({ places: ['left-upper-arm-back'] }))).not.toContain('elevated-arm-stress')
    expect(planned(told({ places: ['left-upper-arm-back'], bringsOn: 'hanging the nets overhead' }))).toContain('elevated-arm-stress')
    expect(planned(told({ places: ['left-little-finger'], qualities: ['tingling'] }))).toContain('arm-pulse-inspiration')
    expect(planned(told({ places: ['left-groin'] }))).toContain('hip-scour')
    expect(planned(told({ places: ['left-buttock'] }))).not.toContain('hip-scour')
  })

  it('a plain hamstring story gets no pelvic and no prone tests; one that shoots does', () => {
    const of = (qualities: SymptomDescribed['qualities']) => [...planned(told({ places: ['left-thigh-back'], qualities }))].map((id) => testById(id))
    expect(of(['aching']).filter((t) => t?.region === 'pelvis' || t?.posture === 'prone')).toEqual([])
    expect(of(['aching']).length).toBeGreaterThan(0)
    expect(of(['shooting']).some((t) => t?.region === 'pelvis')).toBe(true)
  })

  it('repeated movements come before two pelvic positives are believed', () => {
    const one = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK])
    expect(planned(one)).not.toContain('repeated-movement')
    expect(planned(one.test('faber', 'right', [BUTTOCK]))).toContain('repeated-movement')
  })
})
