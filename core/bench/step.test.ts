import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { NOTHING, opened, own, soreLeg, sorePelvis } from '../../tests/people'
import { assess } from '../assess'
import { CATALOGUE } from '../catalogue'
import type { TestId } from '../catalogue/exam-test'
import { adviceOf } from '../planner/advice'
import { routeOf } from '../planner/route'
import { admitAll } from '../record/admit'
import { type Composed, composedId } from '../record/compose'
import type { EventContent, ExamEvent } from '../record/event'
import type { Exam } from '../record/exam'
import { RULEBOOK } from '../safety/rulebook'
import type { TestSide } from '../vocabulary/side'
import { benchFromDraft, draftOf } from './draft'
import { holdHeld, holdLeft, restLeft } from './hold'
import type { BenchInput } from './input'
import { partsNow } from './measured'
import { type BenchState, EMPTY_BENCH } from './state'
import { type Ground, inHand, step, tableKey } from './step'
import { tableOf } from './table'

let made = 0
const id = () => composedId(2e12, 'bench', ++made)

function groundOf(exam: Exam): Ground {
  const assessment = assess(exam)
  const route = routeOf(assessment)
  const next = adviceOf(assessment, route).step
  const pair = ({ test, side }: { test: { id: TestId }; side: TestSide }) => ({ test: test.id, side })
  return { exam, suggested: next && pair(next), order: route.flatMap((leg) => leg.steps.map(pair)) }
}

/** The bench as a screen binds it: what is refused leaves the state as it was. */
function bench(record: Composed) {
  let events: readonly ExamEvent[] = record.events
  let exam = record.exam
  let state: BenchState = EMPTY_BENCH
  const told: EventContent[] = []
  const give = (input: BenchInput) => {
    const came = step(state, input, groundOf(exam))
    const stamped = came.events.map((content) => ({ ...content, id: id(), at: 2e12 + made, by: 'test-author' }))
    if (stamped.length > 0) {
      const admission = admitAll(events, stamped, RULEBOOK)
      if (!admission.ok) return came
      events = admission.events
      exam = admission.exam
      told.push(...came.events)
    }
    state = came.state
    return came
  }
  /** Something recorded elsewhere. */
  const tell = (content: EventContent) => {
    const admission = admitAll(events, [{ ...content, id: id(), at: 2e12 + made, by: 'test-author' }], RULEBOOK)
    if (!admission.ok) throw new Error(admission.problem.what)
    events = admission.events
    exam = admission.exam
  }
  return { give, tell, told, state: () => state, exam: () => exam, hand: () => inHand(state, groundOf(exam)) }
}
const choose = (test: TestId, side: TestSide): BenchInput => ({ do: 'choose', test, side })
const answer = (said: 'nothing' | 'stretch', end?: number): BenchInput => ({ do: 'answer', said, run: id(), now: 0, ...(end !== undefined && { end }) })

describe('the bench', () => {
  it('begins a test with its first answer, and keeps it in hand until its ladder is done', () => {
    const b = bench(soreLeg())
    b.give(choose('leg-raise', 'left'))
    b.give({ do: 'ask', said: 'familiar', now: 0 })
    b.give({ do: 'change', change: { places: ['left-calf'], intensity: 6 } })
    for (const digit of '48') b.give({ do: 'type', digit })
    b.give({ do: 'confirm', run: id(), now: 0 })
    expect(b.told.map((e) => e.type)).toEqual(['test-started', 'stage-answered'])
    expect(b.told[1]).toMatchObject({ answer: { said: 'familiar', symptom: 'S1', places: ['left-calf'], intensity: 6, onset: 48 } })
    // Its ladder is done, so what is suggested is in hand again: the ankle, while the leg is up.
    expect(b.state().chosen).toBeNull()
    expect(b.hand()?.test.id).toBe('leg-raise-ankle')
  })

  it('asks where before anything is kept, and goes through the places with one key to “cannot say”', () => {
    const b = bench(sorePelvis())
    b.give(choose('thigh-thrust', 'right'))
    b.give({ do: 'ask', said: 'familiar', now: 0 })
    b.give({ do: 'confirm', run: id(), now: 0 })
    expect(b.state().hint).toMatch('Where?')
    expect(b.told).toEqual([])
    const seen: string[] = []
    for (let i = 0; i < 30 && !b.state().pending?.placeUnknown; i++) {
      b.give({ do: 'next-place' })
      seen.push(b.state().pending?.places[0] ?? 'cannot say')
    }
    expect(seen[0]).toBe('right-buttock')
    expect(seen.at(-1)).toBe('cannot say')
    expect(new Set(seen).size).toBe(seen.length)
  })

  it('asks once about an unusual value, and takes the same answer again', () => {
    const b = bench(soreLeg())
    b.give(choose('leg-raise', 'right'))
    for (const digit of '115') b.give({ do: 'type', digit })
    b.give(answer('nothing'))
    expect(b.state().hint).toMatch('115° is unusual')
    expect(b.told).toEqual([])
    b.give(answer('nothing'))
    expect(b.told.at(-1)).toMatchObject({ answer: { said: 'nothing', end: 115 } })
  })

  it('takes the end of the range from what a device saw, and a typed angle before it', () => {
    for (const [typed, expected] of [
      ['', 71],
      ['64', 64],
    ] as const) {
      const b = bench(soreLeg())
      b.give(choose('leg-raise', 'right'))
      for (const digit of typed) b.give({ do: 'type', digit })
      b.give(answer('nothing', 70.6))
      expect(b.told.at(-1)).toMatchObject({ answer: { end: expected } })
    }
  })

  it('warns when a press came too fast to be sure of the angle, and keeps what was typed before it', () => {
    const b = bench(soreLeg())
    b.give(choose('leg-raise', 'left'))
    expect(b.give({ do: 'ask', said: 'familiar', now: 0, onset: { angle: 51.4, speed: 33, tooFast: true } }).devices).toBe('stop')
    expect(b.state()).toMatchObject({ typed: '51', hint: expect.stringMatching('Too fast \\(33° a second\\)') as string })
  })

  it('collects three trials and no fourth, and keeps none when none was given', () => {
    const b = bench(
      opened()
        .symptom('S1', { places: ['right-neck-back'], now: 2 })
        .consent(),
    )
    b.give(choose('neck-rotation', 'left'))
    b.give({ do: 'keep-measured', run: id() })
    expect(b.state().hint).toMatch('Type what was measured')
    for (const end of [61, 63, 62, 64]) b.give({ do: 'add-trial', end })
    expect(b.state().trials).toEqual([61, 63, 62])
    b.give({ do: 'back' })
    expect(b.state().trials).toEqual([61, 63])
    b.give({ do: 'keep-measured', run: id() })
    expect(b.told.at(-1)).toMatchObject({ answer: { said: 'measured', trials: [61, 63] } })
  })

  it('fills a table by digits and usual values, empties the last cell, and begins another one empty', () => {
    const b = bench(soreLeg())
    b.give(choose('neuro-lower', 'left'))
    b.give({ do: 'keep-table', run: id() })
    expect(b.state().hint).toMatch('Nothing is filled in yet')
    const table = () => tableOf(b.state().table, tableKey(b.hand()))
    b.give({ do: 'table', move: { digit: '4' } })
    expect(Object.values(table().cells)).toEqual(['4'])
    b.give({ do: 'back' })
    expect(table().cells).toEqual({})
    b.give({ do: 'table', move: 'rest-usual' })
    b.give({ do: 'keep-table', run: id() })
    expect(b.told.map((e) => e.type)).toEqual(['test-started', 'stage-answered'])
    expect(table().cells).toEqual({})
  })

  it('times a hold by the clock it is given, keeps the seconds of one that was stopped, and ends by itself', () => {
    const b = bench(sorePelvis())
    b.give(choose('thigh-thrust', 'right'))
    b.give({ do: 'toggle-hold', now: 1000 })
    b.give({ do: 'tick', now: 3400 })
    expect([holdLeft(b.state().hold), holdHeld(b.state().hold)]).toEqual([3, 2])
    b.give({ do: 'toggle-hold', now: 4100 })
    expect([holdLeft(b.state().hold), holdHeld(b.state().hold)]).toEqual([null, 3])
    b.give(answer('nothing'))
    expect(b.told.at(-1)).toMatchObject({ answer: { said: 'nothing', held: 3 } })
    b.give(choose('thigh-thrust', 'left'))
    b.give({ do: 'toggle-hold', now: 0 })
    b.give({ do: 'tick', now: 60_000 })
    expect([holdLeft(b.state().hold), holdHeld(b.state().hold)]).toEqual([null, 5])
  })

  it('rests after a hold that is rested from, and not after one that was stopped', () => {
    const b = bench(opened().symptom('S1', { places: ['right-neck-back'], now: 2 }))
    b.give({ do: 'choose', test: 'craniocervical-flexion', side: 'none' })
    b.give({ do: 'toggle-hold', now: 1000 })
    expect([holdLeft(b.state().hold), restLeft(b.state().hold)]).toEqual([10, null])
    b.give({ do: 'tick', now: 13_000 })
    expect([holdLeft(b.state().hold), restLeft(b.state().hold), holdHeld(b.state().hold)]).toEqual([null, 8, 10])
    b.give({ do: 'tick', now: 21_000 })
    expect(restLeft(b.state().hold)).toBeNull()
    b.give({ do: 'toggle-hold', now: 30_000 })
    b.give({ do: 'toggle-hold', now: 34_000 })
    expect([holdLeft(b.state().hold), restLeft(b.state().hold), holdHeld(b.state().hold)]).toEqual([null, null, 4])
  })

  it('a table takes figures: typed digit by digit, refused outside their limits, passed over when not measured', () => {
    const b = bench(opened().symptom('S1', { places: ['right-neck-back'], now: 2 }))
    b.give({ do: 'choose', test: 'craniocervical-flexion', side: 'none' })
    for (const digit of ['1', '2', '2', '1', '4', '6']) b.give({ do: 'table', move: { digit } })
    const table = () => tableOf(b.state().table, tableKey(b.hand()))
    expect(table().cells).toEqual({ 'p22.held': 'steady', 'p22.reached': '22', 'p24.held': 'steady', 'p24.reached': '46' })
    expect(b.give({ do: 'keep-table', run: id() }).state.hint).toMatch('46 is not between 16 and 40 mmHg')
    expect(b.told).toEqual([])
    b.give({ do: 'back' })
    b.give({ do: 'table', move: { digit: '1' } })
    expect(table().cells['p24.reached']).toBe('1')
    b.give({ do: 'back' })
    // Not measured: on to the next cell, and nothing stands there.
    b.give({ do: 'table', move: 'usual' })
    expect([table().at, table().cells['p24.reached']]).toEqual([4, undefined])
    b.give({ do: 'keep-table', run: id() })
    expect(b.told.at(-1)).toMatchObject({ type: 'stage-answered', answer: { said: 'grid', cells: { 'p22.reached': '22' } } })
  })

  it('what the end felt like and which came first are kept with a press or a range, and asked nowhere else', () => {
    const b = bench(sorePelvis().screened())
    b.give({ do: 'choose', test: 'thigh-thrust', side: 'right' })
    for (const turns of ['turn-end-feel', 'turn-end-feel', 'turn-pain-order'] as const) b.give({ do: turns })
    expect([b.state().endFeel, b.state().painOrder]).toEqual(['firm', 'pain-first'])
    b.give({ do: 'answer', said: 'nothing', run: id(), now: 1 })
    expect(b.told.at(-1)).toMatchObject({ answer: { said: 'nothing', endFeel: 'firm', painOrder: 'pain-first' } })
    // After the last none is said, and the next test begins without.
    expect([b.state().endFeel, b.state().painOrder]).toEqual([null, null])
    for (let n = 0; n < 5; n++) b.give({ do: 'turn-end-feel' })
    expect(b.state().endFeel).toBeNull()
    b.give({ do: 'choose', test: 'leg-raise', side: 'right' })
    b.give({ do: 'turn-pain-order' })
    b.give({ do: 'turn-end-feel' })
    expect([b.state().endFeel, b.state().painOrder]).toEqual(['soft', null])
    b.give({ do: 'choose', test: 'lumbar-quadrant', side: 'right' })
    b.give({ do: 'turn-end-feel' })
    expect(b.state().endFeel).toBeNull()
  })

  it('an arm symptom is parted at the neck first, whether or not the neck was bent away before', () => {
    const b = bench(opened().symptom('S1', { places: ['right-forearm-front'], qualities: ['tingling'], now: 2 }))
    b.give({ do: 'choose', test: 'ulnt-1', side: 'right' })
    for (let n = 0; n < 3; n++) b.give({ do: 'answer', said: 'nothing', run: id(), now: n })
    b.give({ do: 'ask', said: 'familiar', now: 4 })
    b.give({ do: 'change', change: { places: ['right-forearm-front'], intensity: 6 } })
    b.give({ do: 'confirm', run: id(), now: 5 })
    expect(b.hand()?.stage.id).toBe('neck-towards')
    expect(partsNow(b.hand()).map((p) => p.id)).toEqual(['neck', 'elbow', 'girdle'])
  })

  it('raised arms are timed from the moment they are up, and the second is kept', () => {
    const b = bench(opened().symptom('S1', { places: ['right-forearm-front'], qualities: ['tingling'], now: 2 }))
    b.give({ do: 'choose', test: 'elevated-arm-stress', side: 'none' })
    expect(b.state().hold).toBeNull()
    b.give({ do: 'answer', said: 'nothing', run: id(), now: 5000 })
    expect(b.state().hold).toMatchObject({ running: true, total: 180, since: 5000 })
    b.give({ do: 'ask', said: 'familiar', now: 46_000 })
    b.give({ do: 'change', change: { places: ['right-forearm-front'], intensity: 5 } })
    b.give({ do: 'confirm', run: id(), now: 47_000 })
    expect(b.told.at(-1)).toMatchObject({ stage: 'hold', answer: { said: 'familiar', held: 41 } })
  })

  const three = (['sij-distraction', 'thigh-thrust', 'faber'] as const).map((test) => ({
    test,
    side: test === 'sij-distraction' ? ('none' as const) : ('right' as const),
  }))

  it('tests chosen together come one after the other, one left out among them, and then the plan again', () => {
    const b = bench(sorePelvis())
    b.give({ do: 'choose-all', pairs: three })
    expect(b.state()).toMatchObject({ chosen: three[0], queue: three.slice(1) })
    b.give({ do: 'answer', said: 'nothing', run: id(), now: 0 })
    expect(b.state().chosen).toEqual(three[1])
    b.give({ do: 'skip', why: 'too sore for it' })
    expect(b.state().chosen).toEqual(three[2])
    b.give({ do: 'answer', said: 'nothing', run: id(), now: 0 })
    expect(b.state()).toMatchObject({ chosen: null, queue: [] })
  })

  it('nothing of what was chosen together comes by itself beyond a halt, whatever closed it', () => {
    const halts: readonly BenchInput[] = [
      { do: 'screen', item: 'saddle-numb', answer: 'yes' },
      { do: 'warn', sign: 'drop' },
    ]
    for (const halt of halts) {
      const b = bench(sorePelvis())
      b.give({ do: 'choose-all', pairs: three })
      b.give({ do: 'answer', said: 'nothing', run: id(), now: 0 })
      b.give(halt)
      expect(b.state().queue, halt.do).toEqual([])
      expect(b.state().chosen, halt.do).not.toEqual(three[2])
    }
    // An answer that halts ends it as well: its test was the last thing in hand.
    const b = bench(sorePelvis())
    b.give({ do: 'choose-all', pairs: three })
    b.give({ do: 'ask', said: 'other', now: 0 })
    b.give({ do: 'change', change: { places: ['left-saddle', 'right-saddle'], qualities: ['numb'] } })
    b.give({ do: 'confirm', run: id(), now: 0 })
    expect(b.state()).toMatchObject({ chosen: null, queue: [] })
  })

  it('puts back what this hand holds before anything of the record is taken back', () => {
    const b = bench(soreLeg())
    b.give(choose('leg-raise', 'left'))
    b.give({ do: 'type', digit: '4' })
    b.give({ do: 'ask', said: 'familiar', now: 0 })
    b.give({ do: 'open', aside: 'warning', now: 0 })
    const backs = Array.from({ length: 4 }, () => b.give({ do: 'back' }).takeBack === true)
    expect(backs).toEqual([false, false, true, true])
  })

  it('a warning sign ends the test in hand, a stop before the first answer says which test it was', () => {
    const b = bench(soreLeg())
    b.give(choose('slump', 'left'))
    b.give(answer('nothing'))
    b.give({ do: 'warn', sign: 'faint' })
    expect(b.told.slice(-2)).toMatchObject([{ type: 'warning-seen' }, { type: 'test-stopped', why: 'halted' }])
    const c = bench(soreLeg())
    c.give(choose('slump', 'left'))
    c.give({ do: 'stop', run: id() })
    expect(c.told.map((e) => e.type)).toEqual(['test-started', 'test-stopped'])
  })

  it('cancel puts away and records nothing; what was being told when a warning came is kept as far as it went', () => {
    const b = bench(soreLeg())
    b.give(choose('slump', 'left'))
    b.give({ do: 'cancel' })
    expect(b.told).toEqual([])
    b.give(answer('nothing'))
    b.give({ do: 'ask', said: 'familiar', now: 0 })
    b.give({ do: 'change', change: { places: ['left-calf'] } })
    b.give({ do: 'warn', sign: 'dizzy-now' })
    expect(b.told.slice(-3)).toMatchObject([
      { type: 'stage-answered', answer: { said: 'familiar', places: ['left-calf'], intensity: null } },
      { type: 'warning-seen', sign: 'dizzy-now' },
      { type: 'test-stopped', why: 'halted' },
    ])
  })

  it('keeps how strong it is after a change, and which of the added parts was let go', () => {
    const b = bench(soreLeg().symptom('S2', { places: ['left-forearm-front'], now: 5 }))
    b.give(choose('neck-distraction', 'none'))
    for (const digit of '22') b.give({ do: 'type', digit })
    b.give({ do: 'answer', said: 'eased', run: id(), now: 0 })
    expect(b.told.at(-1)).toMatchObject({ answer: { said: 'eased', intensity: 2 } })
    const c = bench(soreLeg())
    c.give(choose('slump', 'left'))
    for (let n = 0; n < 5; n++) c.give(answer('nothing'))
    c.give({ do: 'ask', said: 'familiar', now: 0 })
    c.give({ do: 'change', change: { places: ['left-calf'], intensity: 6 } })
    c.give({ do: 'confirm', run: id(), now: 0 })
    expect(c.hand()?.stage.id).toBe('neck-go')
    c.give({ do: 'turn-part', by: 1 })
    c.give({ do: 'answer', said: 'eased', run: id(), now: 0 })
    expect(c.told.at(-1)).toMatchObject({ stage: 'neck-go', answer: { said: 'eased', part: 'ankle' } })
  })

  it('marks what a stand-in gave, and not what was typed by hand after it', () => {
    const b = bench(soreLeg())
    b.give(choose('leg-raise', 'right'))
    b.give({ do: 'stand-in' })
    b.give({ do: 'answer', said: 'nothing', run: id(), now: 0, end: 84 })
    expect(b.told.at(-1)).toMatchObject({ answer: { said: 'nothing', end: 84, simulated: true } })
    const c = bench(soreLeg())
    c.give(choose('leg-raise', 'right'))
    c.give({ do: 'stand-in' })
    for (const digit of '84') c.give({ do: 'type', digit })
    c.give(answer('nothing'))
    expect(c.told.at(-1)).toMatchObject({ answer: { said: 'nothing', end: 84 } })
    expect(c.told.at(-1)).not.toMatchObject({ answer: { simulated: true } })
  })

  it('an answer that halts ends its test, and no rise is kept that nobody stated', () => {
    const b = bench(soreLeg())
    b.give(choose('neck-compression', 'none'))
    b.give({ do: 'ask', said: 'other', now: 0 })
    b.give({ do: 'change', change: { places: ['left-palm', 'right-palm'] } })
    b.give({ do: 'confirm', run: id(), now: 0 })
    expect(b.told.slice(-2)).toMatchObject([{ type: 'stage-answered' }, { type: 'test-stopped', why: 'halted' }])
    const c = bench(soreLeg())
    c.give(choose('leg-raise', 'left'))
    c.give({ do: 'ask', said: 'familiar', now: 0 })
    c.give({ do: 'change', change: { places: ['left-calf'] } })
    c.give({ do: 'confirm', run: id(), now: 0 })
    expect(c.told).toEqual([])
    c.give({ do: 'confirm', run: id(), now: 0 })
    expect(c.told.at(-1)).toMatchObject({ answer: { said: 'familiar', intensity: null } })
  })

  it('asks for no details of a test that a gate keeps from starting, and says why', () => {
    const b = bench(sorePelvis().then({ type: 'screen-answered', item: 'big-fall', answer: 'yes' }))
    b.give(choose('thigh-thrust', 'left'))
    b.give({ do: 'ask', said: 'familiar', now: 0 })
    expect(b.state()).toMatchObject({ pending: null, hint: expect.stringMatching(/fracture.*needs a reason/) as string })
    expect(b.told).toEqual([])
  })

  it('a gate that closes in the middle lets go of what was loaded, and loads nothing more', () => {
    const b = bench(soreLeg())
    b.give(choose('slump', 'left'))
    expect(b.hand()?.mayAnswer).toBe(true)
    while (b.hand()?.stage.kind === 'load') {
      b.give({ do: 'ask', said: 'familiar', now: 0 })
      b.give({ do: 'change', change: { places: ['left-calf'], intensity: 6 } })
      b.give({ do: 'confirm', run: id(), now: 0 })
    }
    expect(b.hand()?.stage.kind).toBe('release')
    b.tell({ type: 'screen-answered', item: 'both-legs', answer: 'yes' })
    expect(b.hand()).toMatchObject({ contraindicated: expect.anything() as unknown, mayAnswer: true })
    const before = b.told.length
    b.give({ do: 'answer', said: 'eased', run: id(), now: 0 })
    // What the release did is kept; putting the load back is not asked for, so the test ends.
    expect(b.told.slice(before)).toMatchObject([
      { type: 'stage-answered', answer: { said: 'eased' } },
      { type: 'test-stopped', why: 'halted' },
    ])
    const c = bench(soreLeg())
    c.give(choose('slump', 'left'))
    c.give(answer('nothing'))
    c.tell({ type: 'screen-answered', item: 'both-legs', answer: 'yes' })
    expect(c.hand()).toMatchObject({ stage: { kind: 'load' }, mayAnswer: false })
  })

  it('leaves out only what was not begun, and asks consent again before the contact it is needed for', () => {
    const b = bench(soreLeg())
    b.give(choose('slump', 'left'))
    b.give(answer('nothing'))
    b.give({ do: 'open', aside: 'skip', now: 0 })
    expect(b.state()).toMatchObject({ aside: null, hint: expect.stringMatching('stopped, not left out') as string })
    const c = bench(sorePelvis())
    c.give(choose('pubic-shear', 'none'))
    c.give(answer('nothing'))
    expect(c.told).toEqual([])
    c.give({ do: 'renew', answer: 'refused', chaperone: 'declined' })
    expect(c.told.map((e) => e.type)).toEqual(['consent-renewed', 'test-skipped'])
  })
})

describe('the bench as a whole', () => {
  const side = fc.constantFrom<TestSide>('left', 'right', 'none')
  const test = fc.constantFrom(...CATALOGUE.map((t) => t.id))
  const run = fc.nat().map((n) => composedId(1.9e12, 'run', n))
  const input: fc.Arbitrary<BenchInput> = fc.oneof(
    fc.record({ do: fc.constant('choose' as const), test, side }),
    fc.constantFrom<BenchInput>(
      { do: 'take-suggested' },
      { do: 'add-trial' },
      { do: 'toggle-lean' },
      { do: 'next-place' },
      { do: 'back' },
      { do: 'table', move: 'usual' },
    ),
    fc.constantFrom<BenchInput>(
      { do: 'table', move: 'rest-usual' },
      { do: 'table', move: { digit: '3' } },
      { do: 'move', by: 1 },
      { do: 'toggle-hold', now: 5 },
    ),
    fc.record({ do: fc.constant('type' as const), digit: fc.integer({ min: 0, max: 9 }).map(String) }),
    fc.record({
      do: fc.constant('answer' as const),
      said: fc.constantFrom('nothing' as const, 'stretch' as const, 'eased' as const, 'unchanged' as const, 'returned' as const, 'worse' as const),
      run,
      now: fc.constant(0),
    }),
    fc.record({ do: fc.constant('ask' as const), said: fc.constantFrom('familiar' as const, 'other' as const), now: fc.constant(0) }),
    fc.record({ do: fc.constant('confirm' as const), run, now: fc.constant(0) }),
    fc.record({ do: fc.constant('observe' as const), choice: fc.constantFrom('electric', 'none', 'slide'), run }),
    fc.record({ do: fc.constantFrom('keep-measured' as const, 'keep-table' as const, 'stop' as const), run }),
    fc.record({
      do: fc.constant('open' as const),
      aside: fc.constantFrom('skip' as const, 'warning' as const, 'rate' as const, 'technique' as const, 'plan' as const, null),
      now: fc.constant(0),
    }),
  )

  it('never changes what it is given, and the same input on the same ground always gives the same', () => {
    const record = soreLeg()
      .test('leg-raise', 'left', [own(['left-calf'], 6, 48)])
      .test('faber', 'left', [NOTHING])
    fc.assert(
      fc.property(fc.array(input, { maxLength: 25 }), (inputs) => {
        const ground = groundOf(record.exam)
        let state = EMPTY_BENCH
        for (const one of inputs) {
          const before = JSON.stringify(state)
          const first = step(state, one, ground)
          expect(JSON.stringify(state)).toBe(before)
          expect(step(state, one, ground)).toEqual(first)
          state = first.state
        }
        // What is kept on the device comes back as a bench, whatever it was.
        expect(benchFromDraft(JSON.parse(JSON.stringify(draftOf(state, record.exam))), record.exam).chosen).toEqual(state.chosen)
      }),
      { numRuns: 60 },
    )
  })
})
