import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, own, soreLeg, sorePelvis } from '../tests/people'
import { assess } from './assess'
import { headlineOf } from './evidence/headline'
import { sourceOf } from './vocabulary/source'
import { hingeOf, holdingOf, leaderOf } from './sensitivity'

const five = ['sij-compression', 'thigh-thrust', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [BUTTOCK]), sorePelvis())
const sij = (record: typeof five) => {
  const assessment = assess(record.exam)
  const verdict = assessment.sources.find((s) => s.source === 'sij-pain' && s.side === 'right')
  return { assessment, verdict }
}

describe('what the figures hang on', () => {
  it('nothing leads while nothing is lit', () => {
    expect(leaderOf(assess(sorePelvis().exam))).toBeNull()
    expect(holdingOf(assess(sorePelvis().exam))).toMatchObject({ leader: null, holds: false })
  })

  it('the leader is the source with the highest leading figure', () => {
    const assessment = assess(five.exam)
    const lit = assessment.sources.flatMap((s) => (s.weighed ? [headlineOf(s.weighed)] : []))
    expect(leaderOf(assessment)).toBe('Sacroiliac joint, right')
    expect(Math.max(...lit)).toBeCloseTo(headlineOf(sij(five).verdict?.weighed ?? { estimate: 0 }), 9)
  })

  it('the hinge of a rule that is just met is a test in it, and the other figure is what the examination would then say', () => {
    const { assessment, verdict } = sij(five)
    const hinge = verdict && hingeOf(assessment, verdict)
    expect(hinge?.now).toBeCloseTo(headlineOf(verdict?.weighed ?? { estimate: 0 }), 9)
    const name = { 'thigh thrust, right': 'thigh-thrust', 'Gaenslen test, right': 'gaenslen', 'pelvic compression, right': 'sij-compression' }[
      hinge?.finding ?? ''
    ]
    expect(name, hinge?.finding).toBeDefined()
    const other = ['sij-compression', 'thigh-thrust', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [t === name ? NOTHING : BUTTOCK]), sorePelvis())
    expect(hinge?.then).toBeCloseTo(headlineOf(sij(other).verdict?.weighed ?? { estimate: 0 }), 9)
  })

  it('no finding of the other side is a hinge, and what moves nothing is none', () => {
    const left = sorePelvis()
      .test('thigh-thrust', 'right', [BUTTOCK])
      .test('leg-raise', 'left', [{ said: 'nothing', end: 80 }])
    const { assessment, verdict } = sij(left)
    expect((verdict && hingeOf(assessment, verdict))?.finding).toBe('thigh thrust, right')
  })

  it('holds when nothing else comes near; hangs on a finding when another source would then stand first', () => {
    // Five of five, so that no single answer takes the lead away.
    const all = ['sij-compression', 'thigh-thrust', 'gaenslen', 'faber'].reduce(
      (r, t) => r.test(t, 'right', [BUTTOCK]),
      sorePelvis().test('sij-distraction', 'none', [BUTTOCK]),
    )
    expect(holdingOf(assess(all.exam))).toMatchObject({ leader: 'Sacroiliac joint, right', holds: true, words: 'holds' })
    const close = soreLeg()
      .symptom('S1', { places: ['left-buttock', 'left-thigh-back'], qualities: ['aching'], now: 3 })
      .test('thigh-thrust', 'left', [own(['left-buttock'])])
      .test('leg-raise', 'left', [own(['left-thigh-back'], 5, 48)])
    const holding = holdingOf(assess(close.exam))
    expect(holding.holds).toBe(false)
    expect(holding.words).toMatch(/^depends on .*(thigh thrust|leg raise|pretest odds|share a cause)/)
    expect(holding.dependsOn.length).toBeGreaterThan(0)
  })

  it('pretest odds are halved and doubled one source at a time: its own halved, or a rival’s doubled, may take the lead', () => {
    const record = soreLeg()
      .symptom('S1', { places: ['left-buttock', 'left-calf', 'left-low-back'], qualities: ['aching'], now: 3 })
      .test('thigh-thrust', 'left', [own(['left-buttock'])])
      .test('leg-raise', 'left', [own(['left-calf'], 5, 48)])
    const close = holdingOf(assess(record.exam, { priors: { 'root-lumbar-low': 0.6, 'sij-pain': 0.3 } }))
    expect(close.leader).toBe('Lumbosacral radiculopathy (L4-S1), left')
    expect(close.dependsOn.filter((d) => d.startsWith('the pretest odds'))).toEqual([
      `the pretest odds of ${sourceOf('root-lumbar-low').inWords} (halved)`,
      `the pretest odds of ${sourceOf('sij-pain').inWords} (doubled)`,
    ])
    const far = holdingOf(assess(record.exam, { priors: { 'root-lumbar-low': 0.9, 'sij-pain': 0.05 } }))
    expect(far.dependsOn.filter((d) => d.startsWith('the pretest odds'))).toEqual([])
  })
})
