import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, opened, own, signed as sign, sorePelvis, soreLeg } from '../../tests/people'
import { CATALOGUE, testById } from '../catalogue'
import { RULEBOOK } from '../safety/rulebook'
import { SIDES } from '../vocabulary/side'
import { admit } from './admit'
import type { Answer } from './answer'
import { type Composed, composedId } from './compose'
import type { EventContent, ExamEvent } from './event'
import { parseEvent } from './event-schema'
import { examFrom } from './exam'
import { nextStage } from './ladder'
import { notUndone, undoStep } from './undo'

const stamp = (n: number) => ({ id: composedId(Date.UTC(2026, 2, 3, 10) + n, 'stamp', n), at: Date.UTC(2026, 2, 3, 10) + n, by: 'test-author' })
const refusal = (record: Composed, content: EventContent, n = 1) => {
  const result = admit(record.events, { ...content, ...stamp(n) }, RULEBOOK)
  return result.ok ? null : result.problem.what
}

describe('admit', () => {
  const base = sorePelvis()
  const run = composedId(0, 'run', 7)
  const start = (test: string, side: 'left' | 'right' | 'none', variant: string): EventContent => ({ type: 'test-started', run, test, side, variant })

  it('refuses what it does not know, and says so', () => {
    expect(refusal(base, start('head-thrust', 'left', 'x'))).toMatch('no test called “head-thrust”')
    expect(refusal(base, start('thigh-thrust', 'none', 'hand-under'))).toMatch('on the left or on the right')
    expect(refusal(base, start('sij-distraction', 'left', 'crossed-arms'))).toMatch('no side of its own')
    expect(refusal(base, start('thigh-thrust', 'left', 'sideways'))).toMatch('not a technique of this test')
  })

  it('takes schools it knows, a later choice in place of an earlier one, and none once signed', () => {
    const choose = (schools: Readonly<Record<string, string>>): EventContent => ({ type: 'schools-chosen', schools, setting: 'referred' })
    expect(refusal(base, choose({ 'slump-order': 'sideways' }))).toMatch('“sideways” is not a school for “slump-order”')
    expect(refusal(base, choose({ 'star-sign': 'leo' }))).toMatch('not a school')
    const chosen = base.then(choose({ 'slump-order': 'neck-first' })).then(choose({ 'pelvic-cluster': 'six' }))
    expect(chosen.exam.schools).toEqual({ 'pelvic-cluster': 'six' })
    expect(refusal(sign(chosen), choose({}))).not.toBeNull()
    // A plan can be taken back on the bench, schools cannot be by mistake.
    const planned = chosen.then({ type: 'plan-chosen', mode: 'fewest-turns' })
    expect(planned.exam.mode).toBe('fewest-turns')
    const [last] = undoStep(planned.events)
    expect(last && planned.then({ type: 'undone', target: last }).exam).toMatchObject({ mode: 'full-baseline', schools: { 'pelvic-cluster': 'six' } })
  })

  it('lets a follow-on test start only after its parent brought the symptom on, on that side', () => {
    const leg = soreLeg()
    expect(refusal(leg, start('leg-raise-ankle', 'left', 'release-then-lower'))).toMatch('follows a positive straight leg raise')
    const raised = leg.test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
    expect(refusal(raised, start('leg-raise-ankle', 'right', 'release-then-lower'))).toMatch('follows')
    expect(refusal(raised, start('leg-raise-ankle', 'left', 'release-then-lower'))).toBeNull()
  })

  it('takes only an answer that fits the stage in hand, inside the limits of its joint', () => {
    const begun = soreLeg().then(start('leg-raise', 'left', 'neutral'))
    const answer = (a: Answer, stage = 'raise'): EventContent => ({ type: 'stage-answered', run, stage, answer: a })
    expect(refusal(begun, answer({ said: 'eased' }))).toMatch('no answer to this stage')
    expect(refusal(begun, answer(NOTHING, 'later'))).toMatch('stage in hand')
    expect(refusal(begun, answer(own(['left-calf'], 5, 300)))).toMatch('300° is outside')
    expect(refusal(begun, answer({ said: 'familiar', symptom: 'S4', places: [], intensity: 5 }))).toMatch('no S4 in the story')
    expect(refusal(begun, answer(own(['left-calf'], 5, 48)))).toBeNull()
    const done = begun.then(answer(NOTHING))
    expect(refusal(done, answer(NOTHING))).toMatch('already over')
  })

  it('after consent is withdrawn, ends the running test and starts no other until it is given again', () => {
    const begun = sorePelvis()
      .then(start('faber', 'right', 'pelvis-fixed'))
      .then({ type: 'consent-withdrawn' })
    expect(begun.exam.runs[0]?.stopped).toBe('consent-withdrawn')
    expect(refusal(begun, { ...start('faber', 'right', 'pelvis-fixed'), run: composedId(1, 'r', 9) } as EventContent)).toMatch('withdrawn')
    expect(refusal(begun.consent(), { ...start('faber', 'right', 'pelvis-fixed'), run: composedId(1, 'r', 9) } as EventContent)).toBeNull()
  })

  it('takes only addenda once signed, and keeps numbers of symptoms without a gap', () => {
    const signed = sign(sorePelvis())
    expect(refusal(signed, { type: 'note-written', text: 'late' })).toMatch('signed')
    expect(refusal(signed, { type: 'addendum-written', text: 'seen again' })).toBeNull()
    expect(
      refusal(opened(), { type: 'symptom-described', symptom: 'S2', words: '', places: [], qualities: [], now: 1, bringsOn: '', eases: '', stirring: null }),
    ).toMatch('gap')
  })

  it('undoes only what nothing later rests on', () => {
    const record = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK])
    const started = record.events.find((e) => e.type === 'test-started')
    const story = record.events.find((e) => e.type === 'symptom-described')
    expect(refusal(record, { type: 'undone', target: started?.id ?? '' })).toMatch('Later entries rest on this one')
    expect(refusal(record, { type: 'undone', target: story?.id ?? '' })).toMatch('Later entries rest on this one')
    expect(refusal(record, { type: 'undone', target: record.events[0]?.id ?? '' })).toMatch('stays on the record')
  })
})

/** Any order of plausible and implausible events, each admitted or refused. */
const content: fc.Arbitrary<EventContent> = fc.oneof(
  fc.record({
    type: fc.constant('test-started' as const),
    run: fc.integer({ min: 0, max: 9 }).map((n) => composedId(0, 'run', n)),
    test: fc.constantFrom(...CATALOGUE.map((t) => t.id), 'unknown-test'),
    side: fc.constantFrom('left' as const, 'right' as const, 'none' as const),
    variant: fc.constantFrom(...CATALOGUE.flatMap((t) => t.variants.map((v) => v.id))),
  }),
  fc.record({
    type: fc.constant('stage-answered' as const),
    run: fc.integer({ min: 0, max: 9 }).map((n) => composedId(0, 'run', n)),
    stage: fc.constantFrom(...CATALOGUE.flatMap((t) => t.stages.map((s) => s.id))),
    answer: fc.constantFrom<Answer>(NOTHING, BUTTOCK, own(['left-calf'], 6, 40), { said: 'eased' }, { said: 'returned' }, { said: 'stretch', places: [] }),
  }),
  fc.constantFrom<EventContent>({ type: 'consent-withdrawn' }, { type: 'consent-given', form: 'verbal' }, { type: 'note-written', text: 'x' }),
  fc.record({ type: fc.constant('undone' as const), target: fc.integer({ min: 0, max: 40 }).map((n) => `event ${n}`) }),
)

describe('the record as a whole', () => {
  it('never admits an event that makes the record unreadable or moves past its rules', () => {
    fc.assert(
      fc.property(fc.array(content, { maxLength: 40 }), (contents) => {
        let events = sorePelvis().events
        contents.forEach((c, n) => {
          const made = { ...(c.type === 'undone' ? { ...c, target: events[Number(c.target.slice(6))]?.id ?? 'x' } : c), ...stamp(n) } as ExamEvent
          const admission = admit(events, made, RULEBOOK)
          if (!admission.ok) return
          events = admission.events
          expect(admission.exam).toEqual(examFrom(events))
        })
        const exam = examFrom(events)
        expect(exam?.length).toBe(events.length)
        for (const run of exam?.runs ?? []) {
          const test = testById(run.test)
          expect(test).toBeDefined()
          // The answers are a walk along the ladder: replaying them one by one asks for exactly these stages.
          run.answers.forEach((given, i) => {
            const before = { ...run, answers: run.answers.slice(0, i), stopped: null }
            expect(test && nextStage(before, test)?.id).toBe(given.stage)
          })
        }
      }),
      { numRuns: 150 },
    )
  })

  it('undoing everything the bench may take back leads to the story alone, and nothing is deleted', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom('thigh-thrust', 'faber', 'gaenslen'), { maxLength: 6 }), fc.constantFrom(...SIDES), (tests, side) => {
        let record = sorePelvis()
        for (const test of tests) record = record.test(test, side, [NOTHING])
        const before = record.events.length
        let ids = undoStep(record.events)
        while (ids.length > 0) {
          for (const target of ids) record = record.then({ type: 'undone', target })
          ids = undoStep(record.events)
        }
        expect(record.exam.runs).toEqual([])
        expect(record.exam.symptoms).toHaveLength(1)
        expect(record.events.length).toBe(before + tests.length * 2)
        expect(notUndone(record.events)).toHaveLength(sorePelvis().events.length)
      }),
    )
  })
})

describe('parseEvent', () => {
  it('reads back every event that was composed', () => {
    const record = sign(
      soreLeg()
        .test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
        .test('leg-raise-ankle', 'left', [{ said: 'eased' }, { said: 'returned', lowered: 5 }])
        .then({ type: 'test-skipped', test: 'faber', side: 'left', why: 'knee replaced' })
        .then({ type: 'note-written', text: 'a note' }),
    )
    for (const event of record.events) expect(parseEvent(JSON.parse(JSON.stringify(event)))).toEqual({ ok: true, event })
  })

  it.each([
    [null, 'null'],
    [{}, 'type'],
    [{ type: 'exam-signed', id: 'no', at: 1, by: 'a' }, 'UUID'],
    [{ ...stamp(1), type: 'exam-signed', extra: 1 }, 'extra'],
    [{ ...stamp(1), type: 'test-started', run: stamp(2).id, test: 'faber', side: 'up', variant: 'v' }, 'side'],
    [{ ...stamp(1), type: 'stage-answered', run: stamp(2).id, stage: 's', answer: { said: 'positive' } }, 'said'],
    [
      { ...stamp(1), type: 'stage-answered', run: stamp(2).id, stage: 's', answer: { said: 'familiar', symptom: 'S1', places: ['left-tail'], intensity: 3 } },
      'body chart',
    ],
    [
      { ...stamp(1), type: 'stage-answered', run: stamp(2).id, stage: 's', answer: { said: 'familiar', symptom: 'S1', places: [], intensity: 3.5 } },
      'intensity',
    ],
  ])('refuses %j', (input, about) => {
    const parsed = parseEvent(input)
    expect(parsed.ok).toBe(false)
    if (!parsed.ok) expect(parsed.problem.what).toMatch(about)
  })
})
