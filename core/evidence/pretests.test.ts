import { describe, expect, it } from 'vitest'
import { opened, soreLeg } from '../../tests/people'
import { pretestsOf } from './pretests'

describe('the pretest of a story', () => {
  it('lists what the story puts somewhere, the likeliest first, with the figure of the other setting', () => {
    const { exam } = opened().symptom('S1', { words: 'down the leg', places: ['left-buttock', 'left-calf'], now: 3 })
    const rows = pretestsOf(exam)
    expect(rows[0]).toMatchObject({ source: 'root-lumbar-low', side: 'left', prior: { p: 0.55, assumed: true }, otherwise: { p: 0.5 } })
    expect(rows.map((r) => r.source)).toEqual(['root-lumbar-low', 'sij-pain', 'hip', 'sij-ligament'])
    expect(rows.every((r) => r.side === 'left' && r.prior.why.length > 0)).toBe(true)
    expect(rows.map((r) => r.prior.p)).toEqual(rows.map((r) => r.prior.p).toSorted((a, b) => b - a))
  })

  it('turns round with the setting, and takes the clinic’s own figure', () => {
    const { exam } = soreLeg()
    const own = { line: 'root-lumbar-low-shin', setting: 'first-contact' as const, p: 0.42, source: 'own audit', by: 'A. Author', at: 1 }
    const [mine] = pretestsOf({ ...exam, setting: 'first-contact' }, [own])
    expect(mine).toMatchObject({ prior: { p: 0.42, assumed: false }, otherwise: { p: 0.2 } })
    expect(mine?.prior.why).toMatch('own audit')
  })

  it('is empty where nothing is painted', () => {
    expect(pretestsOf(opened().exam)).toEqual([])
  })
})
