import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BUTTOCK, NOTHING, own, signed, soreLeg, sorePelvis } from '../../tests/people'
import { testById } from '../catalogue'
import type { ExamTest } from '../catalogue/exam-test'
import { EDITION } from '../edition'
import { RULEBOOK } from '../safety/rulebook'
import { admitAll, admitTo, MOST_EVENTS } from './admit'
import { type Composed, composedId } from './compose'
import type { EventContent, ExamEvent } from './event'
import { examFrom, withEvent } from './exam'
import { historyIssues } from './history'
import { isOver, nextStage } from './ladder'
import { asCalledNow, OLD_NAMES } from './old-names'
import { somethingRestsOn } from './rests-on'
import type { Rulebook } from './rulebook'

let made = 0
const event = (content: EventContent): ExamEvent => ({ ...content, id: composedId(2e12, 'history', ++made), at: 2e12 + made, by: 'test-author' })
/** The rules of a later release, under which nothing may start any more. */
const STRICTER: Rulebook = { ...RULEBOOK, bars: () => ({ what: 'A gate that came later.', todo: 'Do not.' }) }

describe('history', () => {
  const record = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).then({ type: 'symptom-rated', symptom: 'S1', now: 4 })
  const rated = record.events.at(-1)?.id ?? ''

  it('is not admitted again: a gate that came later leaves an unrelated taking-back possible', () => {
    expect(admitAll(record.events, [event({ type: 'undone', target: rated })], STRICTER).ok).toBe(true)
    // What is new is judged by the new rules.
    const start = event({ type: 'test-started', run: composedId(1, 'r', 1), test: 'faber', side: 'right', variant: 'pelvis-fixed' })
    expect(admitAll(record.events, [start], STRICTER)).toMatchObject({ ok: false, problem: { what: 'A gate that came later.' } })
  })

  it('holds together for every record that was ever admitted, and not for a log that was cut, mixed or forged', () => {
    for (const good of [record, soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)]), signed(record)])
      expect(historyIssues(good.events)).toEqual([])
    const whats = (events: readonly ExamEvent[]) => historyIssues(events).map((i) => `${i.at} ${i.what}`)
    const started = record.events.findIndex((e) => e.type === 'test-started')
    expect(whats(record.events.slice(1))[0]).toMatch('0 is not the opening')
    expect(whats(record.events.toSpliced(started, 1))).toEqual([`${started} answers a test that was not started`])
    expect(whats([...record.events, ...record.events.slice(0, 1)])).toEqual(
      expect.arrayContaining([expect.stringMatching('opens the examination again') as string]),
    )
    expect(whats([...signed(record).events, event({ type: 'note-written', text: 'x' })])[0]).toMatch('comes after the signature')
    expect(whats([...signed(record).events, event({ type: 'consent-withdrawn' })])).toEqual([])
    expect(whats([...record.events, event({ type: 'addendum-written', text: 'x' })])[0]).toMatch('not signed')
    expect(whats([...record.events, event({ type: 'undone', target: 'nobody' })])[0]).toMatch('not there')
  })

  it('one more event costs one step, and gives what folding everything gives', () => {
    const record = soreLeg().test('slump', 'left', [NOTHING, NOTHING]).then({ type: 'consent-withdrawn' }).consent()
    let exam = examFrom(record.events.slice(0, 1))
    record.events.slice(1).forEach((e, i) => {
      const sofar = record.events.slice(0, i + 2)
      exam = exam && withEvent(exam, e, sofar)
      expect(exam).toEqual(examFrom(sofar))
    })
    const undone = [...record.events, event({ type: 'undone', target: record.events.at(-1)?.id ?? '' })]
    expect(exam && withEvent(exam, undone.at(-1) ?? event({ type: 'consent-withdrawn' }), undone)).toEqual(examFrom(undone))
  })

  it('a record that holds as much as one can takes no more, in words', () => {
    const { events, exam } = record
    const full = { events: Array.from({ length: MOST_EVENTS }, (_, i) => events[i % events.length] ?? event({ type: 'consent-withdrawn' })), exam }
    expect(admitTo(full, [event({ type: 'note-written', text: 'x' })], RULEBOOK)).toMatchObject({
      ok: false,
      problem: { do: expect.stringMatching('new examination') as string },
    })
  })
})

describe('what rests on an entry', () => {
  const rests = (record: Composed, find: (e: ExamEvent) => boolean) => {
    const target = record.events.find(find)
    if (!target) throw new Error('It is there.')
    return somethingRestsOn(target, record.events, RULEBOOK)
  }
  it.each<[string, Composed, (e: ExamEvent) => boolean, boolean]>([
    ['a start with answers', sorePelvis().test('faber', 'right', [NOTHING]), (e) => e.type === 'test-started', true],
    ['the last answer of a test', sorePelvis().test('faber', 'right', [NOTHING]), (e) => e.type === 'stage-answered', false],
    ['an answer with later ones', soreLeg().test('slump', 'left', [NOTHING, NOTHING]), (e) => e.type === 'stage-answered', true],
    [
      'a raise whose ankle was tested',
      soreLeg()
        .test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
        .test('leg-raise-ankle', 'left', [{ said: 'eased' }]),
      (e) => e.type === 'stage-answered',
      true,
    ],
    ['a symptom that was reproduced', sorePelvis().test('faber', 'right', [BUTTOCK]), (e) => e.type === 'symptom-described', true],
    ['a symptom nobody refers to', sorePelvis().test('faber', 'right', [NOTHING]), (e) => e.type === 'symptom-described', false],
    ['consent that was tested under', sorePelvis().test('faber', 'right', [NOTHING]), (e) => e.type === 'consent-given', true],
    [
      'an answer of the screen',
      sorePelvis().then({ type: 'screen-answered', item: 'cancer', answer: 'yes' }).test('faber', 'right', [NOTHING]),
      (e) => e.type === 'screen-answered',
      false,
    ],
    ['the opening', sorePelvis(), (e) => e.type === 'exam-opened', true],
  ])('%s', (_, record, find, expected) => {
    expect(rests(record, find)).toBe(expected)
  })

  it('whatever may be taken back leaves a log that holds together', () => {
    const record = soreLeg()
      .test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
      .test('leg-raise-ankle', 'left', [{ said: 'eased' }])
      .test('faber', 'left', [NOTHING])
    fc.assert(
      fc.property(fc.array(fc.nat(40), { maxLength: 12 }), (picks) => {
        let { events } = record
        for (const pick of picks) {
          const target = events[pick % events.length]?.id ?? ''
          const admission = admitAll(events, [event({ type: 'undone', target })], RULEBOOK)
          if (admission.ok) events = admission.events
        }
        expect(historyIssues(events)).toEqual([])
        for (const run of examFrom(events)?.runs ?? []) {
          run.answers.forEach((given, i) => {
            const test = testById(run.test)
            expect(test && nextStage({ ...run, answers: run.answers.slice(0, i), stopped: null }, test)?.id).toBe(given.stage)
          })
        }
      }),
      { numRuns: 80 },
    )
  })
})

describe('never set aside', () => {
  it('screen answers, warnings, withdrawals and ratings join whatever another window did', () => {
    const events: readonly EventContent[] = [
      { type: 'screen-answered', item: 'saddle-numb', answer: 'yes' },
      { type: 'warning-seen', sign: 'faint' },
      { type: 'consent-withdrawn' },
      { type: 'symptom-rated', symptom: 'S1', now: 7 },
    ]
    const elsewhere = [
      sorePelvis(),
      sorePelvis().then({ type: 'consent-withdrawn' }),
      sorePelvis().then({ type: 'symptom-removed', symptom: 'S1' }),
      sorePelvis().test('faber', 'right', [BUTTOCK]).then({ type: 'warning-seen', sign: 'drop' }),
      sorePelvis().then({ type: 'screen-rest-no', group: 'fracture', items: ['big-fall'] }),
    ]
    for (const record of elsewhere) for (const content of events) expect(admitAll(record.events, [event(content)], RULEBOOK).ok, content.type).toBe(true)
  })
})

describe('records of an earlier edition', () => {
  const thrust = testById('thigh-thrust')
  const first = thrust?.stages[0]
  if (!thrust || !first) throw new Error('The thigh thrust is a test with stages.')
  /** The same test as a later release has it: one stage more. */
  const later: ExamTest = {
    ...thrust,
    variants: thrust.variants.map((v) => ({ ...v, ...(v.stages && { stages: [...v.stages, 'again'] }) })),
    stages: [
      ...thrust.stages,
      {
        ...first,
        id: 'again',
        kind: 'observe',
        choices: [{ id: 'seen', words: 'seen' }],
        since: EDITION.catalogue + 1,
      },
    ],
  }

  it('a performance that was complete stays complete when a stage is added, and a new one is asked for it', () => {
    const run = sorePelvis().test('thigh-thrust', 'right', [BUTTOCK]).exam.runs[0]
    if (!run) throw new Error('It was performed.')
    expect(run.catalogue).toBe(EDITION.catalogue)
    expect(isOver(run, later)).toBe(true)
    expect(nextStage({ ...run, catalogue: EDITION.catalogue + 1 }, later)?.id).toBe('again')
  })

  it('are read under the names of today where a name was changed, and keep everything else', () => {
    const names = {
      ...OLD_NAMES,
      tests: { 'old-thrust': 'thigh-thrust' },
      variants: { 'thigh-thrust hand-below': 'hand-under' },
      stages: { 'thigh-thrust push': 'press' },
      items: { 'had-cancer': 'cancer' },
      facts: { 'hand-on-top': 'hand-on-head' },
      gates: { broken: 'fracture' },
    }
    const run = composedId(1, 'old', 1)
    const old = [
      ...sorePelvis().events,
      event({ type: 'screen-answered', item: 'had-cancer', answer: 'yes' }),
      event({ type: 'test-started', run, test: 'old-thrust', side: 'right', variant: 'hand-below' }),
      event({ type: 'stage-answered', run, stage: 'push', answer: BUTTOCK }),
      event({ type: 'test-skipped', test: 'old-thrust', side: 'left', why: 'sore' }),
    ]
    const exam = examFrom(old, names)
    expect(exam?.screen.cancer).toBe('yes')
    expect(exam?.screen).not.toHaveProperty('had-cancer')
    expect(exam?.runs).toMatchObject([{ test: 'thigh-thrust', variant: 'hand-under', answers: [{ stage: 'press', answer: BUTTOCK }] }])
    expect(exam?.skips).toMatchObject([{ test: 'thigh-thrust' }])
    const other = event({ type: 'note-written', text: 'x' })
    expect(asCalledNow(other, names, { runs: [] })).toBe(other)
    expect(asCalledNow(event({ type: 'gate-opened', gate: 'broken', why: 'imaging' }), names, { runs: [] })).toMatchObject({ gate: 'fracture' })
  })
})
