import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { opened, own, performed, quiet, soreLeg } from '../../tests/people'
import { assess } from '../assess'
import { testById } from '../catalogue'
import type { Answer } from '../record/answer'
import type { Composed } from '../record/compose'
import { cellsOf } from '../record/outline'
import { AREA_IDS } from '../vocabulary/body-area'
import { NERVE_PATTERNS, type NervePattern } from '../../tests/nerve-patterns'
import { levelFrom, rank, type SeenSign } from './level'
import { levelWords } from './level-words'
import { type SignId, STRUCTURES } from './structures'

const screened = (
  record: Composed,
  test: 'neuro-upper' | 'neuro-lower',
  side: 'left' | 'right',
  changed: Readonly<Record<string, Readonly<Record<string, string>>>>,
) => {
  const stages = testById(test)?.stages ?? []
  const given = Object.fromEntries(
    stages.flatMap((stage): [string, Answer][] => {
      const plain = quiet(stage)
      return plain.said === 'grid' && changed[stage.id] ? [[stage.id, { said: 'grid', cells: { ...plain.cells, ...changed[stage.id] } }]] : []
    }),
  )
  return performed(record, test, side, given)
}
const arm = (places: Parameters<Composed['symptom']>[1]['places'] = ['left-forearm-back']) =>
  opened()
    .symptom('S1', { places, qualities: ['shooting'], now: 3 })
    .consent()
const level = (record: Composed) => assess(record.exam).levels[0]
const sign = (id: SignId, lost: boolean): SeenSign => ({ id, words: id, lost })

describe('the table of structures', () => {
  it('has the roots C5 to T1 and L2 to S2 and the peripheral nerves, and names only cells of the screens', () => {
    expect(STRUCTURES.filter((s) => s.kind === 'root').map((s) => s.name)).toEqual(['C5', 'C6', 'C7', 'C8', 'T1', 'L2', 'L3', 'L4', 'L5', 'S1', 'S2'])
    expect(STRUCTURES.filter((s) => s.kind === 'nerve').length).toBeGreaterThanOrEqual(7)
    const rows = (test: string, stage: string) => {
      const { grid } = testById(test)?.stages.find((s) => s.id === stage) ?? {}
      return grid ? new Set(cellsOf(grid).map((c) => c.row.id)) : new Set<string>()
    }
    const stageOf = { strength: 'strength', reflex: 'reflexes', feeling: 'sensation', halves: 'parting' } as const
    for (const s of STRUCTURES) {
      for (const id of Object.keys(s.signs)) {
        const [kind = '', row = ''] = id.split('.')
        if (kind === 'tension') expect(testById(row), id).toBeDefined()
        else {
          const screen = s.limb === 'arm' ? 'neuro-upper' : 'neuro-lower'
          const cells = [...rows(screen, stageOf[kind as keyof typeof stageOf]), ...rows(screen, 'parting')]
          expect(cells, `${s.id} ${id}`).toContain(row)
        }
      }
      for (const area of Object.keys(s.areas)) expect(AREA_IDS, `${s.id} ${area}`).toContain(area)
    }
  })

  it('ranks each root first on the loss of what it alone is expected to show', () => {
    for (const root of STRUCTURES.filter((s) => s.kind === 'root')) {
      const ids = Object.entries(root.signs).flatMap(([id, fit]) => (fit === 'expected' ? [id as SignId] : []))
      const ranking = rank(
        root.limb,
        ids.map((id) => sign(id, true)),
        Object.keys(root.areas) as (typeof AREA_IDS)[number][],
      )
      expect(
        ranking.slice(0, 2).map((r) => r.structure.id),
        root.id,
      ).toContain(root.id)
    }
  })
})

describe('the ranking', () => {
  const ids = [...new Set(STRUCTURES.filter((s) => s.limb === 'leg').flatMap((s) => Object.keys(s.signs) as SignId[]))]
  const signs = fc.uniqueArray(fc.record({ id: fc.constantFrom(...ids), lost: fc.boolean() }), { selector: (s) => s.id, maxLength: 10 })

  it('shares sum to one, whatever the order of the signs', () => {
    fc.assert(
      fc.property(signs, (seen) => {
        const named = seen.map((s) => sign(s.id, s.lost))
        const ranking = rank('leg', named, [])
        expect(ranking.reduce((sum, r) => sum + r.share, 0)).toBeCloseTo(1, 9)
        const share = (list: typeof ranking) => Object.fromEntries(list.map((r) => [r.structure.id, r.share]))
        for (const [id, p] of Object.entries(share(rank('leg', named.toReversed(), [])))) expect(p).toBeCloseTo(share(ranking)[id] ?? -1, 9)
      }),
    )
  })

  it('losing a sign never lowers a structure that expects it against one for which it is unlikely', () => {
    fc.assert(
      fc.property(signs, fc.constantFrom(...ids), (seen, id) => {
        const rest = seen.filter((s) => s.id !== id).map((s) => sign(s.id, s.lost))
        const odds = (list: readonly SeenSign[], a: string, b: string) => {
          const of = (s: string) => rank('leg', list, []).find((r) => r.structure.id === s)?.share ?? NaN
          return of(a) / of(b)
        }
        const leg = STRUCTURES.filter((s) => s.limb === 'leg')
        const yes = leg.find((s) => s.signs[id] === 'expected')
        const no = leg.find((s) => s.signs[id] === undefined)
        if (yes && no) expect(odds([...rest, sign(id, true)], yes.id, no.id)).toBeGreaterThan(odds(rest, yes.id, no.id))
      }),
    )
  })
})

describe('patterns of the textbook', () => {
  const seenIn = ({ limb, lost, areas, closer }: NervePattern) => {
    const cells = new Set<string>()
    for (const { id, kind, grid } of testById(limb === 'arm' ? 'neuro-upper' : 'neuro-lower')?.stages ?? []) {
      if (kind !== 'grid' || !grid || id === 'cord' || (id === 'parting' && !closer)) continue
      for (const { row, column } of cellsOf(grid)) {
        if (row.id === 'saddle' || column.id === 'pin') continue
        cells.add(row.id === 'ring' ? 'halves.ring' : `${column.id === 'touch' ? 'feeling' : column.id}.${row.id}`)
      }
    }
    for (const id of lost) if (!id.startsWith('tension')) expect([...cells], `${id} is a cell`).toContain(id)
    const tension = limb === 'leg' ? ['tension.leg-raise', 'tension.slump'] : ['tension.ulnt-1']
    return { signs: [...new Set([...cells, ...tension, ...lost])].map((id) => sign(id as SignId, lost.includes(id))), areas }
  }

  it('at least 95 of 100 come out first and clear, or tied with the check that parts them', () => {
    const missed = NERVE_PATTERNS.filter((p) => {
      const { signs, areas } = seenIn(p)
      const { best, runnerUp, close, check } = levelFrom(p.limb, signs, areas)
      if (close) return ![best.structure.id, runnerUp.structure.id].includes(p.of) || check === null
      return best.structure.id !== p.of
    })
    expect(missed.length / NERVE_PATTERNS.length, missed.map((p) => `${p.of}: ${p.lost.join(' ')}`).join('; ')).toBeLessThanOrEqual(0.05)
  })

  it('looked at closer, at least 85 of 100 come out first and clear', () => {
    const closer = NERVE_PATTERNS.filter((p) => p.closer)
    const clear = closer.filter((p) => {
      const { signs, areas } = seenIn(p)
      const { best, close } = levelFrom(p.limb, signs, areas)
      return !close && best.structure.id === p.of
    })
    const not = closer.filter((p) => !clear.includes(p)).map((p) => `${p.of}: ${p.lost.join(' ')}`)
    expect(clear.length / closer.length, not.join('; ')).toBeGreaterThanOrEqual(0.85)
  })

  it('a foot that drops is not called a nerve while what parts it from L5 was not looked at', () => {
    const drop = ['strength.l4', 'strength.l5', 'feeling.l5'] as const
    const kept = ['tension.leg-raise', 'tension.slump', 'strength.s1', 'reflex.achilles', 'reflex.patellar'] as const
    const seen = [...drop.map((id) => sign(id, true)), ...kept.map((id) => sign(id, false))]
    const before = levelFrom('leg', seen, ['foot-top'])
    expect(before.close).toBe(true)
    expect(before.check).toMatch(/hip out to the side|foot turned in/)
    const root = levelFrom('leg', [...seen, sign('strength.hip-out', true), sign('strength.foot-in', true)], ['foot-top'])
    expect(root).toMatchObject({ close: false, best: { structure: { id: 'l5' } } })
    const nerve = levelFrom('leg', [...seen, sign('strength.hip-out', false), sign('strength.foot-in', false), sign('strength.foot-out', true)], ['foot-top'])
    expect(nerve).toMatchObject({ close: false, best: { structure: { id: 'peroneal' } } })
  })
})

describe('the level of a limb', () => {
  it('is not ranked while nothing was lost or brought on', () => {
    expect(level(soreLeg())).toBeUndefined()
    expect(level(screened(soreLeg(), 'neuro-lower', 'left', {}))).toBeUndefined()
  })

  it('S1: heel reflex, push-off and the outer foot, with the check that parts it from its runner-up', () => {
    const found = level(
      screened(soreLeg(), 'neuro-lower', 'left', { reflexes: { 'achilles.reflex': '0' }, strength: { 's1.strength': '4' }, sensation: { 's1.touch': 'less' } }),
    )
    expect(found).toMatchObject({ side: 'left', limb: 'leg', close: false, best: { structure: { name: 'S1' } } })
    expect(found && levelWords(found)).toMatch(/^S1 fits best, then /)
    expect(found?.grid.find((l) => l.words === 'heel reflex')).toMatchObject({ found: 'lost', fits: ['expected', expect.any(String) as string] })
    expect(found?.grid.filter((l) => l.found === 'painted').map((l) => l.words)).toEqual(['calf'])
  })

  it('C6 or C7 by one weak muscle is too close to call, and names what would part them', () => {
    const c7 = level(screened(arm(), 'neuro-upper', 'left', { strength: { 'c7.strength': '4' }, reflexes: { 'triceps.reflex': '1' } }))
    expect(c7?.best.structure.name).toBe('C7')
    expect(c7?.check).toMatch(/lessened|brought on|strength|sweat|muscle/i)
    const weak = level(screened(arm(['left-thumb']), 'neuro-upper', 'left', { reflexes: { 'biceps.reflex': '1' } }))
    expect(weak?.ranking.slice(0, 2).map((r) => r.structure.name)).toEqual(expect.arrayContaining(['C6']))
  })

  it('a tension test alone leaves the roots it pulls close together', () => {
    const record = soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
    const found = level(record)
    expect(found?.close).toBe(true)
    expect(new Set([found?.best.structure.name, found?.runnerUp.structure.name])).toEqual(new Set(['L5', 'S1']))
    expect(found && levelWords(found)).toMatch('too close to call')
    expect(found?.check).toMatch(/\.$/)
  })

  it('speaks of each side apart', () => {
    const both = screened(soreLeg(), 'neuro-lower', 'right', { strength: { 'l5.strength': '3' } })
    expect(assess(both.exam).levels.map((l) => l.side)).toEqual(['right'])
  })
})
