import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, STRETCH, opened, own, performed, soreLeg, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import { CATALOGUE, testById } from '../catalogue'
import type { Answer } from '../record/answer'
import type { TestId } from '../catalogue/exam-test'
import type { Composed } from '../record/compose'
import { nextStage } from '../record/ladder'
import type { Side } from '../vocabulary/side'
import { findingFor, findingsOf } from './findings'

const found = (record: Composed, test: TestId, side: Side) => findingFor(findingsOf(record.exam, { testById, all: CATALOGUE }), test, side)
const pelvic = (answer: Answer, test: TestId = 'thigh-thrust') => found(sorePelvis().test(test, 'right', [answer]), test, 'right')
const points = (f: ReturnType<typeof found>) => f?.readings.map((r) => `${r.direction} ${r.source}`)

describe('pelvic provocation', () => {
  it('is positive only for the familiar pain, in place, on the tested side, risen enough', () => {
    expect(pelvic(BUTTOCK)).toMatchObject({ result: 'positive', symptom: 'S1', intensity: 5 })
    expect(pelvic(BUTTOCK)?.why).toBe('S1 in the right buttock, 3 to 5 of 10: familiar pain below L5, over the sacroiliac joint or buttock.')
    expect(pelvic(NOTHING)?.result).toBe('negative')
    expect(pelvic(STRETCH)?.result).toBe('negative')
    expect(pelvic(own(['left-buttock']))).toMatchObject({ result: 'negative' })
    expect(pelvic(own(['left-buttock']))?.why).toMatch('only on the other side')
    expect(pelvic(own(['right-low-back']))?.why).toMatch('does not count here')
  })

  it('keeps an answer that cannot be read as inconclusive, and says what is missing', () => {
    expect(pelvic(own(['right-buttock'], 3))).toMatchObject({ result: 'inconclusive' })
    expect(pelvic(own(['right-buttock'], 3))?.why).toMatch('did not rise enough')
    expect(pelvic(own([]))?.why).toMatch('its place was not recorded')
  })

  it('needs a rise of two when the symptom was 5 or more at rest', () => {
    const strong = opened().symptom('S1', { places: ['right-buttock'], now: 6 })
    expect(found(strong.test('faber', 'right', [own(['right-buttock'], 7)]), 'faber', 'right')?.result).toBe('inconclusive')
    expect(found(strong.test('faber', 'right', [own(['right-buttock'], 8)]), 'faber', 'right')?.result).toBe('positive')
    const unasked = opened().symptom('S1', { places: ['right-buttock'] })
    expect(found(unasked.test('faber', 'right', [own(['right-buttock'], 2)]), 'faber', 'right')?.why).toMatch('rest not asked')
  })

  it('FABER is read by place: groin is the hip, outer hip a bursa, low back the back', () => {
    expect(points(pelvic(own(['right-groin']), 'faber'))).toEqual(['against sij-pain', 'for hip'])
    expect(points(pelvic(own(['right-outer-hip']), 'faber'))).toContain('for outer-hip')
    expect(points(pelvic(own(['right-low-back']), 'faber'))).toContain('for facet-lumbar')
    expect(points(pelvic(own(['right-buttock']), 'faber'))).toEqual(['for sij-pain', 'for sij-ligament'])
  })

  it('a test that loads both sides reads for each side by where the pain came on', () => {
    const record = sorePelvis().test('sij-distraction', 'none', [BUTTOCK])
    expect(found(record, 'sij-distraction', 'right')?.result).toBe('positive')
    // The left side is neither sore nor was anything felt there, so nothing is said about it.
    expect(found(record, 'sij-distraction', 'left')).toBeUndefined()
    const both = opened()
      .symptom('S1', { places: ['right-buttock', 'left-buttock'], now: 3 })
      .test('sij-distraction', 'none', [BUTTOCK])
    expect(found(both, 'sij-distraction', 'left')?.result).toBe('negative')
  })

  it('Gaenslen with only a pull in front points to the hip flexor', () => {
    expect(points(pelvic(STRETCH, 'gaenslen'))).toContain('for hip-flexor')
  })

  it('stopped by the patient is inconclusive, never negative; a run still on its ladder is no finding', () => {
    const begun = sorePelvis().test('thigh-thrust', 'right', [])
    expect(found(begun, 'thigh-thrust', 'right')).toBeUndefined()
    const stopped = begun.then({ type: 'test-stopped', run: begun.exam.runs[0]?.id ?? '', why: 'patient-asked' })
    expect(found(stopped, 'thigh-thrust', 'right')).toMatchObject({ result: 'inconclusive' })
  })

  it('a repeat never replaces: the first performance that decided counts, until another is said to', () => {
    const twice = sorePelvis().test('faber', 'right', [BUTTOCK]).test('faber', 'right', [NOTHING])
    expect(found(twice, 'faber', 'right')?.result).toBe('positive')
    const again = twice.exam.runs[1]?.id ?? ''
    expect(found(twice.then({ type: 'run-chosen', run: again, why: 'the first was done with a jerk' }), 'faber', 'right')?.result).toBe('negative')
    // One that was stopped decided nothing, and takes nothing away.
    const begun = sorePelvis().test('faber', 'right', [BUTTOCK]).test('faber', 'right', [])
    const stopped = begun.then({ type: 'test-stopped', run: begun.exam.runs[1]?.id ?? '', why: 'patient-asked' })
    expect(found(stopped, 'faber', 'right')?.result).toBe('positive')
  })
})

describe('leg raise', () => {
  const raise = (answer: Answer) => found(soreLeg().test('leg-raise', 'left', [answer]), 'leg-raise', 'left')

  it('counts below the knee, and above it only when the symptom shoots', () => {
    expect(raise(own(['left-calf'], 6, 48))).toMatchObject({ result: 'positive', measures: { onset: 48 }, checks: [] })
    expect(raise(own(['left-thigh-back'], 6, 48))?.result).toBe('positive')
    const dull = opened().symptom('S1', { places: ['left-thigh-back'], qualities: ['dull'], now: 2 })
    expect(found(dull.test('leg-raise', 'left', [own(['left-thigh-back'], 6, 48)]), 'leg-raise', 'left')?.result).toBe('negative')
  })

  it('keeps a hamstring pull as a pointer, and low-back pain as not radicular', () => {
    expect(points(raise(STRETCH))).toEqual(['against root-lumbar-low', 'for hamstring'])
    expect(points(raise(own(['left-low-back'], 6, 50)))).toEqual(['against root-lumbar-low', 'for facet-lumbar', 'for muscle-back'])
  })

  it('flags an onset outside the usual band without changing the result', () => {
    expect(raise(own(['left-calf'], 6, 18))).toMatchObject({ result: 'positive', checks: [expect.stringMatching('before 30°')] })
    expect(raise(own(['left-calf'], 6, 85))?.checks[0]).toMatch('after 70°')
    expect(raise(own(['left-calf'], 6))?.checks[0]).toMatch('not measured')
  })

  it('the ankle decides between nerve and muscle', () => {
    const ankle = (answers: readonly Answer[]) =>
      found(
        soreLeg()
          .test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
          .test('leg-raise-ankle', 'left', answers),
        'leg-raise-ankle',
        'left',
      )
    expect(ankle([{ said: 'eased' }, { said: 'returned' }])?.why).toBe('The symptom eased when the ankle was let go and returned when it was bent up.')
    expect(ankle([{ said: 'unchanged' }, { said: 'returned' }])?.result).toBe('positive')
    const neither = ankle([{ said: 'unchanged' }, { said: 'stayed-away' }])
    expect(neither?.result).toBe('negative')
    expect(points(neither)).toContain('for hamstring')
  })
})

describe('slump', () => {
  const UP_TO_KNEE: readonly Answer[] = [NOTHING, NOTHING, NOTHING, NOTHING]
  const slump = (answers: readonly Answer[], variant?: string) => found(soreLeg().test('slump', 'left', answers, variant), 'slump', 'left')

  it('is positive for the familiar leg symptom that changes with the neck, and neural against muscular otherwise', () => {
    const began = [...UP_TO_KNEE, own(['left-calf'], 6, 30)]
    expect(slump([...began, { said: 'eased' }, { said: 'returned' }])).toMatchObject({ result: 'positive', onsetStage: 'knee', measures: { onset: 30 } })
    const same = slump([...began, { said: 'unchanged' }])
    expect(same).toMatchObject({ result: 'inconclusive', reproduced: true })
    expect(same?.why).toMatch('reproduced, not changed by the neck')
    expect(points(same)).toContain('for hamstring')
  })

  it('asks for the return only when the release eased it', () => {
    const record = soreLeg().test('slump', 'left', [...UP_TO_KNEE, own(['left-calf'], 6, 30), { said: 'unchanged' }])
    const test = testById('slump')
    const run = record.exam.runs[0]
    expect(test && run && nextStage(run, test)).toBeNull()
  })

  it('before a leg moves it has no side and is positive for neither leg', () => {
    const early = slump([NOTHING, NOTHING, own(['left-calf'], 6), { said: 'eased' }, { said: 'returned' }])
    expect(early).toMatchObject({ result: 'inconclusive', onsetStage: 'chin' })
    expect(early?.why).toMatch('side not shown')
  })

  it('back pain that changes with the neck points and feeds no leg rule; the other leg is crossed', () => {
    const back = slump([...UP_TO_KNEE, own(['left-low-back'], 6, 30), { said: 'eased' }, { said: 'returned' }])
    expect(back).toMatchObject({ result: 'positive', pointsOnly: true })
    expect(back?.readings.some((r) => r.direction === 'for' && r.strength === 'pointer')).toBe(true)
    expect(slump([...UP_TO_KNEE, own(['right-calf'], 6, 30), { said: 'eased' }, { said: 'returned' }])?.checks[0]).toMatch('Crossed')
  })

  it('another school counts any tingling, and its answers never borrow the figure of this one', () => {
    const tingles: Answer = { said: 'other', places: ['left-calf'], qualities: ['tingling'] }
    const all = [...UP_TO_KNEE, tingles, NOTHING, NOTHING]
    expect(slump(all)?.result).toBe('negative')
    expect(slump(all, 'any-symptom')?.result).toBe('positive')
  })

  it('schools order the stages; without the neck it is let go at the ankle', () => {
    expect(slump([NOTHING, NOTHING, own(['left-calf'], 6, 30), { said: 'eased' }, { said: 'returned' }], 'without-neck')?.result).toBe('positive')
    expect(slump([NOTHING, own(['left-low-back'], 6), { said: 'unchanged' }], 'neck-first')?.onsetStage).toBe('chin')
  })
})

describe('side with side, and seated with supine', () => {
  const range = (right: number, left: number) =>
    soreLeg()
      .test('hip-internal-rotation', 'right', [{ said: 'nothing', end: right }])
      .test('hip-internal-rotation', 'left', [{ said: 'nothing', end: left }])

  it('reads a range only against the other side, and beyond measurement error', () => {
    const one = soreLeg().test('hip-internal-rotation', 'right', [{ said: 'nothing', end: 40 }])
    expect(found(one, 'hip-internal-rotation', 'right')?.result).toBe('inconclusive')
    expect(found(range(40, 18), 'hip-internal-rotation', 'left')).toMatchObject({ result: 'positive' })
    expect(points(found(range(40, 18), 'hip-internal-rotation', 'left'))).toEqual(['for sij-stiff', 'for hip'])
    expect(found(range(40, 18), 'hip-internal-rotation', 'right')?.result).toBe('negative')
    expect(found(range(40, 34), 'hip-internal-rotation', 'left')?.why).toMatch('within measurement error')
  })

  it('a negative raise that stops late while the other goes on points to sacroiliac hypomobility', () => {
    const raised = soreLeg()
      .test('leg-raise', 'right', [{ said: 'nothing', end: 90 }])
      .test('leg-raise', 'left', [{ said: 'nothing', end: 76 }])
    expect(points(found(raised, 'leg-raise', 'left'))).toContain('for sij-stiff')
    expect(points(found(raised, 'leg-raise', 'right'))).not.toContain('for sij-stiff')
  })

  it('seated and supine that disagree call for another look, never for a judgement of the patient', () => {
    const seated = soreLeg()
      .test('seated-leg-raise', 'left', [{ said: 'nothing', end: 90 }, NOTHING, NOTHING])
      .test('leg-raise', 'left', [own(['left-calf'], 6, 40)])
    for (const test of ['seated-leg-raise', 'leg-raise'] as const) {
      expect(found(seated, test, 'left')?.checks.join(' ')).toMatch('90° without complaint seated, 40° supine. Recheck technique')
    }
  })

  it('leaning away with leg pain points to the disc', () => {
    const leaned = soreLeg().test('seated-leg-raise', 'left', [{ ...own(['left-calf'], 6, 50), lean: true } as Answer])
    expect(points(found(leaned, 'seated-leg-raise', 'left'))).toContain('for disc-annulus')
  })
})

describe('the well-leg raise', () => {
  it('is filled from the raise of the better leg, and speaks about the sore one', () => {
    const all = (record: Composed) => findingsOf(record.exam, { testById, all: CATALOGUE }).find((f) => f.test === 'crossed-leg-raise')
    const crossed = all(soreLeg().test('leg-raise', 'right', [own(['left-calf'], 6, 55)]))
    expect(crossed).toMatchObject({ side: 'right', about: 'left', result: 'positive' })
    expect(all(soreLeg().test('leg-raise', 'right', [STRETCH]))).toMatchObject({ about: 'left', result: 'negative' })
    // The sore leg's own raise answers nothing about a crossed one.
    expect(all(soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 55)]))).toBeUndefined()
  })
})

describe('what a crossed raise says', () => {
  const raise = (answer: Answer, side: 'left' | 'right' = 'right') => {
    const record = performed(soreLeg().screened(), 'crossed-leg-raise', side, { raise: answer })
    return assess(record.exam).findings.find((f) => f.test === 'crossed-leg-raise')
  }

  it('is about the sore leg, moves its estimate, and asks for the rise like any other', () => {
    expect(raise(own(['left-calf'], 6, 45))).toMatchObject({
      side: 'right',
      about: 'left',
      result: 'positive',
      readings: [{ source: 'root-lumbar-low', direction: 'for', strength: 'quantified' }],
    })
    expect(raise(own(['left-calf'], 3, 45))).toMatchObject({ result: 'inconclusive', readings: [] })
    expect(raise({ said: 'nothing', end: 80 })).toMatchObject({ result: 'negative', readings: [{ direction: 'against' }] })
    expect(raise(own(['left-low-back'], 6, 45))).toBeUndefined()
    expect(raise({ said: 'nothing', end: 80 }, 'left')).toBeUndefined()
  })
})
