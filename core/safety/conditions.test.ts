import { describe, expect, it } from 'vitest'
import { CATALOGUE, testById } from '../catalogue'
import { CONDITIONS, type ConditionId, contraindicationWords } from '../catalogue/condition'
import { GATES } from '.'
import { isContraindicated } from './contraindicated'

const gate = (id: string) => {
  const found = GATES.find((g) => g.id === id)
  if (!found) throw new Error(`There is no gate ${id}.`)
  return found
}
const until = (id: string) => {
  const found = gate(id)
  return found.strength === 'before' ? (found.until ?? []) : []
}
const barredBy = (id: string, variant?: string) =>
  CATALOGUE.filter((test) => isContraindicated(gate(id), test.id, variant ?? test.variants[0]?.id ?? '')).map((test) => test.id)

// Written from the safety text by hand, so that the properties in the catalogue and the gates are checked against something else.
const NECK_LOAD = [
  ...['neck-flexion-shock', 'neck-range', 'neck-rotation', 'neck-side-bend', 'neck-extension-rotation', 'neck-compression', 'neck-closing-a'],
  ...['neck-closing-b', 'neck-flexed-compression', 'neck-distraction', 'neck-segment-palpation', 'neck-segment-motion', 'flexion-rotation', 'hold-relax'],
  ...['shoulder-depression', 'craniocervical-flexion', 'ulnt-1', 'ulnt-2a', 'ulnt-2b', 'ulnt-3', 'arm-pulse-inspiration', 'slump'],
]
const LIGAMENT_TESTS = ['upper-neck-shear', 'alar-ligament', 'transverse-ligament']
const FRACTURE = [
  ...['sij-distraction', 'sij-compression', 'thigh-thrust', 'gaenslen', 'faber', 'sacral-thrust', 'knee-to-shoulder', 'prone-hyperextension', 'pubic-shear'],
  ...['prone-lift-sacrum', 'prone-lift-lumbar', 'lumbar-torsion', 'lumbar-spring', 'heel-to-buttock', 'passive-extension', 'prone-instability'],
  'side-lying-shear',
]
const HIP_REPLACED = ['thigh-thrust', 'hip-scour', 'knee-to-shoulder', 'piriformis']
const LEG = [
  ...['slump', 'seated-leg-raise', 'leg-raise', 'leg-raise-ankle', 'crossed-leg-raise', 'side-lying-leg-raise', 'femoral-stretch', 'crossed-femoral-stretch'],
  ...['prone-lift-sacrum', 'prone-lift-lumbar', 'hip-internal-rotation', 'hip-scour', 'piriformis', 'thigh-thrust', 'gaenslen', 'faber', 'knee-to-shoulder'],
  ...['prone-hyperextension', 'active-leg-raise', 'standing-hip-flexion', 'heel-to-buttock', 'passive-extension', 'neuro-lower'],
]

describe('what the safety text lists by name is contraindicated by property', () => {
  it.each(['cord', 'artery', 'neck-trauma', 'neck-unsupported', 'ligament-positive'])(
    'the halt “%s” is about everything that loads the neck, ligament tests too',
    (id) => {
      expect(barredBy(id)).toEqual(expect.arrayContaining([...NECK_LOAD, ...LIGAMENT_TESTS]))
      for (const free of ['neuro-upper', 'neuro-lower', 'shoulder-abduction-relief', 'thigh-thrust', 'lumbar-spring'])
        expect(barredBy(id), free).not.toContain(free)
    },
  )

  it('“ligament tests first” is about the neck and not about the tests it asks for', () => {
    expect(barredBy('ligaments-first')).toEqual(expect.arrayContaining(NECK_LOAD))
    for (const test of LIGAMENT_TESTS) expect(barredBy('ligaments-first')).not.toContain(test)
    expect(until('ligaments-first').toSorted()).toEqual(LIGAMENT_TESTS.toSorted())
  })

  it('a variant that spares the neck is free of every gate of the neck', () => {
    for (const id of ['cord', 'artery', 'ligament-positive', 'ligaments-first']) {
      expect(isContraindicated(gate(id), 'slump', 'without-neck'), id).toBe(false)
      for (const test of ['ulnt-1', 'ulnt-2a', 'ulnt-2b', 'ulnt-3']) {
        const without = testById(test)?.variants.find((v) => v.id.startsWith('without-neck'))?.id ?? 'none'
        expect(isContraindicated(gate(id), test, without), `${test} ${id}`).toBe(false)
      }
    }
  })

  it('fracture, replaced hip, clot, aneurysm, raised pressure, plain compression, weak bones', () => {
    expect(barredBy('fracture')).toEqual(expect.arrayContaining(FRACTURE))
    expect(barredBy('hip-replaced')).toEqual(expect.arrayContaining(HIP_REPLACED))
    expect(barredBy('leg-clot').toSorted()).toEqual(LEG.toSorted())
    expect(barredBy('aneurysm').toSorted()).toEqual(['abdominal-tension', 'bear-down', 'diaphragm-palpation', 'lumbar-spring'])
    expect(barredBy('pressure')).toEqual(['bear-down'])
    expect(barredBy('compression-positive')).toEqual(expect.arrayContaining(['neck-flexed-compression', 'neck-closing-a', 'neck-closing-b']))
    expect(barredBy('thin-bones')).toEqual(expect.arrayContaining(['sij-compression', 'sacral-thrust', 'lumbar-torsion', 'neck-compression', 'thigh-thrust']))
    expect(barredBy('spine-surgery')).toEqual(expect.arrayContaining(['sacral-thrust', 'lumbar-spring', 'lumbar-torsion']))
  })
})

describe('the card and the gate say the same', () => {
  it('every condition is made true by a gate', () => {
    const carried = new Set(GATES.flatMap((g) => g.carries ?? []))
    for (const condition of Object.keys(CONDITIONS) as ConditionId[]) expect(carried, condition).toContain(condition)
  })

  it('every contraindication that is no matter of judgement bars its test, done any way that does not spare the part', () => {
    for (const test of CATALOGUE) {
      for (const c of test.notWith) {
        if ('judged' in c) continue
        const stopping = GATES.filter((g) => g.carries?.includes(c.when) && g.strength !== 'caution')
        expect(stopping.length, `${c.when} is only a caution`).toBeGreaterThan(0)
        for (const variant of test.variants) {
          const spared = c.unlessSpared !== undefined && (variant.spares ?? []).includes(c.unlessSpared)
          if (!spared)
            for (const g of stopping) expect(isContraindicated(g, test.id, variant.id), `${test.id} ${variant.id}: ${contraindicationWords(c)}`).toBe(true)
        }
      }
    }
  })

  it('every test says what it loads, and nothing that loads strongly is called harmless', () => {
    for (const test of CATALOGUE) {
      expect(test.loads.length, test.id).toBeGreaterThan(0)
      if (test.loads.some((l) => l.strength === 'strong')) expect(test.provocative, test.id).toBeGreaterThan(0)
    }
  })
})
