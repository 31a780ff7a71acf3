import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { refused, start, yes } from '../../tests/admitted'
import { assess } from '../assess'
import { CATALOGUE, testById } from '../catalogue'
import { bare, gateOpened, NOTHING, soreLeg, sorePelvis } from '../../tests/people'
import { noteOf } from '../note/note'
import { plainText } from '../note/paragraph'
import { nextStep, routeOf } from '../planner/route'
import { admit } from '../record/admit'
import { composedId } from '../record/compose'
import type { EventContent, ExamEvent } from '../record/event'
import { examFrom } from '../record/exam'
import { GATES } from '.'
import { isContraindicated, loadsNeck } from './contraindicated'
import { RULEBOOK } from './rulebook'
import { AGE_FACTS } from './gate'
import { contraindicationOf, closedGates, closing, heeding, unasked } from './safety'
import { askedItems, SCREEN } from '../story/screen'

const ITEMS = SCREEN.flatMap((group) => group.items.map((item) => item.id))
describe('the gates', () => {
  it('rest on questions that are asked, and name tests and ways that exist', () => {
    expect(new Set(ITEMS).size).toBe(ITEMS.length)
    expect(new Set(GATES.map((g) => g.id)).size).toBe(GATES.length)
    const known = [...ITEMS, ...AGE_FACTS]
    const used = GATES.flatMap(({ when }) => ('of' in when ? [...when.of, ...(when.and ?? []), ...(when.andAny ?? [])] : []))
    for (const item of used) expect(known).toContain(item)
    for (const gate of GATES) {
      for (const test of 'until' in gate ? (gate.until ?? []) : []) expect(testById(test), test).toBeDefined()
      if ('positive' in gate.when) for (const test of gate.when.positive) expect(testById(test), test).toBeDefined()
      if ('seen' in gate.when) for (const { test } of gate.when.seen) expect(testById(test), test).toBeDefined()
      if ('warning' in gate.when) for (const sign of gate.when.warning) expect(RULEBOOK.isWarning(sign), sign).toBe(true)
    }
    // A first pain is asked for the sake of the age fact drawn from it.
    for (const item of ITEMS) expect(item === 'new-pain' || used.includes(item), `${item} is asked for nothing`).toBe(true)
    expect(CATALOGUE.filter((t) => t.variants.some((v) => loadsNeck(t.id, v.id))).map((t) => t.id)).toContain('ulnt-1')
    expect(loadsNeck('slump', 'without-neck')).toBe(false)
  })

  it('a saddle sign stops every test, with what to do', () => {
    const record = yes(sorePelvis(), 'saddle-numb')
    for (const test of CATALOGUE) expect(contraindicationOf(record.exam, test.id, test.variants[0]?.id ?? '')?.gate.id).toBe('cauda-equina')
    const problem = refused(record, start('faber', 'right'))
    expect(problem?.what).toMatch('cauda equina')
    expect(problem?.do).toMatch('Emergency referral')
    expect(nextStep(routeOf(assess(record.exam)), record.exam)).toBeUndefined()
  })

  it('a cord sign stops the neck, and leaves the slump without it', () => {
    const record = yes(soreLeg(), 'neck-shocks')
    expect(refused(record, start('slump', 'left'))?.what).toMatch('Spinal cord compression')
    expect(refused(record, start('slump', 'left', 'without-neck'))).toBeNull()
    expect(refused(record, start('leg-raise', 'left'))).toBeNull()
  })

  it('a possible fracture blocks what loads pelvis and back, and every test whose card says so', () => {
    const record = yes(sorePelvis(), 'big-fall')
    for (const test of ['sij-distraction', 'sij-compression', 'thigh-thrust', 'gaenslen', 'faber', 'sacral-thrust']) {
      expect(contraindicationOf(record.exam, test, '')?.gate.strength).toBe('block')
    }
    for (const test of ['leg-raise', 'neck-compression', 'lumbar-quadrant']) expect(contraindicationOf(record.exam, test, '')?.gate.id, test).toBe('fracture')
    for (const test of ['neuro-lower', 'active-leg-raise']) expect(contraindicationOf(record.exam, test, ''), test).toBeUndefined()
    // The neck is spine as well.
    expect(contraindicationOf(record.exam, 'slump', 'neck-first')?.gate.id).toBe('fracture')
    expect(contraindicationOf(record.exam, 'slump', 'without-neck')).toBeUndefined()
  })

  it('one sign of a malignancy is a caution, two are a halt', () => {
    const one = yes(sorePelvis(), 'cancer')
    expect(contraindicationOf(one.exam, 'faber', '')).toBeUndefined()
    expect(heeding(one.exam, 'faber', '').map((c) => c.gate.id)).toEqual(['malignancy-one'])
    expect(contraindicationOf(yes(one, 'night-pain').exam, 'faber', '')?.gate.id).toBe('malignancy')
  })

  it('opens only with a reason, which stays on the record and in the note; a caution is not opened', () => {
    const halted = yes(sorePelvis(), 'big-fall')
    expect(refused(halted, { type: 'gate-opened', gate: 'pregnancy', why: 'because' })).not.toBeNull()
    const opened = gateOpened(halted, 'fracture', 'imaging last week showed none')
    expect(refused(opened, start('faber', 'right'))).toBeNull()
    expect(heeding(opened.exam, 'faber', '')).toMatchObject([{ opened: 'imaging last week showed none' }])
    expect(plainText(noteOf(assess(opened.exam), 'x'))).toMatch('Opened by the practitioner: imaging last week showed none.')
    // Taking the reason back closes it again, unless a test already rests on it.
    const target = opened.events.at(-1)?.id ?? ''
    expect(refused(opened, { type: 'undone', target })).toBeNull()
    expect(refused(opened.test('faber', 'right', [NOTHING]), { type: 'undone', target })?.what).toMatch('rest on this one')
  })

  it('closing in the middle of a test lets it be stopped, and no load be added', () => {
    const begun = soreLeg().test('slump', 'left', [NOTHING, NOTHING])
    const run = begun.exam.runs[0]?.id ?? ''
    const halted = yes(begun, 'both-legs')
    expect(refused(halted, { type: 'stage-answered', run, stage: 'chin', answer: NOTHING })?.do).toMatch('Stop the test')
    expect(refused(halted, { type: 'test-stopped', run, why: 'patient-asked' })).toBeNull()
  })
})

describe('the screen', () => {
  it('what was not asked is never a no', () => {
    const asked = askedItems({}).length
    expect(unasked(bare().exam)).toBe(asked)
    expect(plainText(noteOf(assess(bare().exam), 'x'))).toMatch('SAFETY SCREEN\nNot done.')
    const one = bare().then({ type: 'screen-answered', item: 'fever', answer: 'no' })
    expect(unasked(one.exam)).toBe(asked - 1)
    expect(plainText(noteOf(assess(one.exam), 'x'))).toMatch(`${asked - 1} questions of ${asked} not asked: `)
  })

  it('“no to the rest” answers what is open, in its own group, never where each stands alone, and never over a yes of another window', () => {
    const rest = (group: string, items: readonly string[]): EventContent => ({ type: 'screen-rest-no', group, items })
    const fever = yes(bare(), 'fever')
    expect(refused(sorePelvis(), rest('saddle', ['bladder']))?.what).toMatch('one by one')
    expect(fever.then(rest('illness', ['fever', 'cancer'])).exam.screen).toEqual({ fever: 'yes', cancer: 'no' })
    expect(refused(fever, rest('illness', ['pregnant']))?.what).toMatch('does not belong')
    expect(refused(fever, rest('nothing', ['cancer']))?.what).toMatch('no group')
    const done = fever.then(rest('illness', ['cancer', 'weight-loss']))
    expect(done.exam.screen).toEqual({ fever: 'yes', cancer: 'no', 'weight-loss': 'no' })
  })
})

const move: fc.Arbitrary<EventContent> = fc.oneof(
  fc.record({ type: fc.constant('screen-answered' as const), item: fc.constantFrom(...ITEMS), answer: fc.constantFrom('yes' as const, 'no' as const) }),
  fc.record({
    type: fc.constant('gate-opened' as const),
    gate: fc.constantFrom(...GATES.map((g) => g.id)),
    why: fc.constantFrom('a good reason', '   '),
    causes: fc.constant([]),
  }),
  fc.tuple(fc.constantFrom(...CATALOGUE), fc.constantFrom('left' as const, 'right' as const, 'none' as const), fc.nat(6), fc.nat(30)).map(
    ([test, side, way, n]): EventContent => ({
      type: 'test-started',
      run: composedId(1, 'any', n),
      test: test.id,
      side,
      variant: test.variants[way % test.variants.length]?.id ?? '',
    }),
  ),
  fc.constantFrom('faint', 'electric').map((sign): EventContent => ({ type: 'warning-seen', sign })),
  fc.nat(40).map((n): EventContent => ({ type: 'undone', target: `event ${n}` })),
)

describe('safety as a whole', () => {
  it('no order of events starts a contraindicated test without a reason on the record', () => {
    let barredTries = 0
    fc.assert(
      fc.property(fc.array(move, { minLength: 12, maxLength: 40 }), (moves) => {
        let events = soreLeg().events
        moves.forEach((content, n) => {
          const asked = examFrom(events)
          const made =
            content.type === 'gate-opened' && asked
              ? { ...content, causes: closing(asked, content.gate) }
              : content.type === 'undone'
                ? { ...content, target: events[Number(content.target.slice(6))]?.id ?? 'x' }
                : content
          const event = { ...made, id: composedId(3e12 + n, 'property', n), at: 3e12 + n, by: 'test-author' } as ExamEvent
          const before = examFrom(events)
          const admission = admit(events, event, RULEBOOK)
          if (event.type === 'test-started' && before) {
            const closed = closedGates(before).filter((c) => c.gate.strength !== 'caution' && isContraindicated(c.gate, event.test, event.variant, c.because))
            if (closed.length > 0) barredTries++
            if (admission.ok) for (const c of closed) expect(before.unlocked.some((u) => u.gate === c.gate.id && u.why.trim().length > 0)).toBe(true)
          }
          if (admission.ok) events = admission.events
        })
      }),
      { numRuns: 250, seed: 20261125 },
    )
    expect(barredTries, 'the property was put to the test').toBeGreaterThan(50)
  })
})
