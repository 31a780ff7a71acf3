import { describe, expect, it } from 'vitest'
import { assess } from '../assess'
import { nextStage } from '../record/ladder'
import { testById } from '../catalogue'
import { noteOf } from '../note/note'
import { plainText } from '../note/paragraph'
import type { Answer } from '../record/answer'
import type { Composed } from '../record/compose'
import { type Place, sideOf } from '../vocabulary/body-area'
import type { Side } from '../vocabulary/side'
import { bare, opened, own, performed, STRETCH } from '../../tests/people'

const chose = (choice: string): Answer => ({ said: 'observed', choice })
const cells = (c: Readonly<Record<string, string>>): Answer => ({ said: 'grid', cells: c })
const measured = (value: number, more: object = {}): Answer => ({ said: 'measured', trials: [value], ...more })
const sore = (...places: readonly Place[]) => opened().symptom('S1', { words: 'mine', places, qualities: ['shooting'], now: 3 })
const of = (record: Composed, test: string, side: Side) => {
  const found = assess(record.exam).findings.find((f) => f.test === test && f.about === side)
  if (!found) throw new Error(`${test} has no finding for the ${side}.`)
  return found
}
const beside = (record: Composed, test: string, side: Side) => of(record, test, side).checks.join(' ')
const stages = (record: Composed) => record.exam.runs.at(-1)?.answers.map((a) => a.stage) ?? []

describe('two tests of the same nerve', () => {
  const leg = sore('left-calf')
  const raise = (record: Composed, answer: Answer) => performed(record, 'leg-raise', 'left', { raise: answer })
  const slump = (record: Composed, knee: Answer) =>
    performed(record, 'slump', 'left', { knee, 'neck-go': { said: 'eased' }, 'neck-again': { said: 'returned' } })

  it('a slump and a leg raise confirm each other, whichever came first', () => {
    const own40 = own(['left-calf'], 6, 40)
    for (const record of [raise(slump(leg, own40), own40), slump(raise(leg, own40), own40)]) {
      expect(beside(record, 'slump', 'left')).toMatch('Confirmed by the straight leg raise: positive there as well at 40°.')
      expect(beside(record, 'leg-raise', 'left')).toMatch('Confirmed by the slump')
    }
  })

  it('say so on both cards when they disagree, and nothing where both were negative or the other leg spoke', () => {
    const record = raise(slump(leg, own(['left-calf'], 6, 40)), { said: 'nothing', end: 85 })
    expect(beside(record, 'slump', 'left')).toMatch('Not confirmed by the straight leg raise')
    expect(beside(record, 'leg-raise', 'left')).toMatch('The slump test says otherwise: positive there at 40° short of straight')
    const quiet = performed(raise(leg, { said: 'nothing', end: 85 }), 'slump', 'left')
    expect(`${beside(quiet, 'slump', 'left')}${beside(quiet, 'leg-raise', 'left')}`).not.toMatch(/onfirmed|otherwise/)
    const other = performed(raise(leg, own(['left-calf'], 6, 40)), 'slump', 'right')
    expect(beside(other, 'slump', 'right')).not.toMatch(/onfirmed|otherwise/)
  })

  it('a raise with more put on stands beside the plain one: sooner, or not; the plain one counts', () => {
    const plain = raise(leg, own(['left-calf'], 6, 50))
    const more = performed(plain, 'leg-raise', 'left', { raise: own(['left-calf'], 6, 38) }, 'ankle-preset')
    expect(of(more, 'leg-raise', 'left').measures.onset).toBe(50)
    expect(beside(more, 'leg-raise', 'left')).toMatch('With ankle bent up before the raise it began at 38°, 12° sooner than the plain way (50°).')
    const same = performed(plain, 'leg-raise', 'left', { raise: own(['left-calf'], 6, 52) }, 'inward-bias')
    expect(beside(same, 'leg-raise', 'left')).toMatch('no sooner than the plain way (50°)')
    // Done the other way round, the one that counts is the sensitised one, and the sentence is the same.
    const first = raise(performed(leg, 'leg-raise', 'left', { raise: own(['left-calf'], 6, 38) }, 'ankle-preset'), own(['left-calf'], 6, 50))
    expect(beside(first, 'leg-raise', 'left')).toMatch('12° sooner than the plain way (50°)')
    expect(beside(plain, 'leg-raise', 'left')).not.toMatch('plain way')
  })

  it('on the side, the ankle is moved with the leg up, and points', () => {
    const up = own(['left-calf'], 6, 45)
    const eased = performed(leg, 'side-lying-leg-raise', 'left', { raise: up, 'ankle-go': { said: 'eased' }, 'ankle-up': { said: 'returned' } })
    expect(stages(eased)).toEqual(['raise', 'ankle-go', 'ankle-up'])
    expect(beside(eased, 'side-lying-leg-raise', 'left')).toMatch('Eased when the ankle was let go and returned when it was bent up.')
    expect(of(eased, 'side-lying-leg-raise', 'left').readings.filter((r) => r.strength === 'pointer')).toMatchObject([
      { source: 'root-lumbar-low', direction: 'for' },
    ])
    const away = performed(leg, 'side-lying-leg-raise', 'left', { raise: up, 'ankle-go': { said: 'eased' } })
    expect(beside(away, 'side-lying-leg-raise', 'left')).toMatch(/Eased when the ankle was let go\.$/)
    const same = performed(leg, 'side-lying-leg-raise', 'left', { raise: up })
    expect(stages(same)).toEqual(['raise', 'ankle-go'])
    expect(beside(same, 'side-lying-leg-raise', 'left')).toMatch('Letting the ankle go changed nothing: not shown to be neural.')
    expect(of(same, 'side-lying-leg-raise', 'left').readings.find((r) => r.source === 'hamstring')?.why).toBe('Moving the ankle changed nothing.')
    expect(stages(performed(leg, 'side-lying-leg-raise', 'left'))).toEqual(['raise'])
  })

  it('the chin is added to a raise only in the way that says so, and that way alone loads the neck', () => {
    const up = raise(leg, own(['left-calf'], 6, 45))
    expect(stages(performed(up, 'leg-raise-ankle', 'left'))).not.toContain('chin')
    const chin = performed(up, 'leg-raise-ankle', 'left', { chin: chose('more') }, 'with-neck')
    expect(stages(chin).at(-1)).toBe('chin')
    const halted = up.then({ type: 'screen-answered', item: 'drop-attack', answer: 'yes' })
    expect(() => performed(halted, 'leg-raise-ankle', 'left', {}, 'with-neck')).toThrow()
    expect(() => performed(halted, 'leg-raise-ankle', 'left')).not.toThrow()
  })
})

describe('how it came on', () => {
  it('the step, the end that was felt and the order of pain and resistance stand beside the result', () => {
    const answer: Answer = { ...own(['left-buttock'], 6), endFeel: 'firm', painOrder: 'pain-first', newtons: 260, held: 12 } as Answer
    const record = performed(sore('left-buttock'), 'thigh-thrust', 'left', { hold: answer }, 'graded')
    expect(of(record, 'thigh-thrust', 'left').why).toMatch('after 12 s, 260 N at most')
    expect(beside(record, 'thigh-thrust', 'left')).toMatch('Came on at “hold it”; firm end feel, pain before resistance.')
    const ranged = performed(sore('left-calf'), 'leg-raise', 'left', { raise: { said: 'stretch', places: [], end: 80, endFeel: 'empty' } as Answer })
    expect(beside(ranged, 'leg-raise', 'left')).toMatch('Empty end feel, pain alone stopped it.')
    expect(plainText(noteOf(assess(record.exam), 'Somebody'))).toMatch('pain before resistance')
  })

  it('a position that brings the arm symptom on by itself is never pressed', () => {
    const record = performed(sore('left-forearm-front'), 'neck-compression', 'none', { 'bend-left-in': own(['left-forearm-front'], 6) })
    expect(stages(record).at(-1)).toBe('bend-left-in')
    expect(of(record, 'neck-compression', 'left').result).toBe('positive')
    expect(beside(record, 'neck-compression', 'left')).toMatch('Came on at “side-flexion left, no load yet”')
    // No load was given, so the loaded side-bend is open, and not negative.
    expect(assess(record.exam).findings.some((f) => f.test === 'neck-closing-a')).toBe(false)
  })

  it('every level that was sore is told, by its own name', () => {
    const level = performed(sore('left-low-back'), 'lumbar-torsion', 'left', {
      twist: own(['left-low-back'], 6),
      levels: cells({ 't12.own': 'no', 'l1.own': 'no', 'l2.own': 'no', 'l3.own': 'yes', 'l4.own': 'yes', 'l5.own': 'no' }),
    })
    expect(of(level, 'lumbar-torsion', 'left').why).toMatch('L3 yes and L4 yes')
    expect(stages(performed(sore('left-low-back'), 'lumbar-torsion', 'left'))).toEqual(['twist'])
    const shear = performed(sore('left-low-back'), 'side-lying-shear', 'none', { level: chose('s1'), 'at-60': chose('own'), 'at-90': chose('less') })
    expect(of(shear, 'side-lying-shear', 'left').why).toMatch('S1;')
  })
})

describe('what is asked of one side, and of both', () => {
  it('the effort of an active raise is summed over both sides', () => {
    const one = performed(sore('left-sacroiliac'), 'active-leg-raise', 'left', { effort: chose('3'), compressed: chose('easier') })
    expect(beside(one, 'active-leg-raise', 'left')).not.toMatch('together')
    const both = performed(one, 'active-leg-raise', 'right', { effort: chose('1') })
    for (const side of ['left', 'right'] as const) expect(beside(both, 'active-leg-raise', side)).toMatch('Both sides together: 4 of 10.')
  })

  it('landmarks and a raise that stops late speak of the sore side alone', () => {
    const levels = cells({ 'front.higher': 'right', 'rear.higher': 'left', 'ankles.higher': 'level', 'tuberosity.higher': 'level' })
    const left = performed(sore('left-sacroiliac'), 'pelvic-landmarks', 'none', { levels })
    expect(
      assess(left.exam)
        .findings.filter((f) => f.test === 'pelvic-landmarks')
        .map((f) => [f.about, f.result]),
    ).toEqual([['left', 'positive']])
    expect(assess(performed(opened(), 'pelvic-landmarks', 'none', { levels }).exam).findings).toHaveLength(2)
    const late = (record: Composed) =>
      of(
        performed(performed(record, 'leg-raise', 'left', { raise: { said: 'nothing', end: 75 } }), 'leg-raise', 'right', {
          raise: { said: 'nothing', end: 92 },
        }),
        'leg-raise',
        'left',
      ).readings.map((r) => r.source)
    expect(late(sore('left-sacroiliac'))).toContain('sij-stiff')
    expect(late(sore('right-sacroiliac'))).not.toContain('sij-stiff')
  })

  it('the pubic joint is pressed both ways, and each quarter alone up and down; all of them both-sided is inflammation or separation', () => {
    const shear = (pairs: string, alone: string) =>
      performed(sore('left-pubic'), 'pubic-shear', 'none', {
        pairs: cells({ 'left-up.sore': pairs, 'right-up.sore': pairs }),
        alone: cells({ 'left-alone-up.sore': alone, 'left-alone-down.sore': alone, 'right-alone-up.sore': alone, 'right-alone-down.sore': alone }),
      })
    expect(of(shear('both', 'both'), 'pubic-shear', 'left').why).toMatch('inflammation or separation')
    expect(of(shear('both', 'left'), 'pubic-shear', 'left').why).not.toMatch('inflammation')
    expect(of(shear('left', 'left'), 'pubic-shear', 'left').readings).toHaveLength(2)
    expect(of(shear('no', 'no'), 'pubic-shear', 'left').result).toBe('negative')
    // What was recorded in the way it replaced reads as it did.
    const old = performed(
      sore('left-pubic'),
      'pubic-shear',
      'none',
      { ways: cells({ 'left-up.sore': 'both', 'right-up.sore': 'both', 'left-alone.sore': 'both', 'right-alone.sore': 'both' }) },
      'four-directions',
    )
    expect(of(old, 'pubic-shear', 'left').why).toMatch('inflammation or separation')
  })

  it.each([
    ['worse', 'positive', 'abdominal-wall'],
    ['same', 'positive', 'abdominal-wall'],
    ['better', 'negative', 'visceral'],
  ])('an abdominal wall that is tightened: %s', (wall, result, source) => {
    const record = performed(sore('left-abdomen'), 'abdominal-tension', 'none', { press: own(['left-abdomen'], 6), wall: chose(wall) })
    expect(of(record, 'abdominal-tension', 'left')).toMatchObject({ result })
    expect(of(record, 'abdominal-tension', 'left').readings.map((r) => r.source)).toContain(source)
  })
})

describe('a hold-relax', () => {
  const turned = (given: Readonly<Record<string, Answer>>) =>
    performed(sore('left-neck-back'), 'hold-relax', 'left', { before: measured(28), after: measured(40), ...given })

  it('measures three to five cycles, and tells each', () => {
    const three = turned({ 'turn-1': measured(40), 'turn-2': measured(45), 'turn-3': measured(50) })
    expect(stages(three)).toEqual(['before', 'turn-1', 'turn-2', 'turn-3', 'fourth', 'after'])
    expect(of(three, 'hold-relax', 'left').why).toMatch('28°; 40°; 45°; 50°')
    const five = turned({ fourth: chose('more'), fifth: chose('more') })
    expect(stages(five)).toEqual(['before', 'turn-1', 'turn-2', 'turn-3', 'fourth', 'turn-4', 'fifth', 'turn-5', 'after'])
  })

  it('is ended by the familiar pain, at whichever cycle, and measured again', () => {
    expect(stages(turned({ 'turn-2': measured(45, { limitedBy: 'own-pain' }) }))).toEqual(['before', 'turn-1', 'turn-2', 'after'])
    expect(stages(turned({ fourth: chose('more'), 'turn-4': measured(45, { limitedBy: 'own-pain' }) })).slice(-3)).toEqual(['fourth', 'turn-4', 'after'])
    expect(stages(turned({ 'turn-2': measured(45, { limitedBy: 'stiffness' }) }))).toContain('turn-3')
  })
})

describe('the arm nerve tests', () => {
  const arm = sore('right-forearm-front')
  const test = (release: Answer, part?: string) =>
    performed(arm, 'ulnt-1', 'right', { elbow: own(['right-forearm-front'], 6, 20), 'neck-towards': { ...release, ...(part && { part }) } as Answer })

  it('conclude whether the neck has a part in it, on the card and at the top of the note', () => {
    const cervical = test({ said: 'eased' })
    expect(beside(cervical, 'ulnt-1', 'right')).toMatch('Cervical part: include the neck.')
    expect(plainText(noteOf(assess(cervical.exam), 'Somebody'))).toMatch('ULNT, right: cervical part: include the neck.')
    const distal = test({ said: 'unchanged' })
    expect(plainText(noteOf(assess(distal.exam), 'Somebody'))).toMatch('ULNT, right: distal:')
    // Another part than the neck says nothing about the neck.
    expect(beside(test({ said: 'eased' }, 'girdle'), 'ulnt-1', 'right')).not.toMatch(/Cervical|Distal/)
    expect(beside(performed(arm, 'ulnt-1', 'right'), 'ulnt-1', 'right')).not.toMatch(/Cervical|Distal/)
  })

  it('compare sides at the joint that was measured, and call it by its name', () => {
    const left = performed(test({ said: 'eased' }), 'ulnt-1', 'left', { elbow: { ...STRETCH, end: 0 } as Answer })
    const right = performed(left, 'ulnt-1', 'right', { elbow: { ...STRETCH, end: 60 } as Answer })
    expect(`${beside(right, 'ulnt-1', 'right')}${beside(left, 'ulnt-1', 'left')}`).not.toMatch('knee')
  })
})

describe('a response to stabilising', () => {
  it('is told at the top of the note once its rule is met, with what a later trial found', () => {
    const back = bare()
      .screened()
      .symptom('S1', { words: 'back', places: ['left-low-back'], qualities: ['aching'], now: 3 })
      .consent()
    const young = back.then({ type: 'age-corrected', ageYears: 30, why: 'told' })
    const raises = (['left', 'right'] as const).reduce((r, side) => performed(r, 'leg-raise', side, { raise: { said: 'nothing', end: 95 } }), young)
    expect(plainText(noteOf(assess(raises.exam), 'Somebody'))).not.toMatch('stabilising programme')
    const met = performed(raises, 'lumbar-range', 'none', { quality: chose('catch') })
    expect(plainText(noteOf(assess(met.exam), 'Somebody'))).toMatch(/Likely to do well with a stabilising programme: .*not confirmed by a later trial/)
  })
})

describe('time that is kept without a key', () => {
  it('raised arms: the arms go up first, and what comes at once has no seconds', () => {
    const record = performed(sore('left-forearm-front'), 'elevated-arm-stress', 'none', { up: own(['left-forearm-front'], 6) })
    expect(stages(record)).toEqual(['up', 'end', 'pulse'])
    const test = testById('elevated-arm-stress')
    const after =
      test &&
      nextStage(
        {
          variant: 'breath-held',
          stopped: null,
          answers: [
            { event: '', stage: 'up', at: 0, answer: { said: 'nothing' } },
            { event: '', stage: 'hold', at: 0, answer: { said: 'nothing' } },
          ],
        },
        test,
      )
    expect(after?.id).toBe('breath')
    expect(sideOf('left-forearm-front')).toBe('left')
  })
})
