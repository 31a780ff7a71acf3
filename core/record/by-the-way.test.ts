import { describe, expect, it } from 'vitest'
import { testById } from '../catalogue'
import { RULEBOOK } from '../safety/rulebook'
import { closedGates } from '../safety/safety'
import { bare, opened, own, performed, soreLeg } from '../../tests/people'
import { admitAll } from './admit'
import type { Answer } from './answer'
import { type Composed, composedId } from './compose'
import type { ExamEvent } from './event'
import { examFrom } from './exam'
import { isOver, nextStage } from './ladder'

const chose = (choice: string): Answer => ({ said: 'observed', choice })
const grid = (cells: Readonly<Record<string, string>>): Answer => ({ said: 'grid', cells })
const closed = (record: Composed) => closedGates(record.exam).map((c) => c.gate.id)

describe('a stage that is asked only after something was seen', () => {
  const shear = (given: Readonly<Record<string, string>>, catalogue?: number) => {
    const test = testById('side-lying-shear')
    if (!test) throw new Error('The shear is in the catalogue.')
    const answers = Object.entries({ level: 'l4', ...given }).map(([stage, choice]) => ({ event: stage, stage, at: 0, answer: chose(choice) }))
    return nextStage({ answers, stopped: null, variant: 'three-angles', ...(catalogue !== undefined && { catalogue }) }, test)?.id
  }

  it('any of several stages asks for it; none does not', () => {
    expect(shear({ 'at-60': 'own', 'at-90': 'nothing', 'at-full': 'nothing' })).toBe('muscles')
    expect(shear({ 'at-60': 'nothing', 'at-90': 'nothing', 'at-full': 'own' })).toBe('muscles')
    expect(shear({ 'at-60': 'nothing', 'at-90': 'nothing', 'at-full': 'other' })).toBe('moved')
  })

  it('in performances of the edition that brought the condition, and not before it', () => {
    const quiet = { 'at-60': 'nothing', 'at-90': 'nothing', 'at-full': 'nothing' }
    expect(shear(quiet, 3)).toBe('moved')
    expect(shear(quiet, 2)).toBe('muscles')
  })
})

describe('an entry that comes twice, or out of its number', () => {
  it('the same entry is refused the second time, and the record says that it was stored', () => {
    const { events } = soreLeg()
    const last = events.at(-1)
    const again = last && admitAll(events, [last], RULEBOOK)
    expect(again && !again.ok && again.problem.what).toMatch('already on the record')
  })

  it('a new symptom takes the next number: not one that was given, nor one beyond it', () => {
    const told = (symptom: 'S1' | 'S2' | 'S3', first?: true): ExamEvent => ({
      type: 'symptom-described',
      symptom,
      words: '',
      places: [],
      qualities: [],
      now: null,
      bringsOn: '',
      eases: '',
      stirring: null,
      ...(first && { first }),
      id: composedId(9e12, symptom, 4000),
      at: 9e12,
      by: 'test-author',
    })
    const { events } = soreLeg()
    const said = (event: ExamEvent) => {
      const admission = admitAll(events, [event], RULEBOOK)
      return admission.ok ? 'taken' : admission.problem.what
    }
    expect(said(told('S1', true))).toMatch('S1 is described already')
    expect(said(told('S1'))).toBe('taken')
    expect(said(told('S2', true))).toBe('taken')
    expect(said(told('S2'))).toBe('taken')
    expect(said(told('S3'))).toMatch('gap in the numbering')
  })
})

describe('a person who is screened', () => {
  it('is asked what has no answer yet, and what depends on a yes only after one', () => {
    const screened = bare().then({ type: 'screen-answered', item: 'saddle-numb', answer: 'no' }).screened()
    expect(screened.exam.screen['saddle-numb']).toBe('no')
    expect(screened.exam.screen['tingling-after']).toBeUndefined()
    const accident = bare().consent().then({ type: 'screen-answered', item: 'neck-accident', answer: 'yes' }).screened()
    expect(accident.exam.screen).toMatchObject({ 'neck-accident': 'yes', 'tingling-after': 'no' })
    // Nothing is left: nothing is told again.
    expect(screened.screened().events).toHaveLength(screened.events.length)
  })
})

describe('a later screen of the nerves', () => {
  const screen = (record: Composed, strength: string, feeling: string, reflex: string) =>
    performed(record, 'neuro-lower', 'left', {
      strength: grid({ 'l5.strength': strength }),
      reflexes: grid({ 'achilles.reflex': reflex }),
      sensation: grid({ 'l5.touch': feeling }),
    })
  const twice = (a: readonly [string, string, string], b: readonly [string, string, string]) => closed(screen(screen(soreLeg().screened(), ...a), ...b))

  it.each([
    [['5', 'normal', '2'], ['4', 'normal', '2'], true],
    [['5', 'normal', '2'], ['5', 'less', '2'], true],
    [['5', 'less', '2'], ['5', 'absent', '2'], true],
    [['5', 'normal', '2'], ['5', 'normal', '1'], true],
    [['4', 'less', '1'], ['5', 'normal', '2'], false],
    [['5', 'normal', '2'], ['5', 'normal', '2'], false],
    // More feeling is no loss, and neither is what follows it.
    [['5', 'more', '2'], ['5', 'normal', '2'], false],
    [['5', 'normal', '2'], ['5', 'more', '2'], false],
  ] as const)('from strength, feeling and reflex %s to %s: worse is %s', (before, after, worse) => {
    expect(twice(before, after).includes('deficit-grew')).toBe(worse)
  })

  it('another cell, or the other side, is nothing to compare with', () => {
    const first = screen(soreLeg().screened(), '5', 'normal', '2')
    expect(closed(performed(first, 'neuro-lower', 'left', { strength: grid({ 's1.strength': '4' }) }))).not.toContain('deficit-grew')
    expect(closed(performed(first, 'neuro-lower', 'right', { strength: grid({ 'l5.strength': '4' }) }))).not.toContain('deficit-grew')
  })
})

describe('the ages of the safety text', () => {
  const aged = (ageYears: number | null, ...yes: readonly string[]) =>
    closed(
      yes.reduce(
        (r, item) => r.then({ type: 'screen-answered', item, answer: 'yes' }),
        opened()
          .symptom('S1', { places: ['right-low-back'], now: 2 })
          .then({ type: 'age-corrected', ageYears, why: 'told' }),
      ),
    )

  it('over seventy begins the year after, and an age that is not known counts as at risk', () => {
    expect([69, 70, 71, null].map((age) => aged(age).includes('age-seventy'))).toEqual([false, false, true, true])
  })

  it('over fifty with a new sore scalp begins the year after fifty', () => {
    expect([50, 51, null].map((age) => aged(age, 'sore-scalp').includes('temple-artery'))).toEqual([false, true, true])
  })
})

describe('schools and ages that are taken back', () => {
  it('the one before stands again, for what a halt remembers too', () => {
    const first = opened().then({ type: 'schools-chosen', schools: { alar: 'nodded' }, setting: 'referred' })
    const second = first.then({ type: 'schools-chosen', schools: { 'ligaments-who': 'history-only' }, setting: 'referred' })
    const back = second.then({ type: 'undone', target: second.events.at(-1)?.id ?? '' })
    expect(back.exam.schools).toEqual({ alar: 'nodded' })
    const frames = (record: Composed) => record.exam.memory.screen.flatMap((change) => ('schools' in change ? [change.schools] : []))
    expect(frames(back).at(-1)).toEqual({ alar: 'nodded' })
    const all = back.then({ type: 'undone', target: first.events.at(-1)?.id ?? '' })
    expect(frames(all).at(-1)).toEqual({})
  })
})

describe('folding', () => {
  it('a run is over exactly when nothing waits', () => {
    const record = performed(soreLeg().screened(), 'slump', 'left', { knee: own(['left-calf'], 6, 30) })
    const [run] = record.exam.runs
    const test = testById('slump')
    expect(run && test && isOver(run, test)).toBe(true)
    expect(run && test && isOver({ ...run, answers: run.answers.slice(0, -1) }, test)).toBe(false)
    expect(examFrom(record.events)).toEqual(record.exam)
  })
})
