import { describe, expect, it } from 'vitest'
import { own, soreLeg, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import { testById } from '../catalogue'
import { CLUSTERS } from '../clusters'
import type { Accuracy } from './accuracy'
import { COUNTED, countedBy, fitOfTarget } from './criteria'
import { fitOfCriterion, type Shows, shownBy, shownBySign } from './criterion'
import { moves, REGISTER } from './register'
import { SIGNS } from './signs'

/** What is positive here in what a row is of: a test, a sign, or the count of a rule. */
function shownHere({ of }: Accuracy): readonly Shows[] {
  const test = of === null ? undefined : testById(of)
  const sign = SIGNS.find((s) => s.id === of)
  return test ? shownBy(test) : sign ? shownBySign(sign) : ['count']
}

describe('every row that changes the estimate', () => {
  const moving = REGISTER.filter(moves)

  it('names how it called an answer positive, and what it looked for', () => {
    expect(moving.filter((row) => !countedBy(row)).map((row) => row.id)).toEqual([])
    const known = new Set(moving.map((row) => row.id))
    expect(Object.keys(COUNTED).filter((id) => !known.has(id))).toEqual([])
  })

  it.each(moving.map((row) => [row.id, row] as const))('%s counts and looks for what is counted and looked for here, or is only near and says so', (_, row) => {
    const counted = countedBy(row)
    if (!counted || !row.for) throw new Error(row.id)
    const fits = { criterion: fitOfCriterion(counted.criterion, shownHere(row)), target: fitOfTarget(counted.target, row.for) }
    expect(Object.values(fits), JSON.stringify(fits)).not.toContain('other')
    expect(row.near?.includes('criterion') ?? false, 'criterion').toBe(fits.criterion === 'near')
    expect(row.near?.includes('target') ?? false, 'target').toBe(fits.target === 'near')
  })

  it('speaks of a count only where a rule here counts', () => {
    const names = new Set(CLUSTERS.flatMap((c) => [c.id, c.figure, ...Object.values(c.figures ?? {})]))
    const counts = moving.filter((row) => countedBy(row)?.criterion.shows === 'count' && row.id !== 'A14')
    for (const row of counts) expect(names.has(row.of ?? undefined), row.id).toBe(true)
  })
})

describe('a row whose criterion or target is another one', () => {
  it('fits no test that shows something else, and no source it did not look for', () => {
    const slump = testById('slump')
    const raise = testById('leg-raise')
    expect(slump && fitOfCriterion({ shows: 'own-symptom' }, shownBy(slump))).toBe('other')
    expect(raise && fitOfCriterion({ shows: 'own-symptom' }, shownBy(raise))).toBe('same')
    expect(raise && fitOfCriterion({ shows: 'not-recalled' }, shownBy(raise))).toBe('near')
    expect(fitOfTarget('hip-wear-on-radiographs', 'hip')).toBe('near')
    expect(fitOfTarget('sij-by-block', 'hip')).toBe('other')
    expect(fitOfTarget('sij-by-block', 'piriformis')).toBe('other')
  })

  it('a clinic’s own figure keeps the criterion of the row it stands for', () => {
    const clinic = {
      overrides: [{ row: 'B10', figures: { sens: 0.9, spec: 0.9, lrPositive: null, lrNegative: null, n: 100 }, source: 'own', by: 'x', at: 1 }],
      priors: [],
      rules: [],
    }
    const raised = (onset: number) =>
      assess(soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, onset)]).exam, { clinic }).sources.find(
        (s) => s.source === 'root-lumbar-low' && s.side === 'left',
      )?.weighed
    expect(raised(48)?.joined[0]?.steps[0]?.lr).toBeCloseTo(9, 9)
    expect(raised(70) ?? null).toBeNull()
  })

  it('a test with nothing to bring on where the pain is moves nothing, and breaks no rule with a figure', () => {
    const quiet = (record: ReturnType<typeof sorePelvis>) =>
      ['sij-compression', 'thigh-thrust', 'gaenslen'].reduce((r, t) => r.test(t, 'right', [{ said: 'nothing' }]), record)
    const inPlace = assess(quiet(sorePelvis()).exam).sources.find((s) => s.source === 'sij-pain' && s.side === 'right')?.weighed
    expect(inPlace?.rule?.speaks).toBe('negative')
    expect(inPlace?.joined.flatMap((j) => j.steps)).toHaveLength(3)
    const raised = assess(sorePelvis().test('leg-raise', 'right', [{ said: 'nothing', end: 85 }]).exam)
    expect(raised.findings.find((f) => f.test === 'leg-raise')?.result).toBe('negative')
    const root = (record: ReturnType<typeof sorePelvis>) =>
      assess(record.exam).sources.find((s) => s.source === 'root-lumbar-low' && s.side === 'right')?.weighed ?? null
    const before = sorePelvis().test('leg-raise', 'right', [{ said: 'nothing', end: 85 }])
    expect(root(before)).toBeNull()
    // It is read against the story as it stood: a leg that is painted later was not asked about then.
    const painted = { type: 'symptom-described', symptom: 'S2', words: 'now down the leg', places: ['right-calf'], qualities: ['shooting'], now: 3 } as const
    const rest = { worst: null, usual: null, bringsOn: '', eases: '', stirring: null }
    expect(root(before.then({ ...painted, ...rest, places: [...painted.places], qualities: [...painted.qualities] }))).toBeNull()
    expect(
      root(
        sorePelvis()
          .then({ ...painted, ...rest, places: [...painted.places], qualities: [...painted.qualities] })
          .test('leg-raise', 'right', [{ said: 'nothing', end: 85 }]),
      ),
    ).not.toBeNull()
  })
})
