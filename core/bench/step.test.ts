import { describe, expect, it } from 'vitest'
import { bare, opened, soreLeg, sorePelvis } from '../../tests/people'
import { openQuestions } from '../safety/gate-zero'
import type { BenchInput } from './input'
import { partsNow } from './measured'
import { answer, bench, choose, id } from '../../tests/bench-hand'

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

  it('goes from group to group of the open questions and round again, also when one was answered meanwhile', () => {
    const b = bench(bare())
    const first = () => openQuestions(b.exam(), b.state().askFrom).groups[0]?.group.id
    const groups = openQuestions(b.exam(), null).groups.map(({ group }) => group.id)
    b.give({ do: 'open', aside: 'questions', now: 0 })
    for (const id of [...groups.slice(1), groups[0]]) {
      b.give({ do: 'turn-group', by: 1 })
      expect(first()).toBe(id)
    }
    b.give({ do: 'turn-group', by: -1 })
    expect(first()).toBe(groups.at(-1))
    b.give({ do: 'elsewhere', group: groups.at(-1) ?? '', why: 'at the ward' })
    expect(b.state().aside).toBe('questions')
    expect(first()).toBe(groups[0])
  })
})
