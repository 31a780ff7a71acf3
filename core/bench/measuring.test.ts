import { describe, expect, it } from 'vitest'
import { opened, soreLeg, sorePelvis } from '../../tests/people'
import { CATALOGUE } from '../catalogue'
import { holdCount, holdHeld, holdLeft, restLeft } from './hold'
import { repeatsOf } from './repeats'
import { tableKey } from './step'
import { answer, bench, choose, id } from '../../tests/bench-hand'
import { tableOf } from './table'

describe('what is measured on the bench', () => {
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

  it('marks an angle from a picture, not what was typed after it, and keeps the mark of a trial that was kept', () => {
    const b = bench(soreLeg())
    b.give(choose('leg-raise', 'right'))
    b.give({ do: 'from-picture', angle: 84 })
    b.give(answer('nothing'))
    expect(b.told.at(-1)).toMatchObject({ answer: { said: 'nothing', end: 84, picture: true } })
    const c = bench(soreLeg())
    c.give(choose('leg-raise', 'right'))
    c.give({ do: 'from-picture', angle: 84 })
    c.give({ do: 'cancel' })
    for (const digit of '80') c.give({ do: 'type', digit })
    c.give(answer('nothing'))
    expect(c.told.at(-1)).toMatchObject({ answer: { said: 'nothing', end: 80 } })
    expect(c.told.at(-1)).not.toMatchObject({ answer: { picture: true } })
    const d = bench(
      opened()
        .symptom('S1', { places: ['right-neck-back'], now: 2 })
        .consent(),
    )
    d.give(choose('neck-rotation', 'left'))
    d.give({ do: 'from-picture', angle: 60 })
    d.give({ do: 'add-trial' })
    for (const digit of '62') d.give({ do: 'type', digit })
    d.give({ do: 'keep-measured', run: id() })
    expect(d.told.at(-1)).toMatchObject({ answer: { said: 'measured', trials: [60, 62], picture: true } })
    // Where no angle is measured there is none to take.
    const e = bench(soreLeg())
    e.give(choose('thigh-thrust', 'left'))
    e.give({ do: 'from-picture', angle: 30 })
    e.give(answer('nothing'))
    expect(e.told.at(-1)).not.toMatchObject({ answer: { picture: true } })
  })

  it('counts repeated movements at a pace, keeps none of it in the answer, and begins anew after a stop', () => {
    const b = bench(soreLeg())
    b.give(choose('repeated-movement', 'none'))
    b.give({ do: 'toggle-hold', now: 0 })
    expect(holdCount(b.state().hold)).toEqual({ at: 1, of: 10 })
    for (const [now, at] of [
      [3900, 1],
      [4100, 2],
      [39_900, 10],
    ] as const) {
      b.give({ do: 'tick', now })
      expect(holdCount(b.state().hold)?.at).toBe(at)
    }
    b.give({ do: 'tick', now: 41_000 })
    expect([b.state().hold?.running, holdCount(b.state().hold)]).toEqual([false, { at: 10, of: 10 }])
    b.give({ do: 'toggle-hold', now: 50_000 })
    b.give({ do: 'toggle-hold', now: 59_000 })
    expect([b.state().hold?.running, holdCount(b.state().hold)]).toEqual([false, { at: 3, of: 10 }])
    b.give({ do: 'observe', choice: 'centralises', run: id() })
    expect(JSON.stringify(b.told)).not.toContain('held')
  })

  it('counts every stage whose text says how often, and no other', () => {
    const numbers: Readonly<Record<string, number>> = { ten: 10 }
    const said = CATALOGUE.flatMap((test) =>
      test.stages.flatMap((stage) => {
        const times = /(\w+) times/.exec(stage.do)?.[1]
        return times === undefined ? [] : [[test.id, stage.id, numbers[times] ?? Number(times)] as const]
      }),
    )
    expect(said.length).toBeGreaterThan(0)
    for (const [test, stage, times] of said) expect(repeatsOf(test, stage), `${test} ${stage}`).toBe(times)
    const counted = CATALOGUE.flatMap((test) => test.stages.filter((stage) => repeatsOf(test.id, stage.id) !== null))
    expect(counted).toHaveLength(said.length)
  })
})
