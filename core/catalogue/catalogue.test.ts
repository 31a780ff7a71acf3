import { describe, expect, it } from 'vitest'
import { figureOf } from '../figure/figure'
import { cellsOf, stagesOf } from '../record/outline'
import { BODY_AREAS } from '../vocabulary/body-area'
import { SOURCES } from '../vocabulary/source'
import { CATALOGUE, testById } from '.'
import { PHASES } from './phase'
import { type ExamTest, instruct, type Stage } from './exam-test'
import type { Points, Seen, Table } from './reading/table'

/** Every test that is known, by region: none may be missing and none nameless. */
const KNOWN = {
  neck: 'upper-neck-shear alar-ligament transverse-ligament flexion-rotation neck-compression neck-closing-a neck-closing-b neck-flexed-compression neck-distraction shoulder-depression neck-side-bend neck-rotation neck-range bear-down neck-flexion-shock neck-extension-rotation neck-segment-palpation neck-segment-motion craniocervical-flexion hold-relax',
  arm: 'shoulder-abduction-relief ulnt-1 ulnt-2a ulnt-2b ulnt-3 arm-pulse-inspiration elevated-arm-stress neuro-upper',
  back: 'prone-lift-sacrum prone-lift-lumbar lumbar-quadrant lumbar-torsion lumbar-spring lumbar-range repeated-movement prone-instability side-lying-shear heel-to-buttock passive-extension muscle-palpation abdominal-tension diaphragm-palpation',
  leg: 'slump seated-leg-raise leg-raise leg-raise-ankle crossed-leg-raise side-lying-leg-raise femoral-stretch crossed-femoral-stretch piriformis hip-internal-rotation hip-scour neuro-lower',
  pelvis:
    'sij-distraction sij-compression thigh-thrust gaenslen sacral-thrust faber sij-palpation prone-hyperextension knee-to-shoulder active-leg-raise standing-hip-flexion pubic-shear pelvic-landmarks',
} as const

describe('the catalogue', () => {
  it('has every known test, in its region, once', () => {
    for (const [region, ids] of Object.entries(KNOWN)) {
      expect(
        CATALOGUE.filter((t) => t.region === region)
          .map((t) => t.id)
          .toSorted(),
      ).toEqual(ids.split(' ').toSorted())
    }
    expect(new Set(CATALOGUE.map((t) => t.id)).size).toBe(CATALOGUE.length)
    for (const test of CATALOGUE) expect(testById(test.id)).toBe(test)
  })

  it('orders them by posture and phase, a follow-on right after what it follows', () => {
    const at = (id: string) => CATALOGUE.findIndex((t) => t.id === id)
    for (const [i, test] of CATALOGUE.entries()) {
      const before = CATALOGUE[i - 1]
      if (before?.posture === test.posture) expect(PHASES.indexOf(test.phase), test.id).toBeGreaterThanOrEqual(PHASES.indexOf(before.phase))
      const after = test.after === undefined ? undefined : testById(test.after)
      if (after) expect([after.posture, after.phase], `${test.id} after ${after.id}`).toEqual([test.posture, test.phase])
      if (test.follows) expect(CATALOGUE[CATALOGUE.indexOf(test) - 1]?.id).toBe(test.follows)
      if (test.chain) expect(at(test.chain.after), test.id).toBeLessThan(i)
      if (test.filledBy) expect(at(test.filledBy), test.id).toBeLessThan(i)
    }
  })

  it('calls no two tests the same in full, nor two of a region in short', () => {
    expect(new Set(CATALOGUE.map((t) => t.name)).size).toBe(CATALOGUE.length)
    for (const [i, test] of CATALOGUE.entries()) {
      const twin = CATALOGUE.slice(i + 1).find((t) => t.short === test.short && t.region === test.region)
      expect(twin?.id, test.short).toBeUndefined()
    }
  })

  it.each(CATALOGUE.map((t) => [t.id, t] as const))('%s is whole', (_, test) => {
    expect(test.stages.length).toBeGreaterThan(0)
    expect(new Set(test.stages.map((s) => s.id)).size).toBe(test.stages.length)
    expect(test.variants.length).toBeGreaterThan(0)
    expect(new Set(test.variants.map((v) => v.id)).size).toBe(test.variants.length)
    expect(test.seconds).toBeGreaterThan(0)
    expect(test.purpose).toMatch(/\.$/)
    expect(test.structures.length).toBeGreaterThan(0)
    expect(test.faults.length).toBeGreaterThan(0)
    expect(Object.keys(SOURCES)).toContain(test.reading.source)
    if (test.follows) expect(testById(test.follows)).toBeDefined()
    for (const stage of test.stages) wholeStage(test, stage)
    if (test.reading.kind === 'table') wholeTable(test, test.reading)
  })

  it.each(CATALOGUE.map((t) => [t.id, t] as const))('%s: every way is a ladder of its own stages, and every stage is on some ladder', (_, test) => {
    const used = new Set<string>()
    for (const way of test.variants) {
      const ladder = stagesOf(test, way.id)
      expect(ladder.length, way.id).toBe(way.stages?.length ?? test.stages.length)
      for (const stage of ladder) used.add(stage.id)
    }
    expect([...used].toSorted()).toEqual(test.stages.map((s) => s.id).toSorted())
  })
})

function wholeStage(test: ExamTest, stage: Stage): void {
  if (!stage.handsOff) expect(stage.pose.contacts.length, `${stage.id} shows the examiner's hands`).toBeGreaterThan(0)
  expect(figureOf(stage.pose, 'right').limbs.length, `${stage.id} is drawn`).toBeGreaterThan(3)
  expect(figureOf(stage.pose, 'right').hands, `${stage.id}: every hand finds its place`).toHaveLength(stage.pose.contacts.length)
  expect(stage.ask.toLowerCase(), 'no leading question').not.toMatch(/painful|does (it|this) hurt|better\?|worse\?/)
  expect(stage.do.length, `${stage.id}: one sentence, read at arm’s length`).toBeLessThan(125)
  expect(stage.choices !== undefined, `${stage.id} has choices`).toBe(stage.kind === 'observe')
  expect(stage.grid !== undefined, `${stage.id} has a table`).toBe(stage.kind === 'grid')
  if (stage.kind === 'measure') expect(stage.angle, `${stage.id} has limits`).toBeDefined()
  if (stage.when) expect(stageNamed(test, stage.when.stage).choices?.map((c) => c.id)).toEqual(expect.arrayContaining([...stage.when.chose]))
  for (const side of ['left', 'right', 'none'] as const) {
    if (side === 'none' && test.sides === 'each') continue
    expect(instruct(stage.do, side)).not.toMatch(/[{}]/)
  }
}

/** Every stage, choice, cell and place a table asks for can be answered, and every source it names exists. */
function wholeTable(test: ExamTest, reading: Table): void {
  const points: readonly Points[] = [...reading.lines, ...reading.also, reading.otherwise, ...(reading.sideLoss ? [reading.sideLoss] : [])].flatMap(
    (l) => l.points,
  )
  for (const p of points) expect(Object.keys(SOURCES)).toContain(p.source)
  for (const seen of [...reading.lines, ...reading.also].map((l) => l.when)) wholeSeen(test, seen)
  if (reading.sideLoss) expect(stageNamed(test, reading.sideLoss.stage).kind).toBe('measure')
}

function wholeSeen(test: ExamTest, seen: Seen): void {
  switch (seen.kind) {
    case 'chose':
      expect(stageNamed(test, seen.stage).choices?.map((c) => c.id)).toEqual(expect.arrayContaining(sided(seen.choices)))
      return
    case 'cells': {
      const cells = cellsOf(stageNamed(test, seen.stage).grid ?? { rows: [], columns: [] })
      for (const column of sided([seen.column])) {
        const values = cells
          .filter((c) => c.column.id === column && (!seen.rows || seen.rows.includes(c.row.id)))
          .flatMap((c) => c.column.values.map((v) => v.id))
        if (seen.rows?.every((row) => !cells.some((c) => c.row.id === row))) throw new Error(`${test.id}: no row ${seen.rows.join()} in ${seen.stage}`)
        expect(values, `${test.id} ${seen.stage} ${column}`).toEqual(expect.arrayContaining(sided(seen.values)))
      }
      return
    }
    case 'mean':
    case 'limited':
      expect(stageNamed(test, seen.stage).kind).toBe('measure')
      return
    case 'deficit':
      for (const stage of ['strength', 'reflexes', 'sensation']) expect(stageNamed(test, stage).kind).toBe('grid')
      return
    case 'tested-side':
      expect(test.loadsBoth).toBe(true)
      return
    case 'familiar':
    case 'painted':
      for (const area of seen.at ?? []) expect(Object.keys(BODY_AREAS)).toContain(area)
      return
    case 'said':
      if (seen.stage) stageNamed(test, seen.stage)
      return
    case 'in-variant':
      expect(test.variants.map((v) => v.id)).toEqual(expect.arrayContaining([...seen.variants]))
      return
    case 'some':
      for (const part of seen.of) wholeSeen(test, part)
      return
    case 'unless':
      wholeSeen(test, seen.of)
  }
}

/** A name with the side in it stands for both sides. */
function sided(names: readonly string[]): string[] {
  return names.flatMap((n) => (/\{(side|other)\}/.test(n) ? ['left', 'right'].map((s) => n.replace(/\{(side|other)\}/, s)) : [n]))
}

function stageNamed(test: ExamTest, id: string): Stage {
  const stage = test.stages.find((s) => s.id === id)
  if (!stage) throw new Error(`${test.id} has no stage ${id}.`)
  return stage
}
