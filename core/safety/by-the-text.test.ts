import { describe, expect, it } from 'vitest'
import { bare, opened, performed, sorePelvis } from '../../tests/people'
import { testById } from '../catalogue'
import { noteOf } from '../note/note'
import { plainText } from '../note/paragraph'
import { assess } from '../assess'
import { type Composed, compose, composedId } from '../record/compose'
import { sidesOf } from '../record/outline'
import type { Place } from '../vocabulary/body-area'
import { RULEBOOK } from './rulebook'
import { NECK_TESTS, LIGAMENTS, ARM_NERVES, EVERYTHING, ITEMS, starting, somebody, follows } from '../../tests/safety-text'
import { yes, refused } from '../../tests/admitted'

describe('every question of the screen, by the text', () => {
  it.each(ITEMS)('$yes: $says', ({ yes: answers, bars, free = [], do: action }) => {
    const record = yes(somebody(), ...answers)
    for (const test of bars) {
      if (follows.has(test)) continue
      const problem = starting(record, test)
      expect(problem, `${test} must not start`).not.toBeNull()
      if (action) expect(problem?.do, test).toMatch(action)
    }
    for (const test of free) expect(starting(record, test), `${test} may start`).toBeNull()
  })

  it('nobody who answered no is kept from anything, but what comes in an order', () => {
    for (const test of EVERYTHING) expect(starting(somebody(), test), test).toBeNull()
  })

  it('variants that spare the neck are free of what halts the neck', () => {
    for (const item of ['unsteady', 'dizzy', 'head-unsupported', 'old-neck-trauma']) {
      const record = yes(somebody(), item)
      expect(starting(record, 'slump', 'without-neck'), item).toBeNull()
      for (const test of ARM_NERVES) {
        const without = testById(test)?.variants.find((v) => v.id.startsWith('without-neck'))?.id
        expect(starting(record, test, without), `${test} ${item}`).toBeNull()
      }
    }
  })

  it('from 65 on, and at an age that is not known, a neck accident halts', () => {
    const aged = (ageYears: number | null) =>
      compose({ examId: composedId(1, 'e', 1), personId: composedId(1, 'p', 1), ageYears, at: 1e12, by: 'test-author' }, RULEBOOK).screened()
    for (const age of [65, 90, null]) expect(starting(yes(aged(age), 'neck-accident'), 'neck-side-bend')?.do, String(age)).toMatch('imaging rule')
    const looked = ['dangerous-mechanism', 'tingling-after', 'midline-tender', 'cannot-turn'].reduce(
      (r, item) => r.then({ type: 'screen-answered', item, answer: 'no' }),
      yes(aged(64), 'neck-accident'),
    )
    expect(starting(looked, 'neck-side-bend')).toBeNull()
    for (const age of [51, null]) expect(starting(yes(aged(age), 'sore-scalp'), 'leg-raise')?.do, String(age)).toMatch('Same-day')
    expect(starting(yes(aged(50), 'sore-scalp'), 'leg-raise')).toBeNull()
    // Age with a first pain alone is one sign, and with duration a review: neither halts.
    expect(starting(yes(aged(60), 'new-pain', 'no-better'), 'leg-raise')).toBeNull()
    expect(starting(yes(aged(60), 'new-pain', 'cancer'), 'leg-raise')).not.toBeNull()
  })

  it('the school in which history alone decides refers, and tests no ligament', () => {
    const school = somebody().then({ type: 'schools-chosen', schools: { 'ligaments-who': 'history-only' }, setting: 'referred' })
    for (const test of [...LIGAMENTS, 'neck-rotation']) expect(starting(yes(school, 'inflammatory-joint'), test)?.do, test).toMatch('Refer')
  })
})

describe('gate zero', () => {
  it('nothing starts without consent, whatever was answered; nor after it was withdrawn, and a withdrawal stays', () => {
    const asked = bare()
    for (const test of EVERYTHING) expect(starting(asked, test)?.what, test).toMatch('Consent')
    const withdrawn = sorePelvis().then({ type: 'consent-withdrawn' })
    expect(starting(withdrawn, 'faber')?.what).toMatch('withdrawn')
    expect(refused(withdrawn, { type: 'undone', target: withdrawn.events.at(-1)?.id ?? '' })?.what).toMatch('stays')
    expect(refused(bare(), { type: 'consent-given', form: 'verbal', explained: '   ' })?.what).toMatch('explained')
  })

  // Which groups concern which test, by the text: saddle and fracture always; cord, artery, accident, upper neck for neck and arm; clot for the leg.
  const GROUPS = ['saddle', 'cord', 'artery', 'neck-trauma', 'upper-neck', 'fracture', 'clot'] as const
  const UPPER = ['cord', 'artery', 'neck-trauma', 'upper-neck']
  const COMES_AFTER = ['neck-closing-a', 'neck-closing-b', 'neck-flexed-compression']
  const wants: readonly (readonly [string, readonly string[]])[] = [
    ...[
      ...NECK_TESTS.filter((t) => !COMES_AFTER.includes(t)),
      ...LIGAMENTS,
      ...ARM_NERVES,
      'elevated-arm-stress',
      'neuro-upper',
      'shoulder-abduction-relief',
    ].map((t) => [t, ['saddle', 'fracture', ...UPPER]] as const),
    ...['leg-raise', 'femoral-stretch', 'hip-scour', 'thigh-thrust', 'faber', 'neuro-lower'].map((t) => [t, ['saddle', 'fracture', 'clot']] as const),
    ...['sij-distraction', 'lumbar-spring', 'lumbar-quadrant', 'pelvic-landmarks'].map((t) => [t, ['saddle', 'fracture']] as const),
    ['slump', ['saddle', 'fracture', 'clot', ...UPPER]],
  ]
  it.each(wants)('%s asks the groups of its region first', (test, groups) => {
    for (const group of GROUPS) {
      const items = RULEBOOK.screenGroup(group)?.items ?? []
      const open = (r: Composed) => RULEBOOK.screen.filter((g) => g.id !== group).reduce((s, g) => answered(s, g.id), r.consent())
      const problem = starting(open(bare()), test)
      if (groups.includes(group)) expect(problem?.what, `${test} ${group}`).toMatch('Not asked yet')
      else expect(problem, `${test} ${group}`).toBeNull()
      expect(items.length).toBeGreaterThan(0)
    }
  })
  const answered = (record: Composed, group: string): Composed =>
    (RULEBOOK.screenGroup(group)?.items ?? []).reduce(
      (r, item) => (item.onlyIf !== undefined ? r : r.then({ type: 'screen-answered', item: item.id, answer: 'no' })),
      record,
    )

  it('asked elsewhere lets the tests start with its reason on the record and in the note, and is no answer', () => {
    const groups = ['saddle', 'fracture', 'clot']
    expect(refused(bare(), { type: 'screen-elsewhere', group: 'saddle', why: ' - - ' })).not.toBeNull()
    const record = groups.reduce((r, group) => r.then({ type: 'screen-elsewhere', group, why: 'on paper at the door' }), bare().consent())
    expect(starting(record, 'leg-raise')).toBeNull()
    expect(record.exam.screen).toEqual({})
    expect(plainText(noteOf(assess(record.exam), 'x'))).toMatch('asked elsewhere: on paper at the door')
  })

  it.each([
    ['a painted saddle', ['right-saddle'], 'numb', 'saddle-numb'],
    ['both legs', ['left-calf', 'right-calf'], 'tingles', 'both-legs'],
    ['both thighs', ['left-thigh-back', 'right-thigh-front'], 'aches', 'both-legs'],
    ['one above and one below the knee', ['left-thigh-back', 'right-calf'], 'aches', 'both-legs'],
    ['both palms', ['left-palm', 'right-palm'], 'tingle', 'both-arms'],
    ['words of shocks', ['left-low-back'], 'an electric shock when I look down', 'neck-shocks'],
    ['words of the bladder', ['left-low-back'], 'and I cannot feel my bladder', 'bladder'],
  ] as const)('%s asks by itself, though it was answered no before it was told', (_, places, words, item) => {
    const told = opened().symptom('S1', { words, places: [...places] as Place[], now: 3 })
    const test = item === 'both-arms' || item === 'neck-shocks' ? 'neck-rotation' : 'leg-raise'
    expect(starting(told, test)?.what).toMatch('Not asked yet')
    expect(starting(told.then({ type: 'screen-answered', item, answer: 'no' }), test)).toBeNull()
  })

  it('contact with intimate regions is refused until consent was asked again, and again once it was withdrawn', () => {
    const REGIONS = {
      pubic: ['pubic-shear'],
      sacral: ['sacral-thrust', 'sij-palpation', 'prone-lift-sacrum', 'standing-hip-flexion'],
      abdomen: ['abdominal-tension'],
      'rib-margin': ['diaphragm-palpation'],
    }
    let n = 0
    const bareStart = (record: Composed, test: string) =>
      refused(record, {
        type: 'test-started',
        run: composedId(1, 'run', ++n),
        test,
        side: sidesOf(testById(test) ?? { sides: 'none' })[0] ?? 'none',
        variant: testById(test)?.variants[0]?.id ?? '',
      })
    for (const [region, tests] of Object.entries(REGIONS)) {
      for (const test of tests) {
        const wanted = testById(test)?.chain ? performed(sorePelvis(), testById(test)?.chain?.after ?? '', 'left') : sorePelvis()
        expect(bareStart(wanted, test)?.what, test).toMatch('not asked again')
        const agreed = wanted.then({ type: 'consent-renewed', region, answer: 'agreed', chaperone: 'present' })
        expect(bareStart(agreed, test), test).toBeNull()
        expect(bareStart(wanted.then({ type: 'consent-renewed', region, answer: 'refused', chaperone: 'declined' }), test)?.what, test).toMatch('refused')
        expect(bareStart(agreed.then({ type: 'consent-withdrawn' }).consent(), test)?.what, test).toMatch('not asked again')
      }
    }
  })
})
