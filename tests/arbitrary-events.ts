import fc from 'fast-check'
import { composedId } from '../core/record/compose'
import { type Answer, END_FEELS, LIMITS, PAIN_ORDERS } from '../core/record/answer'
import type { EventContent, ExamEvent } from '../core/record/event'
import { RESPONSES, TREATMENTS } from '../core/record/visit-events'
import { PLACES, ZONES } from '../core/vocabulary/body-area'
import { LETTER_URGENCIES, SECTION_IDS } from '../core/vocabulary/note-section'
import { QUALITIES } from '../core/vocabulary/quality'

const at = fc.integer({ min: 0, max: 4_000_000_000_000 })
const uuid = fc.tuple(at, fc.nat(4000)).map(([time, n]) => composedId(time, 'any', n))
const slug = fc.constantFrom('thigh-thrust', 'slump', 'a', 'left-over-9')
const text = (maxLength: number) => fc.string({ maxLength, unit: 'grapheme' }).filter((t) => t.length <= maxLength)
const words = (min: number, maxLength: number) => fc.string({ minLength: min, maxLength })
const symptom = fc.integer({ min: 1, max: 99 }).map((n) => `S${n}` as const)
const intensity = fc.integer({ min: 0, max: 10 })
const places = fc.uniqueArray(fc.constantFrom(...PLACES), { maxLength: 5 })
const qualities = fc.uniqueArray(fc.constantFrom(...QUALITIES), { maxLength: 4 })
const angle = fc.integer({ min: -1800, max: 1800 }).map((tenths) => tenths / 10)
const side = fc.constantFrom('left' as const, 'right' as const, 'none' as const)
const oneSide = fc.constantFrom('left' as const, 'right' as const)
const yesNo = fc.constantFrom('yes' as const, 'no' as const)
const some = <T, K extends keyof T>(model: { [P in keyof T]: fc.Arbitrary<T[P]> }, ...requiredKeys: K[]) => fc.record<T, K>(model, { requiredKeys })
const changed = { intensity, held: fc.nat(900), newtons: fc.nat(2000), simulated: fc.boolean(), picture: fc.boolean() }
const watched = {
  lean: fc.boolean(),
  held: fc.nat(900),
  newtons: fc.nat(2000),
  endFeel: fc.constantFrom(...END_FEELS),
  painOrder: fc.constantFrom(...PAIN_ORDERS),
  simulated: fc.boolean(),
  picture: fc.boolean(),
}
const is = <T extends string>(value: T) => fc.constant(value)

/** Every answer there is, of every kind. */
export const anyAnswer: fc.Arbitrary<Answer> = fc.oneof(
  some({ said: is('nothing'), end: angle, ...watched }, 'said'),
  some({ said: is('stretch'), places, end: angle, ...watched }, 'said', 'places'),
  some({ said: is('familiar'), symptom, places, intensity: fc.option(intensity), onset: angle, ...watched }, 'said', 'symptom', 'places', 'intensity'),
  some({ said: is('other'), places, words: words(0, 200), qualities, end: angle, ...watched }, 'said', 'places'),
  some({ said: fc.constantFrom('eased' as const, 'unchanged' as const), part: slug, ...changed }, 'said'),
  some({ said: fc.constantFrom('returned' as const, 'stayed-away' as const), lowered: angle, ...changed }, 'said'),
  some({ said: fc.constantFrom('worse' as const, 'nothing-to-relieve' as const), ...changed }, 'said'),
  fc.record({ said: is('observed'), choice: slug }),
  some(
    {
      said: is('measured'),
      trials: fc.array(angle, { minLength: 1, maxLength: 3 }),
      limitedBy: fc.constantFrom(...LIMITS),
      symptom,
      places,
      intensity,
      simulated: fc.boolean(),
      picture: fc.boolean(),
    },
    'said',
    'trials',
  ),
  some(
    {
      said: is('grid'),
      cells: fc.dictionary(fc.constantFrom('l5.strength', 's1.reflex', 'c6.touch'), fc.constantFrom('4', 'less', 'absent'), { minKeys: 1 }),
      simulated: fc.boolean(),
    },
    'said',
    'cells',
  ),
)

const edition = fc.record({ catalogue: fc.integer({ min: 1, max: 99 }), rules: fc.integer({ min: 1, max: 99 }), register: fc.integer({ min: 1, max: 99 }) })
const line = words(0, 80)
const figure = fc.option(fc.double({ min: 0, max: 1, noNaN: true }))
const p = fc.double({ min: 0, max: 1, noNaN: true }).map((n) => (Object.is(n, -0) ? 0 : n))
const result = fc.constantFrom('positive' as const, 'negative' as const, 'inconclusive' as const, 'not-applicable' as const)
const direction = fc.constantFrom('for' as const, 'against' as const)
const few = <T>(of: fc.Arbitrary<T>) => fc.array(of, { maxLength: 2 })
const recordPoint = fc.record({
  length: fc.integer({ min: 1, max: 20_000 }),
  hash: fc.string({ unit: fc.constantFrom(...Array.from('0123456789abcdef')), minLength: 64, maxLength: 64 }),
})
const frozen = fc.record({
  edition,
  findings: few(
    some(
      {
        test: slug,
        name: line,
        side: oneSide,
        about: oneSide,
        variant: slug,
        run: uuid,
        result,
        why: line,
        symptom: fc.option(symptom),
        places: fc.array(fc.constantFrom<string>(...PLACES), { maxLength: 3 }),
        intensity: fc.option(intensity),
        readings: few(fc.record({ source: slug, direction, strength: fc.constantFrom('quantified' as const, 'pointer' as const), why: line })),
        onset: angle,
        end: angle,
        onsetStage: fc.option(slug),
        derived: fc.record({ result, why: line }),
        checks: few(line),
      },
      'test',
      'name',
      'side',
      'about',
      'variant',
      'run',
      'result',
      'why',
      'symptom',
      'places',
      'intensity',
      'readings',
      'onsetStage',
      'checks',
    ),
  ),
  rules: few(
    fc.record({
      id: slug,
      name: line,
      side: oneSide,
      state: fc.constantFrom('met' as const, 'out-of-reach' as const, 'open' as const),
      words: line,
      positives: fc.nat(9),
      needs: fc.nat(9),
      open: few(slug),
      spare: few(slug),
      asks: few(slug),
      standing: slug,
      grade: fc.option(line),
      lr: figure,
      pretest: figure,
      postTest: figure,
    }),
  ),
  estimates: few(
    fc.record({
      id: slug,
      name: line,
      side: oneSide,
      moved: fc.boolean(),
      prior: p,
      product: p,
      model: p,
      rule: fc.option(fc.record({ id: slug, postTest: p, publishedPostTest: fc.option(p) })),
      headline: slug,
      interval: fc.option(fc.tuple(p, p)),
    }),
  ),
  pointers: few(fc.record({ id: slug, name: line, side: oneSide, from: slug, direction, why: line })),
  levels: few(fc.record({ side: oneSide, limb: slug, best: line, runnerUp: line, close: fc.boolean(), check: fc.option(line) })),
  runs: few(fc.record({ run: uuid, test: slug, name: line, side })),
  note: few(fc.record({ heading: line, lines: few(line) })),
})

type ContentOf<K extends ExamEvent['type']> = Extract<EventContent, { type: K }>

const response = fc.constantFrom(...RESPONSES)
const stirring = fc.option(
  fc.record({
    stirredBy: fc.constantFrom('much' as const, 'some' as const, 'little' as const, null),
    settles: fc.constantFrom('minutes' as const, 'half-hour' as const, 'longer' as const, null),
  }),
)
const earlierRun = fc.record({
  id: uuid,
  test: slug,
  side,
  variant: slug,
  catalogue: fc.integer({ min: 1, max: 9 }),
  startedAt: at,
  moment: fc.nat(20),
  answers: fc.array(fc.record({ event: uuid, stage: slug, answer: anyAnswer, at }), { maxLength: 3 }),
  stopped: fc.constantFrom('patient-asked' as const, 'examiner-chose' as const, 'halted' as const, 'consent-withdrawn' as const, null),
  story: fc.array(
    fc.record({
      id: symptom,
      words: text(300),
      places,
      qualities,
      now: fc.option(intensity),
      worst: fc.option(intensity),
      usual: fc.option(intensity),
      bringsOn: words(0, 300),
      eases: words(0, 300),
      stirring,
    }),
    { maxLength: 2 },
  ),
  exam: uuid,
  visit: fc.integer({ min: 1, max: 40 }),
  overrides: fc.array(
    fc.record({ about: oneSide, result: fc.constantFrom('positive' as const, 'negative' as const, 'inconclusive' as const), why: words(0, 300) }),
    { maxLength: 2 },
  ),
})

/** The content of every kind of event; a kind that is added does not compile until it stands here. */
const CONTENTS: { readonly [K in ExamEvent['type']]: fc.Arbitrary<ContentOf<K>> } = {
  'exam-opened': some(
    { type: is('exam-opened'), examId: uuid, personId: uuid, ageYears: fc.option(fc.nat(130)), edition },
    'type',
    'examId',
    'personId',
    'ageYears',
  ),
  'symptom-described': some(
    {
      type: is('symptom-described'),
      symptom,
      words: text(300),
      places,
      qualities,
      now: fc.option(intensity),
      worst: fc.option(intensity),
      usual: fc.option(intensity),
      bringsOn: words(0, 300),
      eases: words(0, 300),
      stirring,
    },
    'type',
    'symptom',
    'words',
    'places',
    'qualities',
    'now',
    'bringsOn',
    'eases',
    'stirring',
  ),
  'symptom-removed': fc.record({ type: is('symptom-removed'), symptom }),
  'consent-given': some({ type: is('consent-given'), form: fc.constantFrom('verbal' as const, 'written' as const), explained: text(1000) }, 'type', 'form'),
  'consent-withdrawn': fc.record({ type: is('consent-withdrawn') }),
  'screen-answered': fc.record({ type: is('screen-answered'), item: slug, answer: yesNo }),
  'screen-elsewhere': fc.record({ type: is('screen-elsewhere'), group: slug, why: words(3, 300) }),
  'run-chosen': fc.record({ type: is('run-chosen'), run: uuid, why: words(3, 300) }),
  'age-corrected': fc.record({ type: is('age-corrected'), ageYears: fc.option(fc.nat(130)), why: words(3, 300) }),
  'wrong-person': fc.record({ type: is('wrong-person'), why: words(3, 300) }),
  'screen-rest-no': fc.record({ type: is('screen-rest-no'), group: slug, items: fc.array(slug, { minLength: 1, maxLength: 5 }) }),
  'gate-opened': some({ type: is('gate-opened'), gate: slug, why: words(3, 300), causes: fc.array(slug, { maxLength: 4 }) }, 'type', 'gate', 'why'),
  'test-started': some(
    { type: is('test-started'), run: uuid, test: slug, side, variant: slug, moment: fc.integer({ min: 1, max: 20 }) },
    'type',
    'run',
    'test',
    'side',
    'variant',
  ),
  'stage-answered': fc.record({ type: is('stage-answered'), run: uuid, stage: slug, answer: anyAnswer }),
  'test-stopped': fc.record({
    type: is('test-stopped'),
    run: uuid,
    why: fc.constantFrom('patient-asked' as const, 'examiner-chose' as const, 'halted' as const),
  }),
  'test-skipped': fc.record({ type: is('test-skipped'), test: slug, side, why: words(1, 300) }),
  'finding-overridden': fc.record({
    type: is('finding-overridden'),
    run: uuid,
    about: oneSide,
    result: fc.constantFrom('positive' as const, 'negative' as const, 'inconclusive' as const),
    why: words(3, 300),
  }),
  'symptom-rated': fc.record({ type: is('symptom-rated'), symptom, now: intensity }),
  'warning-seen': fc.record({ type: is('warning-seen'), sign: slug }),
  'route-ordered': fc.record({
    type: is('route-ordered'),
    order: fc.array(
      fc.tuple(slug, side).map(([test, on]) => `${test} ${on}`),
      { maxLength: 6 },
    ),
  }),
  'schools-chosen': fc.record({
    type: is('schools-chosen'),
    schools: fc.dictionary(fc.constantFrom('slump-order', 'pelvic-cluster'), slug, { maxKeys: 2 }),
    setting: fc.constantFrom('first-contact' as const, 'referred' as const),
  }),
  'plan-chosen': fc.record({ type: is('plan-chosen'), mode: fc.constantFrom('full-baseline' as const, 'quickest-answer' as const, 'fewest-turns' as const) }),
  'consent-renewed': fc.record({
    type: is('consent-renewed'),
    region: slug,
    answer: fc.constantFrom('agreed' as const, 'refused' as const),
    chaperone: fc.constantFrom('declined' as const, 'present' as const),
  }),
  'fact-told': fc.record({ type: is('fact-told'), fact: slug, answer: yesNo }),
  undone: fc.record({ type: is('undone'), target: uuid }),
  'note-written': some({ type: is('note-written'), text: text(500), section: fc.constantFrom(...SECTION_IDS) }, 'type', 'text'),
  'letter-written': some(
    {
      type: is('letter-written'),
      to: text(300),
      urgency: fc.constantFrom(...LETTER_URGENCIES),
      agreed: fc.constantFrom('yes' as const, 'no' as const, 'not-asked' as const),
      text: words(1, 300),
      of: recordPoint,
      zone: fc.constantFrom('UTC', 'Europe/Vienna', 'America/Argentina/Ushuaia'),
      edited: fc.boolean(),
    },
    'type',
    'to',
    'urgency',
    'agreed',
    'text',
  ),
  'summary-given': some(
    { type: is('summary-given'), agreed: text(300), figures: fc.boolean(), text: words(1, 300), of: recordPoint },
    'type',
    'agreed',
    'figures',
    'text',
  ),
  'exam-signed': some({ type: is('exam-signed'), frozen, of: recordPoint }, 'type'),
  'addendum-written': fc.record({ type: is('addendum-written'), text: words(1, 300) }),
  'episode-continued': fc.record({
    type: is('episode-continued'),
    episode: uuid,
    visit: fc.integer({ min: 2, max: 40 }),
    given: fc.uniqueArray(symptom, { maxLength: 4 }),
    earlier: fc.array(earlierRun, { maxLength: 3 }),
    treated: fc.array(fc.record({ exam: uuid, at, kind: fc.constantFrom(...TREATMENTS) }), { maxLength: 2 }),
    signs: fc.array(fc.record({ test: slug, side, as: fc.constantFrom('pinned' as const, 'dropped' as const, 'proposed' as const), why: words(0, 300) }), {
      maxLength: 3,
    }),
    baselines: fc.array(fc.record({ run: uuid, why: words(3, 300) }), { maxLength: 2 }),
  }),
  'treatment-given': fc.record({
    type: is('treatment-given'),
    kind: fc.constantFrom(...TREATMENTS),
    region: fc.constantFrom(...ZONES),
    side: fc.constantFrom('left' as const, 'right' as const, 'both' as const),
    words: text(300),
    response: fc.option(response),
  }),
  'treatment-answered': fc.record({ type: is('treatment-answered'), treatment: fc.integer({ min: 1, max: 20 }), response }),
  'sign-marked': fc.record({ type: is('sign-marked'), test: slug, side, as: fc.constantFrom('pinned' as const, 'dropped' as const, 'proposed' as const) }),
  'baseline-pinned': fc.record({ type: is('baseline-pinned'), run: uuid, why: words(3, 300) }),
}

/** Any event of one kind, or of every kind. */
export const anyEventOf = (type: ExamEvent['type']): fc.Arbitrary<ExamEvent> =>
  fc.tuple(CONTENTS[type] as fc.Arbitrary<EventContent>, uuid, at).map(([content, id, time]) => ({ ...content, id, at: time, by: 'maren-oake' }))

export const EVENT_KINDS = Object.keys(CONTENTS) as readonly ExamEvent['type'][]
