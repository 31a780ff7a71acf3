import { describe, expect, it } from 'vitest'
import { bare, BUTTOCK, NOTHING, opened, own, performed, signed, soreLeg, sorePelvis } from '../../tests/people'
import { testById } from '../catalogue'
import { RULEBOOK } from '../safety/rulebook'
import { admitAll } from './admit'
import type { Answer } from './answer'
import { agreedTo, type Composed, compose, composedId } from './compose'
import type { EventContent, ExamEvent } from './event'
import { historyIssues } from './history'
import { nextStage } from './ladder'
import { somethingRestsOn } from './rests-on'

let made = 0
const event = (content: EventContent): ExamEvent => ({ ...content, id: composedId(3e12, 'what fits', ++made), at: 3e12 + made, by: 'test-author' })
/** Why the record does not take this; null when it does. */
const refusal = (record: Composed, content: EventContent) => {
  const admission = admitAll(record.events, [event(content)], RULEBOOK)
  return admission.ok ? null : admission.problem
}
const RUN = composedId(1, 'run', 1)
/** A test that was begun and stands at this stage. */
const at = (record: Composed, test: string, side: 'left' | 'right' | 'none', answers: readonly (readonly [string, Answer])[] = []) => {
  const known = testById(test)
  const begun = agreedTo(record, known?.intimate).then({ type: 'test-started', run: RUN, test, side, variant: known?.variants[0]?.id ?? '' })
  return answers.reduce((r, [stage, answer]) => r.then({ type: 'stage-answered', run: RUN, stage, answer }), begun)
}
const answer = (record: Composed, stage: string, given: Answer) => refusal(record, { type: 'stage-answered', run: RUN, stage, answer: given })

describe('an answer fits its stage', () => {
  it('of what is seen only the choices of that stage', () => {
    const choices = testById('lumbar-range')?.stages.find((s) => s.id === 'quality')?.choices ?? []
    expect(choices.length).toBeGreaterThan(1)
    const range = at(soreLeg(), 'lumbar-range', 'none', [['flexion', { said: 'measured', trials: [40] }]])
    expect(answer(range, 'quality', { said: 'observed', choice: 'purple' })?.what).toMatch('“purple” cannot be observed')
    for (const { id } of choices) expect(answer(range, 'quality', { said: 'observed', choice: id }), id).toBeNull()
  })

  it('of what is measured only what the joint can be, both ends included', () => {
    const test = testById('flexion-rotation')
    const stage = test?.stages.find((s) => s.kind === 'measure')
    const limits = stage?.angle
    if (!stage || !limits) throw new Error('The turn is measured.')
    const standing = at(soreLeg(), 'flexion-rotation', 'left')
    const trial = (...trials: readonly number[]) => answer(standing, stage.id, { said: 'measured', trials })
    expect(trial(limits.min)).toBeNull()
    expect(trial(limits.max)).toBeNull()
    expect(trial(limits.min, limits.max)).toBeNull()
    expect(trial(limits.max + 1)?.what).toMatch(`${limits.max + 1} is outside what ${limits.joint} can be`)
    expect(trial(limits.min - 1)?.what).toMatch('is outside')
    expect(trial(limits.min, limits.max + 1)?.what).toMatch('is outside')
  })

  it('of a table only cells and values that are in it', () => {
    const standing = at(soreLeg(), 'neuro-lower', 'left')
    const filled = (cells: Readonly<Record<string, string>>) => answer(standing, 'strength', { said: 'grid', cells })
    expect(filled({ 'l4.strength': '4' })).toBeNull()
    expect(filled({ 'l4.strength': '7' })?.what).toMatch('“l4.strength: 7” does not fit')
    expect(filled({ 'l4.strength': '4', 'l9.strength': '4' })?.what).toMatch('l9.strength')
    expect(filled({ 'l4.touch': 'less' })?.what).toMatch('does not fit')
  })
})

describe('what may be said of a performance', () => {
  const because = { why: 'seen otherwise' } as const

  it('another result only once it is over; nobody may stop what is over', () => {
    const begun = at(soreLeg(), 'slump', 'left', [['upright', NOTHING]])
    const override: EventContent = { type: 'finding-overridden', run: RUN, about: 'left', result: 'negative', ...because }
    expect(refusal(begun, override)?.what).toMatch('not finished')
    const stopped = begun.then({ type: 'test-stopped', run: RUN, why: 'examiner-chose' })
    expect(refusal(stopped, override)).toBeNull()
    expect(refusal(stopped, { type: 'test-stopped', run: RUN, why: 'patient-asked' })?.what).toMatch('already over')
    expect(refusal(begun, { ...override, run: composedId(1, 'nobody', 1) })).not.toBeNull()
  })
})

describe('consent says what was explained', () => {
  it('since the rules that ask for it; records of earlier rules stay readable', () => {
    const blank: EventContent = { type: 'consent-given', form: 'verbal', explained: '  ' }
    expect(refusal(bare(), blank)?.what).toMatch('What was explained is not recorded')
    expect(refusal(bare(), { type: 'consent-given', form: 'written', explained: 'what will be done' })).toBeNull()
    const early = (rules: number) =>
      compose(
        {
          examId: composedId(1, 'early', 1),
          personId: composedId(1, 'early', 2),
          ageYears: 43,
          at: 1,
          by: 'test-author',
          edition: { catalogue: 2, rules, register: 2 },
        },
        RULEBOOK,
      )
    expect(refusal(early(2), { type: 'consent-given', form: 'verbal' })).toBeNull()
    expect(refusal(early(3), { type: 'consent-given', form: 'verbal' })).not.toBeNull()
  })
})

describe('what rests on an entry', () => {
  const idOf = (record: Composed, type: ExamEvent['type'], n = 0) => {
    const found = record.events.filter((e) => e.type === type)[n]
    if (!found) throw new Error(`There is no ${type}.`)
    return found
  }
  const rests = (record: Composed, target: ExamEvent) => somethingRestsOn(target, record.events, RULEBOOK)

  it('a description: an answer, a rating or a removal that names it, and no entry that names another', () => {
    const two = soreLeg().symptom('S2', { places: ['left-buttock'], qualities: ['aching'], now: 2 })
    const [first, second] = [idOf(two, 'symptom-described'), idOf(two, 'symptom-described', 1)]
    // The first gives the second its number.
    expect(rests(two, first)).toBe(true)
    expect(rests(two, second)).toBe(false)
    expect(rests(two.then({ type: 'symptom-rated', symptom: 'S1', now: 5 }), second)).toBe(false)
    expect(rests(two.then({ type: 'symptom-rated', symptom: 'S2', now: 5 }), second)).toBe(true)
    expect(rests(two.then({ type: 'symptom-removed', symptom: 'S2' }), second)).toBe(true)
    expect(rests(two.then({ type: 'symptom-removed', symptom: 'S1' }), second)).toBe(false)
    expect(rests(two.test('leg-raise', 'left', [own(['left-calf'], 6, 48)]), second)).toBe(false)
    expect(rests(two.test('leg-raise', 'left', [{ ...own(['left-buttock'], 6, 48), symptom: 'S2' } as Answer]), second)).toBe(true)
  })
})

describe('a log as a log', () => {
  it('takes addenda and what is told about safety after the signature, and nothing else', () => {
    const record = signed(sorePelvis().test('faber', 'right', [BUTTOCK]))
    const addendum = event({ type: 'addendum-written', text: 'seen again' })
    expect(historyIssues([...record.events, addendum])).toEqual([])
    expect(historyIssues([...record.events, addendum, event({ type: 'addendum-written', text: 'and again' })])).toEqual([])
    expect(historyIssues([...record.events, addendum, event({ type: 'plan-chosen', mode: 'quickest-answer' })]).map((i) => i.what)).toEqual([
      'comes after the signature',
    ])
    const no = event({ type: 'screen-answered', item: 'saddle-numb', answer: 'no' })
    expect(historyIssues([...record.events, no]).map((i) => i.what)).toEqual(['comes after the signature'])
  })
})

describe('what was taken back is remembered', () => {
  it('a performance as it stood, once, and nothing where no performance was touched', () => {
    const tested = soreLeg().test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
    const last = tested.events.at(-1)
    const undone = tested.then({ type: 'undone', target: last?.id ?? '' })
    expect(undone.exam.memory.runs.map((r) => [r.test, r.answers.length])).toEqual([['leg-raise', 1]])
    // What came after the taking-back is no part of what is remembered.
    const again = undone.then({ type: 'stage-answered', run: undone.exam.runs[0]?.id ?? '', stage: 'raise', answer: NOTHING })
    expect(again.exam.memory.runs[0]?.answers.map((a) => a.answer.said)).toEqual(['familiar'])
    const rated = soreLeg().then({ type: 'symptom-rated', symptom: 'S1', now: 5 })
    expect(rated.then({ type: 'undone', target: rated.events.at(-1)?.id ?? '' }).exam.memory.runs).toEqual([])
  })

  it('with its stop, where it was stopped', () => {
    const stopped = at(soreLeg(), 'slump', 'left', [['upright', NOTHING]]).then({ type: 'test-stopped', run: RUN, why: 'patient-asked' })
    const undone = stopped.then({ type: 'undone', target: stopped.events.at(-1)?.id ?? '' })
    expect(undone.exam.memory.runs.map((r) => [r.stopped, r.answers.length])).toEqual([['patient-asked', 1]])
    const begun = at(soreLeg(), 'slump', 'left', [['upright', NOTHING]])
    expect(begun.then({ type: 'undone', target: begun.events.at(-1)?.id ?? '' }).exam.memory.runs.map((r) => r.stopped)).toEqual([null])
  })

  it('when each question was answered, those of a whole group with it', () => {
    const one = bare().then({ type: 'screen-answered', item: 'big-fall', answer: 'yes' })
    const rest = one.then({ type: 'screen-rest-no', group: 'fracture', items: ['big-fall', 'known-fracture'] })
    expect(rest.exam.screenAt['big-fall']).toBe(one.exam.screenAt['big-fall'])
    expect(rest.exam.screenAt['known-fracture']).toBeGreaterThan(rest.exam.screenAt['big-fall'] ?? Infinity)
    const elsewhere = bare().then({ type: 'screen-elsewhere', group: 'fracture', why: 'on paper' })
    expect(elsewhere.exam.elsewhere).toEqual({ fracture: 'on paper' })
  })

  it('no to the rest of a group answers only what was open', () => {
    const one = bare().then({ type: 'screen-answered', item: 'big-fall', answer: 'yes' })
    const rest = one.then({ type: 'screen-rest-no', group: 'fracture', items: ['big-fall', 'known-fracture'] })
    const told = rest.exam.memory.screen.flatMap((c) => ('item' in c ? [[c.item, c.answer]] : []))
    expect(told).toEqual([
      ['big-fall', 'yes'],
      ['known-fracture', 'no'],
    ])
    const nothing = rest.then({ type: 'screen-answered', item: 'clumsy-hands', answer: 'no' })
    expect(nothing.exam.memory.screen).toHaveLength(rest.exam.memory.screen.length + 1)
  })

  it('a test is read against the level last told before it, of its familiar symptom', () => {
    const two = opened()
      .symptom('S1', { places: ['left-calf'], qualities: ['shooting'], now: 3 })
      .symptom('S2', { places: ['left-buttock'], qualities: ['aching'], now: 1 })
      .consent()
    const story = (record: Composed) =>
      performed(record, 'hip-internal-rotation', 'left')
        .exam.runs.at(-1)
        ?.story.map((s) => s.now)
    expect(story(two)).toEqual([3, 1])
    expect(story(two.then({ type: 'symptom-rated', symptom: 'S2', now: 4 }))).toEqual([3, 4])
    expect(nextStage({ answers: [], stopped: null, variant: '' }, { stages: [], variants: [] })).toBeNull()
  })
})
