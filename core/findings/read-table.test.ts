import { describe, expect, it } from 'vitest'
import { assess } from '../assess'
import type { Answer } from '../record/answer'
import type { Composed } from '../record/compose'
import type { Place } from '../vocabulary/body-area'
import type { Side } from '../vocabulary/side'
import { opened, own, performed } from '../../tests/people'

/** Pain that runs from the neck into the left forearm. */
const soreArm = () => opened().symptom('S1', { words: 'into the arm', places: ['left-neck-back', 'left-forearm-front'], qualities: ['shooting'], now: 3 })
const soreBack = () => opened().symptom('S1', { words: 'low back', places: ['left-low-back', 'right-low-back'], qualities: ['aching'], now: 3 })
const at = (...places: readonly Place[]): Answer => own(places, 6)
const chose = (choice: string): Answer => ({ said: 'observed', choice })
const measured = (...trials: readonly number[]): Answer => ({ said: 'measured', trials })
const cells = (c: Readonly<Record<string, string>>): Answer => ({ said: 'grid', cells: c })
const finding = (record: Composed, test: string, side: Side = 'left') => {
  const found = assess(record.exam).findings.find((f) => f.test === test && f.about === side)
  if (!found) throw new Error(`${test} has no finding for the ${side}.`)
  return found
}
const points = (record: Composed, test: string, side: Side = 'left') => finding(record, test, side).readings.map((r) => r.source)

describe('graded neck compression', () => {
  it('stops at the stage that reached the arm, tells stage and place, and answers the single positions', () => {
    const record = performed(soreArm(), 'neck-compression', 'none', { 'bend-left': at('left-forearm-front') })
    expect(record.exam.runs[0]?.answers.map((a) => a.stage)).toEqual(['neutral', 'extension-in', 'extension', 'bend-left-in', 'bend-left'])
    expect(finding(record, 'neck-compression')).toMatchObject({ result: 'positive', onsetStage: 'bend-left' })
    expect(finding(record, 'neck-compression').why).toMatch('S1 in the left inner forearm, below the elbow, 3 to 6 of 10: familiar symptom into the arm')
    // The right side was not loaded and is not sore: nothing is said of it.
    expect(assess(record.exam).findings.some((f) => f.test === 'neck-compression' && f.about === 'right')).toBe(false)
    expect(finding(record, 'neck-closing-a').result).toBe('positive')
    // The right side-bend was never done, and not done is not negative.
    expect(assess(record.exam).findings.some((f) => f.test === 'neck-closing-a' && f.about === 'right')).toBe(false)
    expect(assess(record.exam).findings.some((f) => f.test === 'neck-closing-b')).toBe(false)
  })

  it('neck pain alone: the loaded side points to a facet, the stretched side to muscle', () => {
    const loaded = performed(soreArm(), 'neck-compression', 'none', { 'bend-left': at('left-neck-back') })
    expect(finding(loaded, 'neck-compression').result).toBe('negative')
    expect(points(loaded, 'neck-compression')).toContain('facet-cervical')
    const stretched = performed(soreArm(), 'neck-compression', 'none', { 'bend-right': at('left-neck-back') })
    expect(points(stretched, 'neck-compression')).toContain('muscle-neck')
  })
})

describe('relief', () => {
  it('without a symptom to relieve it says nothing, which is not negative', () => {
    const record = performed(soreArm(), 'shoulder-abduction-relief', 'left', { rest: { said: 'nothing-to-relieve' } })
    expect(finding(record, 'shoulder-abduction-relief').result).toBe('inconclusive')
  })

  it('eased counts for the sore side alone; worse with the hand on the head points to the outlet', () => {
    const lifted = performed(soreArm(), 'neck-distraction', 'none', { lift: { said: 'eased' } })
    expect(finding(lifted, 'neck-distraction').result).toBe('positive')
    expect(assess(lifted.exam).findings.some((f) => f.test === 'neck-distraction' && f.about === 'right')).toBe(false)
    // Nothing at rest, nothing to relieve: it says nothing, whatever was answered. And a fall has to be one.
    const calm = opened().symptom('S1', { places: ['left-forearm-front'], now: 0 })
    expect(finding(performed(calm, 'neck-distraction', 'none', { lift: { said: 'eased' } }), 'neck-distraction').result).toBe('inconclusive')
    const fell = (intensity: number) =>
      finding(performed(soreArm(), 'neck-distraction', 'none', { lift: { said: 'eased', intensity, newtons: 130, held: 10 } }), 'neck-distraction')
    expect(fell(3).result).toBe('inconclusive')
    expect(fell(1)).toMatchObject({ result: 'positive' })
    expect(fell(1).why).toMatch('3 to 1 of 10, 130 N, 10 s')
    const worse = performed(soreArm(), 'shoulder-abduction-relief', 'left', { rest: { said: 'worse' } })
    expect(finding(worse, 'shoulder-abduction-relief').result).toBe('negative')
    expect(points(worse, 'shoulder-abduction-relief')).toContain('outlet')
  })
})

describe('arm nerve tests', () => {
  it('familiar arm symptom that the neck changes is neural, with its stage', () => {
    const record = performed(soreArm(), 'ulnt-1', 'left', {
      elbow: own(['left-forearm-front'], 6, 40),
      'neck-towards': { said: 'eased' },
      'neck-again': { said: 'returned' },
    })
    expect(finding(record, 'ulnt-1')).toMatchObject({ result: 'positive', onsetStage: 'elbow' })
    expect(finding(record, 'ulnt-1').why).toMatch('at 40° short of straight')
  })

  it('unchanged by the neck arises further out', () => {
    const record = performed(soreArm(), 'ulnt-1', 'left', { elbow: own(['left-palm'], 6, 40), 'neck-towards': { said: 'unchanged' } })
    expect(finding(record, 'ulnt-1')).toMatchObject({ result: 'inconclusive', reproduced: true })
    expect(finding(record, 'ulnt-1').why).toMatch('reproduced, not changed by the neck: peripheral or local')
    expect(points(record, 'ulnt-1')).toContain('neural-peripheral')
  })

  it('a symptom in the neck is told apart at the hand, not at the neck', () => {
    const record = performed(soreArm(), 'ulnt-1', 'left', { wrist: at('left-neck-back') })
    expect(record.exam.runs[0]?.answers.map((a) => a.stage)).toEqual(['girdle', 'abduct', 'turn-out', 'elbow', 'wrist', 'hand-go'])
  })
})

describe('ligaments of the upper cervical spine', () => {
  it('alar: lax in three positions is positive, in one inconclusive and never negative; the other school asks for absence', () => {
    const three = (record: Composed, c: Record<string, string>, way = 'three-positions') =>
      finding(performed(record, 'alar-ligament', 'left', { three: cells(c), nodded: cells(c) }, way), 'alar-ligament').result
    expect(three(opened(), { 'neutral.tilt': 'late', 'bent.tilt': 'absent', 'extended.tilt': 'late' })).toBe('positive')
    expect(three(opened(), { 'neutral.tilt': 'late', 'bent.tilt': 'once', 'extended.tilt': 'once' })).toBe('inconclusive')
    expect(three(opened(), { 'nodded.tilt': 'late' }, 'nodded')).toBe('inconclusive')
    expect(three(opened(), { 'nodded.turn': 'absent' }, 'nodded')).toBe('positive')
  })

  it('a negative test says itself that it never clears a neck', () => {
    expect(finding(performed(opened(), 'upper-neck-shear', 'none'), 'upper-neck-shear').why).toMatch('never clears')
  })

  it('what the nod brought on and the glide eased is positive without a slide', () => {
    const record = performed(opened(), 'upper-neck-shear', 'none', { nod: chose('symptoms'), after: chose('eased') })
    expect(finding(record, 'upper-neck-shear').result).toBe('positive')
    // The third question is asked only when the nod brought something on.
    expect(performed(opened(), 'upper-neck-shear', 'none').exam.runs[0]?.answers).toHaveLength(2)
  })
})

describe('measured ranges', () => {
  it('takes the mean of three trials, tells its spread, and has a borderline', () => {
    const turn = (...trials: readonly number[]) => finding(performed(opened(), 'flexion-rotation', 'left', { turn: measured(...trials) }), 'flexion-rotation')
    expect(turn(30, 31, 32)).toMatchObject({ result: 'positive', measures: { means: { turn: 31 }, spreads: { turn: 1 } } })
    expect(turn(30, 31, 32).why).toMatch('31° (mean of 3, SD 1)')
    expect(turn(33.5).result).toBe('inconclusive')
    expect(turn(44).result).toBe('negative')
  })

  it('ten degrees lost against the other side is positive though the range is usual', () => {
    const both = performed(performed(opened(), 'flexion-rotation', 'right', { turn: measured(50) }), 'flexion-rotation', 'left', { turn: measured(39) })
    expect(finding(both, 'flexion-rotation')).toMatchObject({ result: 'positive' })
    expect(finding(both, 'flexion-rotation').why).toMatch('39° against 50°')
    expect(finding(both, 'flexion-rotation', 'right').result).toBe('negative')
  })
})

describe('instability', () => {
  it('familiar pain that goes with the legs lifted is positive; unchanged is not', () => {
    const press = (lifted: Answer) => performed(soreBack(), 'prone-instability', 'none', { level: chose('l4'), rest: at('left-low-back'), lifted })
    expect(finding(press({ said: 'eased' }), 'prone-instability').result).toBe('positive')
    expect(finding(press({ said: 'eased' }), 'prone-instability').why).toMatch('L4')
    expect(finding(press({ said: 'unchanged' }), 'prone-instability').result).toBe('negative')
  })

  it('shear: a bent hip or the muscles take it away; nothing changes it: no modifier; what is felt moving never counts', () => {
    const shear = (given: Record<string, Answer>) => finding(performed(soreBack(), 'side-lying-shear', 'none', given), 'side-lying-shear').result
    expect(shear({ 'at-60': chose('own'), 'at-90': chose('nothing'), muscles: chose('same') })).toBe('positive')
    expect(shear({ 'at-60': chose('own'), 'at-90': chose('own'), 'at-full': chose('own'), muscles: chose('same') })).toBe('inconclusive')
    expect(shear({ 'at-60': chose('nothing'), 'at-90': chose('nothing'), 'at-full': chose('nothing'), muscles: chose('same'), moved: chose('yes') })).toBe(
      'negative',
    )
  })
})

describe('tables', () => {
  it('a weak ankle and a lost heel reflex are a deficit of the low roots, told cell by cell', () => {
    const record = performed(soreBack(), 'neuro-lower', 'left', {
      strength: cells({ 'l4.strength': '5', 's1.strength': '4' }),
      reflexes: cells({ 'achilles.reflex': '0' }),
    })
    expect(finding(record, 'neuro-lower')).toMatchObject({ result: 'positive' })
    expect(finding(record, 'neuro-lower').why).toMatch('Lost in the leg: strength S1 4 of 5.')
    // The reflex is lost only against the other side.
    const compared = performed(record, 'neuro-lower', 'right', { reflexes: cells({ 'achilles.reflex': '2' }) })
    expect(finding(compared, 'neuro-lower').why).toMatch('strength S1 4 of 5 and achilles reflex 0, less than on the other side')
  })

  it('equal muscle points on both sides may be pressure; one side alone counts', () => {
    const points = (c: Record<string, string>) => finding(performed(soreBack(), 'muscle-palpation', 'none', { points: cells(c) }), 'muscle-palpation').result
    expect(points({ 'erector.left': 'own', 'erector.right': '1' })).toBe('positive')
    expect(points({ 'erector.left': 'own', 'erector.right': 'own' })).toBe('inconclusive')
  })

  it('landmarks give a pattern for the side it is about, and no figure', () => {
    const record = performed(soreBack(), 'pelvic-landmarks', 'none', { levels: cells({ 'front.higher': 'right', 'rear.higher': 'left' }) })
    expect(finding(record, 'pelvic-landmarks', 'left').why).toMatch('forward-rotated')
    expect(finding(record, 'pelvic-landmarks', 'right').why).toMatch('backward-rotated')
    expect(finding(record, 'pelvic-landmarks').readings.every((r) => r.strength === 'pointer')).toBe(true)
  })
})

describe('figures that are worked out', () => {
  it('deep neck flexors: activation score and performance index', () => {
    const record = performed(opened(), 'craniocervical-flexion', 'none', {
      pressures: cells({ 'p22.held': 'steady', 'p24.held': 'steady', 'p26.held': 'steady', 'p28.held': 'unsteady' }),
      holds: measured(7),
    })
    expect(finding(record, 'craniocervical-flexion')).toMatchObject({ result: 'positive' })
    expect(finding(record, 'craniocervical-flexion').why).toMatch('Activation score 6, performance index 42 of 100.')
  })

  it('hold-relax: the gain against measurement error, and no source', () => {
    const probe = (after: number) => finding(performed(opened(), 'hold-relax', 'left', { before: measured(28), after: measured(after) }), 'hold-relax')
    expect(probe(39)).toMatchObject({ result: 'not-applicable', readings: [] })
    expect(probe(39).why).toMatch('Gained 11°, 28° to 39°: more than measurement error')
    expect(probe(33).why).toMatch('within measurement error')
  })
})

describe('a result the examiner replaces', () => {
  it('keeps both, with the reason, and moves no figure any more', () => {
    const done = performed(soreArm(), 'ulnt-1', 'left', { elbow: own(['left-forearm-front'], 6, 40), 'neck-towards': { said: 'eased' } })
    const run = done.exam.runs[0]?.id ?? ''
    const after = finding(done.then({ type: 'finding-overridden', run, about: 'left', result: 'inconclusive', why: 'the shoulder was sore' }), 'ulnt-1')
    expect(after).toMatchObject({ result: 'inconclusive', derived: { result: 'positive' } })
    expect(after.why).toBe('Set by the examiner: the shoulder was sore. From what was observed: positive.')
    expect(after.readings.some((r) => r.strength === 'quantified')).toBe(false)
  })
})
