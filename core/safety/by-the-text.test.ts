import { describe, expect, it } from 'vitest'
import { bare, NOTHING, opened, own, performed, quiet, soreLeg, sorePelvis } from '../../tests/people'
import { CATALOGUE, testById } from '../catalogue'
import { noteOf } from '../note/note'
import { plainText } from '../note/paragraph'
import { assess } from '../assess'
import { admit } from '../record/admit'
import type { Answer } from '../record/answer'
import { type Composed, compose, composedId } from '../record/compose'
import type { EventContent, ExamEvent } from '../record/event'
import { sidesOf } from '../record/outline'
import type { Place } from '../vocabulary/body-area'
import type { TestSide } from '../vocabulary/side'
import { RULEBOOK } from './rulebook'
import { closing } from './safety'

// The safety text as tables, written line by line from the text and never from the gates: every list by name, every question, every
// consequence. What is asked here is only whether the record takes an entry.

const NECK_TESTS = [
  ...['neck-compression', 'neck-closing-a', 'neck-closing-b', 'neck-flexed-compression', 'neck-distraction', 'neck-side-bend', 'neck-rotation', 'neck-range'],
  ...['neck-flexion-shock', 'neck-extension-rotation', 'neck-segment-palpation', 'neck-segment-motion'],
]
const LIGAMENTS = ['upper-neck-shear', 'alar-ligament', 'transverse-ligament']
const ARM_NERVES = ['ulnt-1', 'ulnt-2a', 'ulnt-2b', 'ulnt-3']
const NECK_LOAD = [
  ...NECK_TESTS,
  'flexion-rotation',
  'hold-relax',
  'shoulder-depression',
  'craniocervical-flexion',
  ...ARM_NERVES,
  'arm-pulse-inspiration',
  'slump',
]
const FRACTURE = [
  ...['sij-distraction', 'sij-compression', 'thigh-thrust', 'gaenslen', 'faber', 'sacral-thrust', 'knee-to-shoulder', 'prone-hyperextension', 'pubic-shear'],
  ...[
    'prone-lift-sacrum',
    'prone-lift-lumbar',
    'lumbar-torsion',
    'lumbar-spring',
    'heel-to-buttock',
    'passive-extension',
    'prone-instability',
    'side-lying-shear',
  ],
]
const LEG_TESTS = ['leg-raise', 'crossed-leg-raise', 'side-lying-leg-raise', 'seated-leg-raise', 'femoral-stretch', 'hip-scour', 'piriformis', 'thigh-thrust']
const EVERYTHING = CATALOGUE.filter((t) => !t.follows).map((t) => t.id)
const FREE_OF_THE_NECK = ['leg-raise', 'thigh-thrust', 'faber', 'lumbar-spring', 'neuro-lower']

/** Consequences of a yes: which tests cannot start, and how urgent the text says it is. */
const ITEMS: readonly {
  readonly says: string
  readonly yes: readonly string[]
  readonly bars: readonly string[]
  readonly free?: readonly string[]
  readonly do?: RegExp
}[] = [
  ...['saddle-numb', 'bladder', 'bowel', 'sexual', 'both-legs'].map((item) => ({
    says: 'cauda equina',
    yes: [item],
    bars: EVERYTHING,
    do: /Emergency referral/,
  })),
  ...['neck-shocks', 'clumsy-hands', 'unsteady', 'stiff-legs', 'both-arms'].map((item) => ({
    says: 'any one cord sign halts neck loading',
    yes: [item],
    bars: [...NECK_LOAD, ...LIGAMENTS],
    free: FREE_OF_THE_NECK,
    do: /Urgent referral/,
  })),
  ...['dizzy', 'double-vision', 'drop-attack', 'speech', 'swallowing', 'nausea', 'face-numb', 'eyes-flicker', 'worst-headache', 'ataxia', 'eyelid'].map(
    (item) => ({
      says: 'neck artery and brain stem halt neck tests',
      yes: [item],
      bars: [...NECK_LOAD, ...LIGAMENTS],
      free: FREE_OF_THE_NECK,
      do: /Same-day or emergency/,
    }),
  ),
  { says: 'old, looked-into dizziness is a caution', yes: ['dizzy-known'], bars: [], free: ['neck-rotation', 'slump'] },
  ...['inflammatory-joint', 'loose-tissue', 'down', 'long-steroids', 'old-neck-trauma'].map((item) => ({
    says: 'ligament tests precede everything that loads the neck',
    yes: [item],
    bars: NECK_LOAD,
    free: [...LIGAMENTS, ...FREE_OF_THE_NECK],
    do: /ligament tests come first/,
  })),
  {
    says: 'an unsupported head halts, and no ligament test is done',
    yes: ['head-unsupported'],
    bars: [...NECK_LOAD, ...LIGAMENTS],
    free: FREE_OF_THE_NECK,
    do: /Support the head/,
  },
  ...['dangerous-mechanism', 'tingling-after', 'midline-tender', 'cannot-turn'].flatMap((item) =>
    [[item], ['neck-accident', item]].map((yes) => ({
      says: 'a sign of the imaging rule halts the neck, whether or not the accident was asked about',
      yes,
      bars: [...NECK_LOAD, ...LIGAMENTS],
      free: FREE_OF_THE_NECK,
      do: /imaging rule/,
    })),
  ),
  {
    says: 'a neck accident alone keeps hands from loading the neck',
    yes: ['neck-accident'],
    bars: ['neck-compression', 'neck-distraction', 'neck-range', ...LIGAMENTS],
    free: FREE_OF_THE_NECK,
  },
  ...['big-fall', 'small-fall', 'known-fracture'].map((item) => ({
    says: 'a possible fracture blocks loading of the region, the neck among it',
    yes: [item],
    bars: [...FRACTURE, ...NECK_TESTS, ...LIGAMENTS, 'leg-raise'],
    free: ['neuro-lower', 'neuro-upper', 'active-leg-raise'],
  })),
  {
    says: 'a leg that takes no weight',
    yes: ['cannot-stand'],
    bars: FRACTURE.filter((t) => t !== 'side-lying-shear').slice(0, 9),
    free: ['neuro-lower', 'neck-rotation'],
  },
  {
    says: 'weak bones keep the full grade away',
    yes: ['thin-bones'],
    bars: ['sij-compression', 'sacral-thrust', 'neck-compression', 'thigh-thrust'],
    free: ['neuro-lower', 'leg-raise'],
  },
  ...['fever', 'weak-defence'].map((item) => ({ says: 'infection halts', yes: [item], bars: EVERYTHING, do: /Same-day/ })),
  ...['cancer', 'weight-loss', 'night-pain', 'no-better'].map((item) => ({
    says: 'one sign of malignancy is a caution',
    yes: [item],
    bars: [],
    free: ['faber', 'leg-raise', 'neck-rotation'],
  })),
  { says: 'two signs of malignancy halt', yes: ['cancer', 'night-pain'], bars: EVERYTHING, do: /Medical assessment/ },
  { says: 'two signs of malignancy halt', yes: ['weight-loss', 'no-better'], bars: EVERYTHING, do: /Medical assessment/ },
  { says: 'pregnancy is a caution', yes: ['pregnant'], bars: [], free: ['faber', 'leg-raise'] },
  { says: 'blood thinners are a caution', yes: ['thinners'], bars: [], free: ['faber', 'leg-raise'] },
  {
    says: 'surgery of the spine blocks thrusts into the region',
    yes: ['fusion'],
    bars: ['sacral-thrust', 'lumbar-spring', 'thigh-thrust', 'neck-compression'],
    free: ['leg-raise', 'neuro-lower'],
  },
  {
    says: 'a replaced hip',
    yes: ['hip-replaced'],
    bars: ['thigh-thrust', 'hip-scour', 'knee-to-shoulder', 'piriformis', 'faber', 'hip-internal-rotation'],
    free: ['sij-distraction', 'leg-raise'],
  },
  { says: 'raised pressure', yes: ['high-pressure'], bars: ['bear-down'], free: ['leg-raise', 'abdominal-tension'] },
  { says: 'an aneurysm', yes: ['pulsing'], bars: ['bear-down', 'abdominal-tension', 'diaphragm-palpation', 'lumbar-spring'], free: ['leg-raise', 'faber'] },
  { says: 'a clot', yes: ['swollen-calf'], bars: [...LEG_TESTS, 'slump', 'neuro-lower'], free: ['neck-rotation', 'sij-distraction'], do: /Same-day/ },
  ...['weak-in-days', 'night-arm'].map((item) => ({ says: 'same day', yes: [item], bars: EVERYTHING, do: /Same-day/ })),
  ...['thunder', 'exertion', 'pregnancy-warning'].map((item) => ({ says: 'emergency', yes: [item], bars: EVERYTHING, do: /Emergency/ })),
  { says: 'thinners with a sudden severe pain', yes: ['thinners', 'sudden-severe'], bars: EVERYTHING, do: /Emergency/ },
  { says: 'a sudden severe pain alone', yes: ['sudden-severe'], bars: [], free: ['leg-raise'] },
  { says: 'shingles is a caution', yes: ['blisters'], bars: [], free: ['leg-raise'] },
  { says: 'signs of inflammatory disease point and bar nothing', yes: ['slow-start-young', 'stiff-morning', 'better-moving'], bars: [], free: ['faber'] },
]

const yes = (record: Composed, ...items: readonly string[]) => items.reduce((r, item) => r.then({ type: 'screen-answered', item, answer: 'yes' }), record)
let n = 0
/** Why the record refuses this; null when it takes it. */
function refused(record: Composed, content: EventContent): { readonly what: string; readonly do: string } | null {
  const event = { ...content, id: composedId(2e12, 'by the text', ++n), at: 2e12, by: 'test-author' } as ExamEvent
  const admission = admit(record.events, event, RULEBOOK)
  return admission.ok ? null : admission.problem
}
function starting(record: Composed, id: string, variant?: string) {
  const test = testById(id)
  if (!test) throw new Error(`There is no test called ${id}.`)
  const agreed = test.intimate ? record.then({ type: 'consent-renewed', region: test.intimate, answer: 'agreed', chaperone: 'declined' }) : record
  return refused(agreed, {
    type: 'test-started',
    run: composedId(1, 'run', ++n),
    test: id,
    side: sidesOf(test)[0] ?? 'none',
    variant: variant ?? test.variants[0]?.id ?? '',
  })
}
/** Everybody: the gentle neck load was done and quiet, so that what is stronger is free to start. */
const somebody = () => performed(performed(soreLeg(), 'neck-compression', 'none'), 'flexion-rotation', 'left')
/** What only follows another test, and cannot start by itself. */
const follows = new Set(CATALOGUE.filter((t) => t.follows).map((t) => t.id as string))

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

describe('rules triggered by results, by the text', () => {
  const cells = (c: Readonly<Record<string, string>>): Answer => ({ said: 'grid', cells: c })
  const arm = () => opened().symptom('S1', { words: 'arm', places: ['left-forearm-front'], qualities: ['shooting'], now: 3 })
  const neuro = (record: Composed, test: 'neuro-upper' | 'neuro-lower', side: TestSide, given: Readonly<Record<string, Readonly<Record<string, string>>>>) =>
    performed(
      record,
      test,
      side,
      Object.fromEntries(
        Object.entries(given).map(([stage, changed]) => {
          const plain = testById(test)?.stages.find((s) => s.id === stage)
          const usual = plain ? quiet(plain) : NOTHING
          return [stage, usual.said === 'grid' ? cells({ ...usual.cells, ...changed }) : usual]
        }),
      ),
    )

  it.each([
    ['both palms', 'neck-compression', ['left-palm', 'right-palm']],
    ['both palms', 'ulnt-1', ['left-palm', 'right-palm']],
    ['both thighs', 'leg-raise', ['left-thigh-back', 'right-thigh-back']],
    ['one above and one below the knee', 'slump', ['left-thigh-back', 'right-calf']],
    ['the saddle', 'faber', ['left-saddle']],
  ] as const)('%s in %s halts everything, familiar symptom or not', (_, id, places) => {
    for (const answer of [own([...places] as Place[], 6), { said: 'other', places: [...places] as Place[] } satisfies Answer]) {
      const test = testById(id)
      if (!test) throw new Error(id)
      const record = somebody().test(id, sidesOf(test)[0] ?? 'none', [answer])
      expect(starting(record, 'leg-raise')?.do).toMatch('Ask the myelopathy and cauda equina questions')
    }
  })

  it('strength of 3 or less, more than one root, or both legs halt; saddle feeling is an emergency; the screen may be done again', () => {
    const after = (record: Composed) => starting(record, 'slump')?.do
    expect(after(neuro(soreLeg(), 'neuro-lower', 'left', { strength: { 'l5.strength': '3' } }))).toMatch('today')
    expect(after(neuro(soreLeg(), 'neuro-lower', 'left', { strength: { 'l4.strength': '4', 'l5.strength': '4' } }))).toMatch('Urgent')
    expect(after(neuro(soreLeg(), 'neuro-lower', 'left', { strength: { 'l5.strength': '4' } }))).toBeUndefined()
    const both = (['left', 'right'] as const).reduce((r, side) => neuro(r, 'neuro-lower', side, { strength: { 'l5.strength': '4' } }), soreLeg())
    expect(after(both)).toMatch('Emergency')
    expect(starting(both, 'neuro-lower')).toBeNull()
    expect(after(neuro(soreLeg(), 'neuro-lower', 'left', { sensation: { 'saddle.touch': 'less' } }))).toMatch('Emergency')
    // Quiet alike on both sides is no deficit.
    const alike = (['left', 'right'] as const).reduce(
      (r, side) => neuro(r, 'neuro-lower', side, { reflexes: { 'achilles.reflex': '1', 'patellar.reflex': '0' } }),
      soreLeg(),
    )
    expect(after(alike)).toBeUndefined()
  })

  it.each(['finger-flick', 'inverted-brachioradialis', 'plantar-up', 'clonus', 'gait', 'clumsy'])(
    'the cord sign %s is positive for the cord and halts the neck',
    (sign) => {
      const record = neuro(arm(), 'neuro-upper', 'left', { cord: { [`${sign}.sign`]: 'yes' } })
      expect(assess(record.exam).findings.find((f) => f.test === 'neuro-upper')).toMatchObject({ result: 'positive' })
      expect(starting(record, 'neck-compression')?.do).toMatch('Urgent referral')
      expect(starting(record, 'leg-raise')).toBeNull()
    },
  )

  it('brisk reflexes alone on both sides are a caution; with another sign they halt', () => {
    const brisk = (r: Composed) =>
      (['left', 'right'] as const).reduce((s, side) => neuro(s, 'neuro-upper', side, { reflexes: { 'biceps.reflex': '3', 'triceps.reflex': '3' } }), r)
    expect(starting(brisk(arm()), 'neck-compression')).toBeNull()
    expect(assess(brisk(arm()).exam).findings.find((f) => f.test === 'neuro-upper')?.result).not.toBe('positive')
    expect(starting(neuro(brisk(arm()), 'neuro-lower', 'left', { cord: { 'plantar-up.sign': 'yes' } }), 'neck-compression')?.do).toMatch('Urgent')
  })

  it('a new or worse deficit halts, and leaves the recheck that it demands', () => {
    const worse = neuro(neuro(soreLeg(), 'neuro-lower', 'left', {}), 'neuro-lower', 'left', { sensation: { 's1.touch': 'less' } })
    expect(starting(worse, 'leg-raise')?.what).toMatch('Progressive neurological deficit')
    expect(starting(worse, 'neuro-lower')).toBeNull()
  })

  it('any ligament test positive, slack or with a warning halts the neck; an override lifts nothing', () => {
    const positive: readonly (readonly [string, TestSide, Readonly<Record<string, Answer>>])[] = [
      ['upper-neck-shear', 'none', { glide: { said: 'observed', choice: 'slide' } }],
      ['upper-neck-shear', 'none', { nod: { said: 'observed', choice: 'symptoms' }, after: { said: 'observed', choice: 'eased' } }],
      ['transverse-ligament', 'none', { lift: { said: 'observed', choice: 'soft' } }],
      ['alar-ligament', 'left', { three: cells({ 'neutral.tilt': 'late', 'bent.tilt': 'once', 'extended.tilt': 'once' }) }],
    ]
    for (const [test, side, given] of positive) {
      const record = performed(arm(), test, side, given)
      expect(starting(record, 'neck-rotation'), test).not.toBeNull()
      const run = record.exam.runs[0]?.id ?? ''
      const called = record.then({ type: 'finding-overridden', run, about: 'left', result: 'negative', why: 'felt like skin' })
      expect(starting(called, 'neck-rotation'), test).not.toBeNull()
    }
  })

  it('“ligament tests first” is met by all three, complete and on both sides, and by nothing less', () => {
    const reason = () => yes(arm(), 'down')
    const full = cells(
      Object.fromEntries(
        ['neutral', 'bent', 'extended'].flatMap((row): [string, string][] => [
          [`${row}.tilt`, 'once'],
          [`${row}.turn`, 'once'],
          [`${row}.pain`, 'no'],
        ]),
      ),
    )
    const shear = (r: Composed) => performed(r, 'upper-neck-shear', 'none')
    const lift = (r: Composed) => performed(r, 'transverse-ligament', 'none')
    const alar = (r: Composed, side: 'left' | 'right', given: Answer = full) => performed(r, 'alar-ligament', side, { three: given })
    const ready = alar(alar(lift(shear(reason())), 'left'), 'right')
    expect(starting(ready, 'neck-rotation')).toBeNull()
    for (const less of [
      shear(reason()),
      lift(shear(reason())),
      alar(lift(shear(reason())), 'left'),
      alar(alar(lift(shear(reason())), 'left'), 'right', cells({ 'neutral.pain': 'no' })),
    ])
      expect(starting(less, 'neck-rotation')?.what).toMatch('laxity possible')
    // Consent that was withdrawn and given again takes nothing back of what was done.
    expect(starting(ready.then({ type: 'consent-withdrawn' }).consent(), 'neck-rotation')).toBeNull()
  })
})

describe('a gate that closed is remembered', () => {
  const causes = (record: Composed, gate: string) => closing(record.exam, gate)
  const open = (record: Composed, gate: string, why = 'asked again: it was the old scar'): EventContent => ({
    type: 'gate-opened',
    gate,
    why,
    causes: causes(record, gate),
  })

  it('an answer that is changed or taken back lifts nothing without words, and both stay in the note', () => {
    const halted = yes(soreLeg(), 'saddle-numb')
    const changed = halted.then({ type: 'screen-answered', item: 'saddle-numb', answer: 'no' })
    const undone = halted.then({ type: 'undone', target: halted.events.at(-1)?.id ?? '' })
    for (const record of [changed, undone]) {
      expect(starting(record, 'leg-raise')?.do).toMatch('Emergency')
      expect(refused(record, open(record, 'cauda-equina', '  . ')), 'blanks').not.toBeNull()
      const lifted = record.then(open(record, 'cauda-equina'))
      expect(starting(lifted, 'leg-raise')).toBeNull()
      const note = plainText(noteOf(assess(lifted.exam), 'x'))
      expect(note).toMatch('Possible cauda equina syndrome')
      expect(note).toMatch('it was the old scar')
    }
  })

  it('is opened only while closed, for what closed it; a new cause closes it again', () => {
    expect(refused(soreLeg(), { type: 'gate-opened', gate: 'cauda-equina', why: 'just in case', causes: [] })?.what).toMatch('not closed')
    const halted = yes(soreLeg(), 'saddle-numb')
    expect(refused(halted, { type: 'gate-opened', gate: 'cauda-equina', why: 'known and old', causes: ['bladder'] })?.what).toMatch('Something else')
    const opened = halted.then(open(halted, 'cauda-equina'))
    expect(starting(opened, 'leg-raise')).toBeNull()
    expect(starting(yes(opened, 'bladder'), 'leg-raise')?.do).toMatch('Emergency')
  })

  it('another school or another age lifts nothing that had closed, and closes nothing that never held together', () => {
    const choose = (id: string): EventContent => ({ type: 'schools-chosen', schools: { 'ligaments-who': id }, setting: 'referred' })
    const referred = yes(somebody().then(choose('history-only')), 'inflammatory-joint')
    for (const test of LIGAMENTS) expect(starting(referred.then(choose('history')), test)?.do, test).toMatch('Refer')
    // The school was changed before anything was told: its halt never closed.
    for (const test of LIGAMENTS)
      expect(starting(yes(somebody().then(choose('history-only')).then(choose('history')), 'inflammatory-joint'), test), test).toBeNull()
    const aged = yes(somebody().then({ type: 'age-corrected', ageYears: 70, why: 'wrong year' }), 'neck-accident')
    const younger = aged.then({ type: 'age-corrected', ageYears: 40, why: 'it was right' })
    expect(starting(younger, 'neck-side-bend')?.do).toMatch('imaging rule')
    const undone = aged.then({ type: 'undone', target: aged.events.find((e) => e.type === 'age-corrected')?.id ?? '' })
    expect(starting(undone, 'neck-side-bend')?.do).toMatch('imaging rule')
  })

  it('a result or a warning that was taken back is remembered as well', () => {
    const spread = soreLeg().test('leg-raise', 'left', [own(['left-calf', 'right-calf'], 6, 40)])
    const back = spread.then({ type: 'undone', target: spread.events.at(-1)?.id ?? '' })
    expect(starting(back, 'slump')?.what).toMatch('both legs')
    const faint = soreLeg().then({ type: 'warning-seen', sign: 'faint' })
    expect(starting(faint.then({ type: 'undone', target: faint.events.at(-1)?.id ?? '' }), 'slump')).not.toBeNull()
  })
})

describe('what a stage does to the body decides what a closed gate still allows', () => {
  const answer = (record: Composed, stage: string, given: Answer) =>
    refused(record, { type: 'stage-answered', run: record.exam.runs.at(-1)?.id ?? '', stage, answer: given })

  it.each([
    ['a further load', 'slump', [NOTHING], 'slump', NOTHING],
    ['putting back', 'leg-raise-ankle', [{ said: 'eased' }], 'bend-up', { said: 'returned' }],
    ['a glide', 'upper-neck-shear', [{ said: 'observed', choice: 'quiet' }], 'glide', { said: 'observed', choice: 'still' }],
  ] as const)('%s is refused', (_, test, before, stage, given) => {
    const parent = test === 'leg-raise-ankle' ? soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)]) : soreLeg()
    const record = yes(parent.test(test, testById(test)?.sides === 'none' ? 'none' : 'left', [...before] as Answer[]), 'saddle-numb')
    expect(answer(record, stage, given)?.do).toMatch('Stop the test')
    expect(refused(record, { type: 'test-stopped', run: record.exam.runs.at(-1)?.id ?? '', why: 'halted' })).toBeNull()
  })

  it('letting go is always allowed, and the answer of a load that a warning interrupted is kept', () => {
    const up = soreLeg()
      .test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
      .test('leg-raise-ankle', 'left', [])
    expect(answer(yes(up, 'saddle-numb'), 'let-go', { said: 'eased' })).toBeNull()
    const warned = soreLeg().test('slump', 'left', [NOTHING]).then({ type: 'warning-seen', sign: 'dizzy-now' })
    expect(answer(warned, 'slump', own(['left-calf'], 6))).toBeNull()
    expect(answer(warned.then({ type: 'stage-answered', run: warned.exam.runs[0]?.id ?? '', stage: 'slump', answer: NOTHING }), 'chin', NOTHING)?.do).toMatch(
      'Stop the test',
    )
  })
})
