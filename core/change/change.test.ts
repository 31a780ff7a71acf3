import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { NOTHING, opened, own, performed, STRETCH } from '../../tests/people'
import { read, treated, visitAfter } from '../../tests/visits'
import { assess } from '../assess'
import type { Answer } from '../record/answer'
import type { Composed } from '../record/compose'
import type { Place } from '../vocabulary/body-area'
import { angleChanges } from './angle'
import { changesOf } from './changes'
import { errorsWith } from './errors'
import { intensityChange } from './intensity'
import { nervesChange } from './nerves'
import { compare } from './pair'
import { placeChange } from './place'
import { resultChange } from './result'
import { secondsChange } from './seconds'
import { type SignRun, signRunOf } from './sign-run'
import { stageChange } from './stage'

const sore = (place: Place = 'left-calf') => opened().symptom('S1', { words: 'shoots', places: [place], qualities: ['shooting'], now: 2 })

/** The last performance of a record, as a sign. */
function last(record: Composed): SignRun {
  const run = record.exam.runs.at(-1)
  const sign = run && signRunOf(run, record.exam)
  if (!sign) throw new Error('Nothing was performed.')
  return sign
}

const raise = (answer: Answer, variant?: string) => last(sore().test('leg-raise', 'left', [answer], variant))
const plain = { errorOf: errorsWith(), handsOn: false }

describe('an angle', () => {
  it.each([
    [42, 61, 'better', 'onset 42° → 61° (+19°, error 10°)'],
    [42, 52, 'same', 'onset 42° → 52° (+10°, error 10°, within measurement error)'],
    [42, 53, 'better', 'onset 42° → 53° (+11°, error 10°)'],
    [61, 42, 'worse', 'onset 61° → 42° (−19°, error 10°)'],
  ])('of %i then %i is %s', (was, is, verdict, words) => {
    const [change] = angleChanges(raise(own(['left-calf'], 6, was)), raise(own(['left-calf'], 6, is)), errorsWith())
    expect(change).toMatchObject({ verdict, words })
    expect(change?.error).toMatchObject({ value: 10, from: 'published', words: 'published, J04, low confidence, unverified here' })
  })

  it('that counts what is short of straight is better when it falls', () => {
    const slump = (angle: number) => {
      const stages = { knee: own(['left-calf'], 5, angle) }
      return last(performed(sore(), 'slump', 'left', stages))
    }
    expect(angleChanges(slump(40), slump(20), errorsWith()).map((c) => c.verdict)).toEqual(['better'])
    expect(angleChanges(slump(20), slump(40), errorsWith()).map((c) => c.verdict)).toEqual(['worse'])
  })

  it('whose error is not known is told and decides nothing', () => {
    const bend = (angle: number) => last(sore('left-thigh-front').test('femoral-stretch', 'left', [own(['left-thigh-front'], 5, angle)]))
    const [change] = angleChanges(bend(60), bend(110), errorsWith())
    expect(change).toMatchObject({ verdict: null, error: null, words: 'onset 60° → 110° (+50°, error not known: decides nothing)' })
  })

  it('is read with the clinic’s own error where that was chosen', () => {
    const mine = errorsWith([{ test: 'leg-raise', side: 'left', stage: 'raise', mdc: 4, unit: '°', people: 6, trials: 3, by: 'Somebody', at: 1 }])
    const [change] = angleChanges(raise(own(['left-calf'], 6, 42)), raise(own(['left-calf'], 6, 48)), mine)
    expect(change).toMatchObject({ verdict: 'better', error: { value: 4, from: 'own', words: 'own series, 6 people, 3 trials each' } })
    // Another side was not measured, so the published figure stands.
    expect(mine('leg-raise', 'right', 'raise')?.from).toBe('published')
  })

  it('from a simulated device is not compared with one that was not', () => {
    const by = raise({ said: 'familiar', symptom: 'S1', places: ['left-calf'], intensity: 6, onset: 70, simulated: true })
    expect(angleChanges(raise(own(['left-calf'], 6, 42)), by, errorsWith())).toMatchObject([{ verdict: null }])
    expect(angleChanges(by, by, errorsWith())).toMatchObject([{ verdict: 'same' }])
  })

  it('at onset is compared with the end of the range where nothing came on any more', () => {
    const [change] = angleChanges(raise(own(['left-calf'], 6, 42)), raise({ said: 'stretch', places: [], end: 80 }), errorsWith())
    expect(change).toMatchObject({ verdict: 'better', words: 'onset 42°, now to 80° without it (+38°, error 10°)' })
  })

  it('that was not reached again makes no better: nothing was brought on short of where it began', () => {
    const sign = (end: number) => compare(raise(own(['left-calf'], 6, 42)), raise({ said: 'nothing', end }), plain)
    expect(sign(80)).toMatchObject({ verdict: 'better' })
    expect(sign(33)).toMatchObject({ verdict: 'better' })
    expect(sign(31)).toMatchObject({ verdict: 'not-comparable', why: 'it came on at 42°, and this time it was taken only to 31°' })
    // Of knee extension short of straight, the greater angle is the lesser reach.
    const slump = (knee: Answer) => last(performed(sore(), 'slump', 'left', { knee }))
    expect(compare(slump(own(['left-calf'], 5, 20)), slump({ said: 'nothing', end: 60 }), plain).verdict).not.toBe('better')
  })

  it('measured in trials is compared by the mean', () => {
    const turn = (...trials: number[]) => last(performed(sore('left-back-of-head'), 'flexion-rotation', 'left', { turn: { said: 'measured', trials } }))
    const [change] = angleChanges(turn(28, 30, 32), turn(40, 42, 44), errorsWith())
    expect(change).toMatchObject({ verdict: 'better', words: 'range 30° → 42° (+12°, error 8°)' })
  })
})

describe('intensity', () => {
  it.each([
    [4, 2, 'better'],
    [4, 3, 'same'],
    [3, 5, 'worse'],
    // From 5 on, 30 % of it.
    [5, 3, 'better'],
    [7, 5, 'same'],
    [7, 4, 'better'],
    [10, 7, 'better'],
    [10, 8, 'same'],
  ])('of %i then %i is %s', (was, is, verdict) => {
    expect(intensityChange(raise(own(['left-calf'], was)), raise(own(['left-calf'], is)))).toMatchObject({ verdict })
  })

  it('of radicular arm pain needs four points within a day, and two after it', () => {
    const arm = opened().symptom('S1', { words: 'arm', places: ['right-thumb'], qualities: ['shooting'], now: 1 })
    const pressed = (n: number) => last(performed(performed(arm, 'neck-compression', 'none'), 'neck-closing-a', 'right', { press: own(['right-thumb'], n) }))
    const [a, b] = [pressed(4), pressed(1)]
    expect(intensityChange(a, b)).toMatchObject({ verdict: 'same' })
    expect(intensityChange(a, { ...b, when: { ...b.when, at: b.when.at + 86_400_000 } })).toMatchObject({ verdict: 'better' })
    expect(intensityChange(a, pressed(0))).toMatchObject({ verdict: 'better' })
  })

  it('that was not asked is not compared; nothing at that stage is 0', () => {
    const unasked: Answer = { said: 'familiar', symptom: 'S1', places: ['left-calf'], intensity: null }
    expect(intensityChange(raise(own(['left-calf'], 6)), raise(unasked))).toBeNull()
    expect(intensityChange(raise(own(['left-calf'], 6)), raise(STRETCH))).toMatchObject({
      verdict: 'better',
      words: 'S1 6 → 0 of 10 (−6, at least 30 % of the baseline)',
    })
  })
})

describe('stage, seconds, place and result', () => {
  const slumpAt = (stage: string) => last(performed(sore(), 'slump', 'left', { [stage]: own(['left-calf'], 5) }))

  it('a later stage is better, an earlier one worse', () => {
    expect(stageChange(slumpAt('knee'), slumpAt('ankle'))).toMatchObject({ verdict: 'better' })
    expect(stageChange(slumpAt('ankle'), slumpAt('knee'))).toMatchObject({ verdict: 'worse' })
    expect(stageChange(slumpAt('knee'), slumpAt('knee'))).toMatchObject({ verdict: 'same' })
    expect(stageChange(raise(own(['left-calf'])), raise(own(['left-calf'])))).toBeNull()
  })

  it('longer is better beyond a fifth of the baseline', () => {
    const arm = opened().symptom('S1', { words: 'arm', places: ['right-palm'], qualities: ['tingling'], now: 1 })
    const up = (held: number) =>
      last(performed(arm, 'elevated-arm-stress', 'none', { hold: { said: 'familiar', symptom: 'S1', places: ['right-palm'], intensity: 5, held } }))
    expect(secondsChange(up(50), up(61))).toMatchObject({ verdict: 'better', error: { value: 10, from: 'rule' } })
    expect(secondsChange(up(50), up(60))).toMatchObject({ verdict: 'same' })
    expect(secondsChange(up(50), up(39))).toMatchObject({ verdict: 'worse' })
    expect(secondsChange(up(50), up(61), 20)).toMatchObject({ verdict: 'same', error: { from: 'own' } })
    // An own series of seconds: two standard deviations of it.
    const series = errorsWith([
      { test: 'elevated-arm-stress', side: 'none', stage: 'hold', mdc: 2.77 * 6, unit: ' s', people: 6, trials: 2, by: 'Somebody', at: 1 },
    ])
    const seconds = (to: number) => compare(up(50), up(to), { errorOf: series, handsOn: false }).measures.find((m) => m.measure === 'seconds')
    expect(seconds(61)).toMatchObject({ verdict: 'same', error: { from: 'own' } })
    expect(seconds(63)).toMatchObject({ verdict: 'better' })
  })

  it('towards the spine is better, further out worse, another limb says nothing', () => {
    const at = (place: Place) => raise(own([place], 5))
    expect(placeChange(at('left-calf'), at('left-buttock'))).toMatchObject({ verdict: 'better', words: 'moved towards the spine, left calf → left buttock' })
    expect(placeChange(at('left-calf'), at('left-heel'))).toMatchObject({ verdict: 'worse' })
    expect(placeChange(at('left-calf'), at('left-shin-outer'))).toMatchObject({ verdict: 'same' })
    expect(placeChange(at('left-calf'), at('left-palm'))).toBeNull()
    expect(placeChange(at('left-saddle'), at('left-calf'))).toBeNull()
  })

  it('a result flips only between positive and negative', () => {
    const [positive, negative] = [raise(own(['left-calf'], 5)), raise(NOTHING)]
    expect(resultChange(positive, negative)).toMatchObject({ verdict: 'better' })
    expect(resultChange(negative, positive)).toMatchObject({ verdict: 'worse' })
    expect(resultChange(positive, positive)).toMatchObject({ verdict: 'same' })
    const undecided = { ...positive, finding: { ...positive.finding, result: 'inconclusive' as const } }
    expect(resultChange(negative, undecided)).toMatchObject({ verdict: 'worse', words: 'negative → familiar symptom brought on, inconclusive' })
    expect(resultChange(undecided, negative)).toMatchObject({ verdict: 'better' })
    expect(resultChange(undecided, positive)).toBeNull()
    expect(resultChange({ ...undecided, finding: { ...undecided.finding, symptom: null } }, negative)).toBeNull()
  })

  it('any loss halts, a gain is better, a reflex that became brisk is worse', () => {
    const leg = (cells: Readonly<Record<string, string>>, reflex = '2') =>
      last(
        performed(sore(), 'neuro-lower', 'left', {
          strength: { said: 'grid', cells: { 'l5.strength': '4', ...cells } },
          reflexes: { said: 'grid', cells: { 'achilles.reflex': reflex } },
        }),
      )
    expect(nervesChange(leg({}), leg({ 'l5.strength': '3' }))).toMatchObject({ verdict: 'worse', halts: true })
    expect(nervesChange(leg({}), leg({ 'l5.strength': '5' }))).toMatchObject({ verdict: 'better' })
    expect(nervesChange(leg({}), leg({}, '1'))).toMatchObject({ halts: true })
    expect(nervesChange(leg({}, '1'), leg({}, '2'))).toMatchObject({ verdict: 'better' })
    expect(nervesChange(leg({}, '2'), leg({}, '4'))).toMatchObject({ verdict: 'worse', words: 'brisk now, look for cord signs: heel S1 reflex 2 → 4+' })
    // What was not looked at before says nothing.
    expect(nervesChange(leg({}), leg({ 's1.strength': '3' }))).toMatchObject({ verdict: 'same' })
    expect(nervesChange(raise(NOTHING), raise(NOTHING))).toBeNull()
  })
})

describe('a pair', () => {
  it('reads as the field writes it', () => {
    const change = compare(raise(own(['left-calf'], 6, 42)), raise(own(['left-calf'], 3, 61)), plain)
    expect(change.verdict).toBe('better')
    expect(change.sentence).toBe(
      'Straight leg raise, left: onset 42° → 61° (+19°, error 10°); S1 6 → 3 of 10 (−3, at least 30 % of the baseline); as far out as before (left calf); positive as before: better.',
    )
  })

  it('done another way, or stopped, is not comparable and says why', () => {
    const other = compare(raise(own(['left-calf'], 6, 42)), raise(own(['left-calf'], 3, 61), 'inward-bias'), plain)
    expect(other).toMatchObject({ verdict: 'not-comparable', why: 'another technique: “Hip neutral, ankle free”, then “Hip drawn in and turned in”' })
    const begun = sore().then({
      type: 'test-started',
      run: last(sore().test('leg-raise', 'left', [NOTHING])).run.id,
      test: 'leg-raise',
      side: 'left',
      variant: 'neutral',
    })
    const stopped = last(begun.then({ type: 'test-stopped', run: begun.exam.runs[0]?.id ?? '', why: 'patient-asked' }))
    expect(compare(raise(own(['left-calf'], 6, 42)), stopped, plain)).toMatchObject({
      verdict: 'not-comparable',
      why: 'this time it was stopped before it was complete',
    })
  })

  it('measures that say the contrary of each other make it the same, with both told', () => {
    const change = compare(raise(own(['left-calf'], 3, 42)), raise(own(['left-calf'], 7, 61)), plain)
    expect(change).toMatchObject({ verdict: 'same' })
    expect(change.sentence).toContain('the measures say the contrary of each other')
  })

  it('a negative that became positive alerts after hands-on treatment alone', () => {
    const [quiet, loud] = [raise(NOTHING), raise(own(['left-calf'], 5))]
    expect(compare(quiet, loud, { ...plain, handsOn: true }).alert).toBe('became-positive')
    expect(compare(quiet, loud, plain)).toMatchObject({ alert: null, verdict: 'worse' })
  })

  it('with itself never changed, and turned round it says the contrary', () => {
    const said = fc.record({
      angle: fc.integer({ min: 10, max: 100 }),
      strength: fc.integer({ min: 3, max: 4 }),
      out: fc.constantFrom<Place>('left-calf', 'left-heel'),
    })
    const contrary = { better: 'worse', worse: 'better', same: 'same', 'not-comparable': 'not-comparable' }
    fc.assert(
      fc.property(said, said, (one, two) => {
        const [a, b] = [one, two].map((s) => raise(own([s.out], s.strength, s.angle)))
        if (!a || !b) return
        expect(compare(a, a, plain).verdict).toBe('same')
        expect(compare(b, a, plain).verdict).toBe(contrary[compare(a, b, plain).verdict])
      }),
      { numRuns: 60 },
    )
  })
})

describe('an episode', () => {
  const first = () => sore().test('leg-raise', 'left', [own(['left-calf'], 6, 42)])

  it('after a treatment the same visit is read in two halves: what was found before feeds the figures, what is found after the change', () => {
    const before = first()
    const after = treated(before).test('leg-raise', 'left', [{ said: 'nothing', end: 80 }])
    expect(read(after).findings).toEqual(read(before).findings)
    expect(read(after).sources).toEqual(read(before).sources)
    const { tallies, signs, guard } = changesOf(read(after))
    expect(tallies.treatment).toEqual({ better: 1, same: 0, worse: 0, 'not-comparable': 0 })
    expect(signs[0]?.since.treatment?.sentence).toContain('positive → negative')
    expect(guard).toContain('One sign, one visit')
  })

  it('keeps the numbers of symptoms, and a new complaint gets the next', () => {
    const second = visitAfter(
      first()
        .symptom('S2', { words: 'knee', places: ['left-knee-front'], now: 1 })
        .then({ type: 'symptom-removed', symptom: 'S2' }),
    )
    expect(second.exam.symptoms.map(({ id, words, now }) => [id, words, now])).toEqual([['S1', 'shoots', null]])
    expect(second.symptom('S3', { words: 'new', places: ['left-heel'] }).exam.symptoms).toHaveLength(2)
    expect(() => second.symptom('S4', { words: 'new' })).toThrow('would leave a gap')
    // What was removed then may be told again under its own number.
    expect(second.symptom('S2', { words: 'knee again' }).exam.symptoms.map((s) => s.id)).toEqual(['S1', 'S2'])
  })

  it('compares with the baseline and with the last visit, each by itself', () => {
    const second = visitAfter(first()).test('leg-raise', 'left', [own(['left-calf'], 6, 62)])
    const third = visitAfter(second).test('leg-raise', 'left', [own(['left-calf'], 6, 58)])
    const [sign] = changesOf(read(third)).signs
    expect(sign?.since.baseline).toMatchObject({ verdict: 'better', before: { when: { visit: 1 } } })
    expect(sign?.since.lastVisit).toMatchObject({ verdict: 'same', before: { when: { visit: 2 } } })
    expect(sign?.runs.map((r) => r.when.visit)).toEqual([1, 2, 3])
  })

  it('a pinned baseline replaces the first, and stays with the episode', () => {
    const second = visitAfter(first()).test('leg-raise', 'left', [own(['left-calf'], 6, 62)])
    const run = second.exam.runs[0]?.id ?? ''
    const third = visitAfter(second.then({ type: 'baseline-pinned', run, why: 'the first was a new technique to us' }))
    const fourth = visitAfter(third).test('leg-raise', 'left', [own(['left-calf'], 6, 64)])
    expect(changesOf(read(fourth)).signs[0]?.since.baseline).toMatchObject({ verdict: 'same', before: { when: { visit: 2 } } })
    expect(() => fourth.then({ type: 'baseline-pinned', run: fourth.exam.id, why: 'nothing there' })).toThrow('was not started')
  })

  it('a changed variant is not comparable, and gets a baseline of its own from then on', () => {
    const second = visitAfter(first()).test('leg-raise', 'left', [own(['left-calf'], 6, 40)], 'inward-bias')
    expect(changesOf(read(second)).tallies.baseline).toEqual({ better: 0, same: 0, worse: 0, 'not-comparable': 1 })
    const third = visitAfter(second).test('leg-raise', 'left', [own(['left-calf'], 6, 60)], 'inward-bias')
    expect(changesOf(read(third)).signs[0]?.since.baseline).toMatchObject({ verdict: 'better', before: { when: { visit: 2 } } })
  })

  it('a negative that became positive after hands-on treatment alerts, in the visit and in the next one', () => {
    const quiet = sore()
      .test('leg-raise', 'left', [{ said: 'nothing', end: 80 }])
      .then({ type: 'sign-marked', test: 'leg-raise', side: 'left', as: 'pinned' })
    const after = treated(quiet).test('leg-raise', 'left', [own(['left-calf'], 5, 50)])
    expect(changesOf(read(after)).alerts.map((a) => a.alert)).toEqual(['became-positive'])
    const next = visitAfter(treated(quiet)).test('leg-raise', 'left', [own(['left-calf'], 5, 50)])
    expect(changesOf(read(next)).alerts.map((a) => a.alert)).toEqual(['became-positive'])
    const advised = visitAfter(treated(quiet, { kind: 'advice' })).test('leg-raise', 'left', [own(['left-calf'], 5, 50)])
    expect(changesOf(read(advised)).alerts).toEqual([])
  })

  it('a treatment lies after what was measured before it, whatever the clock of the other device said', () => {
    const quiet = sore()
      .test('leg-raise', 'left', [{ said: 'nothing', end: 80 }])
      .then({ type: 'sign-marked', test: 'leg-raise', side: 'left', as: 'pinned' })
    const { exam } = visitAfter(treated(quiet)).test('leg-raise', 'left', [own(['left-calf'], 5, 50)])
    const hourBefore = exam.episode && { ...exam.episode, treated: exam.episode.treated.map((t) => ({ ...t, at: t.at - 3_600_000 })) }
    expect(changesOf(assess({ ...exam, episode: hourBefore })).alerts.map((a) => a.alert)).toEqual(['became-positive'])
  })

  it('a result the examiner replaced then stays replaced', () => {
    const before = first()
    const run = before.exam.runs[0]?.id ?? ''
    const second = visitAfter(before.then({ type: 'finding-overridden', run, about: 'left', result: 'negative', why: 'hamstring on looking again' }))
    const again = second.test('leg-raise', 'left', [own(['left-calf'], 6, 42)])
    expect(changesOf(read(again)).signs.find((s) => s.test === 'leg-raise')?.since.baseline?.before.finding.result).toBe('negative')
  })

  it('is one more visit from its last one alone, whatever happened before', () => {
    const runs = Array.from({ length: 5 }).reduce<Composed>(
      (record, _, at) => visitAfter(record).test('leg-raise', 'left', [own(['left-calf'], 6, 45 + at)]),
      first(),
    )
    // The baseline and the last visit are brought, and nothing that grows with the visits.
    expect(runs.exam.episode?.earlier.map((r) => r.visit)).toEqual([1, 5])
    expect(runs.exam.episode?.visit).toBe(6)
    expect(changesOf(read(runs)).signs[0]?.since.baseline).toMatchObject({ verdict: 'same' })
  })
})
